package firmperch.body;

/**
 * How stiff something is of which nobody can look up a figure: where it lies for all that is known, and what is usual. N·m/rad or N/m.
 *
 * @param low end: what must hold still with it, does
 * @param typical what is usual
 * @param high end: no stiffer than this
 * @param basis what it is that gives, as a maker calls it: "clamped pivots"
 */
public record Stiffness(double low, double typical, double high, String basis) {
    /** Which of the three a frame is made with. */
    public enum End {
        LOW, TYPICAL, HIGH
    }

    /** Does not give at all. */
    public static final Stiffness RIGID = exactly(Double.POSITIVE_INFINITY, "");

    /** One figure for all three: measured, or nothing at all. */
    public static Stiffness exactly(double stiffness, String basis) {
        return new Stiffness(stiffness, stiffness, stiffness, basis);
    }

    /** A judgement: half of it and twice as much are as likely as anything. */
    public static Stiffness judged(double typical, String basis) {
        return new Stiffness(typical / 2, typical, typical * 2, basis);
    }

    /** One end of it. */
    public double at(End end) {
        return switch (end) {
            case LOW -> low;
            case TYPICAL -> typical;
            case HIGH -> high;
        };
    }

    /** True if it gives, and nobody knows how much. */
    public boolean uncertain() {
        return low < high;
    }
}

package firmperch.check;

import firmperch.frame.FrameSolution;
import firmperch.study.Situation;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * The answer of a check in one pose.
 *
 * @param asked what is asked, SI
 * @param available what the part can take, SI
 * @param numbers the formula with the numbers put in; made only when it is read
 * @param said what that means where it is short, in figures a maker knows; null if the check's own words do
 * @param safety how many times the bare load is in what is asked
 */
public record Reading(double asked, double available, Supplier<String> numbers, Supplier<String> said,
        double safety) {
    /** Margins above this are not told apart. */
    public static final double PLENTY = 50;

    public Reading {
        if (Double.isNaN(asked) || Double.isNaN(available)) {
            throw new IllegalStateException("a check came to no number");
        }
    }

    public Reading(double asked, double available, Supplier<String> numbers) {
        this(asked, available, numbers, null, 1);
    }

    /** A reading from the loaded frame. Available is 0 where the rig does not stand in this pose. */
    static Reading loaded(Situation situation, double asked, Function<FrameSolution, Reading> reading) {
        return situation.frame().map(reading)
                .orElseGet(() -> new Reading(asked, 0, () -> "the perch does not stand in this pose"));
    }

    /** A copy with words for where it is short. */
    public Reading saying(Supplier<String> words) {
        return new Reading(asked, available, numbers, words, safety);
    }

    /** A copy that says how many times the bare load is asked. */
    public Reading with(double factor) {
        return new Reading(asked, available, numbers, said, factor);
    }

    /** Available over asked, from 0 to {@link #PLENTY}. Below 1 it is short. */
    public double margin() {
        if (asked <= 0) {
            return PLENTY;
        }
        return Math.clamp(available / asked, 0, PLENTY);
    }

    /**
     * The margin without an upper limit, so that a search still sees improvement where there is plenty; infinite if
     * nothing is asked.
     */
    public double ratio() {
        return asked <= 0 ? Double.POSITIVE_INFINITY : available / asked;
    }

    /**
     * The figure that a search for the worst pose maximises: asked over available, up to {@link #PLENTY}. Beyond, it
     * grows with the shortage, so that a deep collision counts as worse than a touch.
     */
    public double used() {
        if (asked <= 0) {
            return 0;
        }
        return asked < PLENTY * available ? asked / available : PLENTY + PLENTY * (1 / PLENTY - available / asked);
    }

    /** The verdict for this margin. */
    public Verdict verdict(boolean reserve, double near) {
        double margin = margin();
        // A millionth is rounding, not shortage.
        if (margin < 1 - 1e-6) {
            return Verdict.GIVES;
        }
        return reserve && margin < near ? Verdict.NEAR : Verdict.HOLDS;
    }
}

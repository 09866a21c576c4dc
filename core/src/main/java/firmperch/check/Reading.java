package firmperch.check;

import firmperch.frame.FrameSolution;
import firmperch.study.Situation;
import java.util.Optional;
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
 * @param doubt what would be asked if an assumption that nobody can look up is better than taken; null if there is none
 * @param full the answer itself where this is a bound on it that will do as long as it is only compared; null where this is it
 */
public record Reading(double asked, double available, Supplier<String> numbers, Supplier<String> said,
        double safety, Supplier<Doubt> doubt, Supplier<Reading> full) {
    /**
     * A figure at the other end of what is known.
     *
     * @param asked what is asked then
     * @param assumption what is not known, in words: "how far clamped pivots give"
     */
    public record Doubt(double asked, String assumption) {}

    /** Margins above this are not told apart. */
    public static final double PLENTY = 50;
    /** A millionth is rounding, not shortage. */
    private static final double ROUNDING = 1e-6;

    public Reading {
        if (Double.isNaN(asked) || Double.isNaN(available)) {
            throw new IllegalStateException("a check came to no number");
        }
    }

    public Reading(double asked, double available, Supplier<String> numbers) {
        this(asked, available, numbers, null, 1, null, null);
    }

    /** A reading from the loaded frame. Available is 0 where the rig does not stand in this pose. */
    static Reading loaded(Situation situation, double asked, Function<FrameSolution, Reading> reading) {
        Optional<FrameSolution> frame = situation.frame();
        return frame.isPresent()
                ? reading.apply(frame.get())
                : new Reading(asked, 0, () -> "the perch does not stand in this pose");
    }

    /** A copy with words for where it is short. */
    public Reading saying(Supplier<String> words) {
        return new Reading(asked, available, numbers, words, safety, doubt, full);
    }

    /** A copy that says how many times the bare load is asked. */
    public Reading with(double factor) {
        return new Reading(asked, available, numbers, said, factor, doubt, full);
    }

    /** A copy that is short only if an assumption is as bad as may be. */
    Reading unless(Supplier<Doubt> better) {
        return new Reading(asked, available, numbers, said, safety, better, full);
    }

    /** A copy that is only a bound on the answer: that is worked out where it is told. */
    Reading boundOf(Supplier<Reading> answer) {
        return new Reading(asked, available, numbers, said, safety, doubt, answer);
    }

    /** As it is told: the answer itself, not a bound on it. */
    Reading told() {
        return full == null ? this : full.get();
    }

    /** True if it is short, but would not be at the other end of what is known of an assumption. */
    public boolean doubtful() {
        return margin() < 1 - ROUNDING && doubt != null && doubt.get().asked <= available;
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
        if (available == 0) {
            // Where nothing holds, what is asked most is the worst.
            return PLENTY + 1 + Math.log1p(asked);
        }
        return asked < PLENTY * available ? asked / available : PLENTY + PLENTY * (1 / PLENTY - available / asked);
    }

    /**
     * What is left over beyond what is wanted, a reserve that is wanted included, so that worse is always smaller: from 1 up it holds, from 1/near
     * up it is near, below that it gives.
     *
     * @param reserve true if a reserve is wanted
     * @param near the reserve, as a factor from 1 up
     */
    public double left(boolean reserve, double near) {
        double margin = margin();
        return switch (verdict(reserve, near)) {
            case GIVES -> margin / near;
            // Short, but only if an assumption is as bad as may be: between what gives and what holds.
            case NEAR -> margin < 1 ? 1 / near + (1 - 1 / near) * margin : margin / near;
            case HOLDS -> Math.max(1, reserve ? margin / near : margin);
        };
    }

    /** The verdict for this margin: near where it is short but may not be. */
    public Verdict verdict(boolean reserve, double near) {
        double margin = margin();
        if (margin < 1 - ROUNDING) {
            return doubtful() ? Verdict.NEAR : Verdict.GIVES;
        }
        return reserve && margin < near ? Verdict.NEAR : Verdict.HOLDS;
    }
}

package firmperch.check;

import java.util.List;

/**
 * A question with a computed answer, asked of each of its subjects. To add one, write its class and add it to
 * {@link Checks#ALL}; it speaks of joints, bars, contacts and pieces, never of a part.
 */
public interface Check<T> {
    /** What does not change about it. */
    About about();

    /** What of a rig it is asked of; none if there is nothing of the kind. */
    List<Subject<T>> subjects(Study study);

    /** The answer for one subject in one pose. */
    Reading at(Subject<T> subject, Situation situation);

    /** How sure what it says between two poses can be made. */
    default Certainty certainty() {
        return Certainty.SAMPLED;
    }

    /** Where a bound on what lies between poses comes from. */
    enum Certainty {
        /** From lengths and masses: {@link Situation#loosened} makes every figure that it reads the worst of a cell. */
        PROVEN,
        /** From the steepest change seen between samples. */
        SAMPLED
    }
}

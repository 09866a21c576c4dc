package firmperch.check;

import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;

/**
 * A question with a computed answer, asked of each of its subjects. To add one, write a class of it or a {@link FunctionCheck}
 * and add it to a group's list or to {@link Checks#ALL}; it speaks of joints, bars, contacts and pieces, never of a part.
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

    /**
     * Whether a freedom can make any difference to the answer; false only where that follows from what the check reads. A
     * proof leaves out no other.
     */
    default boolean feels(Subject<T> subject, Study study, int freedom) {
        return true;
    }

    /** True if of many subjects that hold only the weakest is told. */
    default boolean together() {
        return false;
    }

    /** True if what it asks about bears nothing until something else has let go. */
    default boolean standby() {
        return false;
    }

    /** True if it is about how one weight balances another. */
    default boolean balances() {
        return false;
    }

    /** Where a bound on what lies between poses comes from. */
    enum Certainty {
        /** From lengths and masses: {@link Situation#loosened} makes every figure that it reads the worst of a cell. */
        PROVEN,
        /** From the steepest change seen between samples. */
        SAMPLED
    }
}

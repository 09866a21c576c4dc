package firmperch.check;

import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;

/**
 * A question with a computed answer, asked of each of its subjects. To add one, add a {@link FunctionCheck} to the
 * list of the group it belongs to, or to {@link Checks#ALL}. A check speaks of joints, bars, contacts and pieces,
 * never of a particular part, so that it works for kinds that are not written yet.
 */
public interface Check<T> {
    /** The fixed facts of this check. */
    About about();

    /** The subjects in a rig; none if the rig has nothing of the kind. */
    List<Subject<T>> subjects(Study study);

    /** The answer for one subject in one pose. */
    Reading at(Subject<T> subject, Situation situation);

    /** How certain its answer can be made between sampled poses. */
    default Certainty certainty() {
        return Certainty.SAMPLED;
    }

    /**
     * Whether a freedom can affect the answer. May be false only where that follows from what the check reads,
     * because a proof then leaves that freedom out.
     */
    default boolean feels(Subject<T> subject, Study study, int freedom) {
        return true;
    }

    /** True if, among many subjects that hold, only the weakest is told. */
    default boolean together() {
        return false;
    }

    /** True if the subject carries nothing until something else has failed. */
    default boolean standby() {
        return false;
    }

    /** True if it is about how one weight balances another. */
    default boolean balances() {
        return false;
    }

    /** How what lies between sampled poses is bounded. */
    enum Certainty {
        /**
         * Bounded from lengths and masses: {@link Situation#loosened} turns every figure that the check reads into
         * the worst of a cell.
         */
        PROVEN,
        /** Only sampled, and told so. */
        SAMPLED
    }
}

package firmperch.check;

import firmperch.pose.Rig;
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

    /** The same check, which is known to feel no other freedoms than these. */
    default Check<T> feeling(Feels<T> rule) {
        return new Known<>(this, rule, balances());
    }

    /** The same check, as one about how one weight balances another. */
    default Check<T> balancing() {
        return new Known<>(this, null, true);
    }

    /** Whether a subject feels a freedom. */
    @FunctionalInterface
    interface Feels<T> {
        boolean feels(T thing, Rig rig, int freedom);
    }

    /**
     * A check of which more is known.
     *
     * @param rule what it feels; null if what the check itself says
     */
    record Known<T>(Check<T> check, Feels<T> rule, boolean balances) implements Check<T> {
        @Override
        public About about() {
            return check.about();
        }

        @Override
        public List<Subject<T>> subjects(Study study) {
            return check.subjects(study);
        }

        @Override
        public Reading at(Subject<T> subject, Situation situation) {
            return check.at(subject, situation);
        }

        @Override
        public Certainty certainty() {
            return check.certainty();
        }

        @Override
        public boolean feels(Subject<T> subject, Study study, int freedom) {
            return rule == null
                    ? check.feels(subject, study, freedom)
                    : rule.feels(subject.thing(), study.rig(), freedom);
        }
    }

    /** Where a bound on what lies between poses comes from. */
    enum Certainty {
        /** From lengths and masses: {@link Situation#loosened} makes every figure that it reads the worst of a cell. */
        PROVEN,
        /** From the steepest change seen between samples. */
        SAMPLED
    }
}

package firmperch.check;

import firmperch.body.Station;
import firmperch.pose.Rig;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A check told by functions, as all that ship are: what it is about, what it is asked of, and the answer.
 *
 * @param found what of a rig it is asked of
 * @param answer for one of these in one pose
 * @param rule which freedoms it feels; null for all of them
 * @param traits what else is true of it
 */
record FunctionCheck<T>(About about, Function<Study, List<Subject<T>>> found, BiFunction<T, Situation, Reading> answer,
        Certainty certainty, Feels<T> rule, Set<Trait> traits) implements Check<T> {
    /** Yes-or-no facts of a check beside its answer. */
    private enum Trait {
        TOGETHER, STANDBY, BALANCES
    }

    /** Whether a subject feels a freedom; false only where that follows from what the check reads. */
    @FunctionalInterface
    interface Feels<T> {
        boolean feels(T thing, Rig rig, int freedom);
    }

    /** A check that may feel every freedom. */
    FunctionCheck(About about, Function<Study, List<Subject<T>>> found, BiFunction<T, Situation, Reading> answer,
            Certainty certainty) {
        this(about, found, answer, certainty, null, Set.of());
    }

    /**
     * A check of the whole rig.
     *
     * @param asked whether a rig is asked at all
     * @param at the station that it is told at; null for the place
     */
    static FunctionCheck<Void> whole(About about, Predicate<Study> asked, Function<Study, Station> at,
            Function<Situation, Reading> answer, Certainty certainty) {
        return new FunctionCheck<>(about,
                study -> asked.test(study) ? List.of(Subject.whole(at.apply(study))) : List.of(),
                (none, situation) -> answer.apply(situation), certainty);
    }

    /** A copy that feels only the freedoms the rule allows. */
    FunctionCheck<T> feeling(Feels<T> known) {
        return new FunctionCheck<>(about, found, answer, certainty, known, traits);
    }

    /** A copy of whose subjects that hold only the weakest is told. */
    FunctionCheck<T> toldTogether() {
        return with(Trait.TOGETHER);
    }

    /** A copy marked as carrying nothing until something else has failed. */
    FunctionCheck<T> standingBy() {
        return with(Trait.STANDBY);
    }

    /** A copy marked as being about balance. */
    FunctionCheck<T> balancing() {
        return with(Trait.BALANCES);
    }

    private FunctionCheck<T> with(Trait trait) {
        return new FunctionCheck<>(about, found, answer, certainty, rule,
                Stream.concat(traits.stream(), Stream.of(trait)).collect(Collectors.toUnmodifiableSet()));
    }

    @Override
    public List<Subject<T>> subjects(Study study) {
        return found.apply(study);
    }

    @Override
    public Reading at(Subject<T> subject, Situation situation) {
        return answer.apply(subject.thing(), situation);
    }

    @Override
    public boolean feels(Subject<T> subject, Study study, int freedom) {
        return rule == null || rule.feels(subject.thing(), study.rig(), freedom);
    }

    @Override
    public boolean together() {
        return traits.contains(Trait.TOGETHER);
    }

    @Override
    public boolean standby() {
        return traits.contains(Trait.STANDBY);
    }

    @Override
    public boolean balances() {
        return traits.contains(Trait.BALANCES);
    }
}

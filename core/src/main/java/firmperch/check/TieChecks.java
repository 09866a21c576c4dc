package firmperch.check;

import firmperch.body.Tie;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.check.JointChecks.Asked;
import firmperch.units.Quantity;
import java.util.List;

/** Springs, ropes and cords: each as far as it may be pulled. */
final class TieChecks {
    private TieChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(spring(), rope(), cord());
    }

    private static <T extends Tie> List<Subject<T>> each(Study study, Class<T> kind) {
        return study.assembly().ties().stream().filter(kind::isInstance).map(kind::cast)
                .map(tie -> new Subject<>(tie.id(), tie.name(), tie.station(), tie)).toList();
    }

    private static Check<Tie.Spring> spring() {
        return new Asked<>(new About("spring", Topic.BREAKS, "Is the %s pulled no further than it bears?",
                Quantity.LENGTH, Scope.EVERY_POSE, false, "the %s is pulled too far", "ℓ ≤ ℓ_most",
                "geometry; how long it may be pulled: its maker"),
                study -> each(study, Tie.Spring.class), (tie, s) -> longest(tie, tie.most(), s), Certainty.PROVEN);
    }

    private static Check<Tie.Cord> cord() {
        return new Asked<>(new About("cord", Topic.HITS, "Is the %s long enough?", Quantity.LENGTH, Scope.EVERY_POSE,
                false, "the %s holds it back", "distance of its ends ≤ its length", "geometry"),
                study -> each(study, Tie.Cord.class), (tie, s) -> longest(tie, tie.length(), s), Certainty.PROVEN);
    }

    private static Reading longest(Tie tie, double most, Situation s) {
        double length = s.tieLength(tie);
        return new Reading(length, most,
                () -> s.length(length) + " from hook to hook, " + s.length(most) + " at most");
    }

    private static Check<Tie.Rope> rope() {
        return new Asked<>(new About("rope", Topic.BREAKS, "Does the %s bear what hangs on it?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "the %s breaks", "T = −Σ m·g·v_z / ℓ′",
                "virtual work; its pulleys turn freely; what it bears: its maker's working load"),
                study -> each(study, Tie.Rope.class), (tie, s) -> {
                    double pull = s.posed().pull(tie);
                    return new Reading(pull, tie.limit(), () -> s.show(Quantity.FORCE, pull) + " in it");
                }, Certainty.SAMPLED);
    }
}

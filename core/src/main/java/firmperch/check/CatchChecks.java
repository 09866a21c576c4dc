package firmperch.check;

import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Tie;
import firmperch.check.About.Scope;
import firmperch.pose.Rig;
import firmperch.stock.Overhead;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/** Everything overhead must be caught a second time: by wires around rails, a king bolt, or a tether. */
final class CatchChecks {
    private CatchChecks() {
    }

    /** What the load hangs on: bearings, or whatever a tether backs up. */
    private sealed interface Hung {
        record OnBearings(Joint joint) implements Hung {}

        record OnTether(Tie.Tether tether) implements Hung {}
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(new FunctionCheck<>(new About("catch", Topic.BREAKS,
                "Does a second catch hold what hangs on the %s?", Quantity.FORCE, Scope.EVERY_POSE, false,
                "the second catch breaks (%s)", "F = W + √(W² + 2·k·W·s) ≤ F_break / 5",
                "energy of a fall through its slack; 5 on what is above people: common practice, no source. Local codes rule; have "
                        + "a licensed person look at it")
                .where("W weight, k stiffness of the tether, s how far it falls before it is caught"),
                CatchChecks::hung, CatchChecks::reading, Check.Certainty.SAMPLED).feeling(CatchChecks::felt)
                .standingBy());
    }

    /**
     * The falling weight is the same in every pose; a tether's slack changes with what moves its hooks up or down.
     */
    private static boolean felt(Hung hung, Rig rig, int freedom) {
        return hung instanceof Hung.OnTether(Tie.Tether tether) && rig.lifts(freedom)
                && rig.moves(freedom, tether.to().body());
    }

    private static List<Subject<Hung>> hung(Study study) {
        List<Subject<Hung>> all = new ArrayList<>();
        if (!study.set().stands()) {
            JointChecks.joints(study, Hold.Bearings.class).forEach(
                    on -> all.add(new Subject<>(on.id(), on.name(), on.station(), new Hung.OnBearings(on.thing()))));
        }
        for (Tie tie : study.assembly().ties()) {
            if (tie instanceof Tie.Tether tether) {
                all.add(new Subject<>(tie.id(), tie.name(), tie.station(), new Hung.OnTether(tether)));
            }
        }
        return all;
    }

    private static Reading reading(Hung hung, Situation s) {
        return switch (hung) {
            case Hung.OnBearings(Joint joint) -> {
                double weight = s.posed().beyond(joint).weight();
                Hold.Catch second = ((Hold.Bearings) joint.hold()).second();
                yield second != null
                        ? caught(joint.name().text(), weight, second, s)
                        : new Reading(weight, 0, () -> s.show(Quantity.FORCE, weight) + " hang on it and nothing else")
                                .saying(() -> "nothing catches what hangs on the " + joint.name() + " if "
                                        + joint.name().with("it lets", "they let")
                                        + " go");
            }
            case Hung.OnTether(Tie.Tether tether) -> caught(tether.name(), s.posed().ties().caught(tether).weight(),
                    tether.caught(s.posed().ties().fall(tether)), s);
        };
    }

    private static Reading caught(String name, double weight, Hold.Catch second, Situation s) {
        double force = second.force(weight);
        return new Reading(force, second.breaks() / Overhead.WORKING,
                () -> s.show(Quantity.FORCE, weight) + " fall " + s.length(second.slack()) + ": "
                        + s.show(Quantity.FORCE, force) + ", breaks at " + s.show(Quantity.FORCE, second.breaks()))
                .saying(() -> "the second catch of the " + name + " would feel " + s.show(Quantity.FORCE, force)
                        + "; it should feel " + s.show(Quantity.FORCE, second.breaks() / Overhead.WORKING)
                        + " at most");
    }
}

package firmperch.study;

import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Noun;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The joints of one freedom that rubbing faces hold, which turn or slide together.
 *
 * @param freedom its number
 */
public record Tightened(int freedom, List<Joint> joints, Noun name) {
    public Tightened {
        joints = List.copyOf(joints);
    }

    /** All of a rig, in the order of its freedoms. */
    public static List<Tightened> of(Study study) {
        List<Tightened> all = new ArrayList<>();
        List<Freedom> freedoms = study.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            Freedom freedom = freedoms.get(f);
            List<Joint> joints = study.assembly().joints().stream()
                    .filter(j -> freedom.equals(j.freedom()) && j.hold() instanceof Hold.Friction).toList();
            if (!joints.isEmpty()) {
                all.add(new Tightened(f, joints,
                        joints.size() == 1 ? joints.getFirst().name() : Noun.many("pivots")));
            }
        }
        return all;
    }

    /** How the joints are tightened, which is alike. */
    public Hold.Friction hold() {
        return (Hold.Friction) joints.getFirst().hold();
    }

    /** Moment about the freedom that all of them hold, each by that figure of its own, N·m. */
    public double held(Situation s, ToDoubleFunction<Hold.Friction> moment) {
        return joints.stream().mapToDouble(
                j -> moment.applyAsDouble((Hold.Friction) j.hold()) * Math.abs(s.posed().turning(j, freedom))).sum();
    }

    /**
     * Pull at the camera, along its way and against its weight with the gear as it is, at which they begin to turn, N (virtual work).
     *
     * @param held moment about the freedom that they hold, N·m
     */
    public double pull(Situation s, double held) {
        double speed = s.posed().velocity(s.study().assembly().mount().body(), s.posed().mount(), freedom).length();
        return (held + Math.abs(s.loads().slope(freedom, Loading.GEAR))) / Math.max(1e-3, speed);
    }
}

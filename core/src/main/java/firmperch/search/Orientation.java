package firmperch.search;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Placement;
import firmperch.body.Station;
import firmperch.body.Vec3;
import firmperch.pose.Pose;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Target;
import java.util.List;

/** Turns the joints of a head so that the camera looks the way that is wanted, with the right side up. */
final class Orientation {
    /** Each joint in its turn comes nearer; two axes at right angles are there after two rounds, others soon. */
    private static final int ROUNDS = 12;
    private static final double SAME = 1e-9;
    /** What turns the camera by less than this for each radian does not turn it. */
    private static final double TURNS = 0.5;
    /** What looks past its work by more than that is to be turned, rad. */
    private static final double TURNED = 1e-3;
    /** Looking the right way counts more than which side is up. */
    private static final double UPRIGHT = 0.5;
    private static final Study.Derived<boolean[]> HEADS = new Study.Derived<>(Orientation::found);

    private static final Study.Derived<boolean[]> TIPS = new Study.Derived<>(Orientation::foundTipping);

    private Orientation() {
    }

    /** Which freedoms are a head's: those that turn the camera and its head alone. */
    static boolean[] heads(Study study) {
        return study.get(HEADS);
    }

    /** Which freedoms tip the camera on their way, but are no head's: what they win in height they lose in the picture. */
    static boolean[] tips(Study study) {
        return study.get(TIPS);
    }

    /** Which freedoms stay as they are while the camera is brought elsewhere, so that it looks the way it did: a head's, and those that tip it. */
    static boolean[] keeps(Study study) {
        boolean[] keeps = heads(study).clone();
        for (int f = 0; f < keeps.length; f++) {
            keeps[f] |= tips(study)[f];
        }
        return keeps;
    }

    private static boolean[] foundTipping(Study study) {
        boolean[] tips = new boolean[study.assembly().freedoms().size()];
        for (int f = 0; f < tips.length; f++) {
            Vec3 axis = axis(study.set(), f);
            tips[f] = !heads(study)[f] && Math.hypot(axis.x(), axis.y()) > TURNS;
        }
        return tips;
    }

    private static boolean[] found(Study study) {
        List<Freedom> freedoms = study.assembly().freedoms();
        Station payload = study.assembly().payload();
        boolean[] heads = new boolean[freedoms.size()];
        for (int f = 0; f < heads.length; f++) {
            int freedom = f;
            boolean turns = freedoms.get(f).kind() == Freedom.Kind.HINGE
                    || freedoms.get(f).kind() == Freedom.Kind.SWING;
            // An arm that keeps the camera level does not turn it, however it moves.
            heads[f] = turns && axis(study.set(), f).length() > TURNS && study.rig().moves(f, payload.body())
                    && study.assembly().stations().stream()
                            .filter(s -> study.rig().moves(freedom, s.body()))
                            .allMatch(s -> s.equals(payload) || payload.on().contains(s));
        }
        return heads;
    }

    /** The pose with the head's joints set so; where the head alone does not bring that about, with what tips it on its way too. The others stay. */
    static Pose toward(Situation set) {
        Pose pose = toward(set, heads(set.study()));
        return astray(set.in(pose)) > TURNED ? toward(set.in(pose), keeps(set.study())) : pose;
    }

    /** How far the camera looks past the way that is wanted, rad. */
    private static double astray(Situation s) {
        return Math.acos(Math.clamp(s.camera().z().negated().dot(s.turnedBack(s.target().ahead())), -1, 1));
    }

    private static Pose toward(Situation set, boolean[] heads) {
        Pose pose = set.posed().pose();
        for (int round = 0; round < ROUNDS; round++) {
            double moved = 0;
            for (int f = 0; f < heads.length; f++) {
                if (heads[f]) {
                    double by = turn(set.in(pose), f);
                    Pose next = pose.with(set.study().assembly(), f, pose.get(f) + by);
                    moved = Math.max(moved, Math.abs(next.get(f) - pose.get(f)));
                    pose = next;
                }
            }
            if (moved < SAME) {
                break;
            }
        }
        return pose;
    }

    /** By how much a turn about that joint's axis k brings the camera's axes p nearest to those wanted, q: tan of it is Σ k·(p×q) over Σ (p·q − (k·p)(k·q)). */
    private static double turn(Situation s, int freedom) {
        Placement camera = s.camera();
        Target target = s.target();
        Vec3 axis = axis(s, freedom);
        boolean along = s.shot().wanted().along();
        Vec3 right = along ? camera.x() : camera.y().negated();
        Vec3[][] pairs = {{camera.z().negated(), s.turnedBack(target.ahead())},
                {right.times(UPRIGHT), s.turnedBack(target.right())}};
        double sin = 0;
        double cos = 0;
        for (Vec3[] pair : pairs) {
            sin += axis.dot(pair[0].cross(pair[1]));
            cos += pair[0].dot(pair[1]) - axis.dot(pair[0]) * axis.dot(pair[1]);
        }
        double by = Math.hypot(sin, cos) < SAME ? 0 : Math.atan2(sin, cos);
        return Math.abs(by) < SAME ? 0 : by;
    }

    /** The axis that a freedom turns the camera about: ω = ½ Σ e × (v(o + e) − v(o)). */
    private static Vec3 axis(Situation s, int freedom) {
        Vec3 origin = s.posed().mount();
        Body body = s.study().assembly().mount().body();
        Vec3 still = s.posed().velocity(body, origin, freedom);
        Vec3 sum = Vec3.ZERO;
        for (Vec3 e : List.of(Vec3.X, Vec3.Y, Vec3.UP)) {
            sum = sum.plus(e.cross(s.posed().velocity(body, origin.plus(e), freedom).minus(still)));
        }
        return sum.times(0.5);
    }
}

package firmperch.check;

import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.pose.Wrench;
import firmperch.study.Loading;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Wheels, rollers and turntables, and heads held by a rated torque: the load on each from everything that hangs on
 * it.
 */
final class BearingChecks {
    /**
     * Rolling resistance of a ball bearing on a tube, as a share of the load on it; the low end. Common practice, no
     * source.
     */
    private static final double ROLLING = 0.002;

    /** A joint that rolls, and how its rollers share a load. */
    private record Rolling(Joint joint, DMatrixRMaj share) {
        /** What each roller bears of a force and a moment about the joint, N. */
        double[] forces(Situation s, Wrench w) {
            Placement body = s.posed().place(on(joint).body());
            Vec3 force = body.inward(w.force());
            Vec3 moment = body.inward(w.moment());
            DMatrixRMaj load = new DMatrixRMaj(6, 1, true, -force.x(), -force.y(), -force.z(), -moment.x(),
                    -moment.y(), -moment.z());
            DMatrixRMaj forces = new DMatrixRMaj(share.numRows, 1);
            CommonOps_DDRM.mult(share, load, forces);
            return forces.data;
        }
    }

    /** All of a rig. */
    private static final Study.Derived<Map<Joint, Rolling>> ROLLING_JOINTS = new Study.Derived<>(study -> {
        Map<Joint, Rolling> all = new IdentityHashMap<>();
        study.assembly().joints().stream().filter(j -> j.hold() instanceof Hold.Bearings)
                .forEach(j -> all.put(j, new Rolling(j, share(j))));
        return all;
    });

    /** A joint of another rig like it, as where the camera takes other room, is worked out anew. */
    private static Rolling rolls(Joint joint, Situation s) {
        Rolling known = s.study().get(ROLLING_JOINTS).get(joint);
        return known != null ? known : new Rolling(joint, share(joint));
    }

    private BearingChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(bearing(), torque(), poise().balancing());
    }

    /**
     * Wheels on a stiff body share a force and a moment like springs of equal stiffness. Each is asked by itself,
     * pressed or pulled as it is loaded.
     */
    private static FunctionCheck<Rolling> bearing() {
        return new FunctionCheck<>(
                new About("bearing", Topic.BREAKS, "[Does|Do] the %s bear [its|their] load?", Quantity.FORCE,
                        Scope.EVERY_POSE, true, "the load on the %s is too much",
                        "N = −Jᵀ·(J·Jᵀ)⁺·w, w all forces beyond it, handled",
                        "rigid body on equal springs (Roark); gear and hand as the policy asks; ratings: their maker")
                        .where("N force on each wheel, J where wheels stand and push, w all forces beyond"),
                study -> JointChecks.joints(study, Hold.Bearings.class).stream().map(
                        j -> new Subject<>(j.id(), j.name(), j.station(), new Rolling(j.thing(), share(j.thing()))))
                        .toList(),
                BearingChecks::loads, Certainty.SAMPLED);
    }

    /** The side of a joint that its rollers sit on. */
    private static Joint.Side on(Joint joint) {
        return joint.sleeve() ? joint.inner() : joint.outer();
    }

    /** From a joint's axis to its rollers in the mean, m. */
    static double radius(Joint joint) {
        List<Hold.Roller> rollers = ((Hold.Bearings) joint.hold()).rollers();
        return rollers.stream().mapToDouble(r -> r.at().radius()).average().orElse(0);
    }

    /** The middle between a joint's rollers. */
    static Vec3 middle(Joint joint, Situation s) {
        List<Hold.Roller> rollers = ((Hold.Bearings) joint.hold()).rollers();
        Vec3 sum = rollers.stream().map(r -> s.posed().point(on(joint).body(), r.at())).reduce(Vec3.ZERO, Vec3::plus);
        return sum.times(1.0 / rollers.size());
    }

    /** Force along the travel that rolling friction holds for certain at rest, N. */
    static double rolling(Joint joint, Situation s) {
        double pressed = 0;
        for (double force : rolls(joint, s).forces(s, s.posed().onto(joint))) {
            pressed += Math.abs(force);
        }
        return ROLLING * pressed;
    }

    /** True if some of its rollers are pressed at rest and some pulled, so that it goes through their play. */
    static boolean tips(Joint joint, Situation s) {
        double[] rest = rolls(joint, s).forces(s, s.posed().onto(joint));
        double least = Arrays.stream(rest).min().orElse(0);
        double most = Arrays.stream(rest).max().orElse(0);
        double nothing = 1e-6 * Math.max(most, -least);
        return least < -nothing && most > nothing;
    }

    private static Reading loads(Rolling rolling, Situation s) {
        Joint joint = rolling.joint;
        List<Hold.Roller> rollers = ((Hold.Bearings) joint.hold()).rollers();
        double[] rest = rolling.forces(s, s.posed().onto(joint));
        Vec3 gear = s.posed().centreFrom(s.study().assembly().payload()).minus(s.posed().at(joint));
        Vec3 more = new Vec3(0, 0, -s.posed().massFrom(s.study().assembly().payload()) * Gravity.STANDARD
                * (s.policy().loads().handling() - 1));
        double[] handled = rolling.forces(s, new Wrench(more, gear.cross(more)));
        Vec3 camera = s.posed().mount().minus(s.posed().at(joint));
        double[] hand = new double[rollers.size()];
        for (Vec3 axis : s.hand()) {
            double[] one = rolling.forces(s, new Wrench(axis, camera.cross(axis)));
            for (int i = 0; i < hand.length; i++) {
                hand[i] += one[i] * one[i];
            }
        }
        double worst = -1;
        double asked = 0;
        double holds = 1;
        boolean pulled = false;
        for (int i = 0; i < hand.length; i++) {
            double swing = Math.sqrt(hand[i]) * s.policy().loads().hand();
            double load = rest[i] + handled[i];
            double[][] ways = {{load + swing, rollers.get(i).presses()}, {swing - load, rollers.get(i).pulls()}};
            for (int way = 0; way < 2; way++) {
                double force = Math.max(0, ways[way][0]);
                double used = ways[way][1] > 0 ? force / ways[way][1] : force > 1e-9 ? Reading.PLENTY + force : 0;
                if (used > worst) {
                    worst = used;
                    asked = force;
                    holds = ways[way][1];
                    pulled = way == 1;
                }
            }
        }
        double force = asked;
        double bears = holds;
        String sense = pulled ? "pulled apart" : "pressed together";
        return new Reading(force, bears, () -> "the busiest of " + hand.length + " is " + sense + " with "
                + s.show(Quantity.FORCE, force) + " as the rig is handled")
                .saying(() -> joint.name().in("the %s ") + (bears > 0
                        ? joint.name().with("is ", "are ") + sense + " with " + s.show(Quantity.FORCE, force)
                                + joint.name().with("; it bears ", "; they bear ") + s.show(Quantity.FORCE, bears)
                        : joint.name().with("is ", "are ") + "pulled apart with " + s.show(Quantity.FORCE, force)
                                + joint.name().with(", and nothing holds it together: turn it the other way round",
                                        ", and nothing holds them together: turn them the other way round")));
    }

    /**
     * (J·Jᵀ)⁺ times J: the share of each roller of a unit of the six force components, seen from the body that the rollers sit on and about the
     * joint, where it is the same in every pose. Components that they cannot bear, such as along a track, are left to others.
     */
    private static DMatrixRMaj share(Joint joint) {
        List<Hold.Roller> rollers = ((Hold.Bearings) joint.hold()).rollers();
        DMatrixRMaj j = new DMatrixRMaj(6, rollers.size());
        for (int i = 0; i < rollers.size(); i++) {
            Vec3 n = rollers.get(i).normal();
            Vec3 m = rollers.get(i).at().minus(on(joint).at()).cross(n);
            double[] column = {n.x(), n.y(), n.z(), m.x(), m.y(), m.z()};
            for (int k = 0; k < 6; k++) {
                j.set(k, i, column[k]);
            }
        }
        DMatrixRMaj inverse = new DMatrixRMaj(rollers.size(), 6);
        CommonOps_DDRM.pinv(j, inverse);
        return inverse;
    }

    /** With the gear as it is and its lock open it stays wherever it is let go in its travel, by the head's own friction. */
    private static FunctionCheck<Joint> poise() {
        return new FunctionCheck<>(
                new About("poise", Topic.GIVES, "Does it balance about the %s?", Quantity.TORQUE, Scope.EVERY_POSE,
                        false, "it does not balance about the %s", "|a · Σ r × W| ≤ what its own friction holds",
                        "rigid statics, the lever rule with everything's own mass; an open head holds a twentieth of what it does "
                                + "locked: our own judgement")
                        .where("a axis, r from it to each weight W"),
                study -> JointChecks.joints(study, Hold.Rated.class).stream().filter(j -> lifts(study, j.thing()))
                        .filter(j -> carriesMore(study, j.thing())).toList(),
                (joint, s) -> {
                    double left = leftOver(joint, s, Loading.GEAR);
                    double open = ((Hold.Rated) joint.hold()).open();
                    return new Reading(Math.abs(left), open, () -> s.show(Quantity.TORQUE, Math.abs(left))
                            + " left over toward the " + end(left) + "; open, its friction holds "
                            + s.show(Quantity.TORQUE, open) + drives(joint, s, Loading.BARE, "with the camera off ")
                            + drives(joint, s, Loading.SPARE, "with the spare on "))
                            .saying(() -> "it does not stay when it is let go: it is "
                                    + s.show(Quantity.TORQUE, Math.abs(left)) + " too heavy at the " + end(left));
                }, Certainty.SAMPLED);
    }

    /** True if there is more beyond a head than the camera: something that could be made to balance it. */
    private static boolean carriesMore(Study study, Joint joint) {
        return study.assembly().stations().stream().anyMatch(s -> s.rests(joint.station())
                && !s.equals(joint.station()) && !s.equals(study.assembly().payload()));
    }

    private static String end(double left) {
        return left < 0 ? "nose" : "tail";
    }

    private static String drives(Joint joint, Situation s, Loading loading, String when) {
        double left = leftOver(joint, s, loading);
        return "; " + when + s.show(Quantity.TORQUE, Math.abs(left)) + " toward the " + end(left);
    }

    /** Moment about a joint's axis of all beyond it, with what hangs at the camera then, N·m. */
    static double leftOver(Joint joint, Situation s, Loading loading) {
        return s.loads().onto(joint, loading).moment().dot(s.posed().axis(joint));
    }

    private static Loading hardest(Joint joint, Situation s) {
        Loading hardest = Loading.SPARE;
        for (Loading loading : Loading.values()) {
            hardest = Math.abs(leftOver(joint, s, loading)) > Math.abs(leftOver(joint, s, hardest)) * (1 + 1e-9)
                    ? loading
                    : hardest;
        }
        return hardest;
    }

    /** A pan about an upright axis has no load to hold. */
    private static boolean lifts(Study study, Joint joint) {
        return joint.freedom() != null
                && study.rig().lifts(study.assembly().freedoms().indexOf(joint.freedom()));
    }

    /** A tilt held by a rated torque against gravity's moment about its axis. */
    private static FunctionCheck<Joint> torque() {
        return new FunctionCheck<>(
                new About("torque", Topic.SLIPS, "[Does|Do] the %s hold?", Quantity.TORQUE, Scope.EVERY_POSE, true,
                        "the %s [slips|slip]", "|a · Σ r × W| · slip",
                        "rigid statics; the head's rated or measured holding torque")
                        .where("a axis, r from it to each weight W"),
                study -> JointChecks.joints(study, Hold.Rated.class).stream().filter(j -> lifts(study, j.thing()))
                        .toList(),
                (joint, s) -> {
                    double slip = s.policy().loads().slip();
                    Loading hardest = hardest(joint, s);
                    double left = Math.abs(leftOver(joint, s, hardest));
                    double asked = left * slip;
                    return new Reading(asked, ((Hold.Rated) joint.hold()).torque(),
                            () -> s.show(Quantity.TORQUE, left) + " left over" + hardest.words() + ", "
                                    + s.show(Quantity.MASS, s.posed().beyond(joint).mass()) + " hang on it"
                                    + Opened.words(s, s.study().assembly().freedoms().indexOf(joint.freedom())))
                            .saying(() -> joint.name().in("the load turns the %s with ")
                                    + s.show(Quantity.TORQUE, left) + hardest.words() + "; "
                                    + joint.name().with("it holds ", "they hold ")
                                    + s.show(Quantity.TORQUE, ((Hold.Rated) joint.hold()).torque())
                                    + " and should hold " + s.show(Quantity.TORQUE, asked))
                            .with(slip);
                }, Certainty.SAMPLED);
    }
}

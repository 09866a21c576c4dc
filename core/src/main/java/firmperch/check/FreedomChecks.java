package firmperch.check;

import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Noun;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.frame.FrameSolution;
import firmperch.pose.Framed;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether what runs or turns level stays where it is put: no weight drives it, but a floor's slope, the lean of its own frame and a cable
 * at the camera do.
 */
final class FreedomChecks {
    private static final String SOURCE = "virtual work on the leaning frame; what a cable pulls with, rolling 0.002 and dry wood on steel: "
            + "common practice, no source; a brake as measured with a scale";

    private FreedomChecks() {
    }

    /** A freedom that nothing heavy hangs on. */
    record Level(int freedom, List<Joint> joints) {}

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(stays("stays.run", Quantity.FORCE, true), stays("stays.turn", Quantity.TORQUE, false));
    }

    private static FunctionCheck<Level> stays(String id, Quantity unit, boolean slides) {
        return new FunctionCheck<>(
                new About(id, Topic.GIVES, "Does it stay where it is put (%s)?", unit, Scope.EVERY_POSE,
                        false, "it does not stay where it is put (%s)",
                        "Q = g·|Σ m·v|·sin σ + g·|Σ m·v × θ| + F·|v_camera|", SOURCE)
                        .where("Q what drives it, m masses, v how fast each goes as the joint moves, σ slope, θ lean of its own "
                                + "frame, F pull of a cable at the camera, g gravity"),
                study -> level(study, slides), (level, s) -> Reading.loaded(s, 1, frame -> stays(level, s, frame)),
                Certainty.SAMPLED);
    }

    private static List<Subject<Level>> level(Study study, boolean slides) {
        List<Subject<Level>> all = new ArrayList<>();
        List<Freedom> freedoms = study.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            Freedom freedom = freedoms.get(f);
            List<Joint> joints = study.assembly().joints().stream().filter(j -> freedom.equals(j.freedom())).toList();
            boolean asked = freedom.continuous() && slides == (freedom.kind() == Freedom.Kind.SLIDE)
                    && !study.rig().lifts(f) && Double.isFinite(study.rig().slips(f)) && !joints.isEmpty();
            if (asked) {
                all.add(new Subject<>(freedom.id(), Noun.one(study.named(freedom)),
                        joints.getFirst().station(), new Level(f, joints)));
            }
        }
        return all;
    }

    private static Reading stays(Level level, Situation s, FrameSolution frame) {
        Vec3 runs = s.posed().centreVelocity(level.freedom).times(s.posed().mass());
        double slope = Gravity.STANDARD * runs.radius() * Math.sin(s.tipping().slope().most());
        Vec3 turned = turned(level, s, frame);
        double lean = Gravity.STANDARD * Math.abs(turned.x() * runs.y() - turned.y() * runs.x());
        double lever = s.posed().velocity(s.study().assembly().mount().body(), s.posed().mount(), level.freedom)
                .radius();
        double cable = s.policy().loads().cable() * lever;
        double holds = level.joints.stream().mapToDouble(j -> holds(j, s)).sum() + rolling(level, s);
        Quantity unit = s.study().assembly().freedoms().get(level.freedom).kind() == Freedom.Kind.SLIDE
                ? Quantity.FORCE
                : Quantity.TORQUE;
        double asked = slope + lean + cable;
        return new Reading(asked, holds, () -> "slope " + s.show(unit, slope) + ", lean of its frame "
                + s.show(unit, lean) + ", a cable " + s.show(unit, cable) + "; it holds " + s.show(unit, holds))
                .saying(() -> "it does not stay where it is put ("
                        + s.study().named(s.study().assembly().freedoms().get(level.freedom)) + "): "
                        + s.show(unit, asked) + " drive it and "
                        + s.show(unit, holds) + " hold it");
    }

    /** How far what moves has turned with the frame that carries it, in the mean of its wheels, rad. */
    private static Vec3 turned(Level level, Situation s, FrameSolution frame) {
        Framed framed = s.framed();
        Vec3 sum = Vec3.ZERO;
        for (Joint joint : level.joints) {
            int node = framed.node(joint.outer().body());
            sum = node < 0 ? sum : sum.plus(frame.rotation(node));
        }
        return sum.times(1.0 / level.joints.size());
    }

    private static double holds(Joint joint, Situation s) {
        return switch (joint.hold()) {
            case Hold.Brake brake -> brake.holds();
            case Hold.Rated rated -> rated.torque();
            case Hold.Rubs rubs -> rubs.pair().low() * s.posed().beyond(joint).weight() * rubs.radius();
            case Hold.Free _,Hold.Bearings _,Hold.Fixed _,Hold.Rests _,Hold.Pin _,Hold.Lies _,Hold.Threaded _,Hold.Friction _ ->
                0;
        };
    }

    /** Rolling friction of the bearings that a freedom runs on: its own, or those of the hangers that it moves. */
    private static double rolling(Level level, Situation s) {
        double sum = 0;
        for (Joint bearing : s.study().assembly().joints()) {
            boolean runs = bearing.hold() instanceof Hold.Bearings && level.joints.stream()
                    .anyMatch(j -> j.equals(bearing) || j.outer().body().equals(bearing.inner().body()));
            if (runs) {
                sum += BearingChecks.rolling(bearing, s)
                        * (level.joints.getFirst().slides() ? 1 : BearingChecks.radius(bearing));
            }
        }
        return sum;
    }
}

package firmperch.check;

import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.pose.Framed;
import firmperch.strength.HandledForces;
import firmperch.strength.SumOfSizes;
import firmperch.strength.SumOfSizes.Term;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Objects;

/**
 * Clamps round a pipe that are tightened once and not opened to move anything: whether they slip along it or round it.
 *
 * <p>Left out: that a clamp which slips a little may hold again, and how far its jaws give before.
 */
final class GripChecks {
    private GripChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(new FunctionCheck<List<Joint>>(new About("grip", Topic.SLIPS,
                "Do its clamps hold on their pipes (%s)?",
                Quantity.FORCE, Scope.EVERY_POSE, true, "a clamp slips on its pipe (%s)",
                "√(N² + (T/r)²) ≤ n·μ·F, F = T_hand/(K·d)",
                "space frame, handled; bolt torque, Shigley: K 0.25, the low end of friction, no more force than the bolt bears")
                .where("N force along the pipe, T moment about it, r its radius, n jaws, μ friction, F force of the bolt, T_hand "
                        + "what it is tightened with, K thread friction as a factor, d thickness of the bolt"),
                study -> JointChecks.together(study, j -> j.freedom() == null && j.hold() instanceof Hold.Friction),
                (grips, s) -> Reading.loaded(s, 1, frame -> reading(grips, s)),
                Certainty.SAMPLED));
    }

    private static Reading reading(List<Joint> grips, Situation s) {
        double most = 0;
        Joint where = grips.getFirst();
        for (Joint joint : grips) {
            double felt = felt(joint, s);
            if (felt > most) {
                most = felt;
                where = joint;
            }
        }
        Hold.Friction jaws = (Hold.Friction) where.hold();
        double asked = most;
        double holds = jaws.slides();
        Joint told = where;
        return new Reading(asked, holds, () -> s.show(Quantity.FORCE, asked) + " at the " + told.name().text()
                + ", as it is handled; " + jaws.faces() + " · " + jaws.pair().low() + " · "
                + s.show(Quantity.FORCE, holds / jaws.faces() / jaws.pair().low()) + " = "
                + s.show(Quantity.FORCE, holds))
                .unless(() -> new Reading.Doubt(asked * jaws.pair().low() / jaws.pair().friction(),
                        "how much " + jaws.pair().label() + " rubs"));
    }

    /** Force along the surface of the pipe with which one clamp is asked to slip, N. */
    private static double felt(Joint joint, Situation s) {
        HandledForces before = null;
        HandledForces beyond = null;
        Piece pipe = null;
        for (Framed.End end : s.framed().ends()) {
            if (end.joint().equals(joint)) {
                pipe = s.framed().bars().get(end.member());
                HandledForces at = s.unitLoads().atEnd(end.member(), end.far());
                before = end.far() ? at : before;
                beyond = end.far() ? beyond : at;
            }
        }
        if (pipe == null) {
            return 0;
        }
        // What the pipe carries on the one side of the clamp and not on the other, the clamp carries.
        HandledForces through = before != null && beyond != null
                ? beyond.minus(before)
                : Objects.requireNonNullElse(before, beyond);
        double radius = ((Solid.Bar) pipe.solid()).section().depth() / 2;
        // Von Mises' sum of 3·τ² is made that of a second direction.
        return through.most(SumOfSizes.of(new Term(1, 0)), SumOfSizes.of(new Term(1 / (Math.sqrt(3) * radius), 3)));
    }
}

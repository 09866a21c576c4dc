package firmperch.study;

import firmperch.body.JointStiffness;
import firmperch.body.Vec3;
import firmperch.frame.FrameModel.LumpedMass;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameSolution;
import firmperch.pose.Framed;
import firmperch.units.Gravity;
import java.util.ArrayList;
import java.util.List;

/**
 * Forces and movements of a pose's frame as the rig is handled. The load is its own weight, the weight of the gear and its spare
 * times the handling factor (common practice, no source), and a hand that pulls at the camera (our judgement; people grab the
 * camera to move the rig).
 *
 * <p>The frame is linear, so each figure is superposed from solutions for unit loads. The hand may pull in any direction; the worst
 * one for a figure gives √(x² + y² + z²) of the figure's responses to a newton along each axis (Cauchy-Schwarz).
 *
 * <p>Left out: feet that lift under the hand. The supports that carry at rest are taken to go on carrying, as a hand that lifts a
 * foot is what the checks of tipping ask about.
 */
public final class UnitLoads {
    private final Framed framed;
    private final FrameSolution rest;
    private final FrameSolution more;
    private final FrameSolution[] hand = new FrameSolution[3];
    private final FrameSolution[] turn = new FrameSolution[2];
    private final double force;
    private final Ends[] ends;
    private double[] slack;

    UnitLoads(Situation s) {
        framed = s.framed();
        ends = new Ends[framed.bars().size()];
        rest = s.frame().orElseThrow();
        double extra = s.policy().loads().handling() - 1;
        List<PointForce> weights = new ArrayList<>();
        for (LumpedMass mass : framed.gear()) {
            weights.add(new PointForce(mass.node(), mass.offset(),
                    new Vec3(0, 0, -mass.mass() * Gravity.STANDARD * extra)));
        }
        more = rest.under(weights);
        force = s.policy().loads().hand();
        Vec3[] axes = {Vec3.X, Vec3.Y, Vec3.UP};
        for (int i = 0; i < 3; i++) {
            hand[i] = rest.under(List.of(new PointForce(framed.camera(), framed.cameraOffset(), axes[i])));
        }
        turn[0] = couple(Vec3.Y, Vec3.UP);
        turn[1] = couple(Vec3.UP, Vec3.X);
    }

    /** A moment of 1 N·m at the camera, as two forces a metre apart. */
    private FrameSolution couple(Vec3 arm, Vec3 along) {
        Vec3 at = framed.cameraOffset();
        return rest.under(List.of(new PointForce(framed.camera(), at.plus(arm.times(0.5)), along),
                new PointForce(framed.camera(), at.minus(arm.times(0.5)), along.times(-1))));
    }

    /**
     * How far the camera drops (m) and turns (rad) when every bolt moves to the side of its hole that it is pressed against: the
     * sum over the holes of half the clearance times the force in the bolt under a unit load at the camera (unit-load theorem:
     * Castigliano, Mohr).
     */
    public double[] slack() {
        if (slack == null) {
            slack = slackened();
        }
        return slack.clone();
    }

    private double[] slackened() {
        double drop = 0;
        double tilt = 0;
        for (Framed.End end : framed.ends()) {
            if (end.joint().stiffness().slack() instanceof JointStiffness.Slack.Hole hole) {
                int first = end.far() ? 6 : 0;
                drop += hole.clearance() / 2 * pin(of(end.member()).z, first);
                tilt += hole.clearance() / 2 * Math.hypot(pin(turn[0].forces(end.member()), first),
                        pin(turn[1].forces(end.member()), first));
            }
        }
        return new double[]{drop, tilt};
    }

    private static double pin(double[] forces, int first) {
        return Vec3.across(forces[first], forces[first + 2]);
    }

    /** End forces of a member: at rest and handled, and for a newton of the hand along x, y and z. */
    public record Ends(double[] weight, double[] x, double[] y, double[] z, double hand) {
        /** Greatest size that force or moment number i can take. */
        public double most(int i) {
            return Math.abs(weight[i]) + hand * Math.sqrt(x[i] * x[i] + y[i] * y[i] + z[i] * z[i]);
        }
    }

    public Ends of(int member) {
        if (ends[member] == null) {
            ends[member] = worked(member);
        }
        return ends[member];
    }

    /** Greatest force that a support can feel as the rig is handled, N. */
    public double onSupport(int support) {
        Vec3 weight = rest.force(support).plus(more.force(support));
        double sum = 0;
        for (FrameSolution along : hand) {
            double one = along.force(support).length();
            sum += one * one;
        }
        return weight.length() + force * Math.sqrt(sum);
    }

    /** How far a newton in the worst level direction moves the camera, m: the greater root of the flexibility's two by two. */
    public double sideways() {
        Vec3 x = hand[0].movement(framed.camera(), framed.cameraOffset());
        Vec3 y = hand[1].movement(framed.camera(), framed.cameraOffset());
        double middle = (x.x() + y.y()) / 2;
        return middle + Vec3.across((x.x() - y.y()) / 2, (x.y() + y.x()) / 2);
    }

    private Ends worked(int member) {
        double[] sum = rest.forces(member);
        double[] plus = more.forces(member);
        for (int i = 0; i < sum.length; i++) {
            sum[i] += plus[i];
        }
        return new Ends(sum, hand[0].forces(member), hand[1].forces(member), hand[2].forces(member), force);
    }
}

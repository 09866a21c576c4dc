package firmperch.study;

import firmperch.body.JointStiffness;
import firmperch.body.Stiffness;
import firmperch.body.Vec3;
import firmperch.frame.FrameModel.LumpedMass;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameSolution;
import firmperch.pose.Framed;
import firmperch.strength.HandledForces;
import firmperch.strength.SumOfSizes;
import firmperch.strength.SumOfSizes.Term;
import firmperch.units.Gravity;
import java.util.ArrayList;
import java.util.List;

/**
 * Forces and movements of a pose's frame as the rig is handled. The load is its own weight, the weight of the gear and its spare
 * times the handling factor (common practice, no source), and a hand that pulls at the camera (our judgement; people grab the
 * camera to move the rig).
 *
 * <p>The frame is linear, so each figure is superposed from solutions for unit loads. The hand may pull in any direction and is asked in
 * the one that is worst for a figure ({@link HandledForces}); where it moves the rig instead, less of it counts ({@link Resisted}).
 *
 * <p>Left out: feet that lift under the hand. The supports that carry at rest are taken to go on carrying, as a hand that lifts a
 * foot is what the checks of tipping ask about.
 */
public final class UnitLoads {
    private static final SumOfSizes SIZE = SumOfSizes.of(new Term(1, 0, 1, 2));

    private final Framed framed;
    private final FrameSolution rest;
    private final FrameSolution more;
    /** A newton at the camera along x, y and z, of which one in any direction is made. */
    private final FrameSolution[] newton = new FrameSolution[3];
    private final List<Vec3> hand;
    private final double force;
    private final Ends[] ends;
    /** What each member feels at its start and at its end. */
    private final HandledForces[] atEnds;
    private final Stiffness.End stiff;
    private Moved play;
    private Moved pressed;

    UnitLoads(Situation s) {
        framed = s.framed();
        stiff = s.end();
        ends = new Ends[framed.bars().size()];
        atEnds = new HandledForces[2 * ends.length];
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
            newton[i] = rest.under(List.of(new PointForce(framed.camera(), framed.cameraOffset(), axes[i])));
        }
        hand = s.hand();
    }

    /** A moment of 1 N·m at the camera, as two forces a metre apart. */
    private FrameSolution couple(Vec3 arm, Vec3 along) {
        Vec3 at = framed.cameraOffset();
        return rest.under(List.of(new PointForce(framed.camera(), at.plus(arm.times(0.5)), along),
                new PointForce(framed.camera(), at.minus(arm.times(0.5)), along.times(-1))));
    }

    /**
     * How far a camera goes down and turns as joints give or find their play.
     *
     * @param drop m
     * @param tilt rad
     */
    public record Moved(double drop, double tilt) {
        /** One after the other. */
        public Moved plus(Moved other) {
            return new Moved(drop + other.drop, tilt + other.tilt);
        }
    }

    /**
     * What comes of play when every bolt moves to the side of its hole that it is pressed against: the sum over the holes of half the
     * clearance times the force in the bolt under a unit load at the camera (unit-load theorem: Castigliano, Mohr).
     */
    public Moved play() {
        pins();
        return play;
    }

    /** What comes of bolts that press themselves into wood: the sum over them of N·n/K, n under the unit load (the same theorem). */
    public Moved pressed() {
        pins();
        return pressed;
    }

    private void pins() {
        if (play != null) {
            return;
        }
        double drop = 0;
        double tilt = 0;
        double sinks = 0;
        double[] turns = new double[2];
        FrameSolution[] turn = {couple(Vec3.Y, Vec3.UP), couple(Vec3.UP, Vec3.X)};
        for (Framed.End end : framed.ends()) {
            JointStiffness gives = end.joint().stiffness();
            double bearing = gives.bearing().at(stiff);
            boolean loose = gives.slack() instanceof JointStiffness.Slack.Hole;
            if (Double.isInfinite(bearing) && !loose) {
                continue;
            }
            int first = end.far() ? 6 : 0;
            Ends felt = ends(end.member());
            double[][] turned = {turn[0].forces(end.member()), turn[1].forces(end.member())};
            if (gives.slack() instanceof JointStiffness.Slack.Hole hole) {
                drop += hole.clearance() / 2 * pin(felt.up, first);
                tilt += hole.clearance() / 2 * Math.hypot(pin(turned[0], first), pin(turned[1], first));
            }
            sinks -= together(felt.rest, felt.up, first) / bearing;
            turns[0] += together(felt.rest, turned[0], first) / bearing;
            turns[1] += together(felt.rest, turned[1], first) / bearing;
        }
        pressed = new Moved(sinks, Math.hypot(turns[0], turns[1]));
        play = new Moved(drop, tilt);
    }

    private static double together(double[] forces, double[] unit, int first) {
        return forces[first] * unit[first] + forces[first + 2] * unit[first + 2];
    }

    private static double pin(double[] forces, int first) {
        return Vec3.across(forces[first], forces[first + 2]);
    }

    /** End forces of a member: at rest, with the gear handled, of a newton up, and of the hand in full along each direction. */
    private record Ends(double[] rest, double[] weight, double[] up, double[][] hand) {}

    private Ends ends(int member) {
        if (ends[member] == null) {
            double[] still = rest.forces(member);
            double[] sum = still.clone();
            double[] plus = more.forces(member);
            for (int i = 0; i < sum.length; i++) {
                sum[i] += plus[i];
            }
            double[][] one = {newton[0].forces(member), newton[1].forces(member), newton[2].forces(member)};
            ends[member] = new Ends(still, sum, one[2], handed(one));
        }
        return ends[member];
    }

    /** What the hand in full does along each of its directions, of which a newton along each axis does that. */
    private double[][] handed(double[][] newton) {
        double[][] all = new double[hand.size()][];
        for (int i = 0; i < all.length; i++) {
            all[i] = along(hand.get(i).times(force), newton);
        }
        return all;
    }

    /** What a force does of which a newton along each axis does that. */
    private static double[] along(Vec3 force, double[][] newton) {
        double[] sum = new double[newton[0].length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = force.x() * newton[0][i] + force.y() * newton[1][i] + force.z() * newton[2][i];
        }
        return sum;
    }

    /** N, Vy, Vz (N) and Mx, My, Mz (N·m), in the member's own axes, that one of its ends feels. */
    public HandledForces atEnd(int member, boolean far) {
        int end = 2 * member + (far ? 1 : 0);
        if (atEnds[end] == null) {
            atEnds[end] = at(member, far ? 1 : 0);
        }
        return atEnds[end];
    }

    /**
     * The same in a section of it.
     *
     * @param share how far along from its start, 0 to 1
     */
    public HandledForces at(int member, double share) {
        double length = length(member);
        Ends e = ends(member);
        double[][] all = new double[e.hand.length][];
        for (int i = 0; i < all.length; i++) {
            all[i] = section(e.hand[i], share, length);
        }
        return new HandledForces(section(e.weight, share, length), all);
    }

    /** Of one of its members, m. */
    public double length(int member) {
        return framed.model().length(member);
    }

    /**
     * Equilibrium of the stretch from a member's start to a section: what is spread evenly along it is what its two ends do not balance.
     */
    private static double[] section(double[] f, double share, double length) {
        double x = share * length;
        double qx = -(f[0] + f[6]) / length;
        double qy = -(f[1] + f[7]) / length;
        double qz = -(f[2] + f[8]) / length;
        return new double[]{f[0] + qx * x, f[1] + qy * x, f[2] + qz * x, f[3], f[4] + x * f[2] + x * x / 2 * qz,
                f[5] - x * f[1] - x * x / 2 * qy};
    }

    /** Greatest force that a support can feel as the rig is handled, N. */
    public double onSupport(int support) {
        return handledSupport(support).most(SIZE);
    }

    /** A force that it is no more than, N. Quick. */
    public double noMoreOnSupport(int support) {
        return handledSupport(support).noMoreThan(SIZE);
    }

    private HandledForces handledSupport(int support) {
        double[][] one = {array(newton[0].force(support)), array(newton[1].force(support)),
                array(newton[2].force(support))};
        return new HandledForces(array(rest.force(support).plus(more.force(support))), handed(one));
    }

    private static double[] array(Vec3 v) {
        return new double[]{v.x(), v.y(), v.z()};
    }

    /**
     * How far a newton in the worst of some level directions at right angles moves the camera, m: the greater root of the flexibility's two by
     * two; 0 where there are none.
     */
    public double sideways(List<Vec3> level) {
        Vec3[] gives = level.stream().map(this::moved).toArray(Vec3[]::new);
        return switch (level.size()) {
            case 0 -> 0;
            case 1 -> level.getFirst().dot(gives[0]);
            default -> {
                double first = level.getFirst().dot(gives[0]);
                double second = level.getLast().dot(gives[1]);
                yield (first + second) / 2 + Vec3.across((first - second) / 2,
                        (level.getLast().dot(gives[0]) + level.getFirst().dot(gives[1])) / 2);
            }
        };
    }

    /** Where a newton in that direction moves the camera to, m. */
    private Vec3 moved(Vec3 direction) {
        double[][] one = new double[3][];
        for (int i = 0; i < 3; i++) {
            one[i] = array(newton[i].movement(framed.camera(), framed.cameraOffset()));
        }
        double[] sum = along(direction, one);
        return new Vec3(sum[0], sum[1], sum[2]);
    }
}

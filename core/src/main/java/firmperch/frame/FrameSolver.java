package firmperch.frame;

import firmperch.body.Vec3;
import firmperch.frame.FrameModel.LumpedMass;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.Plate;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameModel.Spring;
import firmperch.frame.FrameModel.Support;
import firmperch.units.Gravity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Solves a {@link FrameModel} for small displacements: K·u = f with six degrees of freedom a node. Supports that only
 * push are taken out where they would pull and put back where they would be pressed, until nothing changes (an active
 * set; it settles in a few rounds for the handful of feet a perch has).
 *
 * <p>Sources: Przemieniecki, <i>Theory of Matrix Structural Analysis</i>; McGuire, Gallagher & Ziemian, <i>Matrix
 * Structural Analysis</i>.
 */
public final class FrameSolver {
    private static final int MOST_ROUNDS = 20;
    /**
     * Stands for rigid, N/m and N·m/rad: over a hundred times stiffer than what gives in a rig (a pipe's EA/L is some 6·10⁷ N/m),
     * and not so stiff that the rounding of doubles drowns the rest.
     */
    private static final double STIFF = 1e10;
    /** Numbers of a matrix between two nodes. */
    private static final int BETWEEN = 4 * BlockPattern.SIZE;

    private FrameSolver() {
    }

    /**
     * The loaded shape and forces, or nothing if the structure cannot stand: it is a mechanism, or would tip off the
     * supports that only push.
     */
    public static Optional<FrameSolution> solve(FrameModel model) {
        SparseBlocks stiffness = SparseBlocks.of(model.pattern());
        double[] load = new double[6 * model.nodes().size()];
        List<BeamElement> beams = new ArrayList<>();
        for (Member member : model.members()) {
            BeamElement beam = new BeamElement(model, member);
            beam.addTo(stiffness, load, member);
            beams.add(beam);
        }
        for (Spring spring : model.springs()) {
            addSpring(stiffness, spring);
        }
        for (Plate plate : model.plates()) {
            addPlate(stiffness, model, plate);
        }
        for (LumpedMass mass : model.masses()) {
            addForce(load, mass.node(), mass.offset(), new Vec3(0, 0, -mass.mass() * Gravity.STANDARD));
        }
        for (PointForce force : model.forces()) {
            addForce(load, force.node(), force.offset(), force.force());
        }

        boolean[] active = new boolean[model.supports().size()];
        Arrays.fill(active, true);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            SparseBlocks factored = supported(model, stiffness, active);
            if (!factored.factor()) {
                return Optional.empty();
            }
            double[] u = factored.solve(load);
            if (!small(u)) {
                return Optional.empty();
            }
            if (!changeContacts(model, u, active)) {
                return Optional.of(new FrameSolution(model, beams, factored, active, u, true));
            }
        }
        return Optional.empty();
    }

    /** A metre of movement or a radian of turn is no small displacement: the structure does not stand. */
    private static boolean small(double[] u) {
        for (double value : u) {
            if (!(Math.abs(value) < 1)) {
                return false;
            }
        }
        return true;
    }

    /** The load vector of forces alone. */
    static double[] load(FrameModel model, List<PointForce> forces) {
        double[] load = new double[6 * model.nodes().size()];
        for (PointForce force : forces) {
            addForce(load, force.node(), force.offset(), force.force());
        }
        return load;
    }

    private static boolean changeContacts(FrameModel model, double[] u, boolean[] active) {
        boolean changed = false;
        for (int i = 0; i < active.length; i++) {
            Support s = model.supports().get(i);
            if (s.pushesOnly()) {
                boolean pressed = FrameSolution.movement(u, s.node(), s.offset()).dot(s.normal()) <= 1e-12;
                changed |= pressed != active[i];
                active[i] = pressed;
            }
        }
        return changed;
    }

    private static SparseBlocks supported(FrameModel model, SparseBlocks stiffness, boolean[] active) {
        SparseBlocks k = stiffness.copy();
        for (int i = 0; i < active.length; i++) {
            Support s = model.supports().get(i);
            k.support(s.node(), s.offset(), s.normal(), active[i] ? s.stiffness() : 0, s.sideways());
        }
        return k;
    }

    /** A joint that is stiff in all but the turn about its axis, and the way along it where it slides. */
    private static void addSpring(SparseBlocks k, Spring spring) {
        Vec3 a = spring.axis();
        double[] all = new double[BETWEEN];
        SparseBlocks.shift(all, spring.fromOffset(), spring.toOffset(), STIFF);
        if (spring.along() < STIFF) {
            // Along its axis it gives.
            addRelative(all, a, spring.fromOffset().cross(a), spring.toOffset().cross(a), spring.along() - STIFF);
        }
        addTurn(all, a, Math.min(spring.stiffness(), STIFF));
        k.addBetween(spring.from(), spring.to(), all);
    }

    /** Against turning about an axis as stiff as that, about any square to it stiff. */
    private static void addTurn(double[] all, Vec3 axis, double stiffness) {
        double[] a = {axis.x(), axis.y(), axis.z()};
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                double k = (i == j ? STIFF : 0) + (stiffness - STIFF) * a[i] * a[j];
                all[12 * (3 + i) + 3 + j] += k;
                all[12 * (3 + i) + 9 + j] -= k;
                all[12 * (9 + i) + 9 + j] += k;
            }
        }
    }

    /** A plate's bending between its seats; along itself it is stiff, each seat to each, so that none comes before the others. */
    private static void addPlate(SparseBlocks k, FrameModel model, Plate plate) {
        int n = plate.nodes().size();
        double[][] moves = new double[3 * n][];
        for (int i = 0; i < n; i++) {
            Vec3 o = plate.offsets().get(i);
            Vec3 turn = o.cross(plate.z());
            moves[3 * i] = row(plate.z(), turn);
            moves[3 * i + 1] = row(Vec3.ZERO, plate.x());
            moves[3 * i + 2] = row(Vec3.ZERO, plate.y());
            for (int j = 0; j < i; j++) {
                stiffAlong(k, model, plate, i, j);
            }
        }
        for (int i = 0; i < 3 * n; i++) {
            int from = 6 * plate.nodes().get(i / 3);
            for (int j = 0; j <= i; j++) {
                int to = 6 * plate.nodes().get(j / 3);
                // What lies on the diagonal is halved as it is its own mirror image.
                double s = plate.stiffness()[i][j] / (i == j ? 2 : 1);
                for (int a = 0; a < 6; a++) {
                    double sa = s * moves[i][a];
                    for (int b = 0; b < 6 && sa != 0; b++) {
                        if (moves[j][b] != 0) {
                            k.addBoth(from + a, to + b, sa * moves[j][b]);
                        }
                    }
                }
            }
        }
    }

    /** Both seen at the place of the first of the two. */
    private static void stiffAlong(SparseBlocks k, FrameModel model, Plate plate, int one, int other) {
        int from = plate.nodes().get(one);
        int to = plate.nodes().get(other);
        Vec3 at = plate.offsets().get(one);
        Vec3 seen = model.nodes().get(from).plus(at).minus(model.nodes().get(to));
        double[] all = new double[BETWEEN];
        for (Vec3 along : new Vec3[]{plate.x(), plate.y()}) {
            addRelative(all, along, at.cross(along), seen.cross(along), STIFF);
        }
        addRelative(all, Vec3.ZERO, plate.z(), plate.z(), STIFF);
        k.addBetween(from, to, all);
    }

    private static double[] row(Vec3 shift, Vec3 turn) {
        return new double[]{shift.x(), shift.y(), shift.z(), turn.x(), turn.y(), turn.z()};
    }

    /** Both shift the same way and turn each by its own. */
    private static void addRelative(double[] all, Vec3 shift, Vec3 fromTurn, Vec3 toTurn, double stiffness) {
        SparseBlocks.spring(all, new double[]{-shift.x(), -shift.y(), -shift.z(), -fromTurn.x(), -fromTurn.y(),
                -fromTurn.z(), shift.x(), shift.y(), shift.z(), toTurn.x(), toTurn.y(), toTurn.z()}, stiffness);
    }

    private static void addForce(double[] load, int node, Vec3 offset, Vec3 force) {
        Vec3 moment = offset.cross(force);
        int i = 6 * node;
        load[i] += force.x();
        load[i + 1] += force.y();
        load[i + 2] += force.z();
        load[i + 3] += moment.x();
        load[i + 4] += moment.y();
        load[i + 5] += moment.z();
    }
}

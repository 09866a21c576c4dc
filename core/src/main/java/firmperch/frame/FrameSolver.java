package firmperch.frame;

import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameModel.PointMass;
import firmperch.frame.FrameModel.Support;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * Solves a {@link FrameModel} for small displacements: K·u = f with six degrees of freedom a node. Supports that only
 * push are taken out where they would pull and put back where they would be pressed, until nothing changes (an active
 * set; it settles in a few rounds for the handful of feet a perch has).
 *
 * <p>Sources: Przemieniecki, <i>Theory of Matrix Structural Analysis</i>; McGuire, Gallagher & Ziemian, <i>Matrix
 * Structural Analysis</i>.
 */
public final class FrameSolver {
    /** Standard acceleration of free fall, m/s² (CGPM 1901). */
    public static final double GRAVITY = 9.80665;

    private static final int MOST_ROUNDS = 20;

    private FrameSolver() {
    }

    /**
     * The loaded shape and forces, or nothing if the structure cannot stand: it is a mechanism, or would tip off the
     * supports that only push.
     */
    public static Optional<FrameSolution> solve(FrameModel model) {
        int size = 6 * model.nodes().size();
        double[] stiffness = new double[size * size];
        double[] load = new double[size];
        List<BeamElement> beams = new ArrayList<>();
        for (Member member : model.members()) {
            BeamElement beam = new BeamElement(model, member);
            beam.addTo(stiffness, load, size, dof(member));
            beams.add(beam);
        }
        for (PointMass mass : model.masses()) {
            addForce(load, mass.node(), mass.offset(), new Vec3(0, 0, -mass.mass() * GRAVITY));
        }
        for (PointForce force : model.forces()) {
            addForce(load, force.node(), force.offset(), force.force());
        }

        boolean[] active = new boolean[model.supports().size()];
        Arrays.fill(active, true);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<double[]> solved = displacements(model, stiffness, load, active);
            if (solved.isEmpty()) {
                return Optional.empty();
            }
            double[] u = solved.get();
            if (!changeContacts(model, u, active)) {
                return Optional.of(solution(model, beams, u, active));
            }
        }
        return Optional.empty();
    }

    private static FrameSolution solution(FrameModel model, List<BeamElement> beams, double[] u, boolean[] active) {
        List<double[]> forces = new ArrayList<>();
        for (int i = 0; i < beams.size(); i++) {
            forces.add(beams.get(i).endForces(u, dof(model.members().get(i))));
        }
        double[] reactions = new double[model.supports().size()];
        for (int i = 0; i < reactions.length; i++) {
            Support s = model.supports().get(i);
            reactions[i] = active[i] ? -s.kz() * FrameSolution.movement(u, s.node(), s.offset()).z() : 0;
        }
        return new FrameSolution(model, u, forces, reactions);
    }

    private static boolean changeContacts(FrameModel model, double[] u, boolean[] active) {
        boolean changed = false;
        for (int i = 0; i < active.length; i++) {
            Support s = model.supports().get(i);
            if (s.pushesOnly()) {
                boolean pressed = FrameSolution.movement(u, s.node(), s.offset()).z() <= 1e-12;
                changed |= pressed != active[i];
                active[i] = pressed;
            }
        }
        return changed;
    }

    private static Optional<double[]> displacements(FrameModel model, double[] stiffness, double[] load,
            boolean[] active) {
        int size = load.length;
        DMatrixRMaj k = new DMatrixRMaj(size, size, true, stiffness.clone());
        for (int i = 0; i < active.length; i++) {
            Support s = model.supports().get(i);
            addSpring(k, s, new Vec3(1, 0, 0), s.kx());
            addSpring(k, s, new Vec3(0, 1, 0), s.ky());
            addSpring(k, s, Vec3.UP, active[i] ? s.kz() : 0);
        }
        LinearSolverDense<DMatrixRMaj> cholesky = LinearSolverFactory_DDRM.chol(size);
        if (!cholesky.setA(k)) {
            return Optional.empty();
        }
        DMatrixRMaj u = new DMatrixRMaj(size, 1);
        cholesky.solve(new DMatrixRMaj(size, 1, true, load.clone()), u);
        for (double value : u.data) {
            // A metre of movement or a radian of turn is no small displacement: the structure does not stand.
            if (!(Math.abs(value) < 1)) {
                return Optional.empty();
            }
        }
        return Optional.of(u.data);
    }

    private static void addSpring(DMatrixRMaj k, Support s, Vec3 along, double stiffness) {
        if (stiffness == 0) {
            return;
        }
        Vec3 turn = s.offset().cross(along);
        double[] g = {along.x(), along.y(), along.z(), turn.x(), turn.y(), turn.z()};
        int first = 6 * s.node();
        for (int i = 0; i < 6; i++) {
            for (int j = 0; j < 6; j++) {
                k.add(first + i, first + j, stiffness * g[i] * g[j]);
            }
        }
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

    private static int[] dof(Member member) {
        int[] dof = new int[12];
        for (int i = 0; i < 6; i++) {
            dof[i] = 6 * member.from() + i;
            dof[6 + i] = 6 * member.to() + i;
        }
        return dof;
    }
}

package firmperch.frame;

import firmperch.body.Vec3;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameModel.Support;
import java.util.List;

/** What a loaded frame does: displacements, member-end forces and reactions. */
public final class FrameSolution {
    private final FrameModel model;
    private final List<BeamElement> beams;
    private final SparseBlocks factored;
    private final boolean[] active;
    private final double[] displacements;
    private final boolean weighed;

    FrameSolution(FrameModel model, List<BeamElement> beams, SparseBlocks factored, boolean[] active,
            double[] displacements, boolean weighed) {
        this.model = model;
        this.beams = beams;
        this.factored = factored;
        this.active = active;
        this.displacements = displacements;
        this.weighed = weighed;
    }

    public FrameModel model() {
        return model;
    }

    /**
     * What these forces alone do, the supports that carry now taken to go on carrying and no other: to be added to this,
     * as the frame is linear.
     */
    public FrameSolution under(List<PointForce> forces) {
        return new FrameSolution(model, beams, factored, active,
                factored.solve(FrameSolver.load(model, forces)), false);
    }

    /** How far a point fixed to that node, at an offset, has moved, m. */
    public Vec3 movement(int node, Vec3 offset) {
        return movement(displacements, node, offset);
    }

    static Vec3 movement(double[] u, int node, Vec3 offset) {
        int i = 6 * node;
        return new Vec3(u[i], u[i + 1], u[i + 2]).plus(rotation(u, node).cross(offset));
    }

    static Vec3 rotation(double[] u, int node) {
        int i = 6 * node;
        return new Vec3(u[i + 3], u[i + 4], u[i + 5]);
    }

    /** How far that node has turned, rad about x, y, z. */
    public Vec3 rotation(int node) {
        return rotation(displacements, node);
    }

    /**
     * The twelve end forces of member number i in its own axes: at each end N, Vy, Vz (N) and Mx, My, Mz (N·m) that the
     * node puts on the member.
     */
    public double[] forces(int i) {
        return beams.get(i).endForces(displacements, model.members().get(i), weighed);
    }

    /** The twelve end forces of the member of that name. */
    public double[] forces(String member) {
        for (int i = 0; i < model.members().size(); i++) {
            if (model.members().get(i).name().equals(member)) {
                return forces(i);
            }
        }
        throw new IllegalArgumentException("no member " + member);
    }

    /** Force of support number i along its normal, N; 0 where it has lifted off. */
    public double reaction(int i) {
        Support s = model.supports().get(i);
        return active[i] ? -s.stiffness() * movement(s.node(), s.offset()).dot(s.normal()) : 0;
    }

    /** Force of support number i on the structure, N. */
    public Vec3 force(int i) {
        Support s = model.supports().get(i);
        Vec3 moved = movement(s.node(), s.offset());
        Vec3 across = moved.minus(s.normal().times(moved.dot(s.normal())));
        return s.normal().times(reaction(i)).minus(across.times(s.sideways()));
    }

    /** Six for each node: ux, uy, uz (m), then rotations about x, y, z (rad). */
    public double[] displacements() {
        return displacements.clone();
    }
}

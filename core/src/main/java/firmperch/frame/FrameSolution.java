package firmperch.frame;

import firmperch.frame.FrameModel.Support;
import java.util.List;

/**
 * What a loaded frame does: displacements, member-end forces and reactions.
 *
 * @param displacements six for each node: ux, uy, uz (m), then rotations about x, y, z (rad)
 * @param memberForces twelve for each member, in its own axes: at each end N, Vy, Vz (N) and Mx, My, Mz (N·m) that the
 *     node puts on the member
 * @param reactions upward force of each support, N; 0 where it has lifted off
 */
public record FrameSolution(FrameModel model, double[] displacements, List<double[]> memberForces,
        double[] reactions) {

    /** How far a point fixed to that node, at an offset, has moved, m. */
    public Vec3 movement(int node, Vec3 offset) {
        return movement(displacements, node, offset);
    }

    static Vec3 movement(double[] u, int node, Vec3 offset) {
        int i = 6 * node;
        Vec3 turn = new Vec3(u[i + 3], u[i + 4], u[i + 5]);
        return new Vec3(u[i], u[i + 1], u[i + 2]).plus(turn.cross(offset));
    }

    /** How far that node has turned, rad about x, y, z. */
    public Vec3 rotation(int node) {
        int i = 6 * node;
        return new Vec3(displacements[i + 3], displacements[i + 4], displacements[i + 5]);
    }

    /** The twelve end forces of the member of that name. */
    public double[] forces(String member) {
        for (int i = 0; i < model.members().size(); i++) {
            if (model.members().get(i).name().equals(member)) {
                return memberForces.get(i);
            }
        }
        throw new IllegalArgumentException("no member " + member);
    }

    /** Upward force of a support, N. */
    public double reaction(Support support) {
        return reactions[model.supports().indexOf(support)];
    }
}

package firmperch.frame;

import firmperch.body.Vec3;
import firmperch.stock.Material;
import firmperch.stock.Section;
import java.util.ArrayList;
import java.util.List;

/**
 * A structure in space, ready to be solved: nodes, members between them, supports and masses. Immutable.
 *
 * @param nodes positions, m
 * @param members straight beams between nodes
 * @param supports springs to the floor or a wall
 * @param springs between two nodes
 * @param masses lumped masses; gravity acts along −z
 * @param forces forces beside gravity
 */
public record FrameModel(List<Vec3> nodes, List<Member> members, List<Support> supports, List<Spring> springs,
        List<PointMass> masses, List<PointForce> forces) {

    /**
     * A straight prismatic member with rigid offsets at its ends.
     *
     * @param from index of the node at its start
     * @param to index of the node at its end
     * @param fromOffset from that node to the member's start, m
     * @param toOffset from that node to the member's end, m
     * @param up a direction in its x-z plane, not along the member
     * @param fromEnd how its start is held
     * @param toEnd how its end is held
     */
    public record Member(String name, int from, int to, Vec3 fromOffset, Vec3 toOffset, Section section,
            Material material, Vec3 up, EndFixity fromEnd, EndFixity toEnd) {}

    /**
     * Springs from a point fixed to a node to the place.
     *
     * @param offset from the node to the point, m
     * @param normal away from the surface that it bears on, of length 1
     * @param stiffness along the normal, N/m
     * @param sideways stiffness across it, N/m
     * @param pushesOnly true if it can push away from the surface but not pull toward it
     */
    public record Support(int node, Vec3 offset, Vec3 normal, double stiffness, double sideways,
            boolean pushesOnly) {}

    /** Held in all six ways at a node: three translations and three rotations. */
    public static final double FIXED = 1e12;

    /**
     * A joint between two nodes that turns on a spring about one axis and is stiff otherwise.
     *
     * @param fromOffset from that node to the joint, m
     * @param toOffset from that node to the joint, m
     * @param axis it turns about, of length 1
     * @param stiffness about that axis, N·m/rad; infinite if it does not turn
     */
    public record Spring(int from, int to, Vec3 fromOffset, Vec3 toOffset, Vec3 axis, double stiffness) {}

    /** A mass, kg, fixed to a node at an offset, m. */
    public record PointMass(int node, Vec3 offset, double mass) {}

    /** A force, N, on a point fixed to a node at an offset, m. */
    public record PointForce(int node, Vec3 offset, Vec3 force) {}

    public FrameModel {
        nodes = List.copyOf(nodes);
        members = List.copyOf(members);
        supports = List.copyOf(supports);
        springs = List.copyOf(springs);
        masses = List.copyOf(masses);
        forces = List.copyOf(forces);
    }

    /** The same structure with these forces and masses on it. */
    public FrameModel with(List<PointMass> otherMasses, List<PointForce> otherForces) {
        return new FrameModel(nodes, members, supports, springs, otherMasses, otherForces);
    }

    /** Collects the parts of a model. */
    public static final class Builder {
        private final List<Vec3> nodes = new ArrayList<>();
        private final List<Member> members = new ArrayList<>();
        private final List<Support> supports = new ArrayList<>();
        private final List<Spring> springs = new ArrayList<>();
        private final List<PointMass> masses = new ArrayList<>();
        private final List<PointForce> forces = new ArrayList<>();

        /** Adds a node and returns its index. */
        public int node(Vec3 at) {
            nodes.add(at);
            return nodes.size() - 1;
        }

        public Vec3 at(int node) {
            return nodes.get(node);
        }

        public Builder member(Member member) {
            members.add(member);
            return this;
        }

        /** Adds a member rigidly joined to both nodes, without offsets. */
        public Builder beam(String name, int from, int to, Section section, Material material, Vec3 up) {
            return member(new Member(name, from, to, Vec3.ZERO, Vec3.ZERO, section, material, up, EndFixity.RIGID,
                    EndFixity.RIGID));
        }

        public Builder support(Support support) {
            supports.add(support);
            return this;
        }

        public Builder spring(Spring spring) {
            springs.add(spring);
            return this;
        }

        /** Holds a node in all six ways: springs of {@link #FIXED} at three points around it. */
        public Builder fix(int node) {
            for (Vec3 arm : List.of(new Vec3(1, 0, 0), new Vec3(0, 1, 0), new Vec3(0, 0, 1))) {
                support(new Support(node, arm, Vec3.UP, FIXED, FIXED, false));
            }
            return this;
        }

        /** Adds a mass at a point in space, carried by that node. */
        public Builder mass(int node, Vec3 at, double mass) {
            if (mass != 0) {
                masses.add(new PointMass(node, at.minus(nodes.get(node)), mass));
            }
            return this;
        }

        public Builder force(int node, Vec3 force) {
            forces.add(new PointForce(node, Vec3.ZERO, force));
            return this;
        }

        /** Adds a force on a point in space that is fixed to that node. */
        public Builder force(int node, Vec3 at, Vec3 force) {
            forces.add(new PointForce(node, at.minus(nodes.get(node)), force));
            return this;
        }

        public FrameModel build() {
            return new FrameModel(nodes, members, supports, springs, masses, forces);
        }
    }
}

package firmperch.frame;

import firmperch.body.MassProperties;
import firmperch.body.Placement;
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
 * @param plates that bend between nodes
 * @param masses lumped masses; gravity acts along −z
 * @param forces forces beside gravity
 * @param pattern of its stiffness matrix, which depends on what is joined to what alone
 */
public record FrameModel(List<Vec3> nodes, List<Member> members, List<Support> supports, List<Spring> springs,
        List<Plate> plates, List<LumpedMass> masses, List<PointForce> forces, BlockPattern pattern) {

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
     * @param along stiffness along that axis, N/m; infinite if it does not slide
     */
    public record Spring(int from, int to, Vec3 fromOffset, Vec3 toOffset, Vec3 axis, double stiffness,
            double along) {
        /** One that does not slide. */
        public Spring(int from, int to, Vec3 fromOffset, Vec3 toOffset, Vec3 axis, double stiffness) {
            this(from, to, fromOffset, toOffset, axis, stiffness, Double.POSITIVE_INFINITY);
        }
    }

    /**
     * A thin plate that bends between the seats that hold on to it and does not stretch.
     *
     * @param nodes that hold on to it, one for each seat
     * @param offsets from those nodes to the middles of their seats, m
     * @param x along the plate, y along it, z out of it, of length 1
     * @param stiffness 3n × 3n: a force along z and moments about x and y at each seat, N and N·m for m and rad
     */
    public record Plate(List<Integer> nodes, List<Vec3> offsets, Vec3 x, Vec3 y, Vec3 z, double[][] stiffness) {
        public Plate {
            nodes = List.copyOf(nodes);
            offsets = List.copyOf(offsets);
        }

        /**
         * The stiffness of a rectangle or the ellipse in it, between its seats.
         *
         * @param rigidity D = E·t³/12(1 − ν²), N·m
         */
        public static double[][] stiffness(double width, double height, boolean round, double poisson, double rigidity,
                List<Seat> seats) {
            double[][] one = PlateStiffness.of(width, height, round, poisson, seats);
            double[][] all = new double[one.length][one.length];
            for (int i = 0; i < one.length; i++) {
                for (int j = 0; j < one.length; j++) {
                    all[i][j] = rigidity * one[i][j];
                }
            }
            return all;
        }
    }

    /**
     * A stiff mass fixed to a node. Statics feels its mass and where its centre is; its inertia is turned into the model's axes only where that
     * is asked for.
     *
     * @param own its mass, centre and inertia in its own axes
     * @param at where these lie, the node its origin
     * @param offset from the node to its centre, m
     */
    public record LumpedMass(int node, MassProperties own, Placement at, Vec3 offset) {
        /** @param at where its own axes lie, the node the origin, m */
        public LumpedMass(int node, MassProperties own, Placement at) {
            this(node, own, at, at.point(own.centre()));
        }

        /** kg. */
        public double mass() {
            return own.mass();
        }

        /** Its mass, its centre as an offset from the node, and its inertia about that centre, all in the model's axes. */
        public MassProperties properties() {
            return own.placed(at);
        }
    }

    /** A force, N, on a point fixed to a node at an offset, m. */
    public record PointForce(int node, Vec3 offset, Vec3 force) {}

    public FrameModel {
        nodes = List.copyOf(nodes);
        members = List.copyOf(members);
        supports = List.copyOf(supports);
        springs = List.copyOf(springs);
        plates = List.copyOf(plates);
        masses = List.copyOf(masses);
        forces = List.copyOf(forces);
    }

    /** Length of a member between the ends of its offsets, by its number, m. */
    public double length(int member) {
        Member m = members.get(member);
        return nodes.get(m.to).plus(m.toOffset).minus(nodes.get(m.from)).minus(m.fromOffset).length();
    }

    /** The same structure with these forces and masses on it. */
    public FrameModel with(List<LumpedMass> otherMasses, List<PointForce> otherForces) {
        return new FrameModel(nodes, members, supports, springs, plates, otherMasses, otherForces, pattern);
    }

    /** Collects the parts of a model. */
    public static final class Builder {
        private final List<Vec3> nodes = new ArrayList<>();
        private final List<Member> members = new ArrayList<>();
        private final List<Support> supports = new ArrayList<>();
        private final List<Spring> springs = new ArrayList<>();
        private final List<Plate> plates = new ArrayList<>();
        private final List<LumpedMass> masses = new ArrayList<>();
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

        public Builder plate(Plate plate) {
            plates.add(plate);
            return this;
        }

        /** Holds a node in all six ways: springs of {@link #FIXED} at three points around it. */
        public Builder fix(int node) {
            for (Vec3 arm : List.of(Vec3.X, Vec3.Y, Vec3.UP)) {
                support(new Support(node, arm, Vec3.UP, FIXED, FIXED, false));
            }
            return this;
        }

        /** Adds a mass of no extent at a point in space, carried by that node. */
        public Builder mass(int node, Vec3 at, double mass) {
            return mass(lump(node, MassProperties.point(mass, Vec3.ZERO), Placement.at(at)));
        }

        /** A stiff mass, its own axes placed in space, carried by that node; not added. */
        public LumpedMass lump(int node, MassProperties own, Placement at) {
            return new LumpedMass(node, own,
                    new Placement(at.origin().minus(nodes.get(node)), at.x(), at.y(), at.z()));
        }

        public Builder mass(LumpedMass mass) {
            if (mass.mass() != 0) {
                masses.add(mass);
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
            return build(new BlockPattern.Cache());
        }

        /** The model, its matrix's pattern taken from others that are joined in the same way, if any was. */
        public FrameModel build(BlockPattern.Cache known) {
            List<int[]> links = new ArrayList<>(members.size() + springs.size());
            members.forEach(m -> links.add(new int[]{m.from(), m.to()}));
            springs.forEach(s -> links.add(new int[]{s.from(), s.to()}));
            for (Plate plate : plates) {
                for (int i = 0; i < plate.nodes.size(); i++) {
                    for (int j = 0; j < i; j++) {
                        links.add(new int[]{plate.nodes.get(i), plate.nodes.get(j)});
                    }
                }
            }
            return new FrameModel(nodes, members, supports, springs, plates, masses, forces,
                    known.of(nodes.size(), links));
        }
    }
}

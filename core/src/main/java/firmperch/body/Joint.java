package firmperch.body;

import java.util.List;

/**
 * Where two bodies meet and may move against each other.
 *
 * @param id such as "arm.lower-inner"
 * @param name on the screen, "lower inner pivot"
 * @param inner the side toward the place
 * @param outer the side toward the camera
 * @param freedom what it is moved by; null for one that only follows
 * @param axis it turns about or slides along, of length 1, in the inner body's axes
 */
public record Joint(String id, Noun name, Station station, Side inner, Side outer, Freedom freedom, Vec3 axis,
        Hold hold, JointStiffness stiffness) {
    /** True if it slides between stops. */
    public boolean slides() {
        return freedom != null && freedom.kind() == Freedom.Kind.SLIDE;
    }

    /**
     * True if it is a sleeve: its inner side is stiff, and a bar of its outer side slides through it, as a beam through a carriage.
     * The bar is held where the sleeve is, wherever it has slid to. In jaws it is the other way round: they grip a bar of the inner
     * side and slide along that, so the bar stays and the place where it is held moves.
     */
    public boolean sleeve() {
        return slides() && inner.through.isEmpty() && !outer.through.isEmpty();
    }

    /**
     * One side of a joint.
     *
     * @param at in the body's axes, m
     * @param through bars of that body that it takes hold of; empty if of its stiff part
     */
    public record Side(Body body, Vec3 at, List<Piece> through) {
        public Side {
            through = List.copyOf(through);
        }

        /** At a point of the body's stiff part. */
        public static Side of(Body body, Vec3 at) {
            return new Side(body, at, List.of());
        }
    }
}

package firmperch.place;

import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * An upright prism of the room: a convex plan from one height to another. What is round has a plan of straight sides around it, at most 1 % of its
 * radius too large.
 *
 * @param plan its corners in the room counter-clockwise, their height 0, m
 * @param low where it begins above the floor, m
 * @param high where it ends, m
 */
public record Block(List<Vec3> plan, double low, double high) {
    private static final int SIDES = 24;

    public Block {
        plan = List.copyOf(plan);
    }

    /** Along the room's axes, from one corner to the one opposite. */
    public static Block between(Vec3 low, Vec3 high) {
        return new Block(List.of(new Vec3(low.x(), low.y(), 0), new Vec3(high.x(), low.y(), 0),
                new Vec3(high.x(), high.y(), 0), new Vec3(low.x(), high.y(), 0)), low.z(), high.z());
    }

    /** A rectangle in the plan, from edges given from the middle of a spot: away from the wall and to the left, m. */
    static Block of(Spot at, double near, double far, double right, double left, double low, double high) {
        return new Block(List.of(at.point(near, right, 0), at.point(far, right, 0), at.point(far, left, 0),
                at.point(near, left, 0)), low, high);
    }

    /** A rectangle around a spot. */
    static Block around(Spot at, double depth, double width, double low, double high) {
        return of(at, -depth / 2, depth / 2, -width / 2, width / 2, low, high);
    }

    /** A part of a disc, from an angle on by a turn of at most half a circle, with its centre; or all of it by a whole turn, without. */
    static Block round(Vec3 centre, double radius, double from, double turn, double low, double high) {
        boolean whole = turn >= 2 * Math.PI;
        int sides = (int) Math.max(2, Math.ceil(SIDES * turn / (2 * Math.PI)));
        // Corners outside of the circle, so that each side touches it.
        double out = radius / Math.cos(turn / sides / 2);
        List<Vec3> plan = new ArrayList<>();
        if (!whole) {
            plan.add(new Vec3(centre.x(), centre.y(), 0));
            plan.add(on(centre, radius, from));
        }
        for (int i = 0; i < sides; i++) {
            plan.add(on(centre, out, from + (i + 0.5) * turn / sides));
        }
        if (!whole) {
            plan.add(on(centre, radius, from + turn));
        }
        return new Block(plan, low, high);
    }

    private static Vec3 on(Vec3 centre, double radius, double angle) {
        return new Vec3(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle), 0);
    }

    /** Its furthest point in a direction, m. */
    public Vec3 furthest(Vec3 direction) {
        Vec3 best = plan.getFirst();
        double most = Double.NEGATIVE_INFINITY;
        for (Vec3 corner : plan) {
            double along = corner.x() * direction.x() + corner.y() * direction.y();
            if (along > most) {
                most = along;
                best = corner;
            }
        }
        return new Vec3(best.x(), best.y(), direction.z() > 0 ? high : low);
    }

    /** Its faces, the corners of each counter-clockwise from outside: its sides, its top, its underside. */
    public List<List<Vec3>> faces() {
        List<List<Vec3>> faces = new ArrayList<>();
        List<Vec3> top = corners(high);
        List<Vec3> bottom = corners(low);
        for (int i = 0; i < top.size(); i++) {
            int next = (i + 1) % top.size();
            faces.add(List.of(bottom.get(i), bottom.get(next), top.get(next), top.get(i)));
        }
        faces.add(top);
        faces.add(bottom.reversed());
        return faces;
    }

    /** The corners of its plan at a height, m. */
    public List<Vec3> corners(double height) {
        return plan.stream().map(c -> new Vec3(c.x(), c.y(), height)).toList();
    }

    /** Out of one of the {@link #faces}, of any length. */
    public static Vec3 normal(List<Vec3> face) {
        return face.get(1).minus(face.get(0)).cross(face.get(2).minus(face.get(1)));
    }

    /** The least corner of the box around it along the room's axes. */
    public Vec3 least() {
        double x = Double.POSITIVE_INFINITY;
        double y = Double.POSITIVE_INFINITY;
        for (Vec3 corner : plan) {
            x = Math.min(x, corner.x());
            y = Math.min(y, corner.y());
        }
        return new Vec3(x, y, low);
    }

    /** The greatest corner of that box. */
    public Vec3 most() {
        double x = Double.NEGATIVE_INFINITY;
        double y = Double.NEGATIVE_INFINITY;
        for (Vec3 corner : plan) {
            x = Math.max(x, corner.x());
            y = Math.max(y, corner.y());
        }
        return new Vec3(x, y, high);
    }

    /** True if a point of the plan lies in it or on its edge. */
    public boolean covers(double x, double y) {
        for (int i = 0; i < plan.size(); i++) {
            Vec3 a = plan.get(i);
            Vec3 b = plan.get((i + 1) % plan.size());
            if ((b.x() - a.x()) * (y - a.y()) - (b.y() - a.y()) * (x - a.x()) < 0) {
                return false;
            }
        }
        return true;
    }
}

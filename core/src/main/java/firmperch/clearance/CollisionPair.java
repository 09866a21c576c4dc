package firmperch.clearance;

import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import firmperch.pose.RelativeMotionBounds;

/**
 * Two pieces that a joint moves against each other and that are not made to lie in each other: they may collide. How far apart they
 * are is found in steps, each dearer than the one before and taken only where it can matter: their heights and bounding spheres, the
 * gap between their bounding boxes along an axis of either, the distance of their convex hulls ({@link Gjk}), and, for a cell of poses,
 * how that distance can shrink in it. What they keep in whatever pose ({@link RelativeMotionBounds#always}) is known beforehand.
 *
 * @param indexA number of the first piece in the assembly
 * @param indexB number of the second
 * @param relative how the second moves as seen from the first
 * @param back how the first moves as seen from the second
 * @param always a distance that they keep in whatever pose, m; −∞ where none is known
 */
public record CollisionPair(BoundingBox a, BoundingBox b, int indexA, int indexB, RelativeMotionBounds relative,
        RelativeMotionBounds back, double always) {
    CollisionPair(BoundingBox a, BoundingBox b, int indexA, int indexB, RelativeMotionBounds relative,
            RelativeMotionBounds back) {
        this(a, b, indexA, indexB, relative, back, relative.always(a.piece(), b.piece()));
    }

    /**
     * How exactly the hulls' distance is found in the middle of a cell, m: a bound that is 5 µm too low is still a bound, and is
     * found in half the rounds.
     */
    private static final double ROUGHLY = 5e-6;
    /** A line no further from square than this, rad, is square: what a distance is off by goes with its square. */
    private static final double SQUARE = 1e-6;

    /** Distance of their bounding spheres in a pose, or where these overlap that of their boxes along the axis of one, m; negative where these overlap too. */
    double boxes(Posed posed) {
        Vec3 apart = posed.point(a.body(), a.middle()).minus(posed.point(b.body(), b.middle()));
        double spheres = apart.length() - a.radius() - b.radius();
        if (spheres > 0) {
            return spheres;
        }
        Placement placeA = posed.place(a.piece());
        Placement placeB = posed.place(b.piece());
        return between(placeA, placeB, apart, Double.POSITIVE_INFINITY).wide;
    }

    /**
     * Of what is a cylinder its axis is asked first, which is found in a few rounds where something round takes many: the cylinder is its
     * radius nearer, exactly so where the line between them meets the axis square.
     */
    private Gjk.Found hulls(Placement placeA, Placement placeB, Vec3 guess, double limit, double under) {
        double round = (a.axle() == null ? 0 : a.axle().radius()) + (b.axle() == null ? 0 : b.axle().radius());
        if (round > 0) {
            Gjk.Found axles = Gjk.find(d -> inner(a, placeA, d), d -> inner(b, placeB, d), guess, limit + round, under);
            double distance = axles.distance() - round;
            if (distance > limit || square(a, placeA, axles.line()) && square(b, placeB, axles.line())) {
                return new Gjk.Found(Math.max(0, distance), axles.line());
            }
        }
        Solid solidA = a.piece().solid();
        Solid solidB = b.piece().solid();
        return Gjk.find(d -> placeA.point(solidA.furthest(placeA.inward(d))),
                d -> placeB.point(solidB.furthest(placeB.inward(d))), guess, limit, under);
    }

    private static Vec3 inner(BoundingBox box, Placement placed, Vec3 direction) {
        Vec3 own = placed.inward(direction);
        return placed.point(box.axle() == null ? box.piece().solid().furthest(own) : box.axle().furthest(own));
    }

    /** True if a line is square to the axis of what is round. */
    private static boolean square(BoundingBox box, Placement placed, Vec3 line) {
        if (box.axle() == null) {
            return true;
        }
        Vec3 axis = placed.direction(box.axle().to().minus(box.axle().from()));
        return Math.abs(axis.dot(line)) <= SQUARE * axis.length() * line.length();
    }

    /**
     * That axis of either box along which the gap between them is widest.
     *
     * @param enough which gap will do, m
     */
    private Gap between(Placement placeA, Placement placeB, Vec3 apart, double enough) {
        Vec3 best = placeA.x();
        double widest = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < 6 && widest < enough; k++) {
            Vec3 axis = axis(k < 3 ? placeA : placeB, k % 3);
            double gap = Math.abs(apart.dot(axis))
                    - (k < 3 ? a.half(k) + b.half(placeB, axis) : a.half(placeA, axis) + b.half(k - 3));
            if (gap > widest) {
                widest = gap;
                best = axis;
            }
        }
        return new Gap(widest, best);
    }

    /**
     * How far apart the boxes are along an axis.
     *
     * @param wide m: a lower bound on the distance of what they contain; negative where they overlap
     */
    private record Gap(double wide, Vec3 axis) {}

    private static Vec3 axis(Placement placed, int number) {
        return number == 0 ? placed.x() : number == 1 ? placed.y() : placed.z();
    }

    /** True if in the one pose their bounding spheres are at least that far apart, m: asked of every pair, so without a root. */
    boolean apart(double[] spheres, double limit) {
        int one = Clearance.SPHERE * indexA;
        int other = Clearance.SPHERE * indexB;
        double x = spheres[one] - spheres[other];
        double y = spheres[one + 1] - spheres[other + 1];
        double z = spheres[one + 2] - spheres[other + 2];
        double far = limit + a.radius() + b.radius();
        return x * x + y * y + z * z >= far * far;
    }

    /**
     * A distance that the pieces keep, m; beyond the limit only that they keep at least the limit, told by any figure between the
     * limit and the distance.
     *
     * @param pose where the pieces are
     * @param cell of poses around that pose, in all of which they keep it; null for the one pose
     */
    double distance(Clearance pose, CellBounds cell, double limit) {
        if (always >= limit) {
            return always;
        }
        Vec3 apart = pose.middle(indexA).minus(pose.middle(indexB));
        if (cell != null) {
            // What lies above the other stays so as far as nothing rises: turning and running about level brings it no nearer.
            double above = Math.abs(apart.z()) - a.radius() - b.radius();
            double rise = above > 0 ? cell.rise(a.body()) + cell.rise(b.body()) : 0;
            if (above - rise >= limit) {
                return above - rise;
            }
        }
        double nearer = cell == null ? 0 : cell.nearer(relative);
        double spheres = apart.length() - a.radius() - b.radius() - nearer;
        if (spheres >= limit) {
            return spheres;
        }
        Placement placeA = pose.placed(indexA);
        Placement placeB = pose.placed(indexB);
        Gap boxes = between(placeA, placeB, apart, limit + nearer);
        if (boxes.wide - nearer >= limit) {
            return boxes.wide - nearer;
        }
        Vec3 guess = boxes.wide <= 0
                ? apart.length() > 1e-9 ? apart : Vec3.UP
                : boxes.axis.dot(apart) < 0 ? boxes.axis.negated() : boxes.axis;
        Gjk.Found hulls = hulls(placeA, placeB, guess, limit + nearer, cell == null ? Gjk.NEAR_ENOUGH : ROUGHLY);
        if (cell == null || hulls.distance() == 0) {
            return hulls.distance();
        }
        // The distance in one pose may be told that much too low: a bound on a cell must not be over what is told there.
        double kept = hulls.distance() - nearer - Gjk.NEAR_ENOUGH;
        if (kept >= limit) {
            return kept;
        }
        // Along a line that turns with the one or with the other: the better is that of the one whose face is nearest.
        Vec3 line = hulls.line().negated().unit();
        double keeps = cell.keeps(relative, a.piece(), b.piece(), line);
        keeps = keeps >= limit ? keeps : Math.max(keeps, cell.keeps(back, b.piece(), a.piece(), line.negated()));
        return Math.max(0, Math.max(kept, Math.max(keeps, always) - Gjk.NEAR_ENOUGH));
    }
}

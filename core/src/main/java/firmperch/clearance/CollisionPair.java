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
 * bounding box of the one and the sphere of the other, the distance of their convex hulls ({@link Gjk}), and, for a cell of poses,
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

    /** Distance of their bounding spheres in a pose, m; negative where these overlap. */
    double gap(Posed posed) {
        return posed.point(a.body(), a.middle()).minus(posed.point(b.body(), b.middle())).length() - a.radius()
                - b.radius();
    }

    /** True if in the one pose their bounding spheres are at least that far apart, m: asked of every pair, so without a root. */
    boolean apart(Vec3[] middles, double limit) {
        Vec3 one = middles[indexA];
        Vec3 other = middles[indexB];
        double x = one.x() - other.x();
        double y = one.y() - other.y();
        double z = one.z() - other.z();
        double far = limit + a.radius() + b.radius();
        return x * x + y * y + z * z >= far * far;
    }

    /**
     * A distance that the pieces keep, m; beyond the limit only that they keep at least the limit, told by any figure between the
     * limit and the distance.
     *
     * @param cell of poses around the posed one, in all of which they keep it; null for the one pose
     * @param middles of the spheres around all pieces, as they are posed
     */
    double distance(Posed posed, CellBounds cell, Vec3[] middles, double limit) {
        if (always >= limit) {
            return always;
        }
        Vec3 apart = middles[indexA].minus(middles[indexB]);
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
        double boxes = Math.max(a.from(posed, middles[indexB]) - b.radius(),
                b.from(posed, middles[indexA]) - a.radius())
                - nearer;
        if (boxes >= limit) {
            return boxes;
        }
        Placement placeA = posed.place(a.piece());
        Placement placeB = posed.place(b.piece());
        Solid solidA = a.piece().solid();
        Solid solidB = b.piece().solid();
        Gjk.Found hulls = Gjk.find(d -> placeA.point(solidA.furthest(placeA.inward(d))),
                d -> placeB.point(solidB.furthest(placeB.inward(d))), apart.length() > 1e-9 ? apart : Vec3.UP,
                limit + nearer, cell == null ? Gjk.NEAR_ENOUGH : ROUGHLY);
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

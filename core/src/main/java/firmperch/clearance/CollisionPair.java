package firmperch.clearance;

import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import firmperch.pose.RelativeMotionBounds;

/**
 * Two pieces of bodies that move against each other and do not meet in a joint: they may run into each other. Each has a ball
 * around it.
 */
public record CollisionPair(Piece a, Piece b, int indexA, int indexB, BoundingSphere sphereA, BoundingSphere sphereB,
        RelativeMotionBounds relative) {
    /** A bound on a cell of poses need not be sharper than that, m. */
    private static final double ROUGHLY = 5e-6;

    /**
     * A distance that the pieces keep, m; no more exactly than that it is over the limit.
     *
     * @param middles of the balls around all pieces
     * @param cell of a cell of poses, in all of which they keep it; null for the one pose
     */
    double distance(Posed posed, CellBounds cell, Vec3[] middles, double limit) {
        Vec3 m = middles[indexA];
        Vec3 n = middles[indexB];
        double x = m.x() - n.x();
        double y = m.y() - n.y();
        double z = m.z() - n.z();
        if (cell != null) {
            // One above the other they stay so, whatever turns and runs about level.
            double above = Math.abs(z) - sphereA.radius() - sphereB.radius();
            double rise = above > 0 ? cell.rise(a.body()) + cell.rise(b.body()) : 0;
            if (above - rise >= limit) {
                return above - rise;
            }
        }
        double nearer = cell == null ? 0 : cell.nearer(relative);
        double balls = Math.sqrt(x * x + y * y + z * z) - sphereA.radius() - sphereB.radius() - nearer;
        if (balls >= limit) {
            return balls;
        }
        Vec3 apart = new Vec3(x, y, z);
        Placement placeA = posed.place(a);
        Placement placeB = posed.place(b);
        Gjk.Found found = Gjk.find(d -> placeA.point(a.solid().furthest(placeA.inward(d))),
                d -> placeB.point(b.solid().furthest(placeB.inward(d))), apart.length() > 1e-9 ? apart : Vec3.UP,
                limit + nearer, cell == null ? Gjk.NEAR_ENOUGH : ROUGHLY);
        if (cell == null || found.distance() - nearer >= limit || found.distance() == 0) {
            return Math.max(0, found.distance() - nearer);
        }
        double keeps = cell.keeps(relative, a, b, Vec3.ZERO.minus(found.line()).unit());
        return Math.max(0, Math.max(found.distance() - nearer, keeps));
    }
}

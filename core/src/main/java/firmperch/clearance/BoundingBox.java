package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;

/**
 * A box along a piece's own axes that contains it, and the sphere around that box. Used to rule out most pairs of pieces cheaply:
 * the sphere costs least, the box fits a long bar better.
 *
 * @param centre of the box in the piece's axes, m
 * @param half of its sides, m
 * @param middle the same centre in the body's axes, m
 * @param radius of the sphere, m; 0 for what takes up no room
 * @param axle of a piece that is a cylinder; null of any other
 * @param full true if the piece fills it to its corners
 */
public record BoundingBox(Piece piece, Vec3 centre, Vec3 half, Vec3 middle, double radius, Solid.Axle axle,
        boolean full) {
    /** The box around a piece. */
    public static BoundingBox of(Piece piece) {
        Vec3 high = new Vec3(piece.solid().reach(Vec3.X), piece.solid().reach(Vec3.Y), piece.solid().reach(Vec3.UP));
        Vec3 low = new Vec3(piece.solid().reach(Vec3.X.negated()), piece.solid().reach(Vec3.Y.negated()),
                piece.solid().reach(Vec3.DOWN)).negated();
        Vec3 centre = high.plus(low).times(0.5);
        Vec3 half = high.minus(low).times(0.5);
        return new BoundingBox(piece, centre, half, piece.at().point(centre), half.length(),
                piece.solid().axle(), full(piece.solid(), centre, half));
    }

    private static boolean full(Solid solid, Vec3 centre, Vec3 half) {
        for (int corner = 0; corner < 8; corner++) {
            Vec3 out = new Vec3(half.x() * (1 - 2 * (corner & 1)), half.y() * (1 - (corner & 2)),
                    half.z() * (1 - (corner & 4) / 2));
            if (solid.furthest(out).minus(centre.plus(out)).length() > 1e-12) {
                return false;
            }
        }
        return true;
    }

    /** False for what is so small that it lies within what it is fitted to; a point of the gear is asked for by itself. */
    boolean counts() {
        return radius > 0 || piece.supply() instanceof Supply.Owned;
    }

    /** What it moves with. */
    public Body body() {
        return piece.body();
    }

    /** How far the box reaches along a direction of length 1 from its middle, its piece being placed so, m. */
    double half(Placement placed, Vec3 direction) {
        return half.x() * Math.abs(placed.x().dot(direction)) + half.y() * Math.abs(placed.y().dot(direction))
                + half.z() * Math.abs(placed.z().dot(direction));
    }

    /** The same along one of its own axes, by its number, m. */
    double half(int axis) {
        return axis == 0 ? half.x() : axis == 1 ? half.y() : half.z();
    }
}

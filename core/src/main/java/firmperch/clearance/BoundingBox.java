package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.pose.Posed;

/**
 * A box along a piece's own axes that contains it, and the sphere around that box. Used to rule out most pairs of pieces cheaply:
 * the sphere costs least, the box fits a long bar better.
 *
 * @param centre of the box in the piece's axes, m
 * @param half of its sides, m
 * @param middle the same centre in the body's axes, m
 * @param radius of the sphere, m; 0 for what takes up no room
 */
public record BoundingBox(Piece piece, Vec3 centre, Vec3 half, Vec3 middle, double radius) {
    /** The box around a piece. */
    public static BoundingBox of(Piece piece) {
        Vec3 high = new Vec3(piece.solid().reach(Vec3.X), piece.solid().reach(Vec3.Y), piece.solid().reach(Vec3.UP));
        Vec3 low = new Vec3(piece.solid().reach(Vec3.X.negated()), piece.solid().reach(Vec3.Y.negated()),
                piece.solid().reach(Vec3.DOWN)).negated();
        Vec3 centre = high.plus(low).times(0.5);
        Vec3 half = high.minus(low).times(0.5);
        return new BoundingBox(piece, centre, half, piece.at().point(centre), half.length());
    }

    /** What it moves with. */
    public Body body() {
        return piece.body();
    }

    /** Distance of a point of the rig's axes from the box in a pose, m; 0 inside. */
    double from(Posed posed, Vec3 point) {
        Vec3 own = piece.at().inside(posed.place(body()).inside(point));
        double x = Math.max(0, Math.abs(own.x() - centre.x()) - half.x());
        double y = Math.max(0, Math.abs(own.y() - centre.y()) - half.y());
        double z = Math.max(0, Math.abs(own.z() - centre.z()) - half.z());
        return Math.sqrt(x * x + y * y + z * z);
    }
}

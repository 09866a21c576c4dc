package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Vec3;

/**
 * A sphere that contains a whole piece. Used to rule out most pairs of pieces cheaply.
 *
 * @param middle in the body's axes, m
 * @param radius m; 0 for what takes up no room
 */
public record BoundingSphere(Body body, Vec3 middle, double radius) {
    /** The sphere around the box along the piece's own axes. Not the smallest, but found at once. */
    public static BoundingSphere of(Piece piece) {
        double[] low = new double[3];
        double[] high = new double[3];
        Vec3[] axes = {Vec3.X, Vec3.Y, Vec3.UP};
        for (int i = 0; i < 3; i++) {
            high[i] = piece.solid().reach(axes[i]);
            low[i] = -piece.solid().reach(axes[i].times(-1));
        }
        Vec3 half = new Vec3(high[0] - low[0], high[1] - low[1], high[2] - low[2]).times(0.5);
        return new BoundingSphere(piece.body(), piece.at().point(new Vec3(low[0], low[1], low[2]).plus(half)),
                half.length());
    }
}

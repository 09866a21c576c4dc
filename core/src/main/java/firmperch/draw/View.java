package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;

/**
 * A direction to look in, in the room's axes: what lies to the right, up, and toward the eye, each of length 1.
 */
public record View(Vec3 right, Vec3 up, Vec3 toward) {
    /** From the right-hand side of the bench: away from the wall to the right, height up. */
    public static final View SIDE = new View(Vec3.X, Vec3.UP, Vec3.Y.negated());
    /** From above: away from the wall to the right, left of the bench up. */
    public static final View ABOVE = new View(Vec3.X, Vec3.Y, Vec3.UP);

    /**
     * From any angle.
     *
     * @param turn of the eye about the upright, rad: 0 as from the side, positive toward the front
     * @param height of the eye above the horizon, rad
     */
    public static View at(double turn, double height) {
        Vec3 right = Vec3.X.turned(turn);
        Vec3 level = Vec3.Y.negated().turned(turn);
        Vec3 toward = level.times(Math.cos(height)).plus(Vec3.UP.times(Math.sin(height)));
        return new View(right, toward.cross(right), toward);
    }

    /** Where a point is drawn. */
    public Point at(Vec3 p) {
        return new Point(p.dot(right), p.dot(up));
    }

    /** How near to the eye a point is, m. */
    public double depth(Vec3 p) {
        return p.dot(toward);
    }

    /** True if it is one along the axes, in which things hide their insides. */
    public boolean straight() {
        return Math.max(Math.abs(toward.x()), Math.max(Math.abs(toward.y()), Math.abs(toward.z()))) > 0.9999;
    }
}

package firmperch.stability;

import firmperch.body.Vec3;

/**
 * How a floor tilts what stands on it: by its own slope, which way it falls or whichever way is worst; and by what one foot stands higher than
 * the others, always whichever way is worst.
 *
 * @param angle of the floor, rad
 * @param downhill the way it falls, level and of length 1; of length 0 for whichever way is worst
 * @param rocks tilt by what one foot stands higher, rad
 */
public record Slope(double angle, Vec3 downhill, double rocks) {
    /** Whichever way is worst. */
    public static Slope anyWay(double angle) {
        return new Slope(angle, Vec3.ZERO, 0);
    }

    /**
     * Where weight pulls as things stand on it, in shares of it.
     *
     * @param down square to the floor
     * @param out along the floor, that way
     */
    record Pull(double down, double out) {}

    /** How weight pulls toward a way on the floor, told by the shares of its two axes: g = (sin σ · cos φ, cos σ), turned by what it rocks. */
    Pull toward(double nx, double ny) {
        boolean any = downhill.x() == 0 && downhill.y() == 0;
        double out = Math.sin(angle) * (any ? 1 : nx * downhill.x() + ny * downhill.y());
        double down = Math.cos(angle);
        return rocks == 0
                ? new Pull(down, out)
                : new Pull(down * Math.cos(rocks) - out * Math.sin(rocks),
                        out * Math.cos(rocks) + down * Math.sin(rocks));
    }

    /** The most that it tilts anything by, rad. */
    public double most() {
        return angle + rocks;
    }
}

package firmperch.shot;

/**
 * What looks sharp before and behind the plane that is focused on. A point that is out of focus becomes a disc; it looks sharp while that is
 * no larger than the circle of confusion. Thin lens, distances from it: H = f²/(N·c) + f, near = s·(H − f)/(H + s − 2·f),
 * far = s·(H − f)/(H − s) (Greenleaf, <i>Photographic Optics</i>, from memory).
 *
 * <p>Left out: diffraction, which blurs all of the picture where the aperture is very small, and that a lens's pupils are not where its middle
 * is, which changes these figures by a few per cent near life size.
 *
 * @param focalLength f, m
 * @param aperture N, the number after f/
 * @param circle c, diameter of the circle of confusion on the sensor, m
 */
public record DepthOfField(double focalLength, double aperture, double circle) {
    /** Focused on this all is sharp from half of it to the horizon, m. */
    public double hyperfocal() {
        return focalLength * focalLength / (aperture * circle) + focalLength;
    }

    /** The nearest that is sharp, m from the lens, when it is focused on that distance, m. */
    public double near(double focused) {
        double h = hyperfocal();
        return focused * (h - focalLength) / (h + focused - 2 * focalLength);
    }

    /** The farthest, m; infinite from the hyperfocal distance on. */
    public double far(double focused) {
        double h = hyperfocal();
        return focused >= h ? Double.POSITIVE_INFINITY : focused * (h - focalLength) / (h - focused);
    }
}

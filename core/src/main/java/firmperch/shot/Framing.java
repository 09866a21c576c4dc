package firmperch.shot;

/**
 * The thin lens over a plane it looks at squarely: what magnification a rectangle needs, from how far, and what is seen
 * from a given distance. With magnification m (sensor side over subject side) and focal length f the subject stands
 * u = f·(1 + 1/m) before the lens and the sensor v = f·(1 + m) behind it (Gauss's lens equation, 1/f = 1/u + 1/v).
 *
 * @param sensorWidth used long side of the sensor, m
 * @param sensorHeight used short side of the sensor, m
 * @param focalLength f, m
 */
public record Framing(double sensorWidth, double sensorHeight, double focalLength) {

    /**
     * The part of a sensor that the picture uses: its width divided by the crop factor, and within that the largest
     * rectangle of the picture's own shape.
     *
     * @param shape long side over short side of the picture
     * @param told focal length as it is told for that format, m
     */
    static Framing cropped(SensorFormat sensor, double crop, double shape, double told) {
        double focalLength = sensor.focalLength(told);
        double width = sensor.width() / crop;
        double height = sensor.height() / crop;
        return width / height > shape
                ? new Framing(height * shape, height, focalLength)
                : new Framing(width, width / shape, focalLength);
    }

    /** The largest magnification at which a rectangle of these sides, m, is wholly seen: the stricter side decides. */
    public double magnificationFor(double width, double depth) {
        return Math.min(sensorWidth / width, sensorHeight / depth);
    }

    /** u, lens to subject, m. */
    public double subjectDistance(double magnification) {
        return focalLength * (1 + 1 / magnification);
    }

    /** v, lens to sensor, m. */
    public double imageDistance(double magnification) {
        return focalLength * (1 + magnification);
    }

    /** u + v, sensor plane to subject, m. */
    public double sensorDistance(double magnification) {
        return subjectDistance(magnification) + imageDistance(magnification);
    }

    /** Nothing nearer than this to the sensor can be in focus through this lens: 4·f, at life size, m. */
    public double nearestPossible() {
        return 4 * focalLength;
    }

    /**
     * The magnification of a plane at that distance from the sensor: the smaller root of m + 1/m = D/f − 2; life size
     * where the plane is nearer than the lens can focus at all.
     */
    public double magnificationAt(double sensorDistance) {
        double k = sensorDistance / focalLength - 2;
        return k <= 2 ? 1 : (k - Math.sqrt(k * k - 4)) / 2;
    }

    /** Long side of what is seen at that distance from the sensor, m. */
    public double widthAt(double sensorDistance) {
        return sensorWidth / magnificationAt(sensorDistance);
    }

    /** Short side of what is seen at that distance from the sensor, m. */
    public double depthAt(double sensorDistance) {
        return sensorHeight / magnificationAt(sensorDistance);
    }
}

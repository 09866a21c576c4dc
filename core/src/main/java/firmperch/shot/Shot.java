package firmperch.shot;

import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.NUMBER;
import static firmperch.units.Require.between;

import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * The picture wanted. Lengths in m.
 *
 * @param width long side of the rectangle to film
 * @param depth short side of the rectangle to film
 * @param alongArm true if the picture's long side lies along the arm, false if across it
 * @param height of the filmed plane above the bench top
 * @param fromEdge centre of the rectangle from the bench edge nearest the perch
 * @param aside centre of the rectangle to the left of the bench's middle
 * @param format id of a {@link SensorFormat}
 * @param crop what part of the sensor's width the picture uses, as crop factor from 1 up
 * @param focalLength of the lens (equivalent, for a phone)
 * @param nearestFocus from the sensor plane, as engraved on lenses
 * @param pixelsWide along the long side of the picture
 * @param pixelsHigh along its short side
 * @param handsRoom wanted between the filmed plane and the lens front
 * @param lensLength sensor plane to the lens front
 * @param sensorBelow sensor plane below the head's mounting face
 */
public record Shot(double width, double depth, boolean alongArm, double height, double fromEdge, double aside,
        String format, double crop, double focalLength, double nearestFocus, int pixelsWide, int pixelsHigh,
        double handsRoom, double lensLength, double sensorBelow) {
    public Shot {
        between("Long side of the picture", width, 0.01, 3, LENGTH);
        between("Short side of the picture", depth, 0.01, 3, LENGTH);
        between("Height of the work", height, 0, 1.5, LENGTH);
        between("Centre from the bench edge", fromEdge, -1, 3, LENGTH);
        between("Centre to the left", aside, -3, 3, LENGTH);
        SensorFormat.ALL.get(format);
        between("Crop factor", crop, 1, 8, NUMBER);
        between("Focal length", focalLength, 0.002, 0.4, LENGTH);
        between("Nearest focus", nearestFocus, 0.01, 5, LENGTH);
        between("Pixels, long side", pixelsWide, 16, 20000);
        between("Pixels, short side", pixelsHigh, 16, 20000);
        between("Room for hands", handsRoom, 0, 1.5, LENGTH);
        between("Sensor to lens front", lensLength, 0, 0.6, LENGTH);
        between("Mount to sensor", sensorBelow, -0.3, 0.5, LENGTH);
        Require.that(depth <= width, "Short side of the picture", depth, LENGTH,
                "at most the long side, " + LENGTH.show(width, UnitSystem.METRIC));
    }

    /** How this lens and format see. */
    public Framing framing() {
        SensorFormat sensor = SensorFormat.ALL.get(format);
        return Framing.cropped(sensor, crop, (double) pixelsWide / pixelsHigh, focalLength);
    }

    /** Sensor plane to filmed plane for the wanted rectangle to just fill the picture, m. */
    public double sensorDistance() {
        Framing framing = framing();
        return framing.sensorDistance(framing.magnificationFor(width, depth));
    }
}

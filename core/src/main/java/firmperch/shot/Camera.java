package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * What it is filmed with. Lengths in m.
 *
 * @param format of the sensor
 * @param crop what part of the sensor's width the picture uses, as crop factor from 1 up
 * @param focalLength of the lens (equivalent, for a phone)
 * @param nearestFocus from the sensor plane, as engraved on lenses
 * @param pixels of the picture
 * @param lensLength sensor plane to the lens front
 * @param sensorBelow sensor plane below the head's mounting face
 * @param aperture the number after f/
 */
public record Camera(SensorFormat format, double crop, double focalLength, double nearestFocus, Pixels pixels,
        double lensLength, double sensorBelow, double aperture) implements Described {
    static final Params<Camera> PARAMS = Params.of(Camera.class).choice("format", "Sensor", SensorFormat.ALL)
            .measure("crop", "Crop factor", Quantity.NUMBER, 1, 8)
            .length("focalLength", "Focal length", 0.002, 0.4).varied(0.004)
            .length("nearestFocus", "Nearest focus", 0.01, 5).group("pixels", "Picture elements", Pixels.PARAMS)
            .length("lensLength", "Sensor to lens front", 0, 0.6)
            .length("sensorBelow", "Mount to sensor", -0.3, 0.5)
            .measure("aperture", "Aperture f/", Quantity.NUMBER, 0.7, 64).orElse(5.6).done();

    public Camera {
        PARAMS.check(format, crop, focalLength, nearestFocus, pixels, lensLength, sensorBelow, aperture);
    }

    @Override
    public Params<Camera> params() {
        return PARAMS;
    }
}

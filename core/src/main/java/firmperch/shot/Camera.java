package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * The camera itself, whatever lens is on it.
 *
 * @param format of the sensor
 * @param pixels of the picture
 * @param sensorBelow sensor plane below the head's mounting face, m
 */
public record Camera(SensorFormat format, Pixels pixels, double sensorBelow) implements Described {
    public static final Params<Camera> PARAMS = Params.of(Camera.class).choice("format", "Sensor", SensorFormat.ALL)
            .group("pixels", "Picture elements", Pixels.PARAMS).length("sensorBelow", "Mount to sensor", -0.3, 0.5)
            .done();

    public Camera {
        PARAMS.check(format, pixels, sensorBelow);
    }

    @Override
    public Params<Camera> params() {
        return PARAMS;
    }
}

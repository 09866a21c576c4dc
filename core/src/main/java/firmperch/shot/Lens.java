package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * A lens that is there. Lengths in m.
 *
 * @param name by which it is chosen
 * @param focalLength its only or its shortest one (equivalent, for a phone)
 * @param longest focal length that it zooms to; 0, or no more than the shortest, where it does not zoom
 * @param nearestFocus from the sensor plane, as engraved on lenses
 * @param length sensor plane to the lens front
 */
public record Lens(String name, double focalLength, double longest, double nearestFocus,
        double length) implements Described {
    public static final Params<Lens> PARAMS = Params.of(Lens.class).name("name", "Lens")
            .length("focalLength", "Focal length", 0.002, 0.4).varied(0.004)
            .length("longest", "Zooms to, 0 if not", 0, 0.8)
            .length("nearestFocus", "Nearest focus", 0.01, 5).length("length", "Sensor to lens front", 0, 0.6).done();

    public Lens {
        PARAMS.check(name, focalLength, longest, nearestFocus, length);
    }

    @Override
    public Params<Lens> params() {
        return PARAMS;
    }

    /** True if its focal length can be changed. */
    public boolean zooms() {
        return longest > focalLength;
    }

    /** Focal length, m, zoomed by a share of its range, 0 to 1. */
    public double zoomed(double share) {
        return zooms() ? focalLength + share * (longest - focalLength) : focalLength;
    }
}

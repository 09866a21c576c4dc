package firmperch.pose;

import firmperch.body.Vec3;
import firmperch.units.Gravity;

/**
 * A mass and its centre.
 *
 * @param mass kg
 * @param centre m
 */
public record Carried(double mass, Vec3 centre) {
    /** Its weight, N. */
    public double weight() {
        return mass * Gravity.STANDARD;
    }
}

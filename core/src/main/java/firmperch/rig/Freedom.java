package firmperch.rig;

/**
 * One way a perch can be set: a joint's travel.
 *
 * @param name in files, such as "lift"
 * @param label on the screen
 * @param motion turning (rad) or stepping (whole numbers)
 * @param from least setting
 * @param to greatest setting
 */
public record Freedom(String name, String label, Motion motion, double from, double to) {
    /** How a joint moves. */
    public enum Motion {
        /** Turns all the way round; from and to are the same place. */
        SWING,
        /** Turns between stops. */
        HINGE,
        /** Sits at one of a row of steps, numbered from 0. */
        STEP
    }

    /** The nearest setting there is; a swing is brought round into its range. */
    public double nearest(double value) {
        return switch (motion) {
            case SWING -> from + ((value - from) % (to - from) + (to - from)) % (to - from);
            case HINGE -> Math.clamp(value, from, to);
            case STEP -> Math.clamp(Math.rint(value), from, to);
        };
    }
}

package firmperch.body;

import firmperch.units.Quantity;

/**
 * One way a rig can be set: a joint's travel.
 *
 * @param id in files, such as "arm.lift"
 * @param label on the screen
 * @param kind turning, sliding or stepping
 * @param from least setting: rad, m, or the number of a step
 * @param to greatest setting
 */
public record Freedom(String id, String label, Kind kind, double from, double to) {
    /** How a joint moves. */
    public enum Kind {
        /** Turns all the way round; from and to are the same place. */
        SWING(Quantity.ANGLE),
        /** Turns between stops. */
        HINGE(Quantity.ANGLE),
        /** Slides between stops. */
        SLIDE(Quantity.LENGTH),
        /** Sits at one of a row of steps, numbered from 0. */
        STEP(Quantity.COUNT);

        private final Quantity quantity;

        Kind(Quantity quantity) {
            this.quantity = quantity;
        }

        /** What its settings are measured in. */
        public Quantity quantity() {
            return quantity;
        }
    }

    /** The nearest setting there is; a swing is brought round into its range. */
    public double nearest(double value) {
        return switch (kind) {
            case SWING -> from + ((value - from) % (to - from) + (to - from)) % (to - from);
            case HINGE, SLIDE -> Math.clamp(value, from, to);
            case STEP -> Math.clamp(Math.rint(value), from, to);
        };
    }

    /** True if it can be set between any two settings. */
    public boolean continuous() {
        return kind != Kind.STEP;
    }
}

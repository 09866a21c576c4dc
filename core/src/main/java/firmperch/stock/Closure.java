package firmperch.stock;

import java.util.List;

/**
 * What a joint is tightened with.
 *
 * @param torque what a hand gets onto the bolt with it, N·m
 * @param mass of it, kg
 * @param price units of money
 * @param byHand true if it is opened whenever the joint is moved; false if it is set once and the joint moved against its friction
 */
public record Closure(String id, String label, double torque, double mass, double price, boolean byHand,
        String source) implements Catalogue.Row {
    private static final String SOURCE = "common practice, no source; replace by your own measurement";

    /** Every closure known, the weakest first; a new one is a new row. */
    public static final Catalogue<Closure> ALL = new Catalogue<>("closure",
            List.of(new Closure("wing-nut", "wing nut", 1.5, 0.02, 0.6, true, SOURCE),
                    new Closure("knob-40", "knob Ø 40", 3.0, 0.035, 2.5, true, SOURCE),
                    new Closure("knob-60", "knob Ø 60", 5.0, 0.075, 4.0, true, SOURCE),
                    new Closure("lever-65", "lever 65 mm", 6.5, 0.06, 5.5, true, SOURCE),
                    new Closure("lever-90", "lever 90 mm", 9.0, 0.09, 6.5, true, SOURCE),
                    new Closure("wrench", "wrench and lock nut", 18.0, 0.007, 1.0, false, SOURCE)));
}

package firmperch.stock;

import java.util.List;

/**
 * A bolt size.
 *
 * @param diameter nominal, m
 * @param hole clearance hole it is given in a moving part, m: the fine series
 * @param washer outer diameter of its wide washer, m
 * @param proofLoad pull that it takes without stretching for good, N
 * @param price of bolt, washers and nut together, units of money
 */
public record Bolt(String id, String label, double diameter, double hole, double washer, double proofLoad, double price,
        String source) implements Catalogue.Row {
    /** Stress that it takes without stretching for good, N/m²: class 4.6. */
    private static final double PROOF = 225e6;
    private static final String SOURCE = "ISO 273 fine series (hole), ISO 7093 (washer), ISO 898-1 class 4.6 (stress area times 225 N/mm²), from memory; price common practice, no source";

    /** Every bolt known; a new one is a new row. */
    public static final Catalogue<Bolt> ALL = new Catalogue<>("bolt",
            List.of(new Bolt("m6", "M6", 0.006, 0.0064, 0.018, 20.1 * 225, 0.5, SOURCE),
                    new Bolt("m8", "M8", 0.008, 0.0084, 0.024, 36.6 * 225, 0.8, SOURCE),
                    new Bolt("m10", "M10", 0.010, 0.0105, 0.030, 58.0 * 225, 1.2, SOURCE),
                    new Bolt("m12", "M12", 0.012, 0.013, 0.037, 84.3 * 225, 1.8, SOURCE)));

    /** Moment that its thread takes without bending for good, N·m: proof stress times π·d³/32, d of the stress area. */
    public double bears() {
        double d = Math.sqrt(4 * proofLoad / PROOF / Math.PI);
        return PROOF * Math.PI * d * d * d / 32;
    }
}

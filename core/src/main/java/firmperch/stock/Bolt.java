package firmperch.stock;

import java.util.List;

/**
 * A bolt size.
 *
 * @param diameter nominal, m
 * @param hole clearance hole it is given in a moving part, m
 * @param washer outer diameter of its wide washer, m
 * @param price of bolt, washers and nut together, units of money
 */
public record Bolt(String id, String label, double diameter, double hole, double washer, double price, String source)
        implements
            Catalogue.Row {
    private static final String SOURCE = "ISO 273 fine series (hole), ISO 7093 (washer), from memory; price common practice, no source";

    /** Every bolt known; a new one is a new row. */
    public static final Catalogue<Bolt> ALL = new Catalogue<>("bolt",
            List.of(new Bolt("m6", "M6", 0.006, 0.0064, 0.018, 0.5, SOURCE),
                    new Bolt("m8", "M8", 0.008, 0.0085, 0.024, 0.8, SOURCE),
                    new Bolt("m10", "M10", 0.010, 0.0105, 0.030, 1.2, SOURCE),
                    new Bolt("m12", "M12", 0.012, 0.013, 0.037, 1.8, SOURCE)));
}

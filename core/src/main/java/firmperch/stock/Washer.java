package firmperch.stock;

import java.util.List;

/**
 * A steel washer to weigh a tail down with.
 *
 * @param diameter outer, m
 * @param thickness m
 * @param mass of one, kg
 * @param price units of money
 */
public record Washer(String id, String label, double diameter, double thickness, double mass, double price,
        String source) implements Catalogue.Row {
    private static final String SOURCE = "sizes of ISO 7093 and ISO 7094, from memory; mass by volume, of steel; price common practice, no source";

    /** Every washer known, the lightest first; a new one is a new row. */
    public static final Catalogue<Washer> ALL = new Catalogue<>("washer",
            List.of(washer("wide-12", "Washer M12, wide", 37, 13, 3, 0.25),
                    washer("wide-16", "Washer M16, wide", 50, 17, 3, 0.4),
                    washer("wide-20", "Washer M20, wide", 60, 22, 4, 0.8),
                    washer("round-24", "Washer M24, extra large", 85, 26, 6, 2),
                    washer("disc-1", "Weight disc 1 kg", 115, 26, 13, 4)));

    private static Washer washer(String id, String label, double outer, double inner, double thick, double price) {
        double area = Math.PI / 4 * (outer * outer - inner * inner) * 1e-6;
        return new Washer(id, label, outer * 1e-3, thick * 1e-3, area * thick * 1e-3 * Material.steel().density(),
                price, SOURCE);
    }
}

package firmperch.stock;

import java.util.List;

/**
 * A tube or pipe to make a post of.
 *
 * @param section its cross-section, m
 * @param length the length it is sold in, m
 * @param pricePerMetre rough price, units of money
 */
public record PostStock(String id, String label, Section section, Material material, double length,
        double pricePerMetre, String source) implements Catalogue.Row {
    private static final String EN = "EN 10255 / EN 10220 sizes, from memory; price common practice, no source";
    private static final String ASME = "ASME B36.10M schedule 40, from memory; price common practice, no source";

    /** Every post stock known; a new one is a new row. */
    public static final Catalogue<PostStock> ALL = new Catalogue<>("post stock",
            List.of(pipe("pipe-26.9x2.6", "steel pipe 26.9 × 2.6", 26.9, 2.6, 5, EN),
                    pipe("pipe-33.7x3.2", "steel pipe 33.7 × 3.2", 33.7, 3.2, 7, EN),
                    pipe("pipe-42.4x3.2", "steel pipe 42.4 × 3.2", 42.4, 3.2, 9, EN),
                    pipe("pipe-48.3x3.2", "steel pipe 48.3 × 3.2", 48.3, 3.2, 10.5, EN),
                    pipe("pipe-60.3x3.6", "steel pipe 60.3 × 3.6", 60.3, 3.6, 15, EN),
                    pipe("pipe-half-sch40", "½ in schedule 40 pipe", 21.336, 2.7686, 5, ASME),
                    pipe("pipe-1-sch40", "1 in schedule 40 pipe", 33.401, 3.3782, 8, ASME),
                    pipe("pipe-1.5-sch40", "1½ in schedule 40 pipe", 48.26, 3.683, 12, ASME),
                    pipe("pipe-2-sch40", "2 in schedule 40 pipe", 60.325, 3.9116, 17, ASME),
                    square("square-40x3", "steel square tube 40 × 3", 40, 3, "steel-s235", 9),
                    square("square-50x3", "steel square tube 50 × 3", 50, 3, "steel-s235", 11),
                    square("square-25x2-alu", "aluminium square tube 25 × 2", 25, 2, "aluminium-6060-t66", 6)));

    private static PostStock pipe(String id, String label, double diameter, double wall, double price, String source) {
        return new PostStock(id, label, new Section.RoundTube(diameter * 1e-3, wall * 1e-3),
                Material.ALL.get("steel-s195t"), 6.0, price, source);
    }

    private static PostStock square(String id, String label, double side, double wall, String material, double price) {
        return new PostStock(id, label, new Section.SquareTube(side * 1e-3, wall * 1e-3), Material.ALL.get(material),
                6.0, price, "EN 10219-2 / EN 755 sizes, from memory; price common practice, no source");
    }
}

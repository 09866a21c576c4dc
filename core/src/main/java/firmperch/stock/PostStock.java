package firmperch.stock;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

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

    /** Light square tubes. */
    public static final Catalogue<PostStock> SQUARES = new Catalogue<>("square tube",
            List.of(square("square-20x2-alu", "aluminium square tube 20 × 2", 20, 2, "aluminium-6060-t66", 4.5),
                    square("square-25x2-alu", "aluminium square tube 25 × 2", 25, 2, "aluminium-6060-t66", 6),
                    square("square-30x2-alu", "aluminium square tube 30 × 2", 30, 2, "aluminium-6060-t66", 7),
                    square("square-40x2-alu", "aluminium square tube 40 × 2", 40, 2, "aluminium-6060-t66", 9.5),
                    square("square-25x2", "steel square tube 25 × 2", 25, 2, "steel-s235", 4),
                    square("square-30x2", "steel square tube 30 × 2", 30, 2, "steel-s235", 5),
                    square("square-40x2", "steel square tube 40 × 2", 40, 2, "steel-s235", 7)));

    /** Box rails that hangers run in, as of sliding doors. */
    public static final Catalogue<PostStock> RAILS = new Catalogue<>("rail",
            List.of(rail("rail-30x2", 30, 2, 11, 9), rail("rail-35x2.5", 35, 2.5, 12, 12),
                    rail("rail-42x3", 42, 3, 14, 17)));

    private static PostStock rail(String id, double side, double wall, double slot, double price) {
        return new PostStock(id, String.format(Locale.ROOT, "steel box rail %.0f × %.1f", side, wall),
                new Section.SlottedTube(side * 1e-3, wall * 1e-3, slot * 1e-3), Material.ALL.get("steel-s235"), 3.0,
                price,
                "common practice, no source");
    }

    /** Thin tubes of stands and booms. */
    public static final Catalogue<PostStock> TUBES = new Catalogue<>("tube",
            List.of(tube("tube-20x1.5", 20, 1.5, 3.5), tube("tube-25x1.5", 25, 1.5, 4.5),
                    tube("tube-28x1.5", 28, 1.5, 5),
                    tube("tube-30x2", 30, 2, 6.5), tube("tube-35x2", 35, 2, 8), tube("tube-40x2", 40, 2, 9)));

    /** Bars across a head: round and square. */
    public static final Catalogue<PostStock> BARS = new Catalogue<>("bar",
            Stream.concat(TUBES.rows().stream(), SQUARES.rows().stream()).toList());

    private static PostStock tube(String id, double diameter, double wall, double price) {
        return new PostStock(id, String.format(Locale.ROOT, "aluminium tube %.0f × %.1f", diameter, wall),
                new Section.RoundTube(diameter * 1e-3, wall * 1e-3), Material.ALL.get("aluminium-6060-t66"), 3.0, price,
                "EN 755-7 sizes, from memory; price common practice, no source");
    }

    private static PostStock pipe(String id, String label, double diameter, double wall, double price, String source) {
        return new PostStock(id, label, new Section.RoundTube(diameter * 1e-3, wall * 1e-3),
                Material.ALL.get("steel-s195t"), 6.0, price, source);
    }

    private static PostStock square(String id, String label, double side, double wall, String material, double price) {
        return new PostStock(id, label, new Section.SquareTube(side * 1e-3, wall * 1e-3), Material.ALL.get(material),
                6.0, price, "EN 10219-2 / EN 755 sizes, from memory; price common practice, no source");
    }
}

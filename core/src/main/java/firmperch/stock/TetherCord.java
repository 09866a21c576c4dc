package firmperch.stock;

import java.util.List;

/**
 * What a tether is made of.
 *
 * @param sort a word for it: "Cord"
 * @param width how thick or wide it is, m
 * @param round true if that is its diameter
 * @param breaks load at which it or its locking hooks break, N
 * @param strain by what share of its length it gives before it breaks
 * @param mass of a metre, kg
 * @param price of a metre, €
 */
public record TetherCord(String id, String label, String sort, double width, boolean round, double breaks,
        double strain, double mass, double price,
        String source) implements Catalogue.Row {
    private static final String SOURCE = "common practice, no source";

    /** Short catches of what is screwed on; its hooks break first. */
    public static final TetherCord CORD = new TetherCord("cord", "polyamide cord Ø 7 mm", "Cord", 0.007, true, 8000,
            0.10,
            0.032, 1, SOURCE);
    /** Every sort known; a new one is a new row. */
    public static final Catalogue<TetherCord> ALL = new Catalogue<>("tether", List.of(CORD,
            new TetherCord("webbing", "tubular polyamide webbing 26 mm", "Webbing", 0.026, false, 18000, 0.25, 0.045, 2,
                    SOURCE)));
}

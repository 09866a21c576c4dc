package firmperch.stock;

import java.util.List;

/**
 * A bag of dry concrete mix.
 *
 * @param dry mass of the bag, kg
 * @param yield what it makes, m³
 * @param water what it wants, m³
 * @param price units of money
 */
public record PremixBag(String id, String label, double dry, double yield, double water, double price, String source)
        implements
            Catalogue.Row {
    private static final double LB = 0.45359237;
    private static final double FT3 = 0.028316846592;
    private static final String SOURCE = "usual bag label, from memory; price common practice, no source";

    /** Every bag known; a new one is a new row. */
    public static final Catalogue<PremixBag> ALL = new Catalogue<>("bag",
            List.of(new PremixBag("bag-25kg", "25 kg bag", 25, 0.0117, 0.0024, 6, SOURCE),
                    new PremixBag("bag-60lb", "60 lb bag", 60 * LB, 0.45 * FT3, 0.0021, 5.5, SOURCE),
                    new PremixBag("bag-80lb", "80 lb bag", 80 * LB, 0.60 * FT3, 0.0028, 6.5, SOURCE)));

    /** So many of them, in words: "2 bags of 25 kg". */
    public String many(int bags) {
        return bags + (bags == 1 ? " bag of " : " bags of ") + label.replace(" bag", "");
    }

    /** Whole bags of it that make a volume, m³. */
    public int whole(double volume) {
        return (int) Math.ceil(volume / yield - 1e-9);
    }
}

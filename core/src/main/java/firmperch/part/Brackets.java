package firmperch.part;

import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;

/** Steel angle brackets with two equal legs, and the bolts M6 that come with them. */
public final class Brackets {
    /** Length of a leg, m. */
    public static final double LEG = 0.04;
    private static final double WIDE = 0.02;
    private static final double THICK = 0.003;
    private static final double BOLT = 0.025;

    private Brackets() {
    }

    /**
     * One with so many bolts and lock nuts, priced by them (common practice, no source).
     *
     * @param leg the length of a leg in words
     */
    public static Fitting of(String leg, int bolts) {
        double steel = Material.steel().density() * (2 * LEG - THICK) * WIDE * THICK;
        return new Fitting("Steel angle bracket " + leg + " with " + bolts + " bolts M6 and lock nuts",
                steel + bolts * HexBolt.ALL.get("m6").set(BOLT, 0), 2 + 0.25 * bolts);
    }
}

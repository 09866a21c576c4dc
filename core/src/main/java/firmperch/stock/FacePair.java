package firmperch.stock;

import java.util.List;

/**
 * Two faces that rub in a clamped pivot.
 *
 * @param friction coefficient of friction at rest, as usual
 * @param low its low end, with which a joint must still hold
 * @param high its high end, against which a hand must still move it
 */
public record FacePair(String id, String label, double friction, double low, double high,
        String source) implements Catalogue.Row {
    /** Every pair of faces known; a new one is a new row. */
    public static final Catalogue<FacePair> ALL = new Catalogue<>("faces",
            List.of(new FacePair("wood-wood", "wood on wood", 0.35, 0.30, 0.50,
                    "Wood Handbook FPL-GTR-190 ch. 5 gives 0.3–0.5 dry, from memory"),
                    new FacePair("wood-washer", "wood on steel washer", 0.25, 0.20, 0.35,
                            "Wood Handbook FPL-GTR-190 ch. 5, dry wood on steel, low end, from memory"),
                    new FacePair("wood-cork", "wood on cork ring", 0.45, 0.35, 0.60, "common practice, no source"),
                    new FacePair("steel-steel", "steel on steel, dry", 0.20, 0.15, 0.30,
                            "Shigley, clutches, lower end, from memory")));
}

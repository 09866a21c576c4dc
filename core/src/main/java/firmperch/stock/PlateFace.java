package firmperch.stock;

import java.util.List;

/**
 * The face that a camera is pressed on.
 *
 * @param low coefficient of friction against a camera's base, its low end
 * @param friction as usual
 */
public record PlateFace(String id, String label, double low, double friction, String source) implements Catalogue.Row {
    /** Every face known; a new one is a new row. */
    public static final Catalogue<PlateFace> ALL = new Catalogue<>("plate faces", List.of(
            new PlateFace("metal", "bare metal", 0.15, 0.20,
                    "steel on aluminium and paint: judgement, low end of dry metals"),
            new PlateFace("cork", "cork", 0.35, 0.45, "common practice, no source"),
            new PlateFace("rubber", "rubber", 0.50, 0.70, "rubber on smooth paint, dry: judgement"),
            new PlateFace("wood", "planed wood", 0.20, 0.30,
                    "Wood Handbook FPL-GTR-190 ch. 5, dry wood on smooth metal, low end, from memory")));
}

package firmperch.part.arm;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Material;

/**
 * The plate between two arms: a pair of holes for each.
 *
 * @param thickness m
 * @param below middle of the first pair to the middle of the next, m
 * @param spacing of the next pair, m
 * @param bend how far the next pair leans forward from the first, rad
 * @param back true if the next arm goes back over the way this one came
 */
public record BentPlate(double thickness, double below, double spacing, double bend, boolean back)
        implements
            Described {
    public static final Params<BentPlate> PARAMS = Params.of(BentPlate.class)
            .length("thickness", "Thickness of the plate", 0.005, 0.1).varied(0.003)
            .length("below", "First pair of holes to the next", 0.03, 0.6).varied(0.01)
            .length("spacing", "Spacing of the next pair", 0.03, 0.5)
            .help("As wide as the links of the next arm; only pairs that belong together must match.")
            .angle("bend", "Next pair leans forward", -45, 45)
            .either("back", "The next arm goes", "back", "onward").done();

    public BentPlate {
        PARAMS.check(thickness, below, spacing, bend, back);
    }

    @Override
    public Params<BentPlate> params() {
        return PARAMS;
    }

    /** What it is cut from. */
    Material material() {
        return Material.ALL.get("birch-plywood");
    }
}

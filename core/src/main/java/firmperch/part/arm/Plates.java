package firmperch.part.arm;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Material;

/** The plywood plates of an arm, m: their thickness, and how far the head's axis lies out from the end pivots. */
public record Plates(double thickness, double overhang) implements Described {
    public static final Params<Plates> PARAMS = Params.of(Plates.class)
            .length("thickness", "Thickness of the plates", 0.005, 0.1).varied(0.003)
            .length("overhang", "End pivots to head", 0, 0.6).varied(0.01).done();

    public Plates {
        PARAMS.check(thickness, overhang);
    }

    @Override
    public Params<Plates> params() {
        return PARAMS;
    }

    /** What they are cut from. */
    Material material() {
        return Material.ALL.get("birch-plywood");
    }
}

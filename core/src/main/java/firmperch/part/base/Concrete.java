package firmperch.part.base;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Material;
import firmperch.units.Quantity;

/** Concrete in a box: how high above its floor, m; its density, kg/m³. */
public record Concrete(double height, double density) implements Described {
    public static final Params<Concrete> PARAMS = Params.of(Concrete.class)
            .length("height", "Height of the concrete", 0, 1)
            .varied(0.02).measure("density", "Density of the concrete", Quantity.DENSITY, 1500, 3500).done();

    public Concrete {
        PARAMS.check(height, density);
    }

    @Override
    public Params<Concrete> params() {
        return PARAMS;
    }

    /** As a material. */
    public Material material() {
        return Material.ALL.get("concrete").ofDensity(density);
    }
}

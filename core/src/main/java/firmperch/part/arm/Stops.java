package firmperch.part.arm;

import static firmperch.units.Quantity.ANGLE;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/** How far an arm may go: lowest and highest angle above level, rad. */
public record Stops(double low, double high) implements Described {
    public static final Params<Stops> PARAMS = Params.of(Stops.class).angle("low", "Lowest arm angle", -85, 85)
            .varied(Math.toRadians(5)).angle("high", "Highest arm angle", -85, 85).varied(Math.toRadians(5)).done();

    public Stops {
        PARAMS.check(low, high);
        Require.that(high > low, "Highest arm angle", high, ANGLE,
                "more than the lowest, " + ANGLE.show(low, UnitSystem.METRIC));
    }

    @Override
    public Params<Stops> params() {
        return PARAMS;
    }
}

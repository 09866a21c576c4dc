package firmperch.part;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * What feeds the gear.
 *
 * @param watts that it gives for good; 0 while nobody has said
 * @param volts that it gives
 */
public record Supply(double watts, double volts) implements Described {
    static final Params<Supply> PARAMS = Params.of(Supply.class)
            .measure("watts", "The supply gives", Quantity.POWER, 0, 5000).help("0 W while it is not said.")
            .measure("volts", "At", Quantity.VOLTAGE, 1, 250).done();
    /** Nobody has said. */
    static final Supply UNKNOWN = new Supply(0, 12);

    public Supply {
        PARAMS.check(watts, volts);
    }

    @Override
    public Params<Supply> params() {
        return PARAMS;
    }
}

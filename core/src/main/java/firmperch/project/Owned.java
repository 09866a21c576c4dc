package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * Something to build with that is there already.
 *
 * @param item as it stands on the shopping list
 * @param amount how many, how long (m) or how large (m²): as the shopping list counts it
 */
public record Owned(String item, double amount) implements Described {
    static final Params<Owned> PARAMS = Params.of(Owned.class).name("item", "What it is")
            .measure("amount", "How much of it", Quantity.NUMBER, 0, 10_000).done();

    public Owned {
        PARAMS.check(item, amount);
    }

    @Override
    public Params<Owned> params() {
        return PARAMS;
    }
}

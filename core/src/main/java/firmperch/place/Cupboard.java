package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Params;
import firmperch.units.Require;
import java.util.List;

/**
 * A cupboard, or a shelf on the wall: solid from its underside to its top.
 *
 * @param low its underside above the floor, m; 0 if it stands there
 */
public record Cupboard(String name, Spot spot, Size size, double low) implements Thing {
    static final Params<Cupboard> PARAMS = Thing.described(Cupboard.class).group("size", "How large it is", Size.PARAMS)
            .length("low", "Its underside above the floor", 0, 20).done();

    public Cupboard {
        PARAMS.check(name, spot, size, low);
        Require.that(low < size.height(), "Its underside above the floor", low, LENGTH, "less than its top");
    }

    @Override
    public Params<Cupboard> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return size.sides();
    }

    @Override
    public Thing sized(Sides other) {
        return new Cupboard(name, spot, size.with(other), low);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of(Block.around(spot, size.depth(), size.width(), low, size.height()));
    }
}

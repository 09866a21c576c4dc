package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surface;
import firmperch.param.Params;
import firmperch.units.Require;
import java.util.List;

/**
 * A cupboard, or a shelf on the wall: solid from its underside to its top.
 *
 * @param low its underside above the floor, m; 0 if it stands there
 * @param perch true if the rig is to stand on it
 */
public record Cupboard(String name, Spot spot, Size size, double low, boolean perch) implements Bearer {
    static final Params<Cupboard> PARAMS = Thing.described(Cupboard.class).group("size", "How large it is", Size.PARAMS)
            .length("low", "Its underside above the floor", 0, 20)
            .either("perch", "The perch", "stands on it", "does not stand on it").orElse(false).done();

    public Cupboard {
        PARAMS.check(name, spot, size, low, perch);
        Require.that(low < size.height(), "Its underside above the floor", low, LENGTH, "less than its top");
    }

    /** One that carries no rig. */
    public Cupboard(String name, Spot spot, Size size, double low) {
        this(name, spot, size, low, false);
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
        return new Cupboard(name, spot, size.with(other), low, perch);
    }

    @Override
    public Surface surface() {
        return Surface.TABLE;
    }

    @Override
    public double measure() {
        return size.height();
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of(Block.around(spot, size.depth(), size.width(), low, size.height()));
    }
}

package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.units.Require;
import java.util.List;

/**
 * A lamp: a round shade on a cord or a rod from above. What lies in its light throws a shadow.
 *
 * @param across diameter of its shade, m
 * @param low its lowest point above the floor, where its light comes from, m
 * @param tall height of its shade, m
 */
public record Lamp(String name, Spot spot, double across, double low, double tall) implements Thing {
    static final Params<Lamp> PARAMS = Thing.described(Lamp.class).length("across", "Diameter", 0.02, 3)
            .length("low", "Hangs down to", 0.1, 20).length("tall", "Height of its shade", 0.01, 3).done();
    /** A cord or rod as it is kept clear of, m. */
    private static final double CORD = 0.01;

    public Lamp {
        PARAMS.check(name, spot, across, low, tall);
        Require.that(low > 0, "Hangs down to", low, LENGTH, "above the floor");
    }

    @Override
    public Params<Lamp> params() {
        return PARAMS;
    }

    /** Where its light comes from, m. */
    public Vec3 light() {
        return spot.point(0, 0, low);
    }

    @Override
    public Sides sides() {
        return new Sides(across, across);
    }

    @Override
    public Thing sized(Sides other) {
        return new Lamp(name, spot, Math.max(other.depth(), other.width()), low, tall);
    }

    @Override
    public List<Block> solid(Room room) {
        Vec3 middle = spot.point(0, 0, 0);
        double ceiling = room.ceilingAt(spot.x(), spot.y());
        Block shade = Block.round(middle, across / 2, 0, 2 * Math.PI, low, low + tall);
        return low + tall >= ceiling
                ? List.of(shade)
                : List.of(shade, Block.around(spot, CORD, CORD, low + tall, ceiling));
    }
}

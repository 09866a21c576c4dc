package firmperch.place;

import firmperch.param.Params;
import java.util.List;

/**
 * A way to keep open; it runs along its longer side.
 *
 * @param depth away from the wall while it is not turned, m
 * @param width along the wall, m
 */
public record Way(String name, Spot spot, double depth, double width) implements Thing {
    static final Params<Way> PARAMS = Thing.described(Way.class).length("depth", "Depth", 0.05, 50)
            .length("width", "Width", 0.05, 50).done();
    /** As high as a way is kept open, m: taller than nearly all people. */
    private static final double HEAD = 2.0;

    public Way {
        PARAMS.check(name, spot, depth, width);
    }

    @Override
    public Params<Way> params() {
        return PARAMS;
    }

    /** Its clear width, m. */
    public double clear() {
        return Math.min(depth, width);
    }

    @Override
    public Sides sides() {
        return new Sides(depth, width);
    }

    @Override
    public Thing sized(Sides other) {
        return new Way(name, spot, other.depth(), other.width());
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of();
    }

    @Override
    public List<Block> free(Room room) {
        return List.of(Block.around(spot, depth, width, 0, HEAD));
    }
}

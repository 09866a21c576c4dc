package firmperch.place;

import firmperch.param.Params;
import java.util.List;

/**
 * A pipe, duct or beam under the ceiling: all the room from its underside to the ceiling.
 *
 * @param depth away from the wall while it is not turned, m
 * @param width along the wall, m
 * @param low its underside above the floor, m
 */
public record Hanging(String name, Spot spot, double depth, double width, double low) implements Thing {
    static final Params<Hanging> PARAMS = Thing.described(Hanging.class).length("depth", "Depth", 0.005, 50)
            .length("width", "Width", 0.005, 50).length("low", "Hangs down to", 0.1, 20).done();

    public Hanging {
        PARAMS.check(name, spot, depth, width, low);
    }

    @Override
    public Params<Hanging> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(depth, width);
    }

    @Override
    public Thing sized(Sides other) {
        return new Hanging(name, spot, other.depth(), other.width(), low);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of(Block.around(spot, depth, width, low, Math.max(low + 0.01, room.ceilingAt(spot.x(), spot.y()))));
    }
}

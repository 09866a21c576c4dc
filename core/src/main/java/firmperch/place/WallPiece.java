package firmperch.place;

import firmperch.param.Params;
import java.util.List;

/**
 * A piece of wall, a pillar or a chimney, from floor to ceiling: what makes a room other than a rectangle.
 *
 * @param depth away from the wall while it is not turned, m
 * @param width along the wall, m
 */
public record WallPiece(String name, Spot spot, double depth, double width) implements Thing {
    static final Params<WallPiece> PARAMS = Thing.described(WallPiece.class).length("depth", "Depth", 0.02, 50)
            .length("width", "Width", 0.02, 50).done();

    public WallPiece {
        PARAMS.check(name, spot, depth, width);
    }

    @Override
    public Params<WallPiece> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(depth, width);
    }

    @Override
    public Thing sized(Sides other) {
        return new WallPiece(name, spot, other.depth(), other.width());
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of(Block.around(spot, depth, width, 0, room.highest()));
    }
}

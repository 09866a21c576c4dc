package firmperch.place;

import firmperch.param.Params;
import java.util.List;

/**
 * A window in a wall.
 *
 * @param width m
 * @param low its sill above the floor, m
 * @param high its upper edge, m
 */
public record Window(String name, Spot spot, double width, double low, double high) implements Thing {
    static final Params<Window> PARAMS = Thing.described(Window.class).length("width", "Width", 0.1, 20)
            .length("low", "Its sill above the floor", 0, 20).length("high", "Its upper edge", 0.1, 20).done();
    private static final double FRAME = 0.06;

    public Window {
        PARAMS.check(name, spot, width, low, high);
    }

    @Override
    public Params<Window> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(FRAME, width);
    }

    @Override
    public Thing sized(Sides other) {
        return new Window(name, spot, other.width(), low, high);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of();
    }

    @Override
    public boolean onWall() {
        return true;
    }
}

package firmperch.place;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * Outer sizes of what stands in a room, m.
 *
 * @param depth away from the wall while it is not turned
 * @param width along the wall
 * @param height its top above the floor
 */
public record Size(double depth, double width, double height) implements Described {
    static final Params<Size> PARAMS = Params.of(Size.class).length("depth", "Depth", 0.02, 20)
            .length("width", "Width", 0.02, 20).length("height", "Height of its top", 0.02, 20).done();

    public Size {
        PARAMS.check(depth, width, height);
    }

    @Override
    public Params<Size> params() {
        return PARAMS;
    }

    /** The same height over other sides. */
    Size with(Thing.Sides sides) {
        return new Size(sides.depth(), sides.width(), height);
    }

    /** In the plan. */
    Thing.Sides sides() {
        return new Thing.Sides(depth, width);
    }
}

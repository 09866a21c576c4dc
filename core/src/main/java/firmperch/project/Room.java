package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * The room. Lengths in m.
 *
 * @param depth wall to the opposite wall
 * @param ceiling floor to ceiling or lowest beam
 * @param walkway width to be kept open between the wall and whatever stands on the floor
 * @param slope of the floor, rad, in whichever direction is worst
 */
public record Room(double depth, double ceiling, double walkway, double slope) implements Described {
    static final Params<Room> PARAMS = Params.of(Room.class).length("depth", "Depth of the room", 0.5, 50)
            .length("ceiling", "Ceiling", 1, 20).length("walkway", "Walkway", 0, 5)
            .angle("slope", "Slope of the floor", 0, 20).done();

    public Room {
        PARAMS.check(depth, ceiling, walkway, slope);
    }

    @Override
    public Params<Room> params() {
        return PARAMS;
    }
}

package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;

/**
 * The room. Lengths in m.
 *
 * @param depth wall to the opposite wall
 * @param ceiling floor to ceiling or lowest beam
 * @param walkway width to be kept open between the wall and whatever stands on the floor
 * @param slope of the floor, rad, in whichever direction is worst
 * @param walls at its sides
 * @param joists above the ceiling
 */
public record Room(double depth, double ceiling, double walkway, double slope, Walls walls, Joists joists)
        implements
            Described {
    static final Params<Room> PARAMS = Params.of(Room.class).length("depth", "Depth of the room", 0.5, 50)
            .length("ceiling", "Ceiling", 1, 20).length("walkway", "Walkway", 0, 5)
            .angle("slope", "Slope of the floor", 0, 20).group("walls", "The walls", Walls.PARAMS).orElse(Walls.UNKNOWN)
            .group("joists", "Above the ceiling", Joists.PARAMS).orElse(Joists.UNKNOWN).done();

    public Room {
        PARAMS.check(depth, ceiling, walkway, slope, walls, joists);
        boolean away = joists.run() == Joists.Run.AWAY;
        double from = away ? -walls.right() : 0;
        double to = away ? walls.left() : depth;
        if (joists.there() && (joists.first() < from || joists.first() > to)) {
            throw new InvalidValue("Middle of one of the joists", LENGTH.show(joists.first(), UnitSystem.METRIC),
                    "inside the room: " + LENGTH.show(from, UnitSystem.METRIC) + " to "
                            + LENGTH.show(to, UnitSystem.METRIC));
        }
    }

    @Override
    public Params<Room> params() {
        return PARAMS;
    }
}

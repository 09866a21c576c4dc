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
 * @param left the bench's middle to the wall at its left
 * @param right the bench's middle to the wall at its right
 * @param joists above the ceiling
 */
public record Room(double depth, double ceiling, double walkway, double slope, double left, double right,
        Joists joists) implements Described {
    /** As far as a wall may be that nobody has measured, m. */
    private static final double FAR = 25;
    static final Params<Room> PARAMS = Params.of(Room.class).length("depth", "Depth of the room", 0.5, 50)
            .length("ceiling", "Ceiling", 1, 20).length("walkway", "Walkway", 0, 5)
            .angle("slope", "Slope of the floor", 0, 20).length("left", "Bench's middle to the left wall", 0.1, FAR)
            .orElse(FAR).length("right", "Bench's middle to the right wall", 0.1, FAR).orElse(FAR)
            .group("joists", "Above the ceiling", Joists.PARAMS).orElse(Joists.UNKNOWN).done();

    public Room {
        PARAMS.check(depth, ceiling, walkway, slope, left, right, joists);
        boolean away = joists.run() == Joists.Run.AWAY;
        double from = away ? -right : 0;
        double to = away ? left : depth;
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

    /** True if somebody has said where the walls at its sides are. */
    public boolean sided() {
        return left < FAR && right < FAR;
    }
}

package firmperch.project;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surroundings;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;

/**
 * The room around the bench. Room axes: x away from the wall, y to the left along it, z up from the floor; the wall is at
 * x = 0 and the middle of the bench at y = 0.
 */
public record Place(Room room, Bench bench) implements Described {
    static final Params<Place> PARAMS = Params.of(Place.class).group("room", "The room", Room.PARAMS)
            .group("bench", "The bench", Bench.PARAMS).done();

    public Place {
        PARAMS.check(room, bench);
        Require.that(bench.from() + bench.depth() <= room.depth(), "Depth of the bench", bench.depth(), LENGTH,
                "so little that the bench fits in the room");
        Require.that(bench.height() < room.ceiling(), "Height of the bench", bench.height(), LENGTH,
                "less than the ceiling");
    }

    /** Where its surfaces lie for what is built in it. */
    public Surroundings surroundings() {
        return new Surroundings(bench.height(), room.ceiling());
    }

    @Override
    public Params<Place> params() {
        return PARAMS;
    }
}

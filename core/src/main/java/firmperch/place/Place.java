package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surface;
import firmperch.body.Surroundings;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.InvalidValue;
import firmperch.units.Require;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The room around the bench. Room axes: x away from the wall, y to the left along it, z up from the floor; the wall is at
 * x = 0 and the middle of the bench at y = 0.
 *
 * @param things what else is there, each under a name of its own
 */
public record Place(Room room, Bench bench, List<Thing> things) implements Described {
    public static final Params<Place> PARAMS = Params.of(Place.class).group("room", "The room", Room.PARAMS)
            .group("bench", "The bench", Bench.PARAMS)
            .mixed("things", "What is in the room", Things.VARIANTS, Things.MOST).orElse(List.of()).done();

    public Place {
        things = List.copyOf(things);
        PARAMS.check(room, bench, things);
        Require.that(bench.from() + bench.depth() <= room.depth(), "Depth of the bench", bench.depth(), LENGTH,
                "so little that the bench fits in the room");
        Require.that(bench.height() < room.ceilingAt(bench.from() + bench.depth() / 2, 0), "Height of the bench",
                bench.height(), LENGTH,
                "less than the ceiling");
        if (things.stream().map(Thing::name).distinct().count() < things.size()) {
            throw new InvalidValue("What is in the room", "two of one name", "a name of its own for each");
        }
    }

    /** That bench in a plain room of which nothing more is known yet. */
    public static Place plain(Bench bench) {
        return new Place(
                new Room(bench.from() + bench.depth() + 1.2, 2.4, 0.6, 0, new Walls(1.8, 1.8, Walls.Made.UNKNOWN),
                        Joists.UNKNOWN),
                bench, List.of());
    }

    /** Where its surfaces lie for what is built in it. */
    public Surroundings surroundings() {
        return new Surroundings(bench.height(), room.ceiling(),
                measure(Surface.TABLE), measure(Surface.POST));
    }

    /** The same place with other things in it. */
    public Place with(List<Thing> others) {
        return new Place(room, bench, others);
    }

    /** What its things are called, in their order. */
    public List<String> names() {
        return things.stream().map(Thing::name).toList();
    }

    /** What of the room is to carry the rig as that surface, if somebody has said so of something. */
    public Optional<Bearer> carrier(Surface surface) {
        return things.stream().filter(Bearer.class::isInstance).map(Bearer.class::cast)
                .filter(b -> b.perch() && b.surface() == surface).findFirst();
    }

    private OptionalDouble measure(Surface surface) {
        return carrier(surface).stream().mapToDouble(Bearer::measure).findFirst();
    }

    /** Who works there, if somebody has said where that is. */
    public Optional<Worker> worker() {
        return things.stream().filter(Worker.class::isInstance).map(Worker.class::cast).findFirst();
    }

    /** The lamps that hang there. */
    public List<Lamp> lamps() {
        return things.stream().filter(Lamp.class::isInstance).map(Lamp.class::cast).toList();
    }

    /** The top of the bench that is filmed on. */
    public Block benchTop() {
        return Block.between(new Vec3(bench.from(), -bench.width() / 2, bench.under()),
                new Vec3(bench.from() + bench.depth(), bench.width() / 2, bench.height()));
    }

    @Override
    public Params<Place> params() {
        return PARAMS;
    }
}

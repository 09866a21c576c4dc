package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Vec3;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** What cannot be as it was put: two things in one place, a door that opens into something, a thing outside of the room. */
public final class Muddle {
    /** Things that touch are not in one place, m. */
    private static final double TOUCHING = 0.005;

    private Muddle() {
    }

    /** True if one of the things is in nobody's way and nothing in its: the others are not asked about each other. */
    static boolean free(Place place, int number) {
        List<String> found = new ArrayList<>();
        alone(place, UnitSystem.METRIC, number, found);
        for (int j = 0; j < place.things().size(); j++) {
            both(place, number, j, found);
            both(place, j, number, found);
        }
        return found.isEmpty();
    }

    /** A sentence for each, in the order of the list. */
    public static List<String> of(Place place, UnitSystem units) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < place.things().size(); i++) {
            alone(place, units, i, all);
            for (int j = 0; j < place.things().size(); j++) {
                both(place, i, j, all);
            }
        }
        return all;
    }

    /** What is wrong with where a thing is in the room and beside the bench. */
    private static void alone(Place place, UnitSystem units, int number, List<String> all) {
        Room room = place.room();
        Block bench = place.benchTop();
        Thing thing = place.things().get(number);
        String name = "“" + thing.name() + "”";
        if (outside(room, thing)) {
            all.add(name + " is outside of the room.");
        }
        if (meet(thing.solid(room), List.of(bench))) {
            all.add(name + " and the bench are in one place.");
        }
        if (room.walkway() > 0 && thing.solid(room).stream().anyMatch(b -> meet(b, walkway(place)))) {
            all.add(name + " stands in the walkway.");
        }
        if (thing instanceof Worker worker && meet(List.of(worker.body(place.bench().worker())), List.of(bench))) {
            double free = place.bench().from() + place.bench().depth() + worker.sides().depth() / 2;
            all.add(name + " stands in the bench; there is room from " + LENGTH.show(free, units)
                    + " from the wall on.");
        }
        if (thing instanceof Worker worker && place.bench().worker() > headroom(room, worker)) {
            all.add(name + " does not stand upright there: the ceiling is at "
                    + LENGTH.show(headroom(room, worker), units) + ".");
        }
        if (meet(thing.free(room), List.of(bench))) {
            all.add(name + needs(thing) + "the bench.");
        }
    }

    /** What is wrong between a thing and another: that they are in one place is told of the first of the two. */
    private static void both(Place place, int i, int j, List<String> all) {
        Room room = place.room();
        Thing thing = place.things().get(i);
        Thing other = place.things().get(j);
        if (j > i && meet(thing.solid(room), other.solid(room))) {
            all.add("“" + thing.name() + "” and “" + other.name() + "” are in one place.");
        }
        if (j != i && meet(thing.free(room), other.solid(room))) {
            all.add("“" + thing.name() + "”" + needs(thing) + "“" + other.name() + "”.");
        }
    }

    private static double headroom(Room room, Worker worker) {
        return room.ceilingAt(worker.spot().x(), worker.spot().y());
    }

    /** What it does where there is no room for it. */
    private static String needs(Thing thing) {
        return thing instanceof Door ? " opens into " : " runs through ";
    }

    /** Along the first wall, as high as people are. */
    private static Block walkway(Place place) {
        Walls walls = place.room().walls();
        return Block.between(new Vec3(0, -walls.right(), 0), new Vec3(place.room().walkway(), walls.left(), 2));
    }

    private static boolean outside(Room room, Thing thing) {
        Spot s = thing.spot();
        return s.x() < 0 || s.x() > room.depth() || s.y() > room.walls().left() || s.y() < -room.walls().right();
    }

    private static boolean meet(List<Block> some, List<Block> others) {
        return some.stream().anyMatch(a -> others.stream().anyMatch(b -> meet(a, b)));
    }

    /** Two upright prisms meet where their heights do and no side of either separates their plans. */
    static boolean meet(Block a, Block b) {
        return a.low() < b.high() - TOUCHING && b.low() < a.high() - TOUCHING && !apart(a.plan(), b.plan())
                && !apart(b.plan(), a.plan());
    }

    private static boolean apart(List<Vec3> sides, List<Vec3> other) {
        for (int i = 0; i < sides.size(); i++) {
            Vec3 a = sides.get(i);
            Vec3 along = sides.get((i + 1) % sides.size()).minus(a);
            double length = along.length();
            if (length > 0 && other.stream().allMatch(p -> ((p.x() - a.x()) * along.y() - (p.y() - a.y()) * along.x())
                    / length > -TOUCHING)) {
                return true;
            }
        }
        return false;
    }
}

package firmperch.place;

import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** What can be done with the things of a place by hand. */
public final class RoomEdits {
    /** What is moved by hand comes to rest at whole steps of that, m. */
    private static final double STEP = 0.01;

    /** Steps in which room is looked for, and how far from the bench, m. */
    private static final double TRY = 0.1;
    private static final double BESIDE = 3;

    private RoomEdits() {
    }

    /** Another thing of a sort, under a name of its own, where there is room for it; the same place if there are as many as there may be. */
    public static Place put(Place place, Things.Sort sort) {
        if (place.things().size() >= Things.MOST) {
            return place;
        }
        Bench bench = place.bench();
        double x = bench.from() + bench.depth() / 2;
        Room room = place.room();
        Thing thing = sort.start().apply(free(place, sort.label()), new Spot(x, 0, 0));
        Place best = null;
        double least = Double.POSITIVE_INFINITY;
        double right = Math.min(room.walls().right(), BESIDE);
        double left = Math.min(room.walls().left(), BESIDE);
        // In steps from the bench's middle, so that what belongs before it comes there.
        for (double tryX = x - TRY * Math.floor(x / TRY); tryX < room.depth(); tryX += TRY) {
            for (double tryY = -TRY * Math.floor(right / TRY); tryY < left; tryY += TRY) {
                // Rather on the far side of the bench than between it and the wall.
                double far = Math.hypot(tryX - x, tryY) + (tryX < x ? STEP : 0);
                if (far < least) {
                    List<Thing> all = new ArrayList<>(place.things());
                    all.add(thing.at(snapped(place, thing, tryX, tryY, STEP)));
                    Place tried = place.with(all);
                    boolean fits = Muddle.free(tried, all.size() - 1);
                    if (best == null || fits) {
                        least = fits ? far : least;
                        best = tried;
                    }
                }
            }
        }
        return best;
    }

    /** A copy of one beside it. */
    public static Place copied(Place place, int number) {
        if (place.things().size() >= Things.MOST) {
            return place;
        }
        Thing thing = place.things().get(number);
        Vec3 beside = thing.spot().point(0, thing.sides().width() + 0.1, 0);
        List<Thing> all = new ArrayList<>(place.things());
        all.add(number + 1,
                (thing instanceof Bearer b ? b.carrying(false) : thing).named(free(place, thing.name()))
                        .at(within(place.room(), beside.x(), beside.y(),
                                thing.spot().turn())));
        return place.with(all);
    }

    /**
     * With one of them made larger or smaller by one of its corners, the corner opposite staying where it is.
     *
     * @param corner number of the corner, as {@link Thing#outline} has them
     * @param to where it is brought in the room
     */
    public static Place cornered(Place place, int number, int corner, Vec3 to) {
        Thing thing = place.things().get(number);
        Vec3 fixed = thing.spot().inside(thing.outline().get((corner + 2) % 4));
        Vec3 moved = thing.spot().inside(to);
        double depth = Math.max(STEP, Math.rint(Math.abs(moved.x() - fixed.x()) / STEP) * STEP);
        double width = Math.max(STEP, Math.rint(Math.abs(moved.y() - fixed.y()) / STEP) * STEP);
        Thing sized = thing.sized(new Thing.Sides(depth, width));
        // What is round, or has one side only, has other sides than it was brought to.
        double away = Math.signum(moved.x() - fixed.x()) * sized.sides().depth() / 2;
        double left = Math.signum(moved.y() - fixed.y()) * sized.sides().width() / 2;
        Vec3 middle = thing.spot().point(fixed.x() + away, fixed.y() + left, 0);
        return changed(place, number,
                thing.onWall() ? sized : sized.at(thing.spot().at(middle.x(), middle.y())));
    }

    /** Without one of them. */
    public static Place removed(Place place, int number) {
        List<Thing> all = new ArrayList<>(place.things());
        all.remove(number);
        return place.with(all);
    }

    /** With one of them changed. */
    public static Place changed(Place place, int number, Thing thing) {
        List<Thing> all = new ArrayList<>(place.things());
        all.set(number, thing);
        return place.with(all);
    }

    /** With the filmed bench elsewhere: sideways the room is told from its middle, so all else goes the other way. */
    public static Place benchAt(Place place, double from, double left) {
        Bench b = place.bench();
        Room r = place.room();
        Walls w = r.walls();
        Bench bench = (Bench) Bench.PARAMS.with(b, "from", Math.clamp(from, 0, Math.max(0, r.depth() - b.depth())));
        if (!w.measured() || left == 0) {
            return new Place(r, bench, place.things());
        }
        double by = Math.clamp(left, b.width() / 2 - w.right(), w.left() - b.width() / 2);
        boolean away = r.joists().run() == Joists.Run.AWAY;
        Joists j = r.joists();
        Room room = r.from(new Walls(w.left() - by, w.right() + by, w.made()),
                away ? new Joists(j.made(), j.run(), j.first() - by, j.spacing(), j.width(), j.depth()) : j);
        return new Place(room, bench, place.things().stream()
                .map(t -> t.at(t.spot().at(t.spot().x(), t.spot().y() - by))).toList());
    }

    /** A name that nothing of the place has: that one, or with a number behind. */
    private static String free(Place place, String name) {
        List<String> names = place.things().stream().map(Thing::name).toList();
        String stem = name.replaceFirst(" \\d+$", "");
        String next = stem;
        for (int number = 2; names.contains(next); number++) {
            next = stem + " " + number;
        }
        return next;
    }

    private static Spot within(Room room, double x, double y, double turn) {
        return new Spot(Math.clamp(x, 0, room.depth()), Math.clamp(y, -room.walls().right(), room.walls().left()),
                turn);
    }

    /**
     * Where a thing comes to rest that a hand has brought somewhere: what belongs to a wall at the nearest one; else with an edge or its middle in line with
     * that of another thing, the bench or a wall where that is near; else at whole centimetres.
     *
     * @param near how near that is, m
     */
    public static Spot snapped(Place place, Thing thing, double x, double y, double near) {
        Room room = place.room();
        Spot in = within(room, x, y, thing.spot().turn());
        if (thing.onWall()) {
            return atWall(room, in);
        }
        List<List<Vec3>> others = new ArrayList<>(
                Stream.concat(Stream.of(place.benchTop().plan()), place.things().stream()
                        .filter(t -> !t.name().equals(thing.name())).map(Thing::outline)).toList());
        List<Vec3> own = thing.at(in).outline();
        return in.at(in.x() + shift(own, others, List.of(0.0, room.depth()), in.x(), Vec3::x, near),
                in.y() + shift(own, others, room.walls().measured()
                        ? List.of(-room.walls().right(), room.walls().left())
                        : List.of(), in.y(), Vec3::y, near));
    }

    /** How far along one axis to the nearest line that an edge or the middle may come to; else to whole centimetres. */
    private static double shift(List<Vec3> own, List<List<Vec3>> others, List<Double> walls, double middle,
            ToDoubleFunction<Vec3> along, double near) {
        double low = own.stream().mapToDouble(along).min().orElseThrow();
        double high = own.stream().mapToDouble(along).max().orElseThrow();
        double best = Double.POSITIVE_INFINITY;
        for (double wall : walls) {
            best = nearer(best, wall - low, wall - high);
        }
        for (List<Vec3> other : others) {
            double from = other.stream().mapToDouble(along).min().orElseThrow();
            double to = other.stream().mapToDouble(along).max().orElseThrow();
            best = nearer(best, from - low, from - high, to - low, to - high, (from + to) / 2 - (low + high) / 2);
        }
        return Math.abs(best) <= near ? best : Math.rint(middle / STEP) * STEP - middle;
    }

    private static double nearer(double best, double... others) {
        double nearest = best;
        for (double other : others) {
            nearest = Math.abs(other) < Math.abs(nearest) ? other : nearest;
        }
        return nearest;
    }

    /** In the nearest wall, looking into the room. */
    private static Spot atWall(Room room, Spot in) {
        double left = room.walls().left() - in.y();
        double right = in.y() + room.walls().right();
        double behind = room.depth() - in.x();
        double least = Math.min(Math.min(in.x(), behind), Math.min(left, right));
        double x = Math.rint(in.x() / STEP) * STEP;
        double y = Math.rint(in.y() / STEP) * STEP;
        if (least == in.x()) {
            return new Spot(0, y, 0);
        }
        if (least == behind) {
            return new Spot(room.depth(), y, Math.PI);
        }
        return least == left
                ? new Spot(x, room.walls().left(), -Math.PI / 2)
                : new Spot(x, -room.walls().right(), Math.PI / 2);
    }
}

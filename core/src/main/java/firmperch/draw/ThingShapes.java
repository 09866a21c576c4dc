package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.place.Block;
import firmperch.place.Place;
import firmperch.place.Thing;
import firmperch.place.Way;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** How the things of a room are drawn: from above by their outlines, from elsewhere as the blocks that they are. */
final class ThingShapes {
    /** What is nowhere lower than that is over one's head, and is dashed in a plan, m. */
    private static final double OVER = 1.5;
    /** About what a letter takes in a plan of a small room as large as it is shown, m. */
    private static final double LETTER = 0.07;

    private ThingShapes() {
    }

    /** Them all from above, by name. */
    static void above(Drawing.Builder out, Place place) {
        for (Thing thing : place.things()) {
            for (Block free : thing.free(place.room())) {
                out.area(Ink.WALKWAY, points(free.plan()));
            }
        }
        for (Thing thing : place.things()) {
            above(out, thing, place);
            name(out, thing, place.room().depth());
        }
    }

    /** From above those that lie wholly in view, from one corner of it to the other: half a thing at the edge tells nobody anything. */
    static void above(Drawing.Builder out, Place place, Point low, Point high) {
        place.things().stream().filter(thing -> points(thing.outline()).stream().allMatch(
                p -> p.x() > low.x() && p.x() < high.x() && p.y() > low.y() && p.y() < high.y()))
                .forEach(thing -> above(out, thing, place));
    }

    private static List<Point> points(List<Vec3> plan) {
        return plan.stream().map(View.ABOVE::at).toList();
    }

    private static void above(Drawing.Builder out, Thing thing, Place place) {
        List<Block> solid = thing.solid(place.room());
        boolean over = !solid.isEmpty() && solid.stream().allMatch(b -> b.low() >= OVER);
        if (solid.isEmpty()) {
            out.area(thing.free(place.room()).isEmpty() ? Ink.THING : Ink.OVERHEAD, points(thing.outline()));
        } else {
            // What is highest last: its legs lie under a table's top.
            solid.stream().sorted(Comparator.comparingDouble(Block::high))
                    .forEach(b -> out.area(over ? Ink.OVERHEAD : Ink.THING, points(b.plan())));
        }
        thing.lines().forEach(line -> out.path(Ink.OVERHEAD, points(line).toArray(Point[]::new)));
    }

    /** In it where there is room or where it is floor that is kept open, else beside it, on the side that has more room. */
    private static void name(Drawing.Builder out, Thing thing, double depth) {
        List<Point> outline = points(thing.outline());
        double low = outline.stream().mapToDouble(Point::y).min().orElseThrow();
        double left = outline.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = outline.stream().mapToDouble(Point::x).max().orElseThrow();
        double high = outline.stream().mapToDouble(Point::y).max().orElseThrow();
        double middle = (low + high) / 2;
        double wide = LETTER * thing.name().length();
        if (thing instanceof Way || right - left >= wide && high - low >= 2 * LETTER) {
            out.label(Ink.HINT, new Point((left + right) / 2, middle - LETTER), Anchor.ABOVE, thing.name());
        } else if (right + wide + LETTER < depth) {
            out.label(Ink.HINT, new Point(right, middle), Anchor.RIGHT, thing.name());
        } else {
            out.label(Ink.HINT, new Point(left, middle), Anchor.LEFT, thing.name());
        }
    }

    /** Them all from the side, the farthest first, as far as the view goes to the right and up. */
    static void beside(Drawing.Builder out, Place place, double right, double top) {
        blocks(place).sorted(Comparator.comparingDouble(b -> View.SIDE.depth(b.most())))
                .filter(b -> b.least().x() < right && b.low() < top)
                .forEach(b -> out.box(Ink.THING, b.least().x(), b.low(), Math.min(right, b.most().x()),
                        Math.min(top, b.high())));
    }

    /** The solid blocks of all things. */
    static Stream<Block> blocks(Place place) {
        return place.things().stream().flatMap(t -> t.solid(place.room()).stream());
    }
}

package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import firmperch.place.Bench;
import firmperch.place.Joists;
import firmperch.place.Place;
import firmperch.place.Room;
import firmperch.place.Thing;
import firmperch.project.Project;
import firmperch.search.Coverage;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The whole room from above, to be edited there: walls, joists, things, the filmed bench with what is filmed, the rig, and where the camera comes. */
public final class RoomPlan {
    private static final double WALL = 0.08;
    /** Where nobody has measured a side wall, so much is shown beside the bench, m. */
    private static final double BESIDE = 1.3;
    /** A corner by which a thing is made larger, m. */
    private static final double HANDLE = 0.035;
    /** A line of words under the plan, m. */
    private static final double LINE = 0.2;

    private final Situation s;
    private final Place place;
    private final Drawing.Builder out = new Drawing.Builder();

    private RoomPlan(Situation s) {
        this.s = s;
        this.place = s.project().place();
    }

    /**
     * Draws it.
     *
     * @param chosen number of the thing that is being edited; −1 for none
     * @param reach where the camera comes, if that is known and wanted
     */
    public static Drawing of(Situation s, int chosen, Optional<Coverage> reach) {
        RoomPlan plan = new RoomPlan(s);
        Room room = plan.place.room();
        Bench bench = plan.place.bench();
        boolean measured = room.walls().measured();
        double high = measured ? room.walls().left() : Math.min(room.walls().left(), bench.width() / 2 + BESIDE);
        double low = measured ? -room.walls().right() : -Math.min(room.walls().right(), bench.width() / 2 + BESIDE);
        plan.room(low, high);
        plan.bench();
        reach.ifPresent(plan::reach);
        ThingShapes.above(plan.out, plan.place);
        new Projection(s, View.ABOVE).draw(plan.out);
        plan.filmed();
        if (room.walkway() > 0) {
            plan.out.label(Ink.LEAN_GOOD, new Point(0.02, high - 0.1), Anchor.RIGHT,
                    s.length(room.walkway()) + " stay open");
        }
        if (chosen >= 0 && chosen < plan.place.things().size()) {
            plan.chosen(plan.place.things().get(chosen), chosen);
        }
        reach.ifPresent(coverage -> plan.legend(low - WALL, coverage));
        int legend = reach.map(coverage -> coverage.extent().isPresent() ? 2 : 1).orElse(0);
        double under = low - WALL - legend * LINE;
        int lines = plan.slopes(under);
        return plan.out.build(-WALL - 0.05, under - LINE * lines - 0.05, room.depth() + WALL + 0.05,
                high + WALL + 0.05);
    }

    /** Where the ceiling slopes and the floor falls, in words under the plan, as nothing of it is seen from above; how many lines that takes. */
    private int slopes(double below) {
        Room room = place.room();
        List<String> all = new ArrayList<>();
        if (room.slopes()) {
            all.add("ceiling " + room.ceilingWords(s.project().units()) + ", rises " + room.pitch().rises());
        }
        if (room.slope() > 0 && room.ground().falls().known()) {
            all.add("floor falls " + room.ground().falls());
        }
        for (int i = 0; i < all.size(); i++) {
            out.label(Ink.HINT, new Point(0, below - LINE * (i + 0.6)), Anchor.RIGHT, all.get(i));
        }
        return all.size();
    }

    private void room(double low, double high) {
        Room room = place.room();
        out.box(Ink.WALKWAY, 0, low, room.walkway(), high);
        Joists joists = room.joists();
        boolean away = joists.run() == Joists.Run.AWAY;
        double half = joists.width() / 2;
        for (double at : away ? joists.between(low, high) : joists.between(0, room.depth())) {
            if (away) {
                out.box(Ink.JOIST, 0, Math.max(low, at - half), room.depth(), Math.min(high, at + half));
            } else {
                out.box(Ink.JOIST, Math.max(0, at - half), low, Math.min(room.depth(), at + half), high);
            }
        }
        boolean measured = room.walls().measured();
        double beyond = measured ? WALL : 0;
        out.box(Ink.ROOM, -WALL, low - beyond, 0, high + beyond);
        out.box(Ink.ROOM, room.depth(), low - beyond, room.depth() + WALL, high + beyond);
        if (measured) {
            out.box(Ink.ROOM, 0, low - WALL, room.depth(), low);
            out.box(Ink.ROOM, 0, high, room.depth(), high + WALL);
        }
    }

    /** Each place of the bench that was tried, as large as its share. */
    private void reach(Coverage coverage) {
        Bench bench = place.bench();
        double deep = coverage.stepX(bench) / 2;
        double wide = coverage.stepY(bench) / 2;
        for (Coverage.Place p : coverage.places()) {
            if (p.reached()) {
                out.box(Ink.REACHED, Math.max(bench.from(), p.x() - deep), Math.max(-bench.width() / 2, p.y() - wide),
                        Math.min(bench.from() + bench.depth(), p.x() + deep),
                        Math.min(bench.width() / 2, p.y() + wide));
            }
        }
        coverage.extent().ifPresent(extent -> extent.outlines().forEach(
                ring -> out.path(Ink.EXTENT, ring.stream().map(View.ABOVE::at).toArray(Point[]::new))));
    }

    private void legend(double below, Coverage coverage) {
        out.box(Ink.REACHED, 0, below - LINE, 0.14, below - 0.4 * LINE);
        out.label(Ink.HINT, new Point(0.14, below - 0.7 * LINE), Anchor.RIGHT,
                "the camera can be here (sampled)");
        if (coverage.extent().isPresent()) {
            double middle = below - 1.7 * LINE;
            out.path(Ink.EXTENT, new Point(0, middle), new Point(0.14, middle));
            out.label(Ink.HINT, new Point(0.14, middle), Anchor.RIGHT, "so far its joints let it (exact)");
        }
    }

    private void bench() {
        Bench bench = place.bench();
        double y = bench.width() / 2;
        out.area(Ink.BENCH, place.benchTop().plan().stream().map(View.ABOVE::at).toList());
        out.label(Ink.HINT, new Point(bench.from() + bench.depth() / 2, -y), Anchor.ABOVE,
                "the bench, " + Quantity.LENGTH.bare(bench.width(), s.project().units()) + " × "
                        + s.length(bench.depth()));
    }

    /** What is wanted in each set-up, the one shown by name. */
    private void filmed() {
        List<Project> each = s.project().inEach();
        for (int i = 0; i < each.size(); i++) {
            List<Point> wanted = s.study().in(i).target().corners().stream().map(View.ABOVE::at).toList();
            out.area(Ink.WANTED, wanted);
            if (i == s.project().shown()) {
                double top = wanted.stream().mapToDouble(Point::y).max().orElse(0);
                out.label(Ink.WANTED, new Point((wanted.get(0).x() + wanted.get(2).x()) / 2, top), Anchor.ABOVE,
                        s.project().setUp().name());
            }
        }
    }

    /** Its outline, its corners, and how far its middle is from the walls, to be typed there. */
    private void chosen(Thing thing, int number) {
        List<Point> corners = thing.outline().stream().map(View.ABOVE::at).toList();
        out.area(Ink.CHOSEN, corners);
        corners.forEach(c -> out.box(Ink.CHOSEN, c.x() - HANDLE, c.y() - HANDLE, c.x() + HANDLE, c.y() + HANDLE));
        Vec3 middle = thing.spot().point(0, 0, 0);
        String path = "place.things." + number + ".spot.";
        out.dimension(new Point(0, middle.y()), new Point(middle.x(), middle.y()), Side.ON,
                Quantity.LENGTH.bare(middle.x(), s.project().units()), path + "x");
        if (Math.abs(middle.y()) > 0.05) {
            out.dimension(new Point(middle.x(), 0), new Point(middle.x(), middle.y()), Side.ON,
                    Quantity.LENGTH.bare(middle.y(), s.project().units()), path + "y");
        }
    }
}

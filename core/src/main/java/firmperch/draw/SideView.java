package firmperch.draw;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import firmperch.part.Perch;
import firmperch.place.Bench;
import firmperch.place.Room;
import firmperch.pose.Posed;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Target;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** The room and the rig seen from the right-hand side of the bench: room x to the right, height up. */
public final class SideView {
    /** Ceiling and floor are drawn so thick, m. */
    private static final double THICK = 0.02;
    /** A leg of the bench is drawn so thick, m. */
    private static final double LEG = 0.06;
    /** A joist as it is drawn, m. */
    private static final double JOIST = 0.06;
    /** How far the line over the edge that it tips about goes on above the centre of mass, m. */
    private static final double ABOVE_MASS = 0.12;
    /** Where that line would run through the words about the picture, m. */
    private static final double NEAR = 0.3;

    private final Scene scene;
    private final Situation s;
    private final Posed posed;
    private final Sight sight;
    private final Drawing.Builder out = new Drawing.Builder();

    private SideView(Scene scene) {
        this.scene = scene;
        this.s = scene.situation();
        this.posed = s.posed();
        this.sight = Sight.of(s);
    }

    /** Draws it. */
    public static Drawing of(Scene scene) {
        SideView view = new SideView(scene);
        Situation s = scene.situation();
        Room room = s.project().place().room();
        Bench bench = s.project().place().bench();
        double right = scene.wholeRoom()
                ? room.depth()
                : Math.min(room.depth(),
                        Math.max(bench.from() + bench.depth() + 0.15, view.reach(View.SIDE.right()) + 0.1));
        if (scene.person()) {
            right = Math.min(room.depth(), Math.max(right,
                    Person.extent(s, View.SIDE).stream().mapToDouble(Point::x).max().orElse(0) + 0.05));
        }
        double top = scene.wholeRoom()
                ? room.highest() + 0.12
                : Math.max(Math.max(s.posed().top(), scene.person() ? bench.worker() : 0) + 0.12, 1.2);
        view.room(right, top);
        if (scene.person()) {
            Person.draw(view.out, s, View.SIDE);
        }
        scene.ghosts().forEach(view::ghost);
        view.sight();
        new Projection(s, View.SIDE).draw(view.out);
        if (!scene.bare()) {
            view.seen();
            if (!s.project().perch().none()) {
                view.tipLine();
            }
            view.dimensions();
        }
        return view.out.build(-0.18, -0.10, right, top);
    }

    /** How far anything of it reaches in a direction of the room, m. */
    private double reach(Vec3 direction) {
        Vec3 own = s.turnedBack(direction);
        return s.study().assembly().pieces().stream().filter(Piece::takesRoom)
                .mapToDouble(p -> s.inRoom(posed.furthest(p, own)).dot(direction)).max().orElse(0);
    }

    private Point at(Vec3 inPerch) {
        return View.SIDE.at(s.inRoom(inPerch));
    }

    private static Point up(Point p, double dz) {
        return new Point(p.x(), p.y() + dz);
    }

    private void room(double right, double top) {
        Room room = s.project().place().room();
        boolean hangs = !s.stands();
        // Half metres, or every two feet.
        double step = s.project().units() == UnitSystem.METRIC ? 0.5 : 24 * 0.0254;
        for (double z = step; !scene.bare() && z < Math.min(top, room.highest()); z += step) {
            out.path(Ink.GRID, new Point(0, z), new Point(right, z));
            out.label(Ink.HINT, new Point(0.01, z + 0.035), Anchor.RIGHT,
                    Quantity.LENGTH.bare(z, s.project().units()));
        }
        out.box(Ink.ROOM, -0.03, 0, 0, top);
        out.box(Ink.ROOM, -0.03, -0.02, right, 0);
        if (room.slopes()) {
            slanting(room, right, top);
        } else if (room.ceiling() <= top) {
            out.box(Ink.ROOM, -0.03, room.ceiling(), right, room.ceiling() + 0.02);
            joists(room.ceiling() + 0.02);
        }
        double high = room.ceilingAt(right, s.project().stance().y());
        if (high <= top) {
            // Words keep clear of the line, of rails under it and joists above.
            words(new Point(right, high - (hangs ? 0.13 : 0.07)), "ceiling " + room.ceilingWords(s.project().units()));
        }
        if (scene.wholeRoom()) {
            out.box(Ink.WALKWAY, 0, 0, room.walkway(), room.ceilingAt(0, s.project().stance().y()));
            words(new Point(right, high - (hangs ? 0.23 : 0.18)),
                    "walkway " + s.length(room.walkway()) + ", floor slopes " + s.show(Quantity.ANGLE, room.slope()));
        }
        ThingShapes.beside(out, s.project().place(), right, top);
        bench();
    }

    /** The ceiling as it is cut over the rig, as far as it is in view. */
    private void slanting(Room room, double right, double top) {
        List<Vec3> section = room.section(s.project().stance().y());
        for (int i = 1; i < section.size(); i++) {
            Vec3 a = section.get(i - 1);
            Vec3 b = section.get(i);
            // From where it comes into view on the left or below the top, to where it leaves.
            double from = 0;
            double to = b.x() > right ? (right - a.x()) / (b.x() - a.x()) : 1;
            double rise = b.z() - a.z();
            if (rise > 0) {
                to = Math.min(to, (top - a.z()) / rise);
            } else if (rise < 0) {
                from = Math.max(from, (top - a.z()) / rise);
            } else if (a.z() > top) {
                to = 0;
            }
            if (to > from) {
                Point begins = View.SIDE.at(a.plus(b.minus(a).times(from)));
                Point ends = View.SIDE.at(a.plus(b.minus(a).times(to)));
                out.area(Ink.ROOM, List.of(begins, ends, up(ends, THICK), up(begins, THICK)));
            }
        }
    }

    private void words(Point left, String words) {
        if (!scene.bare()) {
            out.label(Ink.HINT, left, Anchor.LEFT, words);
        }
    }

    /** What is fixed up is fixed to something: a joist at each place, or a beam along all of them. */
    private void joists(double above) {
        List<Contact.Anchor> up = s.study().assembly().contacts().stream()
                .filter(c -> c.surface() == Surface.CEILING && c instanceof Contact.Anchor)
                .map(Contact.Anchor.class::cast).toList();
        up.stream().filter(a -> !a.beam()).map(a -> at(posed.at(a)).x()).distinct()
                .forEach(x -> out.box(Ink.BENCH, x - JOIST / 2, above, x + JOIST / 2, above + JOIST));
        DoubleSummaryStatistics along = up.stream().filter(Contact.Anchor::beam).mapToDouble(a -> at(posed.at(a)).x())
                .summaryStatistics();
        if (along.getCount() > 0) {
            // No higher than there is room over the line: what is above it is the house's.
            out.box(Ink.BENCH, along.getMin() - JOIST, above, along.getMax() + JOIST, above + JOIST);
        }
    }

    private void bench() {
        Bench bench = s.project().place().bench();
        double x0 = bench.from();
        double x1 = x0 + bench.depth();
        double in = bench.overhang();
        out.box(Ink.BENCH, x0 + in, 0, x0 + in + LEG, bench.under());
        out.box(Ink.BENCH, x1 - in - LEG, 0, x1 - in, bench.under());
        out.box(Ink.BENCH, x0, bench.under(), x1, bench.height());
        Vec3 centre = Target.work(s.project());
        if (centre.z() > bench.height()) {
            out.box(Ink.WORK, centre.x() - 0.11, bench.height(), centre.x() + 0.11, centre.z());
        }
    }

    /** What it sees of the filmed plane, from end to end; nothing where that is behind its lens, or not all of the picture meets it. */
    private List<Point> covered() {
        List<Point> corners = sight.covered().stream().map(View.SIDE::at).toList();
        if (corners.isEmpty() || sight.distance() <= s.shot().lens().length()) {
            return List.of();
        }
        Vec3 up = s.target().up();
        boolean upright = Math.abs(up.z()) > Math.hypot(up.x(), s.target().right().x());
        ToDoubleFunction<Point> along = upright ? Point::y : Point::x;
        return List.of(corners.stream().min(Comparator.comparingDouble(along)).orElseThrow(),
                corners.stream().max(Comparator.comparingDouble(along)).orElseThrow());
    }

    private void sight() {
        List<Point> seen = covered();
        if (!seen.isEmpty()) {
            out.area(Ink.SIGHT, at(s.lensFront()), seen.getFirst(), seen.getLast());
        }
    }

    private void seen() {
        List<Point> seen = covered();
        if (seen.isEmpty()) {
            return;
        }
        out.path(Ink.SIGHT_EDGE, seen.getFirst(), seen.getLast());
        if (scene.person() && !scene.wholeRoom()) {
            // Beside what the camera sees itself, and a hand lies there.
            return;
        }
        double right = seen.getLast().x();
        double work = seen.getLast().y();
        // Not across the line over the edge that it tips about, where that is near.
        double beside = tipEdge().filter(edge -> work < at(posed.centre()).y() + ABOVE_MASS)
                .map(Point::x).filter(edge -> edge > right && edge < right + NEAR).orElse(right);
        out.label(Ink.SIGHT_EDGE, new Point(beside, work), Anchor.RIGHT,
                "sees " + Quantity.LENGTH.bare(sight.wide(), s.project().units()) + " × " + s.length(sight.deep()));
    }

    private void ghost(Ghost ghost) {
        new Projection(ghost.situation(), View.SIDE).ghost(out, s, ghost.ink());
        Point mount = View.SIDE.at(ghost.situation().inRoom(ghost.situation().posed().mount()));
        // Beside the rig, not on it.
        boolean on = mount.y() < posed.top() && mount.x() > -reach(View.SIDE.right().times(-1))
                && mount.x() < reach(View.SIDE.right()) && Math.abs(mount.x() - at(posed.mount()).x()) < 0.5;
        if (!on && mount.x() < at(posed.mount()).x()) {
            // Between it and the rig there may be little room.
            out.label(ghost.ink(), up(mount, -0.05), Anchor.BELOW, ghost.why());
            return;
        }
        double x = on ? reach(View.SIDE.right()) : mount.x();
        out.label(ghost.ink(), new Point(x + 0.05, mount.y()), Anchor.RIGHT, ghost.why());
    }

    /** From the centre of mass to the edge it would go over, on the side the camera is. */
    private void tipLine() {
        Vec3 centre = posed.centre();
        Point mass = at(centre);
        if (!s.stands()) {
            out.balance(mass);
            return;
        }
        tipEdge().ifPresent(edge -> {
            double lean = s.tipping().lean(tipDirection());
            Ink ink = lean >= s.policy().standing().lean() ? Ink.LEAN_GOOD : Ink.LEAN_SHORT;
            out.path(Ink.SUPPORT, edge, new Point(edge.x(), mass.y() + ABOVE_MASS));
            out.path(ink, mass, edge);
            // Under what it stands on nothing else is told.
            out.label(ink, new Point(edge.x(), s.feet().ground() - 0.02), Anchor.BELOW, s.show(Quantity.ANGLE, lean));
        });
        out.balance(mass);
    }

    private boolean tipsRight() {
        return at(posed.mount()).x() >= at(Vec3.ZERO).x();
    }

    /** To the side the camera is, radians from the perch's own forward. */
    private double tipDirection() {
        return (tipsRight() ? 0 : Math.PI) - s.project().stance().heading();
    }

    /** The edge it would go over on that side, as seen from the side; nothing where it hangs. */
    private Optional<Point> tipEdge() {
        if (!s.stands()) {
            return Optional.empty();
        }
        double reach = s.support().along(posed.centre(), tipDirection());
        return reach > 0 && reach < 10
                ? Optional.of(new Point(at(posed.centre()).x() + (tipsRight() ? reach : -reach), s.feet().ground()))
                : Optional.empty();
    }

    private void dimensions() {
        Point mount = at(posed.mount());
        Point axis = at(Vec3.ZERO);
        if (Math.abs(mount.x() - axis.x()) > 0.05) {
            out.dimension(new Point(axis.x(), posed.top()), new Point(mount.x(), posed.top()), Side.ABOVE,
                    Quantity.LENGTH.bare(Math.abs(mount.x() - axis.x()), s.project().units()));
        }
        Set<Body> standing = s.study().fixedTo(s.feet().ground() <= 0
                ? Surface.FLOOR
                : s.project().perch().on(Perch.TABLE) ? Surface.TABLE : Surface.BENCH);
        double left = s.study().assembly().pieces().stream().filter(p -> standing.contains(p.body()))
                .mapToDouble(p -> at(posed.furthest(p, View.SIDE.right().times(-1))).x()).min().orElse(axis.x());
        if (s.stands()) {
            out.dimension(new Point(left, s.feet().ground()), new Point(left, posed.top()), Side.LEFT,
                    Quantity.LENGTH.bare(posed.top() - s.feet().ground(), s.project().units()));
        }
        double front = at(s.lensFront()).y();
        double work = s.shotCentre().z();
        if (front > work && s.target().square() && s.target().normal().z() > 1 - 1e-9) {
            List<Point> seen = covered();
            double x = (seen.isEmpty() ? at(s.lensFront()).x() : seen.getFirst().x()) - 0.06;
            out.dimension(new Point(x, work), new Point(x, front), Side.ON,
                    Quantity.LENGTH.bare(front - work, s.project().units()));
        }
        Measures.draw(out, scene, View.SIDE);
    }
}

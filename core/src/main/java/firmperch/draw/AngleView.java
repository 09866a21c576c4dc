package firmperch.draw;

import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.part.Perch;
import firmperch.place.Bench;
import firmperch.place.Block;
import firmperch.place.Room;
import firmperch.place.Thing;
import firmperch.study.Sight;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The bench and the rig from any angle, without perspective. */
public final class AngleView {
    private static final double LEG = 0.06;

    private final Situation s;
    private final View view;
    private final Drawing.Builder out = new Drawing.Builder();
    private final List<Point> all = new ArrayList<>();

    private AngleView(Situation s, View view) {
        this.s = s;
        this.view = view;
    }

    /** Draws it. */
    public static Drawing of(Situation s, View view) {
        return of(s, view, false, false);
    }

    /**
     * Draws it.
     *
     * @param person whether who works at the bench is shown
     * @param room whether all of the room is to be in view, with what is in it
     */
    public static Drawing of(Situation s, View view, boolean person, boolean room) {
        AngleView drawn = new AngleView(s, view);
        Bench b = s.project().place().bench();
        Vec3 stands = new Vec3(s.project().stance().x(), s.project().stance().y(), 0);
        boolean rigBehind = view.depth(stands) < view.depth(new Vec3(b.from() + b.depth() / 2, 0, 0));
        boolean personBehind = view.toward().x() < 0;
        if (person) {
            drawn.all.addAll(Person.extent(s, view));
        }
        if (room) {
            drawn.floor();
            drawn.things(view.depth(stands), false);
        } else if (s.project().perch().on(Perch.TABLE)) {
            s.project().place().carrier(Surface.TABLE).ifPresent(
                    t -> t.solid(s.project().place().room()).forEach(block -> drawn.block(block, Ink.THING)));
        }
        if (person && personBehind) {
            Person.draw(drawn.out, s, view);
        }
        if (rigBehind) {
            new Projection(s, view).draw(drawn.out);
            drawn.bench();
        } else {
            drawn.bench();
            new Projection(s, view).draw(drawn.out);
        }
        if (person && !personBehind) {
            Person.draw(drawn.out, s, view);
        }
        drawn.sight();
        if (room) {
            drawn.things(view.depth(stands), true);
        }
        s.study().assembly().pieces().stream().filter(Piece::takesRoom).forEach(p -> {
            for (Vec3 d : new Vec3[]{view.right(), view.right().times(-1), view.up(), view.up().times(-1)}) {
                drawn.all.add(view.at(s.inRoom(s.posed().furthest(p, s.turnedBack(d)))));
            }
        });
        double left = drawn.all.stream().mapToDouble(Point::x).min().orElse(0);
        double right = drawn.all.stream().mapToDouble(Point::x).max().orElse(1);
        double low = drawn.all.stream().mapToDouble(Point::y).min().orElse(0);
        double high = drawn.all.stream().mapToDouble(Point::y).max().orElse(1);
        return drawn.out.build(left - 0.05, low - 0.05, right + 0.05, high + 0.05);
    }

    /** All of the floor, where somebody has measured it. */
    private void floor() {
        Room room = s.project().place().room();
        if (room.walls().measured()) {
            List<Point> corners = Block.between(new Vec3(0, -room.walls().right(), 0),
                    new Vec3(room.depth(), room.walls().left(), 0)).plan().stream().map(view::at).toList();
            out.area(Ink.FLOOR, corners);
            all.addAll(corners);
        }
    }

    /**
     * What else is there: behind the rig as it is, before it only its outline, so that the rig is seen.
     *
     * @param rig how near to the eye the rig is, m
     */
    private void things(double rig, boolean before) {
        List<Thing> farthestFirst = s.project().place().things().stream()
                .sorted(Comparator.comparingDouble(t -> view.depth(t.spot().point(0, 0, 0)))).toList();
        for (Thing thing : farthestFirst) {
            boolean nearer = view.depth(thing.spot().point(0, 0, 0)) > rig;
            if (nearer == before) {
                thing.solid(s.project().place().room()).forEach(b -> block(b, before ? Ink.OVERHEAD : Ink.THING));
            }
        }
    }

    private void bench() {
        Bench b = s.project().place().bench();
        double x1 = b.from() + b.depth();
        double y = b.width() / 2;
        for (double x : new double[]{b.from() + b.overhang(), x1 - b.overhang() - LEG}) {
            for (double side : new double[]{-y + b.overhang(), y - b.overhang() - LEG}) {
                block(Block.between(new Vec3(x, side, 0), new Vec3(x + LEG, side + LEG, b.under())), Ink.BENCH);
            }
        }
        block(s.project().place().benchTop(), Ink.BENCH);
    }

    /** A block: its faces that look toward the eye. */
    private void block(Block block, Ink ink) {
        for (List<Vec3> face : block.faces()) {
            Vec3 normal = Block.normal(face);
            if (normal.dot(view.toward()) > 0.01 * normal.length()) {
                List<Point> corners = face.stream().map(view::at).toList();
                out.area(ink, corners);
                all.addAll(corners);
            }
        }
    }

    /** What the camera sees, on the work. */
    private void sight() {
        List<Vec3> covered = Sight.of(s).covered();
        if (!covered.isEmpty()) {
            out.area(Ink.SIGHT, covered.stream().map(view::at).toList());
        }
    }
}

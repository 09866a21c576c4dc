package firmperch.draw;

import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.part.Filming;
import firmperch.part.Gear;
import firmperch.part.GearItem;
import firmperch.study.Situation;
import java.util.Comparator;
import java.util.List;

/**
 * The head close up, with everything where it hangs, in the axes of the mounting face: forward or to the left, and up. What hangs
 * without a size is a small ring at its middle.
 */
public final class HeadView {
    /** From where it is seen. */
    public enum From {
        /** Forward to the right. */
        SIDE,
        /** What lies to the left of the rig to the right, as one stands before it. */
        FRONT
    }

    /** As wide as its words are about, m. */
    private static final double WORDS = 0.09;
    private static final double ABOVE = 0.13;
    private static final double BESIDE = 0.16;
    private static final double BELOW = 0.24;
    private static final double RING = 0.008;
    /** So far before it the way that a second camera looks is drawn, m. */
    private static final double LOOKS = 0.12;

    private HeadView() {
    }

    /**
     * Draws it.
     *
     * @param chosen number of the thing that is being edited; −1 for none
     */
    public static Drawing of(Situation s, From from, int chosen) {
        Placement mount = s.posed().place(s.study().assembly().mount().body())
                .of(Placement.at(s.study().assembly().mount().at()));
        double heading = s.project().stance().heading();
        Vec3 x = mount.x().turned(heading);
        Vec3 y = mount.y().turned(heading);
        Vec3 z = mount.z().turned(heading);
        View view = from == From.SIDE ? new View(x, z, y.negated()) : new View(y, z, x);
        Drawing.Builder rig = new Drawing.Builder();
        new Projection(s, view).draw(rig);
        Point face = view.at(s.inRoom(mount.origin()));
        Drawing.Builder out = new Drawing.Builder();
        Gear gear = s.project().gear();
        double right = BESIDE;
        double left = -BESIDE;
        double low = -BELOW;
        double high = ABOVE;
        for (GearItem item : gear.items()) {
            Point at = at(item, from);
            double half = half(item, from);
            right = Math.max(right, at.x() + half + 0.02);
            left = Math.min(left, at.x() - half - 0.02);
            low = Math.min(low, at.y() - item.size().high() / 2 - 0.02);
            high = Math.max(high, at.y() + item.size().high() / 2 + 0.02);
        }
        for (Shape shape : rig.build(0, 0, 1, 1).shapes()) {
            moved(out, shape, face, left, low, right, high);
        }
        out.path(Ink.SUPPORT, new Point(left, 0), new Point(right, 0));
        items(out, gear.items(), from, chosen);
        if (chosen < 0) {
            double end = left;
            boolean free = gear.items().stream().noneMatch(i -> at(i, from).x() - half(i, from) < end + WORDS
                    && Math.abs(at(i, from).y() - 0.01) < i.size().high() / 2 + 0.01);
            out.label(Ink.HINT, new Point(free ? left : right, 0.008), free ? Anchor.RIGHT : Anchor.LEFT,
                    "mounting face");
        }
        if (gear.mass() > 0) {
            Vec3 middle = gear.items().stream().map(i -> i.at().times(i.counts())).reduce(Vec3.ZERO, Vec3::plus)
                    .times(1 / gear.mass());
            out.balance(new Point(from == From.SIDE ? middle.x() : middle.y(), middle.z()));
        }
        return out.build(left, low, right, high);
    }

    /** Only what comes near the head, from the mounting face. */
    private static void moved(Drawing.Builder out, Shape shape, Point face, double left, double low, double right,
            double high) {
        if (shape instanceof Shape.Area area) {
            List<Point> points = area.points().stream().map(p -> new Point(p.x() - face.x(), p.y() - face.y()))
                    .toList();
            boolean near = points.stream().mapToDouble(Point::x).max().orElse(0) > left
                    && points.stream().mapToDouble(Point::x).min().orElse(0) < right
                    && points.stream().mapToDouble(Point::y).max().orElse(0) > low
                    && points.stream().mapToDouble(Point::y).min().orElse(0) < high;
            if (near) {
                // The rig is only there to be hung on: what hangs is to be seen.
                out.area(Ink.THING, points);
            }
        }
    }

    /** Where the middle of a thing is drawn. */
    public static Point at(GearItem item, From from) {
        return new Point(from == From.SIDE ? item.forward() : item.left(), item.up());
    }

    /** Half of its width as it is drawn, m. */
    public static double half(GearItem item, From from) {
        return (from == From.SIDE ? item.size().along() : item.size().across()) / 2;
    }

    private static void items(Drawing.Builder out, List<GearItem> items, From from, int chosen) {
        items.stream().sorted(Comparator.comparingDouble(item -> -half(item, from) * item.size().high()))
                .forEach(item -> item(out, item, from));
        if (chosen >= 0 && chosen < items.size()) {
            GearItem item = items.get(chosen);
            Point at = at(item, from);
            double half = Math.max(RING, half(item, from));
            double tall = Math.max(RING, item.size().high() / 2);
            Point low = new Point(at.x() - half, at.y() - tall);
            Point high = new Point(at.x() + half, at.y() + tall);
            out.path(Ink.CHOSEN, low, new Point(high.x(), low.y()), high, new Point(low.x(), high.y()), low);
            out.label(Ink.CHOSEN, new Point(at.x(), high.y()), Anchor.ABOVE, item.name());
        }
    }

    private static void item(Drawing.Builder out, GearItem item, From from) {
        Point at = at(item, from);
        double half = half(item, from);
        double tall = item.size().high() / 2;
        if (half > 0 && tall > 0) {
            out.box(Ink.GEAR, at.x() - half, at.y() - tall, at.x() + half, at.y() + tall);
        } else {
            out.disc(Ink.GEAR, at, RING);
        }
        for (Filming camera : item.films()) {
            Vec3 end = item.at().plus(camera.ahead().times(LOOKS));
            Point to = new Point(from == From.SIDE ? end.x() : end.y(), end.z());
            out.path(Ink.SIGHT_EDGE, at, to);
            out.label(Ink.HINT, to, Anchor.BELOW, "films");
        }
    }
}

package firmperch.draw;

import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * How far the perch may lean before it goes, in every direction of the plan: the petals' length is the angle, the dashed
 * circle the angle wanted. Drawn in a circle of radius 1.
 */
public final class LeanRose {
    private static final int PETALS = 36;
    private static final double HUB = 0.22;
    /** Beyond this angle a petal grows no longer. */
    private static final double FULL = Math.toRadians(45);

    private LeanRose() {
    }

    /** Draws it for the pose that is set. */
    public static Drawing of(Situation s) {
        Drawing.Builder out = new Drawing.Builder();
        double wanted = s.policy().standing().lean();
        for (int i = 0; i < PETALS; i++) {
            double direction = 2 * Math.PI * i / PETALS;
            double lean = s.tipping().lean(direction - s.project().stance().heading());
            out.area(lean >= wanted ? Ink.LEAN_GOOD : Ink.LEAN_SHORT, petal(direction, radius(lean)));
        }
        out.disc(Ink.LIMIT, new Point(0, 0), radius(wanted));
        double least = s.tipping().leastLean();
        out.label(Ink.HINT, new Point(0, 1), Anchor.ABOVE, "leans before it goes");
        out.label(Ink.HINT, new Point(0, -1), Anchor.BELOW,
                "least " + s.show(Quantity.ANGLE, least) + ", dashed: " + s.show(Quantity.ANGLE, wanted) + " wanted");
        return out.build(-1.15, -1.25, 1.15, 1.25);
    }

    private static double radius(double lean) {
        return HUB + (1 - HUB) * Math.clamp(lean / FULL, 0, 1);
    }

    private static List<Point> petal(double direction, double radius) {
        double half = Math.PI / PETALS * 0.82;
        List<Point> points = new ArrayList<>();
        points.add(polar(direction - half, HUB));
        points.add(polar(direction - half, radius));
        points.add(polar(direction, radius));
        points.add(polar(direction + half, radius));
        points.add(polar(direction + half, HUB));
        return points;
    }

    private static Point polar(double angle, double radius) {
        return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
    }
}

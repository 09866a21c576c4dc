package firmperch.draw;

import firmperch.body.Vec3;
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
    /** A petal of this angle reaches the rim; where one leans further, that one does. */
    private static final double FULL = Math.toRadians(30);

    private LeanRose() {
    }

    /** Draws it for the pose that is set. */
    public static Drawing of(Situation s) {
        Drawing.Builder out = new Drawing.Builder();
        double wanted = s.policy().standing().lean();
        double[] leans = new double[PETALS];
        double full = FULL;
        for (int i = 0; i < PETALS; i++) {
            leans[i] = s.tipping().lean(direction(i) - s.project().stance().heading());
            full = Math.max(full, leans[i]);
        }
        for (int i = 0; i < PETALS; i++) {
            out.area(leans[i] >= wanted ? Ink.LEAN_GOOD : Ink.LEAN_SHORT,
                    petal(direction(i), radius(leans[i], full)));
        }
        out.disc(Ink.LIMIT, new Point(0, 0), radius(wanted, full));
        out.label(Ink.HINT, new Point(0, 1), Anchor.ABOVE, "leans before it goes");
        Vec3 arm = s.posed().mount();
        double toward = Math.atan2(arm.y(), arm.x());
        // In two lines, as they are longer than the rose is wide.
        out.label(Ink.HINT, new Point(0, -1), Anchor.BELOW,
                "arm " + lean(s, toward) + ", back " + lean(s, toward + Math.PI));
        out.label(Ink.HINT, new Point(0, -1.36), Anchor.BELOW,
                "left " + lean(s, toward + Math.PI / 2) + ", right " + lean(s, toward - Math.PI / 2));
        out.label(Ink.HINT, new Point(0, -1.72), Anchor.BELOW, "dashed: " + s.show(Quantity.ANGLE, wanted) + " wanted");
        return out.build(-1.15, -2, 1.15, 1.25);
    }

    private static double direction(int petal) {
        return 2 * Math.PI * petal / PETALS;
    }

    private static String lean(Situation s, double way) {
        return s.show(Quantity.ANGLE, s.tipping().lean(way));
    }

    private static double radius(double lean, double full) {
        return HUB + (1 - HUB) * Math.clamp(lean / full, 0, 1);
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

package firmperch.body;

import java.util.ArrayList;
import java.util.List;

/**
 * A flat shape of lines and arcs: one loop around, counter-clockwise, and any number of loops cut out of it.
 *
 * @param loop around the shape
 * @param cutouts loops taken out of it, each counter-clockwise too
 */
public record Outline(List<Edge> loop, List<List<Edge>> cutouts) {
    /** A point of the shape's own plane, m. */
    public record Point(double x, double y) {}

    /** One edge of a loop; each begins where the one before ends. */
    public sealed interface Edge {
        Point from();

        Point to();

        /** A point on it; 0 at its beginning, 1 at its end. */
        Point at(double share);
    }

    /** A straight edge. */
    public record Line(Point from, Point to) implements Edge {
        @Override
        public Point at(double s) {
            return new Point(from.x + s * (to.x - from.x), from.y + s * (to.y - from.y));
        }
    }

    /** Part of a circle, from an angle on by a turn (rad, counter-clockwise positive). */
    public record Arc(Point centre, double radius, double start, double turn) implements Edge {
        @Override
        public Point from() {
            return at(0);
        }

        @Override
        public Point to() {
            return at(1);
        }

        @Override
        public Point at(double s) {
            double angle = start + s * turn;
            return new Point(centre.x + radius * Math.cos(angle), centre.y + radius * Math.sin(angle));
        }
    }

    /**
     * Moments of an area about its own plane's origin: ∫dA, ∫x, ∫y, ∫x², ∫y², ∫xy.
     *
     * @param area m²
     */
    public record Moments(double area, double x, double y, double xx, double yy, double xy) {
        Moments minus(Moments o) {
            return new Moments(area - o.area, x - o.x, y - o.y, xx - o.xx, yy - o.yy, xy - o.xy);
        }
    }

    /** Sharpest turn between points that stand for an arc, rad. */
    private static final double CHORD = Math.PI / 16;
    /** Gauss-Legendre abscissae and weights on −1 … 1, order 5 (Abramowitz and Stegun, table 25.4). */
    private static final double[] GAUSS = {0, 0.538469310105683, -0.538469310105683, 0.906179845938664,
            -0.906179845938664};
    private static final double[] WEIGHT = {0.568888888888889, 0.478628670499366, 0.478628670499366, 0.236926885056189,
            0.236926885056189};

    public Outline {
        loop = List.copyOf(loop);
        cutouts = cutouts.stream().map(List::copyOf).toList();
    }

    /** A shape without cutouts. */
    public static Outline of(List<Edge> loop) {
        return new Outline(loop, List.of());
    }

    /** Straight edges between corners, counter-clockwise. */
    public static List<Edge> polygon(Point... corners) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < corners.length; i++) {
            edges.add(new Line(corners[i], corners[(i + 1) % corners.length]));
        }
        return edges;
    }

    /** A rectangle along the axes. */
    public static Outline rectangle(double x0, double y0, double x1, double y1) {
        return of(polygon(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }

    /** A whole circle. */
    public static List<Edge> circle(double x, double y, double radius) {
        return List.of(new Arc(new Point(x, y), radius, 0, Math.PI),
                new Arc(new Point(x, y), radius, Math.PI, Math.PI));
    }

    /** The same shape with another loop taken out. */
    public Outline less(List<Edge> cutout) {
        List<List<Edge>> more = new ArrayList<>(cutouts);
        more.add(cutout);
        return new Outline(loop, more);
    }

    /** Its moments, cutouts taken off; exact to rounding. */
    public Moments moments() {
        Moments sum = moments(loop);
        for (List<Edge> cutout : cutouts) {
            sum = sum.minus(moments(cutout));
        }
        return sum;
    }

    /** By Green's theorem along each edge, integrated by Gauss's rule; arcs in parts of at most an eighth of a turn. */
    private static Moments moments(List<Edge> edges) {
        double[] m = new double[6];
        for (Edge edge : edges) {
            int parts = edge instanceof Arc arc ? Math.max(1, (int) Math.ceil(Math.abs(arc.turn) / (Math.PI / 8))) : 1;
            for (int part = 0; part < parts; part++) {
                for (int g = 0; g < GAUSS.length; g++) {
                    double share = (part + (1 + GAUSS[g]) / 2) / parts;
                    double weight = WEIGHT[g] / 2 / parts;
                    Point p = edge.at(share);
                    Point d = slope(edge, share);
                    m[0] += weight * (p.x * d.y - p.y * d.x) / 2;
                    m[1] += weight * p.x * p.x * d.y / 2;
                    m[2] -= weight * p.y * p.y * d.x / 2;
                    m[3] += weight * p.x * p.x * p.x * d.y / 3;
                    m[4] -= weight * p.y * p.y * p.y * d.x / 3;
                    m[5] += weight * p.x * p.x * p.y * d.y / 2;
                }
            }
        }
        return new Moments(m[0], m[1], m[2], m[3], m[4], m[5]);
    }

    /** How the point moves with the share. */
    private static Point slope(Edge edge, double share) {
        return switch (edge) {
            case Line l -> new Point(l.to.x - l.from.x, l.to.y - l.from.y);
            case Arc a -> {
                double angle = a.start + share * a.turn;
                yield new Point(-a.radius * a.turn * Math.sin(angle), a.radius * a.turn * Math.cos(angle));
            }
        };
    }

    /** Corners of the loop, arcs by chords. */
    public List<Point> points() {
        return points(loop);
    }

    /** Corners of any loop, arcs by chords. */
    public static List<Point> points(List<Edge> edges) {
        List<Point> points = new ArrayList<>();
        for (Edge edge : edges) {
            int parts = edge instanceof Arc arc ? Math.max(1, (int) Math.ceil(Math.abs(arc.turn) / CHORD)) : 1;
            for (int i = 0; i < parts; i++) {
                points.add(edge.at((double) i / parts));
            }
        }
        return points;
    }

    /** Furthest that the loop reaches in a direction of its plane, m: exact, arcs included. */
    public double reach(double dx, double dy) {
        Point p = furthest(dx, dy);
        return p.x * dx + p.y * dy;
    }

    /** Its point that lies furthest in a direction of its plane. */
    public Point furthest(double dx, double dy) {
        Point best = loop.getFirst().from();
        double most = Double.NEGATIVE_INFINITY;
        for (Edge edge : loop) {
            Point p = edge.from();
            if (p.x * dx + p.y * dy > most) {
                most = p.x * dx + p.y * dy;
                best = p;
            }
            double length = edge instanceof Arc ? Vec3.across(dx, dy) : 0;
            if (edge instanceof Arc a && length > 0) {
                double toward = Math.atan2(dy, dx);
                double from = a.turn > 0 ? a.start : a.start + a.turn;
                double past = (toward - from) % (2 * Math.PI);
                double bulge = a.centre.x * dx + a.centre.y * dy + a.radius * length;
                if ((past < 0 ? past + 2 * Math.PI : past) <= Math.abs(a.turn) && bulge > most) {
                    most = bulge;
                    best = new Point(a.centre.x + a.radius * dx / length, a.centre.y + a.radius * dy / length);
                }
            }
        }
        return best;
    }

    /** True if a point lies in the loop and in none of the cutouts, edges counted in; arcs by chords. */
    public boolean holds(double x, double y) {
        return inside(points(loop), x, y) && cutouts.stream().noneMatch(c -> inside(points(c), x, y));
    }

    private static boolean inside(List<Point> corners, double x, double y) {
        boolean in = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            if (a.y > y != b.y > y && x < (b.x - a.x) * (y - a.y) / (b.y - a.y) + a.x) {
                in = !in;
            }
        }
        return in;
    }

    /** Width of the rectangle around it along x, m. */
    public double width() {
        return reach(1, 0) + reach(-1, 0);
    }

    /** Height of the rectangle around it along y, m. */
    public double height() {
        return reach(0, 1) + reach(0, -1);
    }
}

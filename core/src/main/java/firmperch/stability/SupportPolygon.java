package firmperch.stability;

import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * The part of the floor over which the centre of mass may stand without tipping, whichever way the swivel casters
 * have turned.
 *
 * <p>The idea: for feet that stay, this is the convex hull of their points. A free swivel caster may bear anywhere on
 * a circle of radius r_k around its pivot P_k. The sure support is the intersection of the hulls of all positions
 * that the feet can take. In a direction n no placement is certain to reach further than g(n) = max_k(n·P_k − r_k),
 * so the sure support is {x : n·x ≤ g(n) for every n}. Its edges are the common tangents of two of the circles on
 * their inner side; all other directions follow from those. Equal circles move each edge inward by their radius.
 *
 * <p>The edges are found by trying the tangents of every pair and dropping those that a third foot reaches beyond,
 * with a tolerance of 1 nm for rounding. The corners come from cutting a huge square by every edge.
 *
 * <p>Degenerate cases: with fewer than three feet, feet in one line, or circles that overlap, nothing is sure. Then
 * the polygon is empty and the clearance is −1 m.
 */
public final class SupportPolygon {
    /** Half plane n·x ≤ bound, with n a unit vector pointing outward. */
    public record Edge(double nx, double ny, double bound) {
        /** How far inside this edge a point is, m; negative outside. */
        public double inside(Vec3 point) {
            return bound - nx * point.x() - ny * point.y();
        }
    }

    private static final double HUGE = 1e3;

    private final List<Edge> edges;
    private final List<Vec3> corners;

    private SupportPolygon(List<Edge> edges) {
        this.corners = cut(edges);
        // Drops edges that touch the polygon nowhere: the others imply them.
        this.edges = edges.stream().filter(e -> corners.stream().anyMatch(c -> Math.abs(e.inside(c)) < 1e-9)).toList();
    }

    /** The sure support of these feet. */
    public static SupportPolygon of(List<Footing> contacts) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < contacts.size(); i++) {
            for (int j = i + 1; j < contacts.size(); j++) {
                addTangents(edges, contacts, contacts.get(i), contacts.get(j));
            }
        }
        return new SupportPolygon(edges);
    }

    private static void addTangents(List<Edge> edges, List<Footing> all, Footing a, Footing b) {
        Vec3 apart = a.point().minus(b.point());
        double distance = apart.radius();
        double share = (a.roam() - b.roam()) / Math.max(distance, 1e-12);
        if (distance < 1e-12 || Math.abs(share) > 1) {
            return;
        }
        // n·(P_a − P_b) = r_a − r_b has two unit solutions, mirrored in the line between the pivots.
        double line = Math.atan2(apart.y(), apart.x());
        double off = Math.acos(share);
        for (double angle : new double[]{line + off, line - off}) {
            double nx = Math.cos(angle);
            double ny = Math.sin(angle);
            double bound = Double.NEGATIVE_INFINITY;
            for (Footing c : all) {
                bound = Math.max(bound, nx * c.point().x() + ny * c.point().y() - c.roam());
            }
            // If a third foot reaches further, this tangent is no edge.
            if (bound <= nx * a.point().x() + ny * a.point().y() - a.roam() + 1e-9) {
                edges.add(new Edge(nx, ny, bound));
            }
        }
    }

    /** Cuts a huge square down by every edge (Sutherland and Hodgman 1974). */
    private static List<Vec3> cut(List<Edge> edges) {
        List<Vec3> polygon = List.of(new Vec3(HUGE, HUGE, 0), new Vec3(-HUGE, HUGE, 0), new Vec3(-HUGE, -HUGE, 0),
                new Vec3(HUGE, -HUGE, 0));
        for (Edge edge : edges) {
            List<Vec3> kept = new ArrayList<>();
            for (int i = 0; i < polygon.size(); i++) {
                Vec3 a = polygon.get(i);
                Vec3 b = polygon.get((i + 1) % polygon.size());
                double da = edge.inside(a);
                double db = edge.inside(b);
                if (da >= 0) {
                    kept.add(a);
                }
                if (da > 0 && db < 0 || da < 0 && db > 0) {
                    kept.add(a.plus(b.minus(a).times(da / (da - db))));
                }
            }
            polygon = kept;
        }
        boolean bounded = polygon.stream().noneMatch(p -> p.radius() > HUGE / 2);
        return bounded ? distinct(polygon) : List.of();
    }

    private static List<Vec3> distinct(List<Vec3> polygon) {
        List<Vec3> kept = new ArrayList<>();
        for (Vec3 p : polygon) {
            if (kept.stream().noneMatch(q -> q.minus(p).length() < 1e-9)) {
                kept.add(p);
            }
        }
        return kept;
    }

    /** The edges; empty if nothing is surely supported. */
    public List<Edge> edges() {
        return edges;
    }

    /** Its corners in order, counter-clockwise, m; empty if nothing is surely supported. */
    public List<Vec3> corners() {
        return corners;
    }

    /** How far it is at its narrowest from an edge to the corner opposite, m; 0 if nothing is surely supported. */
    public double narrowest() {
        double narrowest = edges.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        for (Edge edge : edges) {
            double deep = 0;
            for (Vec3 corner : corners) {
                deep = Math.max(deep, edge.inside(corner));
            }
            narrowest = Math.min(narrowest, deep);
        }
        return narrowest;
    }

    /** The edge nearest to a point, or, for a point outside, the one it is furthest beyond. */
    public Edge nearest(Vec3 point) {
        Edge nearest = null;
        for (Edge edge : edges) {
            if (nearest == null || edge.inside(point) < nearest.inside(point)) {
                nearest = edge;
            }
        }
        return nearest;
    }

    /** Distance from a point to the nearest edge, m; negative outside, −1 if there is no support at all. */
    public double clearance(Vec3 point) {
        return edges.isEmpty() ? -1 : nearest(point).inside(point);
    }

    /**
     * How far a point can go in that direction before it leaves the polygon, m; negative if it is outside already by its
     * nearest edge.
     *
     * @param direction rad from forward
     */
    public double along(Vec3 point, double direction) {
        if (clearance(point) < 0) {
            return clearance(point);
        }
        double least = Double.POSITIVE_INFINITY;
        for (Edge edge : edges) {
            double speed = edge.nx() * Math.cos(direction) + edge.ny() * Math.sin(direction);
            if (speed > 1e-12) {
                least = Math.min(least, edge.inside(point) / speed);
            }
        }
        return least;
    }
}

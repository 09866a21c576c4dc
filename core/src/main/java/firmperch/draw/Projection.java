package firmperch.draw;

import firmperch.body.Body;
import firmperch.body.Facets;
import firmperch.body.Hole;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.stock.Look;
import firmperch.stock.Section;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The pieces of a posed rig seen in some direction, the nearer over the farther. Along an axis a piece is the outline that is
 * cut, and what stands around something poured is looked through; at an angle every face is drawn by itself.
 */
final class Projection {
    private static final double EDGE_ON = 0.02;
    private static final double ALONG = 0.999;

    private final Situation s;
    private final View view;

    Projection(Situation s, View view) {
        this.s = s;
        this.view = view;
    }

    /** A piece or a face with how near it is. */
    private record Layer(double depth, List<Shape> shapes, Piece piece) {}

    /** Draws every piece. */
    void draw(Drawing.Builder out) {
        layers().forEach(layer -> layer.shapes.forEach(out::add));
        for (Tie tie : s.study().assembly().ties()) {
            List<Vec3> path = s.posed().ties().path(tie);
            for (int i = 1; i < path.size(); i++) {
                out.path(Ink.TIE, view.at(s.inRoom(path.get(i - 1))), view.at(s.inRoom(path.get(i))));
            }
        }
    }

    private List<Layer> layers() {
        List<Layer> layers = new ArrayList<>();
        List<Piece> pieces = s.study().assembly().pieces();
        Set<Body> filled = new HashSet<>();
        pieces.stream().filter(p -> p.supply() instanceof Supply.Poured).forEach(p -> filled.add(p.body()));
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            if (!piece.takesRoom()) {
                continue;
            }
            Placement place = placed(piece);
            Ink ink = ink(piece);
            if (view.straight()) {
                layers.add(new Layer(depth(piece, place, filled), flat(i, piece, place, ink), piece));
            } else {
                faces(layers, i, piece, place, ink);
            }
        }
        layers.sort(Comparator.comparingDouble(Layer::depth));
        return layers;
    }

    /** Adds the faces that look toward the eye; strips of something round as one. */
    private void faces(List<Layer> layers, int number, Piece piece, Placement place, Ink ink) {
        Facets facets = s.study().rig().facets(number);
        List<Point> seen = seen(facets, place);
        Vec3 toward = place.inward(view.toward());
        double origin = view.depth(place.origin());
        Set<Integer> round = new LinkedHashSet<>();
        for (Facets.Facet face : facets.faces()) {
            if (face.normal().dot(toward) > EDGE_ON) {
                if (face.seams()) {
                    layers.add(new Layer(origin + nearness(facets, face.corners(), toward),
                            List.of(new Shape.Area(ink, points(seen, face.corners()))), piece));
                } else {
                    round.addAll(face.corners());
                }
            }
        }
        if (!round.isEmpty()) {
            layers.add(new Layer(origin + nearness(facets, round, toward),
                    List.of(new Shape.Area(ink, hull(points(seen, round)))), piece));
        }
    }

    /** Where every corner is drawn. */
    private List<Point> seen(Facets facets, Placement place) {
        // The way from the solid's axes into the drawing, worked out once.
        Point at = view.at(place.origin());
        Vec3 right = place.inward(view.right());
        Vec3 up = place.inward(view.up());
        List<Point> seen = new ArrayList<>(facets.corners().size());
        for (Vec3 c : facets.corners()) {
            seen.add(new Point(at.x() + right.dot(c), at.y() + up.dot(c)));
        }
        return seen;
    }

    private static List<Point> points(List<Point> seen, Collection<Integer> numbers) {
        List<Point> points = new ArrayList<>(numbers.size());
        for (int number : numbers) {
            points.add(seen.get(number));
        }
        return points;
    }

    private static double nearness(Facets facets, Collection<Integer> numbers, Vec3 toward) {
        double sum = 0;
        for (int number : numbers) {
            sum += facets.corners().get(number).dot(toward);
        }
        return sum / numbers.size();
    }

    /** Where a piece is in the room. */
    private Placement placed(Piece piece) {
        Placement own = s.posed().place(piece);
        double heading = s.project().stance().heading();
        return new Placement(s.inRoom(own.origin()), own.x().turned(heading), own.y().turned(heading),
                own.z().turned(heading));
    }

    /** What a piece looks like. */
    static Ink ink(Piece piece) {
        return switch (piece.look()) {
            case Look.WOOD -> Ink.STICK;
            case Look.PANEL -> Ink.PLATE;
            case Look.METAL -> Ink.POST;
            case Look.CONCRETE -> Ink.CONCRETE;
            case Look.WHEEL -> Ink.WHEEL;
            case Look.DARK -> Ink.DARK;
        };
    }

    private static final double BEHIND = 1000;

    /** How near the front of a piece is; a wall square to the eye around something poured counts as behind everything. */
    private double depth(Piece piece, Placement place, Set<Body> filled) {
        double front = view.depth(place.point(piece.solid().furthest(place.inward(view.toward()))));
        boolean wall = piece.solid() instanceof Solid.Sheet && Math.abs(place.z().dot(view.toward())) > ALONG
                && filled.contains(piece.body());
        return front - (wall ? BEHIND : 0);
    }

    private List<Shape> flat(int number, Piece piece, Placement place, Ink ink) {
        List<Shape> shapes = new ArrayList<>();
        double round = roundAlong(piece.solid(), place);
        if (round > 0) {
            shapes.add(new Shape.Disc(ink, view.at(place.point(piece.own().centre())), round));
        } else {
            shapes.add(new Shape.Area(ink, outline(number, place)));
        }
        for (Hole hole : piece.holes()) {
            if (Math.abs(place.direction(hole.along()).dot(view.toward())) > ALONG) {
                shapes.add(new Shape.Disc(Ink.HOLE, view.at(place.point(hole.at())), hole.diameter() / 2));
            }
        }
        return shapes;
    }

    /** Radius of something round that is seen along its axis, m; 0 if it is not. */
    private double roundAlong(Solid solid, Placement place) {
        return switch (solid) {
            case Solid.Round r -> Math.abs(place.z().dot(view.toward())) > ALONG ? r.reach(Vec3.X) : 0;
            case Solid.Bought b -> roundAlong(b.shape(), place);
            case Solid.Bar b -> b.section() instanceof Section.RoundTube tube
                    && Math.abs(place.x().dot(view.toward())) > ALONG ? tube.diameter() / 2 : 0;
            case Solid.Sheet _,Solid.Filling _,Solid.Point _ -> 0;
        };
    }

    /** The face that is square to the eye, as it is cut; else what is around all of it. */
    private List<Point> outline(int number, Placement place) {
        Facets facets = s.study().rig().facets(number);
        List<Point> seen = seen(facets, place);
        Vec3 toward = place.inward(view.toward());
        for (Facets.Facet face : facets.faces()) {
            if (face.seams() && face.normal().dot(toward) > ALONG) {
                return points(seen, face.corners());
            }
        }
        return hull(seen);
    }

    private static int byPlace(Point a, Point b) {
        int x = Double.compare(a.x(), b.x());
        return x != 0 ? x : Double.compare(a.y(), b.y());
    }

    /** The convex hull, counter-clockwise (Andrew 1979). */
    static List<Point> hull(List<Point> points) {
        List<Point> sorted = new ArrayList<>(points);
        sorted.sort(Projection::byPlace);
        List<Point> hull = new ArrayList<>();
        for (int pass = 0; pass < 2; pass++) {
            int floor = hull.size();
            for (Point p : pass == 0 ? sorted : sorted.reversed()) {
                while (hull.size() >= floor + 2
                        && cross(hull.get(hull.size() - 2), hull.getLast(), p) <= 1e-12) {
                    hull.removeLast();
                }
                hull.add(p);
            }
            hull.removeLast();
        }
        return hull;
    }

    private static double cross(Point o, Point a, Point b) {
        return (a.x() - o.x()) * (b.y() - o.y()) - (a.y() - o.y()) * (b.x() - o.x());
    }

    /** The piece that is seen at a point of the drawing. */
    Optional<Piece> at(Point p) {
        return layers().reversed().stream()
                .filter(layer -> layer.shapes.stream().anyMatch(shape -> covers(shape, p))).map(Layer::piece)
                .findFirst();
    }

    private static boolean covers(Shape shape, Point p) {
        return switch (shape) {
            case Shape.Area area -> inside(area.points(), p);
            case Shape.Disc disc -> Math.hypot(disc.centre().x() - p.x(), disc.centre().y() - p.y()) <= disc.radius();
            default -> false;
        };
    }

    private static boolean inside(List<Point> corners, Point p) {
        boolean in = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            if (a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }

    /** The outline of everything that differs from another pose, as a ghost. */
    void ghost(Drawing.Builder out, Situation set, Ink ink) {
        List<Piece> pieces = s.study().assembly().pieces();
        boolean elsewhere = !s.project().stance().samePlace(set.project().stance());
        boolean held = s.project().perch().none();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            boolean moved = elsewhere || i >= set.study().assembly().pieces().size()
                    || !s.posed().place(piece).equals(set.posed().place(set.study().assembly().pieces().get(i)));
            boolean bar = held || piece.bends() || piece.body().equals(s.study().assembly().mount().body());
            if (moved && bar && piece.takesRoom()) {
                List<Point> outline = new ArrayList<>(outline(i, placed(piece)));
                outline.add(outline.getFirst());
                out.path(ink, outline.toArray(Point[]::new));
            }
        }
    }
}

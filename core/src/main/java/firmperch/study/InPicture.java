package firmperch.study;

import firmperch.body.Body;
import firmperch.body.Facets;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.clearance.BoundingBox;
import firmperch.clearance.Boxes;
import firmperch.place.Block;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The rig's own pieces that come into its picture.
 *
 * @param piece that does
 * @param faces what of its faces is seen, each cut off at the picture's edges
 * @param round the same of the strips of what is round on it
 * @param depth how far before the lens it is, in the mean of its corners, m
 */
public record InPicture(Piece piece, List<List<Sight.Seen>> faces, List<List<Sight.Seen>> round, double depth) {
    /** The lens's own rim is not in its picture, m. */
    private static final double RIM = 0.001;

    public InPicture {
        faces = List.copyOf(faces);
        round = List.copyOf(round);
    }

    /**
     * All that is before the lens's front and before a plane, the farthest first.
     */
    public static List<InPicture> of(Situation s, Sight sight, Sight.Before before) {
        return of(s, sight, before, body -> true);
    }

    private static List<InPicture> of(Situation s, Sight sight, Sight.Before before, Predicate<Body> which) {
        List<InPicture> all = new ArrayList<>(0);
        double nearest = Math.max(RIM, s.shot().lens().length() - sight.image()) + RIM;
        for (Boxes.Around around : s.study().boxes().bodies()) {
            Placement place = s.study().room().of(s.posed().place(around.body()));
            if (!which.test(around.body())
                    || !sight.couldShow(place.point(around.middle()), around.radius(), nearest, before)) {
                continue;
            }
            for (int i : around.pieces()) {
                BoundingBox box = s.study().boxes().each().get(i);
                // What only weighs something has no room around it.
                if (box.radius() > 0
                        && sight.couldShow(place.point(box.middle()), box.radius(), nearest, before)) {
                    InPicture shown = of(s, sight, i, nearest, before);
                    if (!shown.faces.isEmpty() || !shown.round.isEmpty()) {
                        all.add(shown);
                    }
                }
            }
        }
        all.sort(Comparator.comparingDouble(InPicture::depth).reversed());
        return all;
    }

    private static InPicture of(Situation s, Sight sight, int number, double nearest, Sight.Before before) {
        Piece piece = s.study().assembly().pieces().get(number);
        Facets facets = s.study().rig().facets(number);
        Placement place = s.study().room().of(s.posed().place(piece));
        List<Vec3> corners = new ArrayList<>(facets.corners().size());
        double depth = 0;
        for (Vec3 corner : facets.corners()) {
            Vec3 at = place.point(corner);
            corners.add(at);
            depth += sight.depth(at) / facets.corners().size();
        }
        List<List<Sight.Seen>> faces = new ArrayList<>();
        List<List<Sight.Seen>> round = new ArrayList<>();
        if (sight.couldShow(corners, nearest, before)) {
            for (Facets.Facet face : facets.faces()) {
                Vec3 from = corners.get(face.corners().getFirst());
                if (sight.eye().minus(from).dot(place.direction(face.normal())) > 0) {
                    List<Vec3> edge = face.corners().stream().map(corners::get).toList();
                    List<Sight.Seen> seen = sight.clipped(edge, nearest, before);
                    if (seen.size() > 2) {
                        (face.seams() ? faces : round).add(seen);
                    }
                }
            }
        }
        return new InPicture(piece, faces, round, depth);
    }

    /**
     * How much of what must be in the picture is hidden.
     *
     * @param share of its area in the picture, 0 to 1; no less than it is, as what two pieces hide counts twice
     * @param most the piece that hides most of it; null if none does
     */
    public record Hidden(double share, Piece most) {}

    /** What lies between the lens and what is filmed. */
    private static Sight.Before between(Situation s) {
        Vec3 normal = s.target().normal();
        return new Sight.Before(normal, s.shotCentre().dot(normal) + RIM);
    }

    /** What of the wanted rectangle the rig's own pieces hide. */
    public static Hidden hidden(Situation s) {
        Sight sight = Sight.of(s);
        List<InPicture> above = sight.sees() ? of(s, sight, between(s)) : List.of();
        List<Sight.Seen> wanted = above.isEmpty() ? List.of() : sight.wantedSeen();
        if (wanted.size() < 4) {
            return new Hidden(0, null);
        }
        double all = area(wanted);
        double sum = 0;
        double largest = 0;
        Piece most = null;
        for (InPicture shown : above) {
            double hides = Stream.concat(shown.faces.stream(), shown.round.stream())
                    .mapToDouble(face -> Math.abs(area(within(face, wanted, Math.signum(all))))).sum();
            sum += hides;
            most = hides > largest ? shown.piece : most;
            largest = Math.max(largest, hides);
        }
        return new Hidden(Math.min(1, sum / Math.abs(all)), most);
    }

    /** What of the gear comes into the picture, wherever in it: the share of all the picture that it takes (where two things overlap, twice), and what takes most. */
    public static Hidden gear(Situation s) {
        Sight sight = Sight.of(s);
        double sum = 0;
        double largest = 0;
        Piece most = null;
        Body payload = s.study().assembly().payload().body();
        for (InPicture shown : sight.sees() ? of(s, sight, Sight.Before.ANY, payload::equals) : List.<InPicture>of()) {
            // All of the picture goes from −1 to 1 both ways; what is seen of a face has twice its area here.
            double takes = Stream.concat(shown.faces.stream(), shown.round.stream())
                    .mapToDouble(face -> Math.abs(area(face)) / 8).sum();
            sum += takes;
            most = takes > largest ? shown.piece : most;
            largest = Math.max(largest, takes);
        }
        return new Hidden(Math.min(1, sum), most);
    }

    /**
     * How much of what must be in the picture one thing of the room hides.
     *
     * @param solid all of it
     * @return share of its area in the picture, 0 to 1
     */
    public static double hidden(Situation s, List<Block> solid) {
        Sight sight = Sight.of(s);
        List<Sight.Seen> wanted = sight.sees() ? sight.wantedSeen() : List.of();
        if (wanted.size() < 4) {
            return 0;
        }
        double all = area(wanted);
        double sum = 0;
        for (Block block : solid) {
            Vec3 across = block.most().minus(block.least()).times(0.5);
            if (!sight.couldShow(block.least().plus(across), across.length(), RIM, between(s))) {
                continue;
            }
            for (List<Vec3> face : block.faces()) {
                if (sight.eye().minus(face.getFirst()).dot(Block.normal(face)) > 0) {
                    List<Sight.Seen> seen = sight.clipped(face, RIM, between(s));
                    sum += seen.size() > 2 ? Math.abs(area(within(seen, wanted, Math.signum(all)))) : 0;
                }
            }
        }
        return Math.min(1, sum / Math.abs(all));
    }

    /** Twice the area of a polygon; negative where it goes round clockwise. */
    private static double area(List<Sight.Seen> p) {
        double sum = 0;
        for (int i = 0, j = p.size() - 1; i < p.size(); j = i++) {
            sum += p.get(j).x() * p.get(i).y() - p.get(i).x() * p.get(j).y();
        }
        return sum;
    }

    /** What of a polygon lies within a convex one that goes round that way (Sutherland and Hodgman). */
    private static List<Sight.Seen> within(List<Sight.Seen> polygon, List<Sight.Seen> convex, double way) {
        List<Sight.Seen> kept = polygon;
        for (int k = 0, j = convex.size() - 1; k < convex.size(); j = k++) {
            List<Sight.Seen> left = new ArrayList<>();
            for (int i = 0; i < kept.size(); i++) {
                Sight.Seen a = kept.get(i);
                Sight.Seen b = kept.get((i + 1) % kept.size());
                double inA = way * beside(convex.get(j), convex.get(k), a);
                double inB = way * beside(convex.get(j), convex.get(k), b);
                if (inA >= 0) {
                    left.add(a);
                }
                if (inA >= 0 != inB >= 0) {
                    double t = inA / (inA - inB);
                    left.add(new Sight.Seen(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y())));
                }
            }
            kept = left;
        }
        return kept;
    }

    /** How far a place lies to the left of a line, times the line's length. */
    private static double beside(Sight.Seen from, Sight.Seen to, Sight.Seen place) {
        return (to.x() - from.x()) * (place.y() - from.y()) - (to.y() - from.y()) * (place.x() - from.x());
    }
}

package firmperch.study;

import firmperch.body.Body;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.place.Bench;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the camera sees of the bench's top, as it is marked there: where it lies and how far it stays from each edge, m; below 0 where it
 * runs over.
 *
 * @param near from the edge nearest the perch
 * @param far from the edge opposite
 * @param left from the left end, seen from the perch
 * @param right from the right end
 * @param corners in the room, round what is seen, the bench's edges not heeded
 */
public record Taped(double near, double far, double left, double right, List<Vec3> corners) {
    public Taped {
        corners = List.copyOf(corners);
    }

    /** As the camera stands; nothing where not all of its picture meets the bench's height. */
    public static Optional<Taped> of(Situation s) {
        Bench bench = s.project().place().bench();
        List<Vec3> corners = Sight.of(s).covered(bench.height());
        if (corners.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Taped(least(corners, Vec3.X) - bench.from(),
                bench.from() + bench.depth() + least(corners, Vec3.X.negated()),
                bench.width() / 2 + least(corners, Vec3.Y.negated()), bench.width() / 2 + least(corners, Vec3.Y),
                corners));
    }

    private static double least(List<Vec3> corners, Vec3 direction) {
        return corners.stream().mapToDouble(c -> c.dot(direction)).min().orElseThrow();
    }

    /** What of it lies on the bench, round; fewer than three corners where nothing does. */
    public List<Vec3> onBench(Bench bench) {
        List<Vec3> kept = cut(corners, Vec3.X, bench.from());
        kept = cut(kept, Vec3.X.negated(), -bench.from() - bench.depth());
        kept = cut(kept, Vec3.Y, -bench.width() / 2);
        return cut(kept, Vec3.Y.negated(), -bench.width() / 2);
    }

    /** What lies at least so far in a direction (Sutherland and Hodgman). */
    static List<Vec3> cut(List<Vec3> face, Vec3 normal, double least) {
        double[] in = new double[face.size()];
        boolean whole = true;
        for (int i = 0; i < in.length; i++) {
            in[i] = face.get(i).dot(normal) - least;
            whole &= in[i] >= 0;
        }
        if (whole) {
            return face;
        }
        List<Vec3> kept = new ArrayList<>(in.length + 1);
        for (int i = 0; i < in.length; i++) {
            Vec3 a = face.get(i);
            Vec3 b = face.get((i + 1) % in.length);
            double inA = in[i];
            double inB = in[(i + 1) % in.length];
            if (inA >= 0) {
                kept.add(a);
            }
            if (inA >= 0 != inB >= 0) {
                kept.add(a.plus(b.minus(a).times(inA / (inA - inB))));
            }
        }
        return kept;
    }

    /** The four distances in words, to mark it with tape. */
    public String words(Situation s) {
        return distance(s, near, "the edge nearest the perch") + ", " + distance(s, far, "the edge opposite") + ", "
                + distance(s, left, "the left end") + ", " + distance(s, right, "the right end");
    }

    /** Where what stands on the floor ends, to be marked with tape there; empty where nothing does. */
    public static String foot(Situation s) {
        Set<Body> standing = s.study().fixedTo(Surface.FLOOR);
        if (standing.isEmpty()) {
            return "";
        }
        double[] reach = new double[4];
        Vec3[] ways = {Vec3.X.negated(), Vec3.X, Vec3.Y, Vec3.Y.negated()};
        for (int i = 0; i < reach.length; i++) {
            reach[i] = s.clearance().furthest(ways[i], standing::contains);
        }
        return "from " + s.length(-reach[0]) + " to " + s.length(reach[1]) + " out from the wall, "
                + beside(s, reach[2], "left") + " and " + beside(s, reach[3], "right") + " of the bench's middle";
    }

    private static String beside(Situation s, double reach, String side) {
        String other = side.equals("left") ? "right" : "left";
        return reach >= 0 ? s.length(reach) + " to the " + side : s.length(-reach) + " to the " + other;
    }

    private static String distance(Situation s, double distance, String from) {
        return distance >= 0
                ? s.length(distance) + " from " + from
                : s.length(-distance) + " over " + from;
    }
}

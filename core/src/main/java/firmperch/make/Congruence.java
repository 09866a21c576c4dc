package firmperch.make;

import firmperch.body.Hole;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Whether two pieces are the same thing turned, or each other's mirror image. The features of each (corners of its shape, of what is
 * cut out of it, both ends of every hole) are told from the middle of the box around it and turned in all ways that leave a box's
 * axes axes: 24 of them, and 24 more with a mirror. Pieces are alike if one of these makes their features the same.
 *
 * <p>Holes go straight through, so that it makes no difference from which side; arcs count by points on them. Lengths that differ by
 * less than a ten-thousandth of a millimetre are the same. A round thing has its profile for a corner on each side, which tells it
 * from other round things. Turns by other angles than right ones are not tried: a disc drilled at two other places round its middle
 * would be a line of its own, which costs a line and no wood.
 */
final class Congruence {
    /** Lengths are compared in these units, m. */
    private static final double UNIT = 1e-7;
    private static final List<int[]> TURNS = turns(1);
    private static final List<int[]> MIRRORS = turns(-1);

    private Congruence() {
    }

    /** True if one is the other, turned or not. */
    static boolean same(Piece a, Piece b) {
        return a.solid().equals(b.solid()) && a.holes().equals(b.holes()) || agree(a, b, TURNS);
    }

    /** True if one is the other's mirror image. */
    static boolean mirrored(Piece a, Piece b) {
        return agree(a, b, MIRRORS);
    }

    private static boolean agree(Piece a, Piece b, List<int[]> turns) {
        List<Feature> wanted = features(a);
        List<Feature> others = features(b);
        if (wanted.size() != others.size()) {
            return false;
        }
        wanted.sort(Feature.ORDER);
        for (int[] turn : turns) {
            List<Feature> turned = new ArrayList<>(others.stream().map(f -> f.turned(turn)).toList());
            turned.sort(Feature.ORDER);
            if (near(wanted, turned)) {
                return true;
            }
        }
        return false;
    }

    private static boolean near(List<Feature> a, List<Feature> b) {
        for (int i = 0; i < a.size(); i++) {
            if (!a.get(i).equals(b.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** A point that a piece has, and of what, from its middle in {@link #UNIT}. */
    private record Feature(String of, long x, long y, long z) {
        private static final Comparator<Feature> ORDER = Comparator.comparing(Feature::of).thenComparingLong(Feature::x)
                .thenComparingLong(Feature::y).thenComparingLong(Feature::z);

        /** Turned: which axis each of its own goes to, counted from 1, negative the other way. */
        Feature turned(int[] turn) {
            long[] from = {x, y, z};
            long[] to = new long[3];
            for (int i = 0; i < 3; i++) {
                to[Math.abs(turn[i]) - 1] = Integer.signum(turn[i]) * from[i];
            }
            return new Feature(of, to[0], to[1], to[2]);
        }
    }

    /** All ways to send axes to axes; the determinant is 1 for turns, −1 with a mirror. */
    private static List<int[]> turns(int determinant) {
        List<int[]> all = new ArrayList<>();
        int[][] orders = {{1, 2, 3}, {2, 3, 1}, {3, 1, 2}, {1, 3, 2}, {3, 2, 1}, {2, 1, 3}};
        for (int order = 0; order < orders.length; order++) {
            for (int signs = 0; signs < 8; signs++) {
                int[] turn = new int[3];
                int sign = order < 3 ? 1 : -1;
                for (int i = 0; i < 3; i++) {
                    int way = (signs & 1 << i) == 0 ? 1 : -1;
                    turn[i] = way * orders[order][i];
                    sign *= way;
                }
                if (sign == determinant) {
                    all.add(turn);
                }
            }
        }
        return all;
    }

    private static List<Feature> features(Piece piece) {
        Solid solid = piece.solid();
        Vec3 middle = new Vec3(middle(solid, Vec3.X), middle(solid, Vec3.Y), middle(solid, Vec3.UP));
        List<Feature> features = new ArrayList<>();
        shape(features, "", solid, Placement.at(middle.negated()));
        for (Hole hole : piece.holes()) {
            // Two points of its middle line, either side of where that passes the piece's middle.
            Vec3 at = hole.at().minus(middle);
            Vec3 nearest = at.minus(hole.along().times(at.dot(hole.along())));
            String of = "hole " + Math.round(hole.diameter() / UNIT) + " " + hole.purpose() + " " + hole.together();
            add(features, of, nearest.plus(hole.along().times(0.1)));
            add(features, of, nearest.minus(hole.along().times(0.1)));
        }
        return features;
    }

    private static double middle(Solid solid, Vec3 axis) {
        return (solid.reach(axis) - solid.reach(axis.negated())) / 2;
    }

    private static void shape(List<Feature> features, String of, Solid solid, Placement at) {
        switch (solid) {
            case Solid.Bar bar -> {
                double half = bar.section().breadth() / 2;
                for (Outline.Point p : bar.side().points()) {
                    add(features, of + bar.section(), at.point(new Vec3(p.x(), half, p.y())));
                    add(features, of + bar.section(), at.point(new Vec3(p.x(), -half, p.y())));
                }
            }
            case Solid.Sheet sheet -> {
                loop(features, of + "edge", sheet.outline().loop(), sheet.thickness(), at);
                sheet.outline().cutouts().forEach(c -> loop(features, of + "opening", c, sheet.thickness(), at));
            }
            case Solid.Round round -> {
                for (Outline.Point p : round.profile()) {
                    for (Vec3 side : List.of(Vec3.X, Vec3.Y, Vec3.X.negated(), Vec3.Y.negated())) {
                        add(features, of + "round", at.point(side.times(p.x()).plus(Vec3.UP.times(p.y()))));
                    }
                }
            }
            case Solid.Filling filling -> {
                shape(features, of + "filled ", filling.hollow(), at);
                filling.standing().forEach(s -> shape(features, of + "around ", s.solid(), at.of(s.at())));
            }
            case Solid.Bought bought -> shape(features, of + "bought ", bought.shape(), at);
            case Solid.Point _ -> add(features, of + "point", at.origin());
        }
    }

    private static void loop(List<Feature> features, String of, List<Outline.Edge> loop, double thickness,
            Placement at) {
        for (Outline.Point p : Outline.points(loop)) {
            add(features, of, at.point(new Vec3(p.x(), p.y(), thickness / 2)));
            add(features, of, at.point(new Vec3(p.x(), p.y(), -thickness / 2)));
        }
    }

    private static void add(List<Feature> features, String of, Vec3 at) {
        features.add(new Feature(of, Math.round(at.x() / UNIT), Math.round(at.y() / UNIT), Math.round(at.z() / UNIT)));
    }
}

package firmperch.clearance;

import firmperch.body.Vec3;
import java.util.function.UnaryOperator;

/**
 * The distance between two convex shapes, each known by its furthest point in any direction: Gilbert, Johnson and Keerthi
 * (1988), the nearest point of the simplex found by its regions (Ericson, <i>Real-Time Collision Detection</i>, ch. 5 and 9).
 * Shapes that overlap are 0 apart.
 */
final class Gjk {
    private static final int MOST_ROUNDS = 40;
    private static final double CLOSE = 1e-7;
    /** How far under the distance what is said may be, m. */
    static final double NEAR_ENOUGH = 5e-8;

    private Gjk() {
    }

    /**
     * How far two shapes are apart.
     *
     * @param distance m
     * @param line from the second to the first along which they are, of any length; nothing where they overlap
     */
    record Found(double distance, Vec3 line) {
        static final Found OVERLAP = new Found(0, Vec3.ZERO);
    }

    /** The distance alone, m. */
    static double distance(UnaryOperator<Vec3> a, UnaryOperator<Vec3> b, Vec3 guess, double limit) {
        return find(a, b, guess, limit, NEAR_ENOUGH).distance;
    }

    /**
     * The distance; where it is more than a limit, any figure between the limit and the distance.
     *
     * @param a furthest point of one shape in a direction
     * @param b of the other
     * @param guess roughly from b to a: the better, the sooner it is found
     * @param limit beyond which it need not be known exactly, m
     * @param under how far under the distance what is said may be, m
     */
    static Found find(UnaryOperator<Vec3> a, UnaryOperator<Vec3> b, Vec3 guess, double limit, double under) {
        Vec3[] simplex = new Vec3[4];
        Vec3 nearest = difference(a, b, guess.times(-1));
        // The two lie on either side of a plane square to the guess that far apart, if they do.
        double apart = nearest.dot(guess) / guess.length();
        if (apart > limit) {
            return new Found(apart, guess);
        }
        simplex[0] = nearest;
        int size = 1;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double gap = nearest.length();
            if (gap < CLOSE) {
                return Found.OVERLAP;
            }
            Vec3 next = difference(a, b, nearest.times(-1));
            // A plane square to the line of sight lies between the two: they are at least that far apart.
            double least = nearest.dot(next) / gap;
            if (least > limit) {
                return new Found(least, nearest);
            }
            // No point lies further toward the origin: the nearest has been found.
            if (gap - least <= under) {
                return new Found(Math.max(0, least), nearest);
            }
            for (int i = 0; i < size; i++) {
                if (simplex[i].minus(next).length() < 1e-12) {
                    return new Found(gap, nearest);
                }
            }
            simplex[size++] = next;
            Vec3 closer = reduce(simplex, size);
            size = 0;
            while (size < 4 && simplex[size] != null) {
                size++;
            }
            if (size == 4 || closer.length() >= gap) {
                return size == 4 ? Found.OVERLAP : new Found(gap, nearest);
            }
            nearest = closer;
        }
        return new Found(nearest.length(), nearest);
    }

    private static Vec3 difference(UnaryOperator<Vec3> a, UnaryOperator<Vec3> b, Vec3 direction) {
        return a.apply(direction).minus(b.apply(direction.times(-1)));
    }

    /** Leaves in the simplex only the corners that the point nearest to the origin lies between; returns that point. */
    private static Vec3 reduce(Vec3[] s, int size) {
        Best best = new Best();
        int last = size - 1;
        // Every face of the simplex that has the newest corner, the small ones first: the others were further off before.
        best.corner(s, last);
        for (int i = 0; i < last; i++) {
            best.edge(s, i, last);
        }
        for (int i = 0; i < last; i++) {
            for (int j = i + 1; j < last; j++) {
                best.side(s, i, j, last);
            }
        }
        if (size == 4 && holds(s)) {
            return Vec3.ZERO;
        }
        Vec3 first = s[best.first];
        Vec3 second = best.second < 0 ? null : s[best.second];
        Vec3 third = best.third < 0 ? null : s[best.third];
        s[0] = first;
        s[1] = second;
        s[2] = third;
        s[3] = null;
        return best.point;
    }

    /** The nearest face so far: its corners by number, those it has not −1. */
    private static final class Best {
        private Vec3 point;
        private double square = Double.POSITIVE_INFINITY;
        private int first;
        private int second;
        private int third;

        private boolean nearer(double other) {
            return other < square * (1 - 1e-15);
        }

        private void take(Vec3 at, double other, int one, int two, int three) {
            point = at;
            square = other;
            first = one;
            second = two;
            third = three;
        }

        void corner(Vec3[] s, int i) {
            take(s[i], s[i].dot(s[i]), i, -1, -1);
        }

        /** The foot of the perpendicular on a line, if it lies between the ends. */
        void edge(Vec3[] s, int i, int j) {
            Vec3 a = s[i];
            Vec3 d = s[j].minus(a);
            double t = -a.dot(d) / d.dot(d);
            if (t > 0 && t < 1) {
                Vec3 at = a.plus(d.times(t));
                if (nearer(at.dot(at))) {
                    take(at, at.dot(at), i, j, -1);
                }
            }
        }

        /** The foot of the perpendicular on a triangle, if it lies within. */
        void side(Vec3[] s, int i, int j, int k) {
            Vec3 a = s[i];
            Vec3 b = s[j];
            Vec3 c = s[k];
            Vec3 n = b.minus(a).cross(c.minus(a));
            double area = n.dot(n);
            double off = a.dot(n);
            if (area < 1e-24 || !nearer(off * off / area)) {
                return;
            }
            Vec3 p = n.times(off / area);
            if (n.dot(b.minus(a).cross(p.minus(a))) >= 0 && n.dot(c.minus(b).cross(p.minus(b))) >= 0
                    && n.dot(a.minus(c).cross(p.minus(c))) >= 0) {
                take(p, off * off / area, i, j, k);
            }
        }
    }

    /** True if the origin lies within four corners. */
    private static boolean holds(Vec3[] c) {
        return same(c[0], c[1], c[2], c[3]) && same(c[1], c[2], c[3], c[0]) && same(c[2], c[3], c[0], c[1])
                && same(c[3], c[0], c[1], c[2]);
    }

    /** True if the origin lies on the same side of a plane as the fourth corner. */
    private static boolean same(Vec3 a, Vec3 b, Vec3 c, Vec3 fourth) {
        Vec3 n = b.minus(a).cross(c.minus(a));
        double toward = n.dot(fourth.minus(a));
        return Math.abs(toward) > 1e-18 && toward * n.dot(a) <= 0;
    }
}

package firmperch.clearance;

import firmperch.body.Vec3;
import java.util.function.UnaryOperator;

/**
 * The distance between two convex shapes, each given only by its support function: the furthest point in a direction.
 * Method of Gilbert, Johnson and Keerthi (1988).
 *
 * <p>The idea: two shapes are d apart if the origin is d from the set of all differences a − b, which is convex as
 * well. A simplex of up to four of its points is moved toward the origin. Each round takes the point of the simplex
 * nearest to the origin, asks for the furthest point of the set toward the origin from there, adds it, and drops the
 * corners that no longer matter. The nearest point is found by the regions of the simplex (Ericson, <i>Real-Time
 * Collision Detection</i>, ch. 5 and 9).
 *
 * <p>Each round also gives a lower bound, because a plane square to the line of sight separates the shapes. The
 * search stops when that bound is within the wanted tolerance, or beyond the limit of interest, so the result is
 * never above the true distance.
 *
 * <p>Degenerate cases: shapes that overlap, or come nearer than 0.1 µm, are 0 apart; a corner that comes up again, or one that
 * brings the simplex no nearer for rounding, ends the search with the distance found so far.
 */
final class Gjk {
    private static final int MOST_ROUNDS = 40;
    private static final double CLOSE = 1e-7;
    /**
     * Tolerance of a plain distance, m: the result lies at most this far under the true one. 50 nm is far below any
     * clearance asked for, and well above the rounding of coordinates of a few metres.
     */
    static final double NEAR_ENOUGH = 5e-8;

    private Gjk() {
    }

    /**
     * The distance of two shapes.
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
     * The distance, or any figure between the limit and the distance if that is beyond the limit.
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
        // The plane square to the guess already separates them by this much.
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
            // A plane square to the line of sight separates them: they are at least this far apart.
            double least = nearest.dot(next) / gap;
            if (least > limit) {
                return new Found(least, nearest);
            }
            // No point of the set is nearer to the origin: done.
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

    /** Reduces the simplex to the corners whose face holds the point nearest to the origin; returns that point. */
    private static Vec3 reduce(Vec3[] s, int size) {
        Best best = new Best();
        int last = size - 1;
        // Only faces with the newest corner can be nearer than before; small faces first.
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

    /** The nearest face found so far, by the numbers of its corners; −1 for corners it has not. */
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

        /** The foot of the perpendicular on an edge, if it lies between the ends. */
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

        /** The foot of the perpendicular on a triangle, if it lies inside. */
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

    /** True if the origin lies inside the tetrahedron. */
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

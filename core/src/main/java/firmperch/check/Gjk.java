package firmperch.check;

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
    private static final double NEAR_ENOUGH = 5e-8;

    private Gjk() {
    }

    /**
     * Distance, m; where it is more than a limit, any figure between the limit and the distance.
     *
     * @param a furthest point of one shape in a direction
     * @param b of the other
     * @param guess roughly from b to a: the better, the sooner it is found
     * @param limit beyond which it need not be known exactly, m
     */
    static double distance(UnaryOperator<Vec3> a, UnaryOperator<Vec3> b, Vec3 guess, double limit) {
        Vec3[] simplex = new Vec3[4];
        Vec3 nearest = difference(a, b, guess.times(-1));
        // The two lie on either side of a plane square to the guess that far apart, if they do.
        double apart = nearest.dot(guess) / guess.length();
        if (apart > limit) {
            return apart;
        }
        simplex[0] = nearest;
        int size = 1;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double gap = nearest.length();
            if (gap < CLOSE) {
                return 0;
            }
            Vec3 next = difference(a, b, nearest.times(-1));
            // A plane square to the line of sight lies between the two: they are at least that far apart.
            double least = nearest.dot(next) / gap;
            if (least > limit) {
                return least;
            }
            // No point lies further toward the origin: the nearest has been found.
            if (gap - least <= NEAR_ENOUGH) {
                return Math.max(0, least);
            }
            for (int i = 0; i < size; i++) {
                if (simplex[i].minus(next).length() < 1e-12) {
                    return gap;
                }
            }
            simplex[size++] = next;
            Vec3 closer = reduce(simplex, size);
            size = 0;
            while (size < 4 && simplex[size] != null) {
                size++;
            }
            if (size == 4 || closer.length() >= gap) {
                return size == 4 ? 0 : gap;
            }
            nearest = closer;
        }
        return nearest.length();
    }

    private static Vec3 difference(UnaryOperator<Vec3> a, UnaryOperator<Vec3> b, Vec3 direction) {
        return a.apply(direction).minus(b.apply(direction.times(-1)));
    }

    /** Leaves in the simplex only the corners that the point nearest to the origin lies between; returns that point. */
    private static Vec3 reduce(Vec3[] s, int size) {
        Best best = new Best();
        int newest = 1 << size - 1;
        // Every face of the simplex that has the newest corner, the small ones first: the others were further off before.
        for (int set = 0; set < newest; set++) {
            best.offer(s, set | newest);
        }
        Vec3[] kept = new Vec3[4];
        int n = 0;
        for (int i = 0; i < size; i++) {
            if ((best.set & 1 << i) != 0) {
                kept[n++] = s[i];
            }
        }
        System.arraycopy(kept, 0, s, 0, 4);
        return best.point;
    }

    private static final class Best {
        private Vec3 point;
        private double distance = Double.POSITIVE_INFINITY;
        private int set;

        void offer(Vec3[] s, int candidate) {
            Vec3[] c = new Vec3[Integer.bitCount(candidate)];
            int n = 0;
            for (int i = 0; i < 4; i++) {
                if ((candidate & 1 << i) != 0) {
                    c[n++] = s[i];
                }
            }
            Vec3 at = switch (n) {
                case 1 -> c[0];
                case 2 -> onLine(c[0], c[1]);
                case 3 -> onTriangle(c[0], c[1], c[2]);
                default -> holds(c) ? Vec3.ZERO : null;
            };
            if (at != null && at.length() < distance - 1e-15) {
                point = at;
                distance = at.length();
                set = candidate;
            }
        }

        /** The foot of the perpendicular if it lies between the ends. */
        private static Vec3 onLine(Vec3 a, Vec3 b) {
            Vec3 d = b.minus(a);
            double t = -a.dot(d) / d.dot(d);
            return t > 0 && t < 1 ? a.plus(d.times(t)) : null;
        }

        private static Vec3 onTriangle(Vec3 a, Vec3 b, Vec3 c) {
            Vec3 n = b.minus(a).cross(c.minus(a));
            double area = n.dot(n);
            if (area < 1e-24) {
                return null;
            }
            Vec3 p = n.times(a.dot(n) / area);
            boolean in = n.dot(b.minus(a).cross(p.minus(a))) >= 0 && n.dot(c.minus(b).cross(p.minus(b))) >= 0
                    && n.dot(a.minus(c).cross(p.minus(c))) >= 0;
            return in ? p : null;
        }

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
}

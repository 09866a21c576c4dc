package firmperch.frame;

import firmperch.body.Vec3;

/**
 * A symmetric, positive definite matrix with six rows for each node, stored as its envelope (skyline): of each row only the entries
 * from the first nonzero one to the diagonal. The Cholesky factor fills nothing outside of it (George and Liu, <i>Computer Solution
 * of Large Sparse Positive Definite Systems</i>, ch. 4). {@link EnvelopePattern} says where each row begins and orders the nodes so
 * that the rows are short. A frame of thirty nodes is solved in a twentieth of the time that the full matrix takes.
 *
 * <p>There is no pivoting: it is not needed for a positive definite matrix. One that is not positive definite, such as that of a
 * mechanism, is reported by {@link #factor} and not repaired.
 */
final class Envelope {
    private static final int WAYS = EnvelopePattern.WAYS;

    private final EnvelopePattern pattern;
    private final double[] values;

    private Envelope(EnvelopePattern pattern, double[] values) {
        this.pattern = pattern;
        this.values = values;
    }

    /** An empty one of that pattern. */
    static Envelope of(EnvelopePattern pattern) {
        return new Envelope(pattern, new double[pattern.length]);
    }

    /** Adds to an entry. One above the diagonal is ignored, as its mirror image below is added too. */
    void add(int row, int column, double value) {
        int r = pattern.place[row];
        int c = pattern.place[column];
        if (c <= r) {
            values[pattern.start[r] + c] += value;
        }
    }

    /** Adds to an entry and to its mirror image. */
    void addBoth(int row, int column, double value) {
        int r = pattern.place[row];
        int c = pattern.place[column];
        values[pattern.start[Math.max(r, c)] + Math.min(r, c)] += r == c ? 2 * value : value;
    }

    /**
     * Adds k·g·gᵀ: the stiffness against a movement g·u.
     *
     * @param from the node of the first six of g
     * @param to the node of the second six; not used where there are only six
     */
    void spring(int from, int to, double[] g, double k) {
        for (int i = 0; i < g.length; i++) {
            if (g[i] != 0) {
                int row = WAYS * (i < WAYS ? from : to) + i % WAYS;
                double kg = k * g[i];
                add(row, row, kg * g[i]);
                for (int j = 0; j < i; j++) {
                    if (g[j] != 0) {
                        addBoth(row, WAYS * (j < WAYS ? from : to) + j % WAYS, kg * g[j]);
                    }
                }
            }
        }
    }

    /** Adds a spring to the ground against the movement along a direction of a point at an offset from a node. */
    void spring(int node, Vec3 offset, Vec3 along, double stiffness) {
        Vec3 turn = offset.cross(along);
        spring(node, node, new double[]{along.x(), along.y(), along.z(), turn.x(), turn.y(), turn.z()}, stiffness);
    }

    Envelope copy() {
        return new Envelope(pattern, values.clone());
    }

    /** Replaces the matrix by its Cholesky factor; false if it is not positive definite, and then it must not be used further. */
    boolean factor() {
        int[] first = pattern.first;
        int[] start = pattern.start;
        for (int i = 0; i < first.length; i++) {
            int row = start[i];
            for (int j = first[i]; j <= i; j++) {
                int other = start[j];
                int from = Math.max(first[i], first[j]);
                double sum = values[row + j] - product(values, row + from, values, other + from, j - from);
                if (j < i) {
                    values[row + j] = sum / values[other + j];
                } else if (sum > 0) {
                    values[row + i] = Math.sqrt(sum);
                } else {
                    return false;
                }
            }
        }
        return true;
    }

    /** Of so many numbers in a row of each, in four sums beside each other: one alone would wait for each addition. */
    private static double product(double[] a, int i, double[] b, int j, int count) {
        double one = 0;
        double two = 0;
        double three = 0;
        double four = 0;
        int k = 0;
        for (; k < count - 3; k += 4) {
            one += a[i + k] * b[j + k];
            two += a[i + k + 1] * b[j + k + 1];
            three += a[i + k + 2] * b[j + k + 2];
            four += a[i + k + 3] * b[j + k + 3];
        }
        for (; k < count; k++) {
            one += a[i + k] * b[j + k];
        }
        return one + two + (three + four);
    }

    /** Solves for a load, once factored. */
    double[] solve(double[] load) {
        int[] place = pattern.place;
        int[] first = pattern.first;
        int[] start = pattern.start;
        int size = first.length;
        double[] x = new double[size];
        for (int i = 0; i < size; i++) {
            x[place[i]] = load[i];
        }
        for (int i = 0; i < size; i++) {
            double sum = product(values, start[i] + first[i], x, first[i], i - first[i]);
            x[i] = (x[i] - sum) / values[start[i] + i];
        }
        for (int i = size - 1; i >= 0; i--) {
            x[i] /= values[start[i] + i];
            for (int k = first[i]; k < i; k++) {
                x[k] -= values[start[i] + k] * x[i];
            }
        }
        double[] solved = new double[size];
        for (int i = 0; i < size; i++) {
            solved[i] = x[place[i]];
        }
        return solved;
    }
}

package firmperch.frame;

import firmperch.body.Vec3;

/**
 * A symmetric, positive definite matrix with six rows for each node, kept as its envelope: of every row what lies between its
 * first entry and the diagonal, which is all that its Cholesky factor fills ({@link EnvelopePattern} says where that is). A frame
 * of thirty nodes is solved in a twentieth of the time that the full matrix takes.
 *
 * <p>Nothing is pivoted: a matrix that is not positive definite, as of a mechanism, is told by {@link #factor}, not repaired.
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

    /** Adds to an entry; what lies above the diagonal is the same as below it and left out. */
    void add(int row, int column, double value) {
        int r = pattern.place[row];
        int c = pattern.place[column];
        if (c <= r) {
            values[pattern.start[r] + c] += value;
        }
    }

    /** Adds k·g·gᵀ for a node, g the movement along a direction of a point at an offset from it. */
    void spring(int node, Vec3 offset, Vec3 along, double stiffness) {
        Vec3 turn = offset.cross(along);
        double[] g = {along.x(), along.y(), along.z(), turn.x(), turn.y(), turn.z()};
        for (int i = 0; i < WAYS; i++) {
            for (int j = 0; j < WAYS; j++) {
                add(WAYS * node + i, WAYS * node + j, stiffness * g[i] * g[j]);
            }
        }
    }

    Envelope copy() {
        return new Envelope(pattern, values.clone());
    }

    /** Turns it into its Cholesky factor; false if it is not positive definite, and then it is of no use. */
    boolean factor() {
        int[] first = pattern.first;
        int[] start = pattern.start;
        for (int i = 0; i < first.length; i++) {
            int row = start[i];
            for (int j = first[i]; j <= i; j++) {
                int other = start[j];
                double sum = values[row + j];
                for (int k = Math.max(first[i], first[j]); k < j; k++) {
                    sum -= values[row + k] * values[other + k];
                }
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
            double sum = x[i];
            for (int k = first[i]; k < i; k++) {
                sum -= values[start[i] + k] * x[k];
            }
            x[i] = sum / values[start[i] + i];
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

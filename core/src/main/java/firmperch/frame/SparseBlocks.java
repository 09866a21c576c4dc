package firmperch.frame;

import static firmperch.frame.BlockPattern.WAYS;

import firmperch.body.Vec3;

/**
 * A symmetric, positive definite matrix with six rows for each node, stored as the blocks of six by six on and below its diagonal
 * that can differ from 0, in the order in which its nodes are eliminated ({@link BlockPattern}). The Cholesky factor fills nothing
 * but these (George and Liu, <i>Computer Solution of Large Sparse Positive Definite Systems</i>, ch. 5). A frame of forty nodes is
 * factored in a twentieth of the time that the full matrix takes.
 *
 * <p>There is no pivoting: it is not needed for a positive definite matrix. One that is not positive definite, such as that of a
 * mechanism, is reported by {@link #factor} and not repaired.
 */
final class SparseBlocks {
    private final BlockPattern pattern;
    private final double[] values;

    private SparseBlocks(BlockPattern pattern, double[] values) {
        this.pattern = pattern;
        this.values = values;
    }

    /** An empty one of that pattern. */
    static SparseBlocks of(BlockPattern pattern) {
        return new SparseBlocks(pattern, new double[pattern.length]);
    }

    /** Adds to an entry and to its mirror image; twice where these are one. */
    void addBoth(int row, int column, double value) {
        int r = pattern.place[row / WAYS];
        int c = pattern.place[column / WAYS];
        if (r > c) {
            values[pattern.start[r][c] + WAYS * (row % WAYS) + column % WAYS] += value;
        } else if (r < c) {
            values[pattern.start[c][r] + WAYS * (column % WAYS) + row % WAYS] += value;
        } else {
            values[pattern.start[r][r] + WAYS * (row % WAYS) + column % WAYS] += value;
            values[pattern.start[r][r] + WAYS * (column % WAYS) + row % WAYS] += value;
        }
    }

    /**
     * Adds what joins two nodes.
     *
     * @param k twelve by twelve, symmetric, row by row: six of the one node, then six of the other; what is below both diagonals of
     *     blocks is not read
     */
    void addBetween(int from, int to, double[] k) {
        int one = pattern.place[from];
        int other = pattern.place[to];
        add(pattern.start[one][one], k, 0);
        add(pattern.start[other][other], k, 2 * WAYS * WAYS + WAYS);
        if (one >= other) {
            add(pattern.start[one][other], k, WAYS);
        }
        if (one <= other) {
            addTurned(pattern.start[other][one], k, WAYS);
        }
    }

    private void add(int block, double[] k, int first) {
        for (int i = 0; i < WAYS; i++) {
            int from = first + 2 * WAYS * i;
            int to = block + WAYS * i;
            for (int j = 0; j < WAYS; j++) {
                values[to + j] += k[from + j];
            }
        }
    }

    /** Rows as columns. */
    private void addTurned(int block, double[] k, int first) {
        for (int i = 0; i < WAYS; i++) {
            for (int j = 0; j < WAYS; j++) {
                values[block + WAYS * j + i] += k[first + 2 * WAYS * i + j];
            }
        }
    }

    /** Adds s·g·gᵀ to a matrix of twelve by twelve: the stiffness s against a movement g·u of two nodes, six of the one, then six of the other; not what {@link #addBetween} leaves out. */
    static void spring(double[] k, double[] g, double s) {
        for (int i = 0; i < g.length; i++) {
            double sg = s * g[i];
            for (int j = i < WAYS ? 0 : WAYS; j < g.length && sg != 0; j++) {
                k[2 * WAYS * i + j] += sg * g[j];
            }
        }
    }

    /**
     * Adds to a matrix of twelve by twelve a spring that is as stiff in every direction, between two points, one of each node; not what
     * {@link #addBetween} leaves out.
     *
     * @param from offset of the one from its node, m
     * @param to offset of the other from its own, m
     */
    static void shift(double[] k, Vec3 from, Vec3 to, double stiffness) {
        shift(k, 0, 2 * WAYS, from, from, stiffness);
        shift(k, WAYS, 2 * WAYS, from, to, -stiffness);
        shift(k, 2 * WAYS * WAYS + WAYS, 2 * WAYS, to, to, stiffness);
    }

    /** Six by six: a point at an offset o moves by u + θ × o, which is what two such movements are multiplied by each other. */
    private static void shift(double[] k, int first, int row, Vec3 one, Vec3 other, double stiffness) {
        double[] a = {stiffness * one.x(), stiffness * one.y(), stiffness * one.z()};
        double[] b = {other.x(), other.y(), other.z()};
        double product = stiffness * one.dot(other);
        for (int i = 0; i < 3; i++) {
            int next = (i + 1) % 3;
            int last = (i + 2) % 3;
            int shifts = first + row * i;
            int turns = first + row * (3 + i) + 3;
            k[shifts + i] += stiffness;
            k[shifts + 3 + next] += stiffness * b[last];
            k[shifts + 3 + last] -= stiffness * b[next];
            k[first + row * (3 + next) + i] += a[last];
            k[first + row * (3 + last) + i] -= a[next];
            k[turns + i] += product;
            for (int j = 0; j < 3; j++) {
                k[turns + j] -= b[i] * a[j];
            }
        }
    }

    /**
     * Adds springs to the ground at a point at an offset from a node.
     *
     * @param stiffness along that direction of length 1, N/m
     * @param across in every direction square to it, N/m
     */
    void support(int node, Vec3 offset, Vec3 along, double stiffness, double across) {
        Vec3 turn = offset.cross(along);
        double[] g = {along.x(), along.y(), along.z(), turn.x(), turn.y(), turn.z()};
        int block = pattern.start[pattern.place[node]][pattern.place[node]];
        shift(values, block, WAYS, offset, offset, across);
        for (int i = 0; i < WAYS; i++) {
            double more = (stiffness - across) * g[i];
            for (int j = 0; j < WAYS; j++) {
                values[block + WAYS * i + j] += more * g[j];
            }
        }
    }

    SparseBlocks copy() {
        return new SparseBlocks(pattern, values.clone());
    }

    /** Replaces the matrix by its Cholesky factor; false if it is not positive definite, and then it must not be used further. */
    boolean factor() {
        for (int column = 0; column < pattern.below.length; column++) {
            int diagonal = pattern.start[column][column];
            if (!factorDiagonal(diagonal)) {
                return false;
            }
            int[] below = pattern.below[column];
            int[] blocks = pattern.belowStart[column];
            for (int i = 0; i < below.length; i++) {
                divide(blocks[i], diagonal);
                for (int j = 0; j <= i; j++) {
                    subtract(pattern.start[below[i]][below[j]], blocks[i], blocks[j]);
                }
            }
        }
        return true;
    }

    /** Leaves L where L·Lᵀ was, and over 1 on the diagonal. */
    private boolean factorDiagonal(int block) {
        double[] v = values;
        for (int i = 0; i < WAYS; i++) {
            int row = block + WAYS * i;
            for (int j = 0; j <= i; j++) {
                int other = block + WAYS * j;
                double sum = v[row + j];
                for (int k = 0; k < j; k++) {
                    sum -= v[row + k] * v[other + k];
                }
                if (j < i) {
                    v[row + j] = sum * v[other + j];
                } else if (sum > 0) {
                    v[row + i] = 1 / Math.sqrt(sum);
                } else {
                    return false;
                }
            }
        }
        return true;
    }

    /** Leaves X where X·Lᵀ was. */
    private void divide(int block, int diagonal) {
        double[] v = values;
        for (int row = block; row < block + BlockPattern.SIZE; row += WAYS) {
            for (int j = 0; j < WAYS; j++) {
                int other = diagonal + WAYS * j;
                double sum = v[row + j];
                for (int k = 0; k < j; k++) {
                    sum -= v[row + k] * v[other + k];
                }
                v[row + j] = sum * v[other + j];
            }
        }
    }

    /** Subtracts A·Bᵀ. */
    private void subtract(int from, int a, int b) {
        double[] v = values;
        for (int i = 0; i < BlockPattern.SIZE; i += WAYS) {
            double a0 = v[a + i];
            double a1 = v[a + i + 1];
            double a2 = v[a + i + 2];
            double a3 = v[a + i + 3];
            double a4 = v[a + i + 4];
            double a5 = v[a + i + 5];
            for (int j = 0; j < WAYS; j++) {
                int row = b + WAYS * j;
                v[from + i + j] -= a0 * v[row] + a1 * v[row + 1] + a2 * v[row + 2] + (a3 * v[row + 3] + a4 * v[row + 4]
                        + a5 * v[row + 5]);
            }
        }
    }

    /** Solves for a load, once factored. */
    double[] solve(double[] load) {
        int[] place = pattern.place;
        double[] x = new double[load.length];
        for (int node = 0; node < place.length; node++) {
            System.arraycopy(load, WAYS * node, x, WAYS * place[node], WAYS);
        }
        for (int column = 0; column < place.length; column++) {
            if (loaded(x, WAYS * column)) {
                forward(x, column);
            }
        }
        for (int column = place.length - 1; column >= 0; column--) {
            backward(x, column);
        }
        double[] solved = new double[load.length];
        for (int node = 0; node < place.length; node++) {
            System.arraycopy(x, WAYS * place[node], solved, WAYS * node, WAYS);
        }
        return solved;
    }

    /** False where nothing has arrived at a node: a load at one place arrives only at what is eliminated after it. */
    private static boolean loaded(double[] x, int at) {
        return x[at] != 0 || x[at + 1] != 0 || x[at + 2] != 0 || x[at + 3] != 0 || x[at + 4] != 0 || x[at + 5] != 0;
    }

    private void forward(double[] x, int column) {
        double[] v = values;
        int at = WAYS * column;
        int diagonal = pattern.start[column][column];
        for (int i = 0; i < WAYS; i++) {
            double sum = x[at + i];
            for (int k = 0; k < i; k++) {
                sum -= v[diagonal + WAYS * i + k] * x[at + k];
            }
            x[at + i] = sum * v[diagonal + WAYS * i + i];
        }
        int[] rows = pattern.below[column];
        int[] blocks = pattern.belowStart[column];
        for (int r = 0; r < rows.length; r++) {
            int to = WAYS * rows[r];
            for (int i = 0; i < WAYS; i++) {
                int b = blocks[r] + WAYS * i;
                x[to + i] -= v[b] * x[at] + v[b + 1] * x[at + 1] + v[b + 2] * x[at + 2]
                        + (v[b + 3] * x[at + 3] + v[b + 4] * x[at + 4] + v[b + 5] * x[at + 5]);
            }
        }
    }

    private void backward(double[] x, int column) {
        double[] v = values;
        int at = WAYS * column;
        int[] rows = pattern.below[column];
        int[] blocks = pattern.belowStart[column];
        for (int r = 0; r < rows.length; r++) {
            for (int i = 0; i < WAYS; i++) {
                double one = x[WAYS * rows[r] + i];
                int b = blocks[r] + WAYS * i;
                for (int j = 0; j < WAYS; j++) {
                    x[at + j] -= v[b + j] * one;
                }
            }
        }
        int diagonal = pattern.start[column][column];
        for (int i = WAYS - 1; i >= 0; i--) {
            double sum = x[at + i];
            for (int k = i + 1; k < WAYS; k++) {
                sum -= v[diagonal + WAYS * k + i] * x[at + k];
            }
            x[at + i] = sum * v[diagonal + WAYS * i + i];
        }
    }
}

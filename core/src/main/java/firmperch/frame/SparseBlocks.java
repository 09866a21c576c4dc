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

    /** Adds a spring to the ground against the movement along a direction of a point at an offset from a node. */
    void spring(int node, Vec3 offset, Vec3 along, double stiffness) {
        Vec3 turn = offset.cross(along);
        double[] g = {along.x(), along.y(), along.z(), turn.x(), turn.y(), turn.z()};
        int block = pattern.start[pattern.place[node]][pattern.place[node]];
        for (int i = 0; i < WAYS; i++) {
            for (int j = 0; j < WAYS; j++) {
                values[block + WAYS * i + j] += stiffness * g[i] * g[j];
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
            for (int i = 0; i < below.length; i++) {
                int block = pattern.start[below[i]][column];
                divide(block, diagonal);
                for (int j = 0; j <= i; j++) {
                    subtract(pattern.start[below[i]][below[j]], block, pattern.start[below[j]][column]);
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
            forward(x, column);
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
        for (int row : pattern.below[column]) {
            int block = pattern.start[row][column];
            for (int i = 0; i < WAYS; i++) {
                int b = block + WAYS * i;
                x[WAYS * row + i] -= v[b] * x[at] + v[b + 1] * x[at + 1] + v[b + 2] * x[at + 2]
                        + (v[b + 3] * x[at + 3] + v[b + 4] * x[at + 4] + v[b + 5] * x[at + 5]);
            }
        }
    }

    private void backward(double[] x, int column) {
        double[] v = values;
        int at = WAYS * column;
        for (int row : pattern.below[column]) {
            int block = pattern.start[row][column];
            for (int i = 0; i < WAYS; i++) {
                double one = x[WAYS * row + i];
                int b = block + WAYS * i;
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

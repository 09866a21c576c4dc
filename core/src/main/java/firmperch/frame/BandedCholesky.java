package firmperch.frame;

/**
 * The Cholesky factor of a symmetric, positive definite matrix whose entries lie in a band beside the diagonal, as those of a plate's
 * mesh do. {@link SparseBlocks} keeps six rows a node and orders its nodes, which a mesh that is numbered row by row does not need.
 */
final class BandedCholesky {
    private final double[][] rows;
    private final int band;

    /**
     * Factors a matrix in its place.
     *
     * @param rows row i holds columns i − band + 1 to i, what lies before column 0 left empty; overwritten
     */
    BandedCholesky(double[][] rows) {
        this.rows = rows;
        band = rows[0].length;
        for (int i = 0; i < rows.length; i++) {
            for (int j = Math.max(0, i - band + 1); j <= i; j++) {
                double sum = rows[i][j - i + band - 1];
                for (int m = Math.max(0, i - band + 1); m < j; m++) {
                    sum -= rows[i][m - i + band - 1] * rows[j][m - j + band - 1];
                }
                rows[i][j - i + band - 1] = j < i ? sum / rows[j][band - 1] : Math.sqrt(sum);
            }
        }
    }

    /** Solves for a load. */
    double[] solve(double[] load) {
        double[] x = load.clone();
        for (int i = 0; i < x.length; i++) {
            for (int m = Math.max(0, i - band + 1); m < i; m++) {
                x[i] -= rows[i][m - i + band - 1] * x[m];
            }
            x[i] /= rows[i][band - 1];
        }
        for (int i = x.length - 1; i >= 0; i--) {
            x[i] /= rows[i][band - 1];
            for (int m = Math.max(0, i - band + 1); m < i; m++) {
                x[m] -= rows[i][m - i + band - 1] * x[i];
            }
        }
        return x;
    }
}

package firmperch.frame;

import firmperch.body.Bending;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * The stiffness of a thin plate between the seats that hold on to it: a force along its normal and two moments at each. Bending by Kirchhoff's
 * theory on rectangular elements of twelve degrees of freedom (Adini and Clough 1961, Melosh 1963; Zienkiewicz & Taylor, <i>The Finite
 * Element Method</i>), condensed to the seats (Guyan 1965). Checked against the closed forms of Timoshenko and Woinowsky-Krieger.
 *
 * <p>It depends on shape and Poisson's ratio alone; that of a plate is D = E·t³/12(1 − ν²) times as much. The same shape is worked out once.
 *
 * <p>Left out: shear across the plate (under 1 % for boards twenty times as wide as they are thick) and that plywood is stiffer along one
 * of its sides than along the other: the modulus of its material counts both ways.
 */
final class PlateStiffness {
    /** Elements along the longer side, if no seat asks for more. */
    private static final int FINE = 14;
    private static final int LEAST = 4;
    /** Lines of the mesh nearer to each other than this share of an element are one. */
    private static final double SLIVER = 0.15;
    /** A stiff seat bends so many times less than the plate. */
    private static final double STIFF = 1000;
    /** What lies outside of a round plate, so that its nodes hold on to something. */
    private static final double NOTHING = 1e-6;
    /** Springs under the whole plate that keep it from being a mechanism, as a share of what bends: they carry nothing, and are taken out again. */
    private static final double AFLOAT = 1e-4;
    /** Points along a side, or around a ring, over which a seat's movement is averaged. */
    private static final int SAMPLES = 6;
    private static final double EDGE = 1e-9;
    private static final int WAYS = 3;
    private static final int DOF = 12;
    private static final int MOST_KNOWN = 200;

    /** A shape that has been worked out. */
    private record Shape(double width, double height, boolean round, double poisson, List<Seat> seats) {}

    private static final Map<Shape, double[][]> KNOWN = new ConcurrentHashMap<>();

    private final Shape shape;
    /** Lines of the mesh, at the edges of stiff seats and as near to each other as is fine. */
    private final double[] xs;
    private final double[] ys;
    private final int columns;
    private final int rows;
    private final int size;
    private final int band;

    private PlateStiffness(Shape shape) {
        this.shape = shape;
        double cell = Math.max(shape.width, shape.height) / FINE;
        xs = lines(shape.width, cell, shape.seats.stream().filter(s -> s.how() == Bending.How.STIFF)
                .flatMapToDouble(s -> DoubleStream.of(s.x() - s.halfX(), s.x() + s.halfX())));
        ys = lines(shape.height, cell, shape.seats.stream().filter(s -> s.how() == Bending.How.STIFF)
                .flatMapToDouble(s -> DoubleStream.of(s.y() - s.halfY(), s.y() + s.halfY())));
        columns = xs.length - 1;
        rows = ys.length - 1;
        size = WAYS * (columns + 1) * (rows + 1);
        band = WAYS * (columns + 3);
    }

    /**
     * Rows and columns by seat: force along z and moments about x and y, for a movement along z and turns about x and y.
     *
     * @param width along x, m
     * @param height along y, m
     * @param round true for an ellipse in that rectangle
     * @return 3n × 3n for n seats, of a plate with D = 1 N·m
     */
    static double[][] of(double width, double height, boolean round, double poisson, List<Seat> seats) {
        Shape shape = new Shape(width, height, round, poisson, List.copyOf(seats));
        if (KNOWN.size() > MOST_KNOWN) {
            KNOWN.clear();
        }
        return KNOWN.computeIfAbsent(shape, s -> new PlateStiffness(s).condensed());
    }

    /** K_seats = (C·K⁻¹·Cᵀ)⁻¹, C the seats' movements by the nodes'. */
    private double[][] condensed() {
        BandedCholesky k = new BandedCholesky(assembled());
        int n = WAYS * shape.seats.size();
        double[][] seats = new double[n][];
        double[][] moves = new double[n][];
        for (int i = 0; i < shape.seats.size(); i++) {
            double[][] three = movement(shape.seats.get(i));
            for (int way = 0; way < WAYS; way++) {
                seats[WAYS * i + way] = three[way];
                moves[WAYS * i + way] = k.solve(three[way]);
            }
        }
        DMatrixRMaj gives = new DMatrixRMaj(n, n);
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double sum = 0;
                for (int at = 0; at < size; at++) {
                    sum += seats[i][at] * moves[j][at];
                }
                gives.set(i, j, sum);
            }
        }
        DMatrixRMaj stiff = new DMatrixRMaj(n, n);
        CommonOps_DDRM.invert(gives, stiff);
        double[][] result = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                result[i][j] = (stiff.get(i, j) + stiff.get(j, i)) / 2;
            }
        }
        return unhindered(result);
    }

    /** Without what the springs under it add: moved or turned as a whole, a plate does not resist at all. */
    private double[][] unhindered(double[][] k) {
        int n = k.length;
        double[][] whole = new double[WAYS][n];
        for (int i = 0; i < shape.seats.size(); i++) {
            Seat seat = shape.seats.get(i);
            whole[0][WAYS * i] = 1;
            whole[1][WAYS * i] = seat.y();
            whole[1][WAYS * i + 1] = 1;
            whole[2][WAYS * i] = -seat.x();
            whole[2][WAYS * i + 2] = 1;
        }
        for (int a = 0; a < WAYS; a++) {
            for (int b = 0; b < a; b++) {
                add(whole[a], whole[b], -dot(whole[a], whole[b]));
            }
            double length = Math.sqrt(dot(whole[a], whole[a]));
            for (int i = 0; i < n; i++) {
                whole[a][i] /= length;
            }
        }
        for (double[] mode : whole) {
            for (double[] row : k) {
                add(row, mode, -dot(row, mode));
            }
        }
        for (double[] mode : whole) {
            double[] sum = new double[n];
            for (int i = 0; i < n; i++) {
                add(sum, k[i], mode[i]);
            }
            for (int i = 0; i < n; i++) {
                add(k[i], sum, -mode[i]);
            }
        }
        return k;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    private static void add(double[] to, double[] what, double times) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * what[i];
        }
    }

    private int dof(int column, int row) {
        return WAYS * (row * (columns + 1) + column);
    }

    private static double[] lines(double side, double cell, DoubleStream edges) {
        double fine = Math.min(cell, side / LEAST);
        List<Double> kept = new ArrayList<>(List.of(-side / 2));
        DoubleStream.concat(edges.filter(e -> Math.abs(e) < side / 2), DoubleStream.of(side / 2)).sorted()
                .forEach(e -> {
                    if (e - kept.getLast() > SLIVER * fine) {
                        kept.add(e);
                    }
                });
        // The edge itself stays, whatever lies close before it.
        kept.set(kept.size() - 1, side / 2);
        DoubleStream.Builder all = DoubleStream.builder().add(-side / 2);
        for (int i = 1; i < kept.size(); i++) {
            double from = kept.get(i - 1);
            int parts = (int) Math.ceil((kept.get(i) - from) / fine - 1e-9);
            for (int k = 1; k <= parts; k++) {
                all.add(from + (kept.get(i) - from) * k / parts);
            }
        }
        return all.build().toArray();
    }

    /** The stretch between two lines in which a place lies. */
    private static int between(double[] lines, double at) {
        int i = 0;
        while (i < lines.length - 2 && at > lines[i + 1]) {
            i++;
        }
        return i;
    }

    // The mesh.

    private double[][] assembled() {
        double[][] k = new double[size][band];
        Map<List<Long>, double[][]> elements = new HashMap<>();
        double afloat = AFLOAT / Math.pow(Math.max(shape.width, shape.height), 4) * shape.width * shape.height
                / (columns + 1) / (rows + 1);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double dx = xs[column + 1] - xs[column];
                double dy = ys[row + 1] - ys[row];
                double[][] element = elements.computeIfAbsent(List.of(key(dx), key(dy)), any -> element(dx, dy));
                double share = share((xs[column] + xs[column + 1]) / 2, (ys[row] + ys[row + 1]) / 2);
                int[] dof = dofs(column, row);
                for (int i = 0; i < DOF; i++) {
                    for (int j = 0; j < DOF; j++) {
                        if (dof[j] <= dof[i]) {
                            k[dof[i]][dof[j] - dof[i] + band - 1] += share * element[i][j];
                        }
                    }
                }
            }
        }
        for (int node = 0; node < size; node += WAYS) {
            k[node][band - 1] += afloat;
        }
        return k;
    }

    /** How stiff the plate is at a place, of itself. */
    private double share(double x, double y) {
        double rx = 2 * x / shape.width;
        double ry = 2 * y / shape.height;
        if (shape.round && rx * rx + ry * ry > 1) {
            return NOTHING;
        }
        for (Seat seat : shape.seats) {
            // A middle right on the edge is within, on either side alike.
            if (seat.how() == Bending.How.STIFF && Math.abs(x - seat.x()) < seat.halfX() + EDGE
                    && Math.abs(y - seat.y()) < seat.halfY() + EDGE) {
                return STIFF;
            }
        }
        return 1;
    }

    /** Sizes that differ by rounding only are one. */
    private static long key(double size) {
        return Math.round(size * 1e9);
    }

    private int[] dofs(int column, int row) {
        int[] corners = {dof(column, row), dof(column + 1, row), dof(column + 1, row + 1), dof(column, row + 1)};
        int[] dof = new int[DOF];
        for (int i = 0; i < DOF; i++) {
            dof[i] = corners[i / WAYS] + i % WAYS;
        }
        return dof;
    }

    /** ∫ Bᵀ·D·B over one element by three Gauss points each way, with D = 1. */
    private double[][] element(double dx, double dy) {
        DMatrixRMaj shapes = shapes(dx, dy);
        double nu = shape.poisson;
        double[][] d = {{1, nu, 0}, {nu, 1, 0}, {0, 0, (1 - nu) / 2}};
        double[] at = {-Math.sqrt(0.6), 0, Math.sqrt(0.6)};
        double[] weight = {5.0 / 9, 8.0 / 9, 5.0 / 9};
        double[][] k = new double[DOF][DOF];
        for (int gx = 0; gx < 3; gx++) {
            for (int gy = 0; gy < 3; gy++) {
                double[][] b = curvatures(shapes, at[gx] * dx / 2, at[gy] * dy / 2);
                double w = weight[gx] * weight[gy] * dx * dy / 4;
                for (int i = 0; i < DOF; i++) {
                    for (int j = 0; j < DOF; j++) {
                        double sum = 0;
                        for (int p = 0; p < 3; p++) {
                            for (int q = 0; q < 3; q++) {
                                sum += b[p][i] * d[p][q] * b[q][j];
                            }
                        }
                        k[i][j] += w * sum;
                    }
                }
            }
        }
        return k;
    }

    /** 1, x, y, x², xy, y², x³, x²y, xy², y³, x³y, xy³. */
    private static double[] polynomial(double x, double y) {
        return new double[]{1, x, y, x * x, x * y, y * y, x * x * x, x * x * y, x * y * y, y * y * y, x * x * x * y,
                x * y * y * y};
    }

    /** Their derivatives by x and by y. */
    private static double[][] slopes(double x, double y) {
        return new double[][]{{0, 1, 0, 2 * x, y, 0, 3 * x * x, 2 * x * y, y * y, 0, 3 * x * x * y, y * y * y},
                {0, 0, 1, 0, x, 2 * y, 0, x * x, 2 * x * y, 3 * y * y, x * x * x, 3 * x * y * y}};
    }

    /** The polynomial's coefficients for a unit of each of an element's degrees of freedom: w, turns about x (∂w/∂y) and y (−∂w/∂x). */
    private static DMatrixRMaj shapes(double dx, double dy) {
        DMatrixRMaj nodal = new DMatrixRMaj(DOF, DOF);
        double[][] corners = {{-dx / 2, -dy / 2}, {dx / 2, -dy / 2}, {dx / 2, dy / 2}, {-dx / 2, dy / 2}};
        for (int c = 0; c < corners.length; c++) {
            double[] w = polynomial(corners[c][0], corners[c][1]);
            double[][] slope = slopes(corners[c][0], corners[c][1]);
            for (int i = 0; i < DOF; i++) {
                nodal.set(WAYS * c, i, w[i]);
                nodal.set(WAYS * c + 1, i, slope[1][i]);
                nodal.set(WAYS * c + 2, i, -slope[0][i]);
            }
        }
        DMatrixRMaj shapes = new DMatrixRMaj(DOF, DOF);
        CommonOps_DDRM.invert(nodal, shapes);
        return shapes;
    }

    private static double[] by(DMatrixRMaj shapes, double[] polynomial) {
        double[] sum = new double[DOF];
        for (int i = 0; i < DOF; i++) {
            for (int p = 0; p < DOF; p++) {
                sum[i] += polynomial[p] * shapes.get(p, i);
            }
        }
        return sum;
    }

    /** −∂²w/∂x², −∂²w/∂y², −2·∂²w/∂x∂y by the element's degrees of freedom. */
    private static double[][] curvatures(DMatrixRMaj shapes, double x, double y) {
        double[] xx = {0, 0, 0, 2, 0, 0, 6 * x, 2 * y, 0, 0, 6 * x * y, 0};
        double[] yy = {0, 0, 0, 0, 0, 2, 0, 0, 2 * x, 6 * y, 0, 6 * x * y};
        double[] xy = {0, 0, 0, 0, 2, 0, 0, 4 * x, 4 * y, 0, 6 * x * x, 6 * y * y};
        return new double[][]{by(shapes, xx), by(shapes, yy), by(shapes, xy)};
    }

    // Seats.

    /** The mean movement and turns of a seat by all degrees of freedom: three rows. */
    private double[][] movement(Seat seat) {
        double[][] rows3 = new double[WAYS][size];
        int count = seat.how() == Bending.How.RING ? 4 * SAMPLES : SAMPLES * SAMPLES;
        for (int i = 0; i < count; i++) {
            double[] at = sample(seat, i);
            int column = between(xs, at[0]);
            int row = between(ys, at[1]);
            int[] dof = dofs(column, row);
            double x = Math.clamp(at[0], xs[column], xs[column + 1]) - (xs[column] + xs[column + 1]) / 2;
            double y = Math.clamp(at[1], ys[row], ys[row + 1]) - (ys[row] + ys[row + 1]) / 2;
            DMatrixRMaj shapes = shapes(xs[column + 1] - xs[column], ys[row + 1] - ys[row]);
            double[] w = by(shapes, polynomial(x, y));
            double[][] slope = slopes(x, y);
            double[] wx = by(shapes, slope[0]);
            double[] wy = by(shapes, slope[1]);
            for (int j = 0; j < DOF; j++) {
                rows3[0][dof[j]] += w[j] / count;
                if (seat.how() != Bending.How.RING) {
                    rows3[1][dof[j]] += wy[j] / count;
                    rows3[2][dof[j]] -= wx[j] / count;
                } else {
                    // A ring turns as its circle does: by the movement around it, not by how the plate bends under each ball.
                    double r2 = seat.halfX() * seat.halfX() / 2;
                    rows3[1][dof[j]] += w[j] * (at[1] - seat.y()) / r2 / count;
                    rows3[2][dof[j]] -= w[j] * (at[0] - seat.x()) / r2 / count;
                }
            }
        }
        return rows3;
    }

    private static double[] sample(Seat seat, int i) {
        if (seat.how() == Bending.How.RING) {
            double angle = 2 * Math.PI * (i + 0.5) / (4 * SAMPLES);
            return new double[]{seat.x() + seat.halfX() * Math.cos(angle), seat.y() + seat.halfY() * Math.sin(angle)};
        }
        double across = (2.0 * (i % SAMPLES) + 1) / SAMPLES - 1;
        double along = (2.0 * (i / SAMPLES) + 1) / SAMPLES - 1;
        return new double[]{seat.x() + across * seat.halfX(), seat.y() + along * seat.halfY()};
    }
}

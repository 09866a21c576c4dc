package firmperch.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.body.Bending;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;

/**
 * Plates against the closed forms of Timoshenko and Woinowsky-Krieger, <i>Theory of Plates and Shells</i>, from memory: side 1 m, D = 1,
 * ν = 0.3, held by many small seats along its edges or at its corners, a small seat where the load is.
 */
class PlateStiffnessTest {
    private static final double NU = 0.3;
    private static final int AROUND = 14;
    private static final double POINT = 1e-4;

    private static Seat point(double x, double y) {
        return new Seat(x, y, POINT, POINT, Bending.How.SPREAD);
    }

    private static List<Seat> edges() {
        List<Seat> seats = new ArrayList<>();
        for (int i = 0; i < AROUND; i++) {
            double at = (double) i / AROUND - 0.5;
            seats.add(point(at, -0.5));
            seats.add(point(0.5, at));
            seats.add(point(-at, 0.5));
            seats.add(point(-0.5, -at));
        }
        return seats;
    }

    /** How far the last seat moves under a force of 1 on it, the seats before it held by those of their three ways. */
    private static double gives(double[][] k, boolean[] held) {
        int n = k.length;
        double[] moved = moved(k, IntStream.range(0, n).filter(i -> i >= n - 3 || !held[i % 3]).toArray());
        return moved[moved.length - 3];
    }

    /** How far what is free moves under a force of 1 on the last seat. */
    private static double[] moved(double[][] k, int[] free) {
        DMatrixRMaj of = new DMatrixRMaj(free.length, free.length);
        for (int i = 0; i < free.length; i++) {
            for (int j = 0; j < free.length; j++) {
                of.set(i, j, k[free[i]][free[j]]);
            }
        }
        DMatrixRMaj load = new DMatrixRMaj(free.length, 1);
        load.set(free.length - 3, 0, 1);
        DMatrixRMaj moved = new DMatrixRMaj(free.length, 1);
        assertThat(CommonOps_DDRM.solve(of, load, moved)).isTrue();
        return moved.data;
    }

    private static double gives(List<Seat> holding, Seat loaded, boolean... held) {
        List<Seat> all = new ArrayList<>(holding);
        all.add(loaded);
        return gives(PlateStiffness.of(1, 1, false, NU, all), held);
    }

    /** Simply supported, P at the middle: w = 0.01160·P·a²/D. */
    @Test
    void simplySupportedUnderAPointAtItsMiddle() {
        assertThat(gives(edges(), point(0, 0), true, false, false)).isCloseTo(0.01160, withinPercentage(2));
    }

    /** Simply supported, P at a quarter of both sides: Navier's series, 4/π⁴·ΣΣ sin²(mπ/4)·sin²(nπ/4)/(m² + n²)². */
    @Test
    void simplySupportedUnderAPointOffItsMiddle() {
        double sum = 0;
        for (int m = 1; m < 200; m++) {
            for (int n = 1; n < 200; n++) {
                sum += Math.pow(Math.sin(m * Math.PI / 4), 2) * Math.pow(Math.sin(n * Math.PI / 4), 2)
                        / Math.pow(m * m + n * n, 2);
            }
        }
        assertThat(gives(edges(), point(-0.25, -0.25), true, false, false))
                .isCloseTo(4 / Math.pow(Math.PI, 4) * sum, withinPercentage(2));
    }

    /** Clamped all round, P at the middle: w = 0.00560·P·a²/D. */
    @Test
    void clampedUnderAPointAtItsMiddle() {
        assertThat(gives(edges(), point(0, 0), true, true, true)).isCloseTo(0.00560, withinPercentage(2));
    }

    /** Held at its corners only, evenly loaded: w = 0.0255·q·a⁴/D at the middle, ν = 0.3. */
    @Test
    void heldAtItsCornersUnderAnEvenLoad() {
        List<Seat> seats = new ArrayList<>(
                List.of(point(-0.5, -0.5), point(0.5, -0.5), point(0.5, 0.5), point(-0.5, 0.5), point(0, 0)));
        seats.add(new Seat(0, 0, 0.5, 0.5, Bending.How.SPREAD));
        double[][] k = PlateStiffness.of(1, 1, false, NU, seats);
        // The corners' movements held; a load of 1 spread over all; how far the middle goes.
        double[] moved = moved(k, IntStream.range(0, k.length).filter(i -> i >= 12 || i % 3 != 0).toArray());
        assertThat(moved[moved.length - 6]).isCloseTo(0.0255, withinPercentage(2));
    }

    /** Bent as a strip, simply supported along two edges, ν = 0: a beam, P·L³/48·E·I (1 wide, D for E·I): 0.02083. */
    @Test
    void aNarrowStripIsABeam() {
        List<Seat> ends = new ArrayList<>();
        for (int i = 0; i <= 4; i++) {
            ends.add(point(-0.5, (i / 4.0 - 0.5) * 0.1));
            ends.add(point(0.5, (i / 4.0 - 0.5) * 0.1));
        }
        ends.add(new Seat(0, 0, POINT, 0.05, Bending.How.SPREAD));
        assertThat(gives(PlateStiffness.of(1, 0.1, false, 0, ends), new boolean[]{true, false, false}) * 0.1)
                .isCloseTo(1 / 48.0, withinPercentage(1));
    }

    /** A round plate simply supported along its rim, P at the middle: w = P·a²·(3 + ν)/(16π·D·(1 + ν)); on a ring a bit inside. */
    @Test
    void aRoundPlateOnARing() {
        double a = 0.45;
        List<Seat> seats = List.of(new Seat(0, 0, a, a, Bending.How.RING), point(0, 0));
        double[][] k = PlateStiffness.of(1, 1, true, NU, seats);
        double supported = a * a * (3 + NU) / (16 * Math.PI * (1 + NU));
        assertThat(gives(k, new boolean[]{true, true, true})).isLessThan(supported).isCloseTo(supported,
                withinPercentage(12));
    }

    /**
     * The turning shelf's board against shells of CalculiX 2.20 (S8R, 46 × 42): birch plywood of 0.92 × 0.84 m and 18 mm (E 9000 N/mm², ν 0.2), held
     * upright at the middles of its four casters, 1000 N spread over 80 × 80 mm where the mast stands, 80 mm off its middle: there it goes
     * down by 4.132 mm in the mean.
     */
    @Test
    void theBoardOfTheTurningShelfAgainstShells() {
        List<Seat> seats = List.of(point(0.4, 0.36), point(0.4, -0.36), point(-0.4, 0.36), point(-0.4, -0.36),
                new Seat(0.08, 0, 0.04, 0.04, Bending.How.SPREAD));
        double[][] k = FrameModel.Plate.stiffness(0.92, 0.84, false, 0.2, 9e9 * Math.pow(0.018, 3) / 12 / 0.96, seats);
        assertThat(1000 * gives(k, new boolean[]{true, false, false})).isCloseTo(4.132e-3, withinPercentage(1));
    }

    /** Moved or turned as a whole it does not resist; and what it resists is in balance. */
    @Test
    void asAWholeItMovesFreely() {
        List<Seat> seats = List.of(Seat.square(-0.4, -0.3, 0.04), Seat.square(0.4, -0.3, 0.04),
                Seat.square(0.1, 0.3, 0.08));
        double[][] k = PlateStiffness.of(1, 0.8, false, 0.2, seats);
        double[][] rigid = new double[3][9];
        for (int i = 0; i < 3; i++) {
            rigid[0][3 * i] = 1;
            rigid[1][3 * i] = seats.get(i).y();
            rigid[1][3 * i + 1] = 1;
            rigid[2][3 * i] = -seats.get(i).x();
            rigid[2][3 * i + 2] = 1;
        }
        double scale = java.util.Arrays.stream(k).flatMapToDouble(java.util.Arrays::stream).map(Math::abs).max()
                .orElseThrow();
        for (double[] moved : rigid) {
            for (int i = 0; i < 9; i++) {
                double force = 0;
                for (int j = 0; j < 9; j++) {
                    force += k[i][j] * moved[j];
                }
                assertThat(force / scale).isCloseTo(0, within(1e-12));
            }
        }
    }
}

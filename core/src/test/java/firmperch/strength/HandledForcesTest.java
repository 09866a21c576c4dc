package firmperch.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.strength.SumOfSizes.Term;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The worst direction of a hand, against mechanics by hand and against looking in a great many directions. */
class HandledForcesTest {
    private static final double HAND = 60;

    /**
     * A round cantilever, 1 m, with a hand at its tip: it bends by the hand's part across, F·sin θ·L, whichever way that points, and is pulled by
     * F·cos θ. σ = F·(cos θ/A + sin θ·L/S), at most F·√(1/A² + L²/S²) (beam theory; Cauchy). Two worst moments of two directions would be √2 of
     * that.
     */
    @Test
    void aRoundCantileverBendsOneWayAtATime() {
        double area = 3e-4;
        double modulus = 2e-6;
        HandledForces root = new HandledForces(new double[6], new double[]{HAND, 0, 0, 0, 0, 0},
                new double[]{0, HAND, 0, 0, 0, HAND}, new double[]{0, 0, HAND, 0, -HAND, 0});
        SumOfSizes stress = SumOfSizes.of(new Term(1 / area, 0), new Term(1 / modulus, 4, 5));
        assertThat(root.most(stress)).isCloseTo(HAND * Math.sqrt(1 / (area * area) + 1 / (modulus * modulus)),
                within(1.0));
        // No more than pull and moment, each at its own worst; but the moment is one, whichever way it points.
        assertThat(root.noMoreThan(stress)).isCloseTo(HAND / area + HAND / modulus, within(1e-3));
        assertThat(root.most(4)).isCloseTo(HAND, within(1e-9));
    }

    /** A square one bends about its diagonal worst: σ = F·L·(|cos φ| + |sin φ|)/S, √2 at 45° (beam theory). */
    @Test
    void aSquareCantileverIsWeakestAcrossItsCorners() {
        HandledForces root = new HandledForces(new double[6], new double[]{0, HAND, 0, 0, 0, HAND},
                new double[]{0, 0, HAND, 0, -HAND, 0});
        assertThat(root.most(SumOfSizes.of(new Term(1, 4), new Term(1, 5)))).isCloseTo(Math.sqrt(2) * HAND,
                within(1e-6));
    }

    /** Where the hand moves the rig instead, what is steady is left. */
    @Test
    void withoutAHandTheSteadyLoadIsLeft() {
        HandledForces steady = new HandledForces(new double[]{3, -4, 0, 0, 0, 12});
        assertThat(steady.most(SumOfSizes.of(new Term(1, 0, 1)))).isCloseTo(5, within(1e-12));
        assertThat(steady.most(SumOfSizes.of(new Term(1, 0, 1)), SumOfSizes.of(new Term(1, 5))))
                .isCloseTo(Math.sqrt(25 + 3 * 144), within(1e-9));
    }

    /** No direction of a hundred thousand is worse, and the worst of these comes close, for sums and for von Mises' root. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void noDirectionIsWorse(int seed) {
        Random random = new Random(seed);
        double[] steady = gauss(random, 6);
        List<double[]> hand = IntStream.range(0, 3).mapToObj(i -> gauss(random, 6)).toList();
        HandledForces forces = new HandledForces(steady, hand.toArray(double[][]::new));
        SumOfSizes direct = seed % 2 == 0
                ? SumOfSizes.of(new Term(1.3, 0), new Term(0.7, 4), new Term(2.1, 5))
                : SumOfSizes.of(new Term(1.3, 0), new Term(1.7, 4, 5));
        SumOfSizes shear = SumOfSizes.of(new Term(0.9, 1, 2), new Term(1.1, 3));
        double sum = 0;
        double mises = 0;
        for (int i = 0; i < 100_000; i++) {
            double[] u = gauss(random, 3);
            double length = Math.sqrt(u[0] * u[0] + u[1] * u[1] + u[2] * u[2]);
            double[] f = steady.clone();
            for (int k = 0; k < 3; k++) {
                for (int part = 0; part < 6; part++) {
                    f[part] += u[k] / length * hand.get(k)[part];
                }
            }
            double sigma = seed % 2 == 0
                    ? 1.3 * Math.abs(f[0]) + 0.7 * Math.abs(f[4]) + 2.1 * Math.abs(f[5])
                    : 1.3 * Math.abs(f[0]) + 1.7 * Math.sqrt(f[4] * f[4] + f[5] * f[5]);
            double tau = 0.9 * Math.sqrt(f[1] * f[1] + f[2] * f[2]) + 1.1 * Math.abs(f[3]);
            sum = Math.max(sum, sigma);
            mises = Math.max(mises, Math.sqrt(sigma * sigma + 3 * tau * tau));
        }
        assertThat(forces.most(direct)).isBetween(sum * (1 - 1e-9), sum * 1.001);
        assertThat(forces.most(direct, shear)).isBetween(mises * (1 - 1e-9), mises * 1.001);
    }

    private static double[] gauss(Random random, int n) {
        return IntStream.range(0, n).mapToDouble(i -> random.nextGaussian()).toArray();
    }
}

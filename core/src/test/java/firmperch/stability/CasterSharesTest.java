package firmperch.stability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.frame.FrameSolution;
import firmperch.study.Situation;
import firmperch.units.Gravity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shares of the feet against statics and against the space frame's reactions. */
class CasterSharesTest {
    private static final List<Vec3> SQUARE = List.of(new Vec3(0.3, 0.3, 0), new Vec3(-0.3, 0.3, 0),
            new Vec3(-0.3, -0.3, 0), new Vec3(0.3, -0.3, 0));

    @ParameterizedTest
    @CsvSource({"0, 0", "0.1, 0", "0.05, -0.12", "0.2, 0.2", "-0.28, 0.1"})
    void sharesKeepBalance(double x, double y) {
        double[] shares = CasterShares.shares(SQUARE, 80, new Vec3(x, y, 0.5));
        assertThat(Arrays.stream(shares).sum()).isCloseTo(80, within(1e-9));
        double mx = 0;
        double my = 0;
        for (int i = 0; i < 4; i++) {
            assertThat(shares[i]).isGreaterThanOrEqualTo(-1e-9);
            mx += shares[i] * SQUARE.get(i).x();
            my += shares[i] * SQUARE.get(i).y();
        }
        assertThat(mx).isCloseTo(80 * x, within(1e-9));
        assertThat(my).isCloseTo(80 * y, within(1e-9));
    }

    /** In the middle each takes a quarter; over the middle of a side that side takes three quarters at a quarter span. */
    @Test
    void byHand() {
        assertThat(CasterShares.shares(SQUARE, 80, Vec3.ZERO)).containsOnly(new double[]{20, 20, 20, 20}, within(1e-9));
        double[] side = CasterShares.shares(SQUARE, 80, new Vec3(0.15, 0, 0));
        assertThat(side[0]).isCloseTo(30, within(1e-9));
        assertThat(side[1]).isCloseTo(10, within(1e-9));
    }

    /** The further out a person stands, the more the busiest foot carries: no place within a base's corners is worse than its worst corner. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void aCornerIsWorstToStandOn(int seed) {
        Random random = new Random(seed);
        int tried = 0;
        for (int base = 0; base < 400; base++) {
            List<Footing> feet = new ArrayList<>();
            List<Vec3> corners = new ArrayList<>();
            double roam = 0.05 * random.nextDouble();
            for (int i = 0; i < 3 + seed % 3; i++) {
                double angle = (i + 0.3 * random.nextDouble()) * 2 * Math.PI / (3 + seed % 3);
                Vec3 out = new Vec3(Math.cos(angle), Math.sin(angle), 0);
                Vec3 at = out.times(0.25 + 0.1 * random.nextDouble());
                feet.add(new Footing(at, at, roam, 1e5, 100));
                corners.add(out.times(0.3 + 0.1 * random.nextDouble()));
            }
            Vec3 rig = new Vec3(0.05 * random.nextGaussian(), 0.05 * random.nextGaussian(), 0);
            // What tips over shares nothing.
            SupportPolygon support = SupportPolygon.of(feet);
            if (corners.stream().anyMatch(c -> support.clearance(rig.plus(c).times(0.5)) < 0)) {
                continue;
            }
            double worst = corners.stream().mapToDouble(c -> steppedOn(feet, rig, c)).max().orElseThrow();
            tried++;
            for (int i = 0; i < 40; i++) {
                double[] weights = random.doubles(corners.size()).toArray();
                double sum = Arrays.stream(weights).sum();
                Vec3 within = Vec3.ZERO;
                for (int k = 0; k < weights.length; k++) {
                    within = within.plus(corners.get(k).times(weights[k] / sum));
                }
                assertThat(steppedOn(feet, rig, within)).isLessThanOrEqualTo(worst + 1e-6);
            }
        }
        assertThat(tried).isGreaterThan(10);
    }

    /** Half of it the rig, half a person there. */
    private static double steppedOn(List<Footing> feet, Vec3 rig, Vec3 person) {
        return CasterShares.largest(feet, 200, rig.plus(person).times(0.5));
    }

    /** Three feet are determinate: over one of them it takes everything. */
    @Test
    void threeFeet() {
        List<Vec3> three = List.of(Vec3.X, new Vec3(-1, 1, 0), new Vec3(-1, -1, 0));
        assertThat(CasterShares.shares(three, 60, Vec3.X)[0]).isCloseTo(60, within(1e-9));
        assertThat(CasterShares.shares(three, 60, new Vec3(-1.0 / 3, 0, 0))).containsOnly(new double[]{20, 20, 20},
                within(1e-9));
    }

    /** The frame solver's reactions under the demo perch: the same, but for the post's bending, under one per cent. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "5, 45, 10", "5, 100, -30", "2, -160, 40"})
    void agreeWithTheSpaceFrame(int pin, double swing, double lift) {
        Situation s = Demo.posed(Demo.project(), pin, swing, lift);
        FrameSolution frame = s.frame().orElseThrow();
        double[] shares = CasterShares.shares(s.feet().all(false).stream().map(Footing::point).toList(), s.weight(),
                s.posed().centre());
        for (int i = 0; i < shares.length; i++) {
            assertThat(frame.reaction(i)).isCloseTo(shares[i], within(0.01 * s.weight() / 4));
        }
        assertThat(CasterShares.largest(s.feet().all(false), s.posed().mass(), s.posed().centre())
                * Gravity.STANDARD).isCloseTo(Arrays.stream(shares).max().orElseThrow(), within(1e-6));
    }

    /** Free swivels can only make the busiest caster busier. */
    @Test
    void freeSwivelsAreWorse() {
        Situation locked = Demo.posed(Demo.with("perch.box.corners.outward", true), 5, 45, 0);
        Situation free = Demo.posed(Demo.with("perch.box.corners.locked", false), 5, 45, 0);
        assertThat(CasterShares.largest(free.feet().all(false), free.posed().mass(), free.posed().centre()))
                .isGreaterThan(CasterShares.largest(locked.feet().all(false), locked.posed().mass(),
                        locked.posed().centre()));
    }

    /** By the review of the slice: swivels of 84 mm on this square carry up to 33.7 kg of 73.9 kg; a full search finds no more. */
    @Test
    void theWorstSwivelsAreFoundByTurningThemAll() {
        List<Footing> feet = new ArrayList<>();
        for (Vec3 f : SQUARE) {
            feet.add(new Footing(f, f, 0.084, 1e5, 100));
        }
        Vec3 centre = new Vec3(0.06, 0.02, 0.4);
        double found = CasterShares.largest(feet, 73.9, centre);
        double brute = 0;
        int n = 12;
        for (int i = 0; i < n * n * n * n; i++) {
            List<Vec3> at = new ArrayList<>();
            for (int k = 0, rest = i; k < 4; k++, rest /= n) {
                double angle = 2 * Math.PI * (rest % n) / n;
                at.add(SQUARE.get(k).plus(new Vec3(0.084 * Math.cos(angle), 0.084 * Math.sin(angle), 0)));
            }
            brute = Math.max(brute, Arrays.stream(CasterShares.shares(at, 73.9, centre)).max().orElseThrow());
        }
        assertThat(found).isGreaterThanOrEqualTo(brute * 0.995);
        assertThat(found).isGreaterThan(28.0);
    }

    /**
     * Only three touch, their swivels anywhere: every swivel of each three tried in 36 ways finds no more than is told, and hardly less
     * (statics of a three-legged table: each carries the load's share of the triangle opposite to it).
     */
    @Test
    void onThreeFeetTheWorstSwivelsAreFound() {
        Vec3 centre = new Vec3(0.06, 0.02, 0.4);
        for (double trail : new double[]{0.032, 0.084}) {
            List<Footing> feet = SQUARE.stream().map(f -> new Footing(f, f, trail, 1e5, 100)).toList();
            double brute = 0;
            int n = 36;
            for (int left = 0; left < 4; left++) {
                for (int i = 0; i < n * n * n; i++) {
                    double[][] at = new double[3][];
                    for (int k = 0, foot = 0, rest = i; foot < 4; foot++) {
                        if (foot != left) {
                            double angle = 2 * Math.PI * (rest % n) / n;
                            at[k++] = new double[]{SQUARE.get(foot).x() + trail * Math.cos(angle),
                                    SQUARE.get(foot).y() + trail * Math.sin(angle)};
                            rest /= n;
                        }
                    }
                    brute = Math.max(brute, table(at, centre) * 73.9);
                }
            }
            assertThat(CasterShares.largestOfThree(feet, 73.9, centre)).isBetween(brute * 0.999, brute * 1.005);
        }
    }

    /** The busiest leg's share of a three-legged table; 0 where the load is beside it. */
    private static double table(double[][] legs, Vec3 load) {
        double most = 0;
        for (int i = 0; i < 3; i++) {
            double[] a = legs[(i + 1) % 3];
            double[] b = legs[(i + 2) % 3];
            // Distances from the line through the two others.
            double own = (b[0] - a[0]) * (legs[i][1] - a[1]) - (b[1] - a[1]) * (legs[i][0] - a[0]);
            double share = ((b[0] - a[0]) * (load.y() - a[1]) - (b[1] - a[1]) * (load.x() - a[0])) / own;
            if (share < 0) {
                return 0;
            }
            most = Math.max(most, share);
        }
        return most;
    }

    /** Three of a square's feet with the load on its middle: the two of the diagonal carry a half each (statics). */
    @Test
    void onThreeFeetOfASquareTwoCarryHalfEach() {
        List<Footing> feet = SQUARE.stream().map(f -> new Footing(f, f, 0, 1e5, 100)).toList();
        assertThat(CasterShares.largestOfThree(feet, 80, Vec3.ZERO)).isCloseTo(40, within(1e-9));
    }
}

package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.body.Vec3;
import firmperch.pose.Contact;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Shares of the feet against statics and against the space frame's reactions. */
class CasterLoadsTest {
    private static final List<Vec3> SQUARE = List.of(new Vec3(0.3, 0.3, 0), new Vec3(-0.3, 0.3, 0),
            new Vec3(-0.3, -0.3, 0), new Vec3(0.3, -0.3, 0));

    @ParameterizedTest
    @CsvSource({"0, 0", "0.1, 0", "0.05, -0.12", "0.2, 0.2", "-0.28, 0.1"})
    void sharesKeepBalance(double x, double y) {
        double[] shares = CasterLoads.shares(SQUARE, 80, new Vec3(x, y, 0.5));
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
        assertThat(CasterLoads.shares(SQUARE, 80, Vec3.ZERO)).containsOnly(new double[]{20, 20, 20, 20}, within(1e-9));
        double[] side = CasterLoads.shares(SQUARE, 80, new Vec3(0.15, 0, 0));
        assertThat(side[0]).isCloseTo(30, within(1e-9));
        assertThat(side[1]).isCloseTo(10, within(1e-9));
    }

    /** Three feet are determinate: over one of them it takes everything. */
    @Test
    void threeFeet() {
        List<Vec3> three = List.of(new Vec3(1, 0, 0), new Vec3(-1, 1, 0), new Vec3(-1, -1, 0));
        assertThat(CasterLoads.shares(three, 60, new Vec3(1, 0, 0))[0]).isCloseTo(60, within(1e-9));
        assertThat(CasterLoads.shares(three, 60, new Vec3(-1.0 / 3, 0, 0))).containsOnly(new double[]{20, 20, 20},
                within(1e-9));
    }

    /** The frame solver's reactions under the demo perch: the same, but for the post's bending, under one per cent. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "5, 45, 10", "6, 100, -30", "2, -160, 40"})
    void agreeWithTheSpaceFrame(int pin, double swing, double lift) {
        Situation s = Demo.posed(Demo.project(), pin, swing, lift);
        FrameSolution frame = s.frame().orElseThrow();
        double[] shares = CasterLoads.shares(s.posed().contacts().stream().map(Contact::point).toList(), s.weight(),
                s.posed().centre());
        for (int i = 0; i < shares.length; i++) {
            assertThat(frame.reactions()[i]).isCloseTo(shares[i], within(0.01 * s.weight() / 4));
        }
        assertThat(CasterLoads.largest(s.posed().contacts(), s.posed().mass(), s.posed().centre())
                * FrameSolver.GRAVITY).isCloseTo(Arrays.stream(shares).max().orElseThrow(), within(1e-6));
    }

    /** Free swivels can only make the busiest caster busier. */
    @Test
    void freeSwivelsAreWorse() {
        Situation locked = Demo.posed(Demo.with("perch.base.trailHeading", 0.0), 5, 45, 0);
        Situation free = Demo.posed(Demo.with("perch.base.locked", false), 5, 45, 0);
        assertThat(CasterLoads.largest(free.posed().contacts(), free.posed().mass(), free.posed().centre()))
                .isGreaterThan(CasterLoads.largest(locked.posed().contacts(), locked.posed().mass(),
                        locked.posed().centre()));
    }
}

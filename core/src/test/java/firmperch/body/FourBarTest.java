package firmperch.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Four-bars against loop closure, Freudenstein's equation and differences. */
class FourBarTest {
    /** Equal links and spacings are a parallelogram: the coupler does not turn (geometry). */
    @ParameterizedTest
    @CsvSource({"-1.2", "-0.3", "0", "0.8", "1.3"})
    void parallelogramKeepsLevel(double angle) {
        FourBar.State state = FourBar.level(0.6, 0.11).at(angle);
        assertThat(state.second()).isEqualTo(angle);
        assertThat(state.coupler()).isZero();
        // The exact law of nearly equal bars comes to the same.
        FourBar.State nearly = new FourBar(0, 0.11, 0.6, 0.6 + 1e-12, 0, 0.11).at(angle);
        assertThat(nearly.second()).isCloseTo(angle, within(1e-8));
        assertThat(nearly.coupler()).isCloseTo(0, within(1e-8));
    }

    /** Unequal bars: the loop closes, each bar keeps its length, and Freudenstein's equation (1955) holds. */
    @ParameterizedTest
    @CsvSource({"-0.7, 0.60, 0.62, 0.11, 0.12", "0.1, 0.60, 0.57, 0.11, 0.10", "0.6, 0.5, 0.52, 0.1, 0.15"})
    void unequalPairsClose(double angle, double first, double second, double ground, double coupler) {
        FourBar bars = new FourBar(0, ground, first, second, 0, coupler);
        FourBar.State state = bars.at(angle);
        double bx = first * Math.cos(angle);
        double bz = first * Math.sin(angle);
        double cx = second * Math.cos(state.second());
        double cz = ground + second * Math.sin(state.second());
        assertThat(Math.hypot(cx - bx, cz - bz)).isCloseTo(coupler, within(1e-12));
        // Freudenstein, angles from the line of the ground pivots: K1·cos φ − K2·cos θ + K3 = cos(θ − φ).
        double theta = angle - Math.PI / 2;
        double phi = state.second() - Math.PI / 2;
        double k3 = (first * first - coupler * coupler + second * second + ground * ground) / (2 * first * second);
        assertThat(ground / first * Math.cos(phi) - ground / second * Math.cos(theta) + k3)
                .isCloseTo(Math.cos(theta - phi), within(1e-12));
        double step = 1e-6;
        FourBar.State more = bars.at(angle + step);
        FourBar.State less = bars.at(angle - step);
        assertThat(state.secondRate()).isCloseTo((more.second() - less.second()) / (2 * step), within(1e-6));
        assertThat(state.couplerRate()).isCloseTo((more.coupler() - less.coupler()) / (2 * step), within(1e-6));
    }

    /** What is said to be the fastest that its bars turn is never passed, and is not far off (sampled a thousand times). */
    @ParameterizedTest
    @CsvSource({"-0.7, 0.7, 0.60, 0.62, 0.11, 0.12", "-0.6, 0.4, 0.60, 0.59, 0.11, 0.11",
            "-0.5, 0.6, 0.5, 0.52, 0.1, 0.15"})
    void ratesAreBounded(double from, double to, double first, double second, double ground, double coupler) {
        FourBar bars = new FourBar(0, ground, first, second, 0, coupler);
        assertThat(bars.meets(from, to)).isTrue();
        double couplerRate = 0;
        double secondRate = 0;
        for (int i = 0; i <= 1000; i++) {
            FourBar.State state = bars.at(from + (to - from) * i / 1000);
            couplerRate = Math.max(couplerRate, Math.abs(state.couplerRate()));
            secondRate = Math.max(secondRate, Math.abs(state.secondRate()));
        }
        assertThat(bars.mostCouplerRate(from, to)).isGreaterThanOrEqualTo(couplerRate);
        assertThat(bars.mostSecondRate(from, to)).isGreaterThanOrEqualTo(secondRate).isLessThan(5 * secondRate);
    }

    @Test
    void barsThatCannotMeetAreTold() {
        assertThat(new FourBar(0, 0.5, 0.2, 0.2, 0, 0.1).meets(-1, 1)).isFalse();
        assertThat(FourBar.level(0.6, 0.1).meets(-1.4, 1.4)).isTrue();
    }

    /** Bodies of a four-bar move as their rates say (differences). */
    @ParameterizedTest
    @CsvSource({"FIRST", "SECOND", "COUPLER"})
    void ratesAreTheSlopesOfTheMotion(Motion.Bar bar) {
        Freedom lift = new Freedom("lift", "Lift", Freedom.Kind.HINGE, -1, 1);
        Motion.Linked motion = new Motion.Linked(lift, new FourBar(0, 0.11, 0.6, 0.61, 0, 0.12), bar);
        double step = 1e-6;
        Vec3 point = new Vec3(0.2, 0.1, 0.05);
        Placement here = motion.at(0.4);
        Vec3 slope = motion.at(0.4 + step).point(point).minus(motion.at(0.4 - step).point(point)).times(1 / (2 * step));
        Motion.Rate rate = motion.rate(0.4);
        Vec3 said = rate.shift().plus(rate.turn().cross(here.point(point).minus(here.origin())));
        assertThat(said.minus(slope).length()).isLessThan(1e-6);
    }
}

package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.stock.PremixBag;
import org.junit.jupiter.api.Test;

class BallastSizingTest {

    private static boolean stands(Project project) {
        return Assessor.everyPose(project, Progress.NONE).findings().stream()
                .filter(f -> f.about().id().startsWith("tip.")).noneMatch(f -> f.verdict() == Verdict.GIVES);
    }

    @Test
    void needsJustEnoughAndNoMore() {
        Project p = Demo.project();
        BallastSizing sizing = BallastSizing.of(p, Progress.NONE);
        assertThat(sizing.fits()).isTrue();
        assertThat(stands(sizing.applied(p))).isTrue();
        assertThat(stands(Demo.with("perch.base.fill", sizing.fill() - 0.003))).as("3 mm less").isFalse();
    }

    /** Volume by hand: inner square less the pipe, times the height; mass by the density asked for (ACI, normal weight). */
    @Test
    void massIsVolumeTimesDensity() {
        Project p = Demo.project();
        BallastSizing sizing = BallastSizing.of(p, Progress.NONE);
        double litres = (4.04 * 4.04 - Math.PI / 4 * 0.483 * 0.483) * sizing.fill() * 10;
        assertThat(sizing.volume() * 1000).isCloseTo(litres, within(1e-6));
        assertThat(sizing.needed()).isCloseTo(litres * 2.35, within(1e-6));
    }

    @Test
    void aBoxTooSmallIsMadeWider() {
        Project small = Demo.with("perch.base.side", 0.2, "perch.base.fill", 0.05);
        BallastSizing sizing = BallastSizing.of(small, Progress.NONE);
        assertThat(sizing.fits()).isFalse();
        assertThat(sizing.side()).isBetween(0.2, 0.715);
        assertThat(stands(sizing.applied(small))).isTrue();
    }

    @Test
    void whatNoBoxCanHoldIsSaid() {
        Project narrow = Demo.with("perch.base.side", 0.15, "perch.base.fill", 0.05, "perch.base.casterOut", 0.12);
        BallastSizing sizing = BallastSizing.of(narrow, Progress.NONE);
        assertThat(sizing.needed()).isNaN();
        assertThat(sizing.fits()).isFalse();
    }

    /** Usual bag labels: an 80 lb bag makes 0.60 ft³, so a cubic yard (27 ft³) takes 45 of them (common practice). */
    @Test
    void bagsInACubicYard() {
        assertThat(BallastSizing.bags(27 * 0.028316846592, PremixBag.ALL.get("bag-80lb"))).isEqualTo(45);
        assertThat(BallastSizing.bags(27 * 0.028316846592, PremixBag.ALL.get("bag-60lb"))).isEqualTo(60);
        assertThat(BallastSizing.bags(0.001, PremixBag.ALL.get("bag-60lb"))).isEqualTo(1);
        assertThat(BallastSizing.bags(0, PremixBag.ALL.get("bag-60lb"))).isZero();
    }
}

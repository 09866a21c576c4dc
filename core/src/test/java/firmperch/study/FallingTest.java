package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.Demo;
import firmperch.check.Opened;
import firmperch.file.Samples;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is opened and let go, against free fall and the plumb line. */
class FallingTest {
    private static final double GRAVITY = 9.80665;

    private static int freedom(Situation s, String id) {
        return s.study().assembly().indexOf(id);
    }

    /** A centre column falls as anything does: v = √(2·g·h) (Galilei), whatever hangs on it. */
    @Test
    void aColumnFallsFreely() {
        Situation s = Study.of(Samples.all().get(1)).set();
        for (Loading loading : Loading.values()) {
            Falling falls = Opened.of(s, freedom(s, "tripod.column"), loading).orElseThrow();
            assertThat(falls.height()).isGreaterThan(0.05);
            assertThat(falls.speed()).isCloseTo(Math.sqrt(2 * GRAVITY * falls.height()), within(1e-9));
            assertThat(falls.ends()).isEqualTo("to its stop");
        }
    }

    /** An arm falls onto the bench about as fast as its end would freely: its links, of which the middles fall half as far, change little. */
    @Test
    void anArmFallsOntoTheBench() {
        Situation s = Study.of(Demo.project()).set();
        Falling falls = Opened.of(s, freedom(s, "arm.lift"), Loading.GEAR).orElseThrow();
        double freely = Math.sqrt(2 * GRAVITY * falls.height());
        assertThat(falls.ends()).isEqualTo("onto the bench");
        assertThat(falls.speed()).isCloseTo(freely, withinPercentage(10));
        assertThat(falls.words(s)).startsWith("falls ").contains("onto the bench").endsWith("m/s");
    }

    /** A balanced mast stays with its camera and rises without it; what turns level does neither. */
    @Test
    void aBalancedMastRisesWithoutItsCamera() {
        Situation s = Study.of(Samples.all().get(3)).set();
        int rise = freedom(s, "carriage.rise");
        assertThat(Opened.of(s, rise, Loading.GEAR)).isEmpty();
        Optional<Falling> bare = Opened.of(s, rise, Loading.BARE);
        assertThat(bare).hasValueSatisfying(f -> assertThat(f.height()).isNegative());
        assertThat(bare.orElseThrow().words(s)).startsWith("rises ");
        assertThat(Opened.of(Study.of(Demo.project()).set(), 1, Loading.BARE)).isEmpty();
    }

    /** The slope of each loading is that of a rig that carries just that. */
    @Test
    void aLoadingIsARigThatCarriesJustThat() {
        Situation s = Study.of(Demo.project()).set();
        int lift = freedom(s, "arm.lift");
        Situation gear = s.study().carrying(0).in(s.posed().pose());
        assertThat(s.loads().slope(lift, Loading.GEAR)).isCloseTo(gear.loads().slope(lift, Loading.SPARE),
                within(1e-9));
        double off = Demo.project().gear().mass() * GRAVITY * 0.64 * Math.cos(0.2);
        assertThat(gear.loads().slope(lift, Loading.SPARE) - gear.loads().slope(lift, Loading.BARE)).isCloseTo(off,
                within(1e-6));
    }
}

package firmperch.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.project.Project;
import firmperch.search.Prediction;
import firmperch.study.Situation;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import firmperch.study.Study;
import firmperch.units.UnitSystem;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 14);

    private static Measurement measured(Measurement.Kind kind, double value) {
        return new Measurement(DAY, kind, value, Map.of("carriage.pin", 5.0, "carriage.swing", 0.0, "arm.lift", 0.168),
                "");
    }

    @Test
    void agreementWithinMeasuringIsSaid() {
        Comparison close = new Comparison(measured(Measurement.Kind.PUSH, 96), 100);
        assertThat(close.difference()).isCloseTo(-0.04, within(1e-12));
        assertThat(close.inWords(UnitSystem.METRIC)).startsWith("Agrees with the prediction within 4 %");
    }

    @Test
    void whatTipsSoonerAndWhatSagsMoreIsSaidWithWhatToDo() {
        assertThat(new Comparison(measured(Measurement.Kind.PUSH, 70), 100).inWords(UnitSystem.METRIC))
                .startsWith("30 % (30 N) less than predicted").contains("tips sooner").contains("Weigh");
        assertThat(new Comparison(measured(Measurement.Kind.LEAN, 0.5), 0.4).inWords(UnitSystem.METRIC))
                .contains("25 %").contains("better");
        assertThat(new Comparison(measured(Measurement.Kind.SAG, 0.003), 0.002).inWords(UnitSystem.METRIC))
                .startsWith("50 % (1 mm) more").contains("pivots");
        assertThat(new Comparison(measured(Measurement.Kind.SAG, 0.001), 0.002).inWords(UnitSystem.METRIC))
                .contains("stiffer");
    }

    @Test
    void nothingPredictedIsSaid() {
        assertThat(new Comparison(measured(Measurement.Kind.SAG, 0.001), Double.NaN).inWords(UnitSystem.METRIC))
                .startsWith("Nothing is predicted").doesNotContain("NaN");
    }

    /** Statics: what is predicted is that of the pose it was measured in, not of the pose now set. */
    @Test
    void thePredictionIsForThePoseOfTheMeasurement() {
        Project p = Demo.project();
        Project moved = Demo.with(p, "stance.joints.arm.lift", -0.5, "stance.joints.carriage.pin", 0);
        for (Measurement.Kind kind : Measurement.Kind.values()) {
            assertThat(Prediction.of(moved, measured(kind, 0.01)).predicted())
                    .isEqualTo(Prediction.of(p, measured(kind, 0.01)).predicted());
        }
    }

    /** What was measured on the rig that the project had before is not held against the one it has now. */
    @Test
    void nothingIsPredictedOfAnotherRigsJoints() {
        Measurement other = new Measurement(DAY, Measurement.Kind.SAG, 0.001, Map.of("beam.reach", 0.6), "");
        assertThat(Prediction.of(Demo.project(), other).predicted()).isNaN();
    }

    /** Linear elasticity: gear twice as heavy makes the camera sag twice as far when it is hung on (superposition). */
    @Test
    void sagIsThatOfTheGearAlone() {
        Project p = Demo.with("gear.items.0.mass", 1.0, "gear.items.1.mass", 0.0, "gear.items.2.mass", 0.0,
                "gear.items.3.mass", 0.0, "gear.items.4.mass", 0.0, "gear.items.5.mass", 0.0);
        Project twice = Demo.with(p, "gear.items.0.mass", 2.0);
        double one = Prediction.of(p, measured(Measurement.Kind.SAG, 0.001)).predicted();
        double two = Prediction.of(twice, measured(Measurement.Kind.SAG, 0.001)).predicted();
        assertThat(two).isCloseTo(2 * one, within(1e-9));
        assertThat(one).isPositive();
    }

    /** What is likely is predicted, not the low end that a limit is held to: as if the usual stiffness of a pivot had been measured. */
    @Test
    void sagIsPredictedWithWhatIsUsual() {
        double usual = Study.of(Demo.project()).assembly().joints().stream()
                .filter(j -> j.id().equals("arm.lower-inner")).findFirst().orElseThrow().stiffness().rotational()
                .typical();
        double[] sag = {predictedSag(0), predictedSag(usual), predictedSag(usual / 2)};
        assertThat(sag[0]).isCloseTo(sag[1], within(1e-9));
        assertThat(sag[2]).isGreaterThan(1.1 * sag[0]);
    }

    private static double predictedSag(double measuredStiffness) {
        return Prediction.of(Demo.with("perch.arm.pivots.measured", measuredStiffness),
                measured(Measurement.Kind.SAG, 0.001)).predicted();
    }

    /** Rigid statics by hand from the posed rig on its sloping floor: F = W·(d·cos σ − h·sin σ)/z, the gear without its spare. */
    @Test
    void pushIsTheTippingPush() {
        Project p = Demo.project();
        var s = Situation.of(Demo.with(p, "gear.spare", 0.0));
        double slope = p.place().room().slope();
        double lever = s.support().clearance(s.posed().centre()) * Math.cos(slope)
                - s.posed().centre().z() * Math.sin(slope);
        double push = s.posed().mass() * Gravity.STANDARD * lever / 1.5;
        assertThat(Prediction.of(p, inSetPose(p)).predicted()).isCloseTo(push, within(1e-6));
    }

    private static Measurement inSetPose(Project p) {
        return new Measurement(LocalDate.of(2026, 11, 1), Measurement.Kind.PUSH, 100, p.stance().joints(), "");
    }

    @Test
    void refusesMeasurementsThatCannotBe() {
        assertThatThrownBy(() -> measured(Measurement.Kind.PUSH, -5)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Push until a wheel or foot lifts");
        assertThatThrownBy(() -> measured(Measurement.Kind.LEAN, 3)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("0.0° to 90.0°");
        assertThatThrownBy(() -> new Measurement(LocalDate.of(3026, 1, 1), Measurement.Kind.SAG, 0, Map.of(), ""))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("a day such as");
    }
}

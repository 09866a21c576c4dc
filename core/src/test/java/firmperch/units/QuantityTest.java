package firmperch.units;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.COUNT;
import static firmperch.units.Quantity.FORCE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.MASS;
import static firmperch.units.UnitSystem.IMPERIAL;
import static firmperch.units.UnitSystem.METRIC;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Conversions by definition: inch 25.4 mm, pound 0.45359237 kg (NIST SP 811, appendix B.8). */
class QuantityTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"600 | 0.600", "60 cm | 0.600", "0.6 m | 0.600",
            "60,5 cm | 0.605", "23 5/8\" | 0.600075", "23-5/8 in | 0.600075", "1' 11 5/8\" | 0.600075",
            "1 ft 11.625 in | 0.600075", "5/8\" | 0.015875", "  818mm | 0.818", "1' | 0.3048", ".5 m | 0.5",
            "-30 | -0.030", "−30 mm | -0.030", "2m 5cm | 2.05"})
    void readsLengthsAsPeopleSayThem(String typed, double metres) {
        assertThat(LENGTH.parse("Length", typed, METRIC)).isCloseTo(metres, within(1e-9));
    }

    /** As people type and paste them: fractions of one character, inches after feet, whole words, blanks that do not break. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"½ in | 0.0127", "1½ in | 0.0381", "1 ½\" | 0.0381",
            "5'6 | 1.6764", "5' 6 1/2 | 1.6891", "60 inches | 1.524", "1 inch | 0.0254", "6 feet | 1.8288",
            "600\u00a0mm | 0.6", "600\u202fmm | 0.6", "12 in. | 0.3048", "３０ cm | 0.3", "2m3cm | 2.03",
            "12,345.6 | 12.3456", "1,234,567 | 1234.567", "0,125 m | 0.125", "12,5 | 0.0125", "5. | 0.005"})
    void readsWhatIsPastedToo(String typed, double metres) {
        assertThat(LENGTH.parse("Length", typed, METRIC)).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"DENSITY | 2350 kg/m3 | 2350",
            "DENSITY | 2.3 g/cm³ | 2300",
            "STRESS | 24 N/mm2 | 24e6", "STRESS | 24 N/mm² | 24e6", "NUMBER | 35 % | 0.35", "NUMBER | 35% | 0.35",
            "TORQUE | 6 N.m | 6", "TORQUE | 6 N m | 6", "TORQUE | 60 Ncm | 0.6", "ROTATIONAL_STIFFNESS | 5 Nm/rad | 5",
            "VOLUME | 2 m3 | 2", "ANGLE | 180 degrees | 3.14159265358979", "FORCE | 2 kN | 2000"})
    void readsUnitsAsTheyAreTyped(Quantity quantity, String typed, double value) {
        assertThat(quantity.parse("Value", typed, METRIC)).isCloseTo(value, within(1e-9 * value));
    }

    /** Twelve hundred to one, one and a fifth to another: neither is guessed. */
    @Test
    void aCommaThatMayPartThousandsIsAskedAbout() {
        assertThatThrownBy(() -> LENGTH.parse("Link length", "1,200", METRIC)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("1200 or 1.200");
    }

    /** What is shown and typed again is shown alike, around every border between two ways of showing too. */
    @ParameterizedTest
    @EnumSource(Quantity.class)
    void whatIsShownAndTypedAgainIsShownAlike(Quantity quantity) {
        java.util.Random random = new java.util.Random(11);
        for (UnitSystem system : UnitSystem.values()) {
            for (int i = 0; i < 4000; i++) {
                double value = Math.pow(10, random.nextDouble() * 9 - 5) * (random.nextInt(5) == 0 ? -1 : 1)
                        * quantity.size(system);
                if (i % 4 == 0) {
                    double border = new double[]{0.25, 1, 10, 100, 1.0 / 16}[random.nextInt(5)];
                    value = (border + (random.nextDouble() - 0.5) * 0.2) * quantity.size(system);
                }
                String shown = quantity.show(value, system);
                assertThat(quantity.show(quantity.parse("Value", shown, system), system))
                        .as("%s of %s", quantity, value)
                        .isEqualTo(shown);
            }
        }
    }

    /** Fifty thousand blanks on the clipboard are refused at once, not after most of a minute. */
    @Test
    void aLotOfNothingIsRefusedAtOnce() {
        String blanks = "1" + " ".repeat(50_000) + "x";
        org.junit.jupiter.api.Assertions.assertTimeoutPreemptively(java.time.Duration.ofSeconds(2),
                () -> assertThatThrownBy(() -> LENGTH.parse("Link length", blanks, METRIC))
                        .isInstanceOf(InvalidValue.class).hasMessageEndingWith("."));
    }

    @Test
    void readsAPlainNumberInTheChosenUnits() {
        assertThat(LENGTH.parse("Length", "23 5/8", IMPERIAL)).isCloseTo(0.600075, within(1e-9));
        assertThat(LENGTH.parse("Length", "12", IMPERIAL)).isCloseTo(0.3048, within(1e-12));
        assertThat(MASS.parse("Mass", "2", IMPERIAL)).isCloseTo(0.90718474, within(1e-12));
        assertThat(LENGTH.parse("Length", "600 mm", IMPERIAL)).isCloseTo(0.6, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"1.2 kg | 1.2", "850 g | 0.85",
            "2 lb 10 oz | 1.190679971", "1,2 | 1.2", "80 lb | 36.2873896"})
    void readsMasses(String typed, double kilograms) {
        assertThat(MASS.parse("Mass", typed, METRIC)).isCloseTo(kilograms, within(1e-8));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"90 N | 90", "20 lbf | 88.964432", "5 kgf | 49.03325"})
    void readsForces(String typed, double newtons) {
        assertThat(FORCE.parse("Push", typed, METRIC)).isCloseTo(newtons, within(1e-6));
    }

    @Test
    void readsAngles() {
        assertThat(ANGLE.parse("Angle", "180", METRIC)).isCloseTo(Math.PI, within(1e-12));
        assertThat(ANGLE.parse("Angle", "-15°", METRIC)).isCloseTo(-Math.PI / 12, within(1e-12));
        assertThat(ANGLE.parse("Angle", "1.5 rad", METRIC)).isCloseTo(1.5, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "abc", "12 parsec", "3/0", "1 2 3", "12 mm mm", "--5", "5 kg", "1e3", "NaN",
            "Infinity", "12 5", "6 - 4"})
    void refusesWhatIsNoLengthAndSaysWhatWouldBe(String typed) {
        assertThatThrownBy(() -> LENGTH.parse("Link length", typed, METRIC)).isInstanceOf(InvalidValue.class)
                .hasMessageStartingWith("Link length: ").hasMessageContaining("23 5/8\"").hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"0.818 | 818 mm | 32 3/16\"",
            "0.0047625 | 4.8 mm | 3/16\"",
            "0.6096 | 610 mm | 24\"", "0.0127 | 12.7 mm | 1/2\"", "0 | 0 mm | 0\"", "-0.0254 | −25.4 mm | −1\"",
            "0.00043 | 0.43 mm | 0.017\"", "0.0375 | 37.5 mm | 1 1/2\""})
    void showsLengthsInBothSystems(double metres, String metric, String imperial) {
        assertThat(LENGTH.show(metres, METRIC)).isEqualTo(metric);
        assertThat(LENGTH.show(metres, IMPERIAL)).isEqualTo(imperial);
    }

    @Test
    void showsTheOtherQuantitiesWithTheirUnits() {
        assertThat(MASS.show(1.2, METRIC)).isEqualTo("1.20 kg");
        assertThat(MASS.show(61.42, METRIC)).isEqualTo("61.4 kg");
        assertThat(MASS.show(0.45359237, IMPERIAL)).isEqualTo("1.00 lb");
        assertThat(ANGLE.show(Math.toRadians(14.1), METRIC)).isEqualTo("14.1°");
        assertThat(FORCE.show(90.2, METRIC)).isEqualTo("90 N");
        assertThat(COUNT.show(4, METRIC)).isEqualTo("4");
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void neverShowsNaN(Quantity quantity) {
        assertThat(quantity.show(Double.NaN, METRIC)).isEqualTo("–");
        assertThat(quantity.show(Double.POSITIVE_INFINITY, METRIC)).contains("∞");
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void readsBackWhatItShows(Quantity quantity) {
        for (UnitSystem system : UnitSystem.values()) {
            double value = 3 * quantity.size(system);
            assertThat(quantity.parse("Value", quantity.show(value, system), system)).as("%s in %s", quantity, system)
                    .isCloseTo(value, within(1e-9 * value));
        }
    }

    /** A luggage scale that is pulled reads kilograms: so much as weighs them at standard gravity (9.80665 m/s², ISO 80000-3). */
    @Test
    void aPullMayBeToldAsAScaleReadsIt() {
        assertThat(Quantity.FORCE.parse("Push", "18 kg", UnitSystem.METRIC)).isCloseTo(176.5197, within(1e-9));
        assertThat(Quantity.FORCE.parse("Push", "40 lb", UnitSystem.IMPERIAL)).isCloseTo(177.9289, within(1e-3));
    }
}

package firmperch.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Section values against published tables of section properties. */
class SectionTest {

    /** EN 10219-2 / EN 10210-2 annex tables for circular hollow sections: mass, area, I, W_el. From memory. */
    @ParameterizedTest
    @CsvSource({"33.7, 3.2, 2.41, 3.07, 3.60, 2.14", "42.4, 3.2, 3.09, 3.94, 7.62, 3.59",
            "48.3, 3.2, 3.56, 4.53, 11.6, 4.80", "60.3, 3.2, 4.51, 5.74, 23.5, 7.78"})
    void roundTubesAgreeWithTheTables(double d, double t, double kgPerMetre, double cm2, double cm4, double cm3) {
        Section tube = new Section.RoundTube(d * 1e-3, t * 1e-3);
        assertThat(tube.lineMass(Material.ALL.get("steel-s235"))).isCloseTo(kgPerMetre, within(0.006));
        assertThat(tube.area() * 1e4).isCloseTo(cm2, within(0.006));
        assertThat(tube.secondMomentY() * 1e8).isCloseTo(cm4, within(0.05 * cm4 / 10));
        assertThat(tube.modulusY() * 1e6).isCloseTo(cm3, within(0.006));
        assertThat(tube.torsionConstant()).isCloseTo(tube.secondMomentY() + tube.secondMomentZ(), within(1e-15));
    }

    /** ASME B36.10M, half-inch schedule 40: 0.840 × 0.109 in; I = 7114 mm⁴, 1.27 kg/m. */
    @Test
    void halfInchPipeAgreesWithItsStandard() {
        Section pipe = PostStock.ALL.get("pipe-half-sch40").section();
        assertThat(pipe.secondMomentY() * 1e12).isCloseTo(7114, within(1.0));
        assertThat(pipe.lineMass(PostStock.ALL.get("pipe-half-sch40").material())).isCloseTo(1.27, within(0.005));
    }

    /** ASME B36.10M schedule 40 weights: 1 in 1.68, 1½ in 2.72, 2 in 3.65 lb/ft. From memory. */
    @ParameterizedTest
    @CsvSource({"pipe-1-sch40, 1.68", "pipe-1.5-sch40, 2.72", "pipe-2-sch40, 3.65"})
    void schedulePipesWeighWhatTheStandardSays(String id, double poundsPerFoot) {
        PostStock row = PostStock.ALL.get(id);
        double kgPerMetre = row.section().lineMass(row.material());
        assertThat(kgPerMetre / 0.45359237 * 0.3048).isCloseTo(poundsPerFoot, within(0.015));
    }

    /** Roark table 10.1: for b/a = 1/2 the torsion constant of a solid rectangle 2a × 2b is 0.229·(2a)(2b)³. */
    @Test
    void solidRectangleInTorsion() {
        Section twoToOne = new Section.Rectangle(0.040, 0.020);
        assertThat(twoToOne.torsionConstant() / (0.040 * Math.pow(0.020, 3))).isCloseTo(0.229, within(0.0006));
        Section square = new Section.Rectangle(0.020, 0.020);
        assertThat(square.torsionConstant() / Math.pow(0.020, 4)).isCloseTo(0.1406, within(0.0005));
    }

    /** Square tube 25 × 25 × 2: I = (25⁴ − 21⁴)/12 = 16 345 mm⁴ by hand. */
    @Test
    void squareTube() {
        Section tube = new Section.SquareTube(0.025, 0.002);
        assertThat(tube.secondMomentY() * 1e12).isCloseTo(16345.3, within(0.1));
        assertThat(tube.area() * 1e6).isCloseTo(184, within(1e-9));
    }

    @Test
    void depthAndBreadthGoTheirOwnWays() {
        Section stick = new Section.Rectangle(0.045, 0.018);
        assertThat(stick.secondMomentY() / stick.secondMomentZ()).isCloseTo(Math.pow(45.0 / 18, 2), within(1e-9));
    }
}

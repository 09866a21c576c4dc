package firmperch.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.shot.SensorFormat;
import firmperch.units.InvalidValue;
import java.util.HashSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest {
    static Stream<Catalogue<?>> catalogues() {
        return Stream.of(Material.ALL, PostStock.ALL, Bolt.ALL, Closure.ALL, FacePair.ALL, Tyre.ALL, PremixBag.ALL,
                SensorFormat.ALL);
    }

    @ParameterizedTest
    @MethodSource("catalogues")
    void everyRowSaysWhereItsValuesComeFrom(Catalogue<?> catalogue) {
        HashSet<String> ids = new HashSet<>();
        for (Catalogue.Row row : catalogue.rows()) {
            assertThat(ids.add(row.id())).as("id %s stands once", row.id()).isTrue();
            assertThat(row.label()).isNotBlank();
            assertThat(row.source()).as("source of %s", row.id()).isNotBlank();
            assertThat(catalogue.get(row.id())).isSameAs(row);
        }
    }

    @Test
    void anUnknownMaterialIsRefusedWithWhatThereIs() {
        assertThatThrownBy(() -> Material.ALL.get("unobtainium")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Material").hasMessageContaining("unobtainium").hasMessageContaining("oak-d30");
    }

    /** EN 1995-1-1 eq. 8.32 by hand: 0.082·(1 − 0.08)·530 = 39.98 N/mm² for M8 in D30. */
    @Test
    void embeddingStrengthOfABoltInTimber() {
        Material oak = Material.ALL.get("oak-d30");
        assertThat(oak.allowedBearing(0.008) * oak.factor() / 1e6).isCloseTo(39.98, within(0.01));
    }

    /** EN 338:2016 table 1, from memory: characteristic bending strength is the number in the class's name. */
    @ParameterizedTest
    @CsvSource({"spruce-c24, 24", "pine-c16, 16", "beech-d40, 40", "oak-d30, 30"})
    void timberClassesAreNamedByTheirBendingStrength(String id, double strength) {
        Material timber = Material.ALL.get(id);
        assertThat(timber.strength().bending() / 1e6).isEqualTo(strength);
        // EN 384, from memory: f_t,0 is 0.73·f_m − 3.07 for softwoods and 0.6·f_m for hardwoods.
        double tension = id.endsWith("24") || id.endsWith("16") ? 0.73 * strength - 3.07 : 0.6 * strength;
        assertThat(timber.strength().tension() / 1e6).isCloseTo(tension, within(0.15));
        assertThat(timber.young() / timber.shear()).as("EN 338: G is E/16").isCloseTo(16, within(0.2));
    }

    /** ACI normal-weight concrete is about 145 lb/ft³ (2323 kg/m³); what a bag and its water make must weigh that. */
    @ParameterizedTest
    @CsvSource({"bag-80lb, 0.60", "bag-60lb, 0.45"})
    void bagsAndWaterMakeConcreteOfOrdinaryWeight(String id, double cubicFeet) {
        PremixBag bag = PremixBag.ALL.get(id);
        assertThat(bag.yield() / 0.028316846592).isCloseTo(cubicFeet, within(1e-9));
        double density = (bag.dry() + bag.water() * 1000) / bag.yield();
        assertThat(density).isBetween(2270.0, 2400.0);
    }

    @Test
    void closuresAreListedFromTheWeakest() {
        assertThat(Closure.ALL.rows()).extracting(Closure::torque).isSorted();
    }

    /** ISO 7089/7093 and ISO 273: a washer covers its hole, a hole clears its bolt. */
    @Test
    void boltsFitTheirHolesAndWashers() {
        for (Bolt bolt : Bolt.ALL.rows()) {
            assertThat(bolt.hole()).isGreaterThan(bolt.diameter());
            assertThat(bolt.washer()).isGreaterThan(2.5 * bolt.diameter());
        }
    }

    /**
     * Masses of a hundred, kg: DIN 931 bolts (M6 × 40: 1.07, M8 × 80: 3.70, M10 × 100: 7.32), DIN 934 nuts (M6 0.25, M8 0.52, M10
     * 1.16 with its 17 mm), DIN 9021 washers (M6 0.28, M8 0.61, M10 1.22), all from memory and so within a tenth.
     */
    @ParameterizedTest
    @CsvSource({"m6, 0.040, 0.0107, 0.0025, 0.0028", "m8, 0.080, 0.0370, 0.0052, 0.0061",
            "m10, 0.100, 0.0732, 0.0110, 0.0122"})
    void boltsNutsAndWashersWeighWhatTablesSay(String size, double length, double bolt, double nut, double washer) {
        HexBolt hex = HexBolt.ALL.get(size);
        assertThat(hex.bolt(length)).isCloseTo(bolt, within(0.1 * bolt));
        assertThat(hex.nut()).isCloseTo(nut, within(0.1 * nut));
        assertThat(hex.washer()).isCloseTo(washer, within(0.1 * washer));
        assertThat(hex.set(length, 2)).isCloseTo(hex.bolt(length) + hex.nut() + 2 * hex.washer(), within(1e-12));
    }

    /** DIN 975, a metre: M8 0.32 kg, M10 0.50 kg, from memory. */
    @Test
    void threadedRodWeighsWhatItsTableSays() {
        assertThat(HexBolt.ALL.get("m8").rod(1)).isCloseTo(0.32, within(0.016));
        assertThat(HexBolt.ALL.get("m10").rod(1)).isCloseTo(0.50, within(0.025));
    }

    /** Whatever bolt may be chosen is known as a hexagon bolt too. */
    @Test
    void everyBoltHasItsHeadAndNut() {
        assertThat(Bolt.ALL.rows()).allSatisfy(b -> assertThat(HexBolt.of(b).diameter()).isEqualTo(b.diameter()));
    }
}

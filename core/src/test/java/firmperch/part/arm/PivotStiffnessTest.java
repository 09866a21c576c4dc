package firmperch.part.arm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.JointStiffness;
import firmperch.body.Stiffness;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import org.junit.jupiter.api.Test;

/** What a pivot of wood gives, by hand and against the code's slip modulus. */
class PivotStiffnessTest {
    private static final Material BEECH = Material.ALL.get("beech-d40");
    private static final Material PLYWOOD = Material.ALL.get("birch-plywood");

    private static Pivots pivots(String bolt, int faces, double measured) {
        return new Pivots(Bolt.ALL.get(bolt), faces, FacePair.ALL.get("wood-wood"), Closure.ALL.get("wrench"), 5, 4,
                measured);
    }

    private static Links sticks(double thickness) {
        return new Links(0.6, 0.11, BEECH, 0.045, thickness, 2, 0.045);
    }

    /**
     * Torsion of a ring (Roark): J = π/2·(15⁴ − 4.2⁴) = 79 033 mm⁴, beech's 0.55·810 = 445.5 N/mm² over a layer of 9 mm: 3912 N·m/rad; at
     * 350 N/mm² it would be 3073.
     */
    @Test
    void aLayerIsTwistedUnderItsRing() {
        double layer = PivotStiffness.layer(BEECH, 0.030, 0.0084, 0.009);
        assertThat(layer).isCloseTo(3912, within(2.0));
        assertThat(layer * 350 / 445.5).isCloseTo(3073, within(2.0));
    }

    /** Stick and plate one after the other, two faces beside each other; half and twice as much are as likely as anything. */
    @Test
    void layersOfAFaceGiveOneAfterTheOther() {
        Stiffness twist = PivotStiffness.of(pivots("m10", 2, 0), true, sticks(0.018), PLYWOOD, 0.018).rotational();
        double stick = PivotStiffness.layer(BEECH, 0.030, 0.0105, 0.009);
        double plate = PivotStiffness.layer(PLYWOOD, 0.030, 0.0105, 0.009);
        assertThat(2 / twist.typical()).isCloseTo(1 / stick + 1 / plate, within(1e-9));
        assertThat(twist.low()).isCloseTo(twist.typical() / 2, within(1e-9));
        assertThat(twist.high()).isCloseTo(twist.typical() * 2, within(1e-9));
        assertThat(twist.uncertain()).isTrue();
        Stiffness four = PivotStiffness.of(pivots("m10", 4, 0), true, sticks(0.018), PLYWOOD, 0.018).rotational();
        assertThat(four.typical()).isCloseTo(2 * twist.typical(), within(1e-6));
    }

    /** What was measured replaces the judgement. */
    @Test
    void aMeasurementReplacesIt() {
        Stiffness measured = PivotStiffness.of(pivots("m8", 2, 4200), true, sticks(0.018), PLYWOOD, 0.018).rotational();
        assertThat(measured.low()).isEqualTo(4200).isEqualTo(measured.high());
        assertThat(measured.uncertain()).isFalse();
    }

    /** EN 1995-1-1 table 7.1: a bolt M12 in C24 (ρ_m 420) has K_ser = 420^1.5·12/23 = 4491 N/mm a shear plane (from memory). */
    @Test
    void boltsPressIntoWoodByTheSlipModulus() {
        assertThat(PivotStiffness.bearing(Material.ALL.get("spruce-c24"), 0.012).typical() / 1e3)
                .isCloseTo(4491, within(1.0));
    }

    /** A free pivot turns, and plays in its hole. */
    @Test
    void aFreePivotTurnsAndPlays() {
        JointStiffness free = PivotStiffness.of(pivots("m8", 2, 0), false, sticks(0.018), PLYWOOD, 0.018);
        assertThat(free.rotational().high()).isZero();
        assertThat(free.slack()).isEqualTo(new JointStiffness.Slack.Hole(0.0084 - 0.008));
    }
}

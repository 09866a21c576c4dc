package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Situation;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameModel.PointMass;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.body.Vec3;
import firmperch.project.Project;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The space frame of a posed rig keeps the laws of statics and elasticity. */
class RigFrameTest {
    private static final Project DEMO = Demo.project();

    private static FrameSolution solved(Situation s) {
        return s.frame().orElseThrow();
    }

    /** Equilibrium: the feet carry the whole weight, and their resultant stands under the centre of mass. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "6, 45, 30", "3, -120, -35", "5, 180, 47"})
    void theFeetCarryTheWeightUnderItsCentre(int pin, double swing, double lift) {
        Situation s = Demo.posed(DEMO, pin, swing, lift);
        FrameSolution frame = solved(s);
        double weight = s.posed().mass() * FrameSolver.GRAVITY;
        assertThat(Arrays.stream(frame.reactions()).sum()).isCloseTo(weight, within(1e-6 * weight));
        Vec3 resultant = Vec3.ZERO;
        for (int i = 0; i < frame.reactions().length; i++) {
            resultant = resultant.plus(s.posed().contacts().get(i).point().times(frame.reactions()[i] / weight));
        }
        assertThat(resultant.x()).isCloseTo(s.posed().centre().x(), within(1e-5));
        assertThat(resultant.y()).isCloseTo(s.posed().centre().y(), within(1e-5));
    }

    /** Nothing with weight is forgotten or counted twice between the members and the lumped masses. */
    @Test
    void theFrameWeighsWhatTheRigWeighs() {
        Situation s = Demo.posed(DEMO, 4, 30, 20);
        FrameModel frame = s.posed().frameModel();
        double members = frame.members().stream().mapToDouble(m -> {
            Vec3 from = frame.nodes().get(m.from()).plus(m.fromOffset());
            Vec3 to = frame.nodes().get(m.to()).plus(m.toOffset());
            return to.minus(from).length() * m.section().lineMass(m.material());
        }).sum();
        double lumped = frame.masses().stream().mapToDouble(PointMass::mass).sum();
        assertThat(members + lumped).isCloseTo(s.posed().mass(), within(1e-9));
        double bare = s.posed().frameModelWithoutGear().masses().stream().mapToDouble(PointMass::mass).sum();
        assertThat(lumped - bare).isCloseTo(DEMO.gear().mass(), within(1e-9));
    }

    /** Symmetry: a square base does not care which of its four ways the arm points. */
    @Test
    void aQuarterTurnChangesNothing() {
        Project even = Demo.with("gear.items.2.left", 0.0, "gear.items.4.left", 0.0);
        Situation ahead = Demo.posed(even, 5, 0, 10);
        Situation left = Demo.posed(even, 5, 90, 10);
        assertThat(left.posed().mountMovement(solved(left)).z())
                .isCloseTo(ahead.posed().mountMovement(solved(ahead)).z(), within(1e-12));
        assertThat(left.posed().mountTilt(solved(left))).isCloseTo(ahead.posed().mountTilt(solved(ahead)),
                within(1e-12));
    }

    /** A load in the arm's own plane moves the camera in that plane only. */
    @Test
    void aSymmetricLoadStaysInItsPlane() {
        Project even = Demo.with("gear.items.2.left", 0.0, "gear.items.4.left", 0.0);
        Situation s = Demo.posed(even, 5, 0, 10);
        assertThat(s.posed().mountMovement(solved(s)).y()).isCloseTo(0, within(1e-12));
        assertThat(solved(s).rotation(2).x()).isCloseTo(0, within(1e-12));
    }

    /** Stiffer parts sag less, each in its turn: post, pivots, tyres, sticks. */
    @ParameterizedTest
    @CsvSource({"perch.upright.stock, pipe-60.3x3.6", "perch.base.tyre, nylon", "perch.arm.sticks, steel-s235"})
    void stifferPartsSagLess(String path, String stiffer) {
        Situation drawn = Demo.posed(DEMO, 6, 0, 0);
        Situation better = Demo.posed(Demo.with(path, stiffer), 6, 0, 0);
        double before = drawn.posed().mountTilt(solved(drawn));
        if (path.endsWith("sticks")) {
            // Steel sticks are stiffer but far heavier: compare what the gear alone does.
            before = gearSag(drawn);
            assertThat(gearSag(better)).isLessThan(before);
        } else {
            assertThat(better.posed().mountTilt(solved(better))).isLessThan(before);
        }
    }

    private static double gearSag(Situation s) {
        FrameSolution bare = FrameSolver.solve(s.posed().frameModelWithoutGear()).orElseThrow();
        return s.posed().mountMovement(bare).z() - s.posed().mountMovement(solved(s)).z();
    }

    /** Parallelogram: with free outer pivots the end plate keeps level, however much the tightened inner ones give. */
    @Test
    void thePlateStaysLevelWhenThePivotsGive() {
        Situation stiff = Demo.posed(Demo.with("perch.arm.pivotStiffness", 1e6), 3, 0, 0);
        Situation soft = Demo.posed(Demo.with("perch.arm.pivotStiffness", 2000.0), 3, 0, 0);
        double drop = stiff.posed().mountMovement(solved(stiff)).z() - soft.posed().mountMovement(solved(soft)).z();
        double tilt = Math.abs(soft.posed().mountTilt(solved(soft)) - stiff.posed().mountTilt(solved(stiff)));
        assertThat(drop).as("the arm goes down").isGreaterThan(0.002);
        assertThat(tilt * 0.68).as("but the plate does not turn with it").isLessThan(0.05 * drop);
    }

    /** A pivot's spring by hand: two tightened pivots of stiffness k let the arm's end down by M·L/(2k) and no more. */
    @Test
    void pivotSpringsByHand() {
        Situation stiff = Demo.posed(Demo.with("perch.arm.pivotStiffness", 1e6), 3, 0, 0);
        Situation soft = Demo.posed(Demo.with("perch.arm.pivotStiffness", 4000.0), 3, 0, 0);
        double drop = stiff.posed().mountMovement(solved(stiff)).z() - soft.posed().mountMovement(solved(soft)).z();
        double expected = soft.posed().liftTorque() * 0.68 * (1 / (2 * 4000.0) - 1 / (2 * 1e6));
        assertThat(drop).isCloseTo(expected, within(0.02 * expected));
    }

    @Test
    void aPerchThatTipsHasNoSag() {
        Project tippy = Demo.with("perch.base.fill", 0.0, "perch.base.side", 0.1, "perch.base.height", 0.06,
                "perch.base.casterOut", 0.06, "gear.items.0.mass", 8.0);
        Situation s = Demo.posed(tippy, 6, 0, 0);
        assertThat(s.leastLean()).isNegative();
        assertThat(s.frame()).isEmpty();
        assertThat(firmperch.check.Checks.get("arm.sag").at(s).margin()).isZero();
        assertThat(firmperch.check.Checks.get("arm.bending").at(s).numbers().get()).contains("does not stand");
    }
}

package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Situation;
import firmperch.body.Vec3;
import firmperch.project.Project;
import firmperch.rig.Freedom;
import firmperch.rig.Rig;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReachTest {
    private static final Project DEMO = Demo.project();
    private static final Rig RIG = Rig.of(DEMO.perch(), DEMO.gear(), DEMO.shot());

    private static double sensor(Pose pose) {
        return PosedRig.of(RIG, pose).sensor().z();
    }

    /** Forward after inverse comes back to where it was asked to go. */
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 0.8, 1.0, 1.2, 1.35, 1.43, 1.6, 1.8})
    void theCameraComesToTheHeightAsked(double height) {
        Pose pose = Reach.toHeight(RIG, Pose.of(3, 0.2, 0.1), height);
        assertThat(sensor(pose)).isCloseTo(height, within(1e-9));
        assertThat(pose.get(RIG, Rig.SWING)).isEqualTo(0.2);
    }

    @Test
    void thePinStaysWhileTheArmReaches() {
        double level = sensor(Pose.of(3, 0, 0));
        assertThat(Reach.toHeight(RIG, Pose.of(3, 0, 0), level + 0.2).get(0)).isEqualTo(3);
        assertThat(Reach.toHeight(RIG, Pose.of(0, 0, 0), level + 0.4).get(0)).isGreaterThan(0);
    }

    @Test
    void whatIsOutOfReachComesAsNearAsItCan() {
        Pose highest = Reach.toHeight(RIG, Pose.of(3, 0, 0), 9);
        assertThat(highest.get(0)).isEqualTo(6);
        assertThat(highest.get(2)).isCloseTo(Math.toRadians(48), within(1e-12));
    }

    /** A parallelogram keeps the end plate level and moves it on a circle of the link's length (geometry). */
    @ParameterizedTest
    @CsvSource({"-40, 0", "0, 0", "25, 90", "48, -135"})
    void theEndPlateMovesOnACircle(double lift, double swing) {
        PosedRig posed = Demo.posed(DEMO, 2, swing, lift).posed();
        Vec3 link = posed.outerMiddle().minus(posed.innerMiddle());
        assertThat(link.length()).isCloseTo(0.68, within(1e-12));
        assertThat(Math.toDegrees(Math.asin(link.z() / 0.68))).isCloseTo(lift, within(1e-9));
        assertThat(posed.mount().z()).isCloseTo(posed.outerMiddle().z() - 0.10, within(1e-12));
        assertThat(posed.mount().radius()).isCloseTo(0.09 + 0.68 * Math.cos(Math.toRadians(lift)) + 0.07,
                within(1e-12));
    }

    @Test
    void theArmTurnsTowardThePointer() {
        Pose pose = Reach.toward(RIG, Pose.of(3, 0, 0), new Vec3(-1, 1, 0));
        assertThat(Math.toDegrees(pose.get(RIG, Rig.SWING))).isCloseTo(135, within(1e-9));
        assertThat(Reach.toward(RIG, pose, Vec3.ZERO)).isEqualTo(pose);
    }

    @Test
    void pinHolesStandAPitchApart() {
        double low = PosedRig.of(RIG, Pose.of(0, 0, 0)).seat().z();
        assertThat(PosedRig.of(RIG, Pose.of(5, 0, 0)).seat().z() - low).isCloseTo(0.5, within(1e-12));
        assertThat(low).as("floor, caster, board, box floor, first hole").isCloseTo(0.108 + 0.021 + 0.018 + 0.70,
                within(1e-12));
    }

    @Test
    void settingsAreTakenToWhatTheJointCanDo() {
        Pose pose = Pose.of(RIG, Map.of("pin", 2.4, "swing", Math.toRadians(270), "lift", 2.0));
        assertThat(pose.get(0)).isEqualTo(2);
        assertThat(Math.toDegrees(pose.get(1))).isCloseTo(-90, within(1e-9));
        assertThat(pose.get(2)).isCloseTo(Math.toRadians(48), within(1e-12));
        assertThat(Pose.of(RIG, Map.of()).get(2)).isZero();
        assertThat(Pose.of(RIG, pose.joints(RIG))).isEqualTo(pose);
    }

    @Test
    void freedomsKnowTheirNearestSetting() {
        Freedom swing = new Freedom("s", "S", Freedom.Motion.SWING, -Math.PI, Math.PI);
        assertThat(swing.nearest(Math.PI + 0.1)).isCloseTo(-Math.PI + 0.1, within(1e-12));
        assertThat(swing.nearest(-7 * Math.PI + 0.1)).isCloseTo(-Math.PI + 0.1, within(1e-9));
        assertThat(new Freedom("p", "P", Freedom.Motion.STEP, 0, 6).nearest(9)).isEqualTo(6);
    }

    /** Weight by hand: the concrete is the inner square less the pipe, times its height and density. */
    @Test
    void everythingIsWeighed() {
        Situation s = Situation.of(DEMO);
        double concrete = (0.404 * 0.404 - Math.PI / 4 * 0.0483 * 0.0483) * 0.12 * 2350;
        double pipe = Math.PI / 4 * (0.0483 * 0.0483 - 0.0419 * 0.0419) * 7850 * 1.58;
        double sticks = 4 * 0.80 * 0.045 * 0.018 * 660;
        assertThat(mass(s, "concrete")).isCloseTo(concrete, within(1e-9));
        assertThat(mass(s, "post")).isCloseTo(pipe, within(1e-9));
        assertThat(mass(s, "upper links") + mass(s, "lower links")).isCloseTo(sticks, within(1e-9));
        assertThat(s.posed().bodies().stream().filter(b -> b.name().equals("caster"))).hasSize(4);
        assertThat(s.posed().bodies().stream().mapToDouble(Body::mass).sum()).isCloseTo(s.posed().mass(), within(1e-9));
    }

    private static double mass(Situation s, String body) {
        return s.posed().bodies().stream().filter(b -> b.name().equals(body)).mapToDouble(Body::mass).sum();
    }
}

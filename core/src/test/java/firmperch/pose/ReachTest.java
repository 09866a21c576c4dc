package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Assembly;
import firmperch.body.Vec3;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReachTest {
    private static final Study STUDY = Study.of(Demo.project());

    private static Situation at(double pin, double swing, double lift) {
        return STUDY.in(Pose.of(pin, swing, lift));
    }

    private static Pose toHeight(Pose from, double height) {
        return Reach.to(STUDY.rig(), from, STUDY.set().sensorHook(), Reach.Goal.height(height));
    }

    /** Forward after inverse comes back to where it was asked to go. */
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 0.8, 1.0, 1.2, 1.35, 1.43, 1.6})
    void theCameraComesToTheHeightAsked(double height) {
        Pose pose = toHeight(Pose.of(3, 0.2, 0.1), height);
        assertThat(STUDY.in(pose).sensor().z()).isCloseTo(height, within(1e-4));
        assertThat(pose.get(1)).as("nothing moves that need not").isEqualTo(0.2);
    }

    @Test
    void thePinStaysWhileTheArmReaches() {
        double level = at(3, 0, 0).sensor().z();
        assertThat(toHeight(Pose.of(3, 0, 0), level + 0.2).get(0)).isEqualTo(3);
        assertThat(toHeight(Pose.of(0, 0, 0), level + 0.4).get(0)).isGreaterThan(0);
    }

    @Test
    void whatIsOutOfReachComesAsNearAsItCan() {
        Pose highest = toHeight(Pose.of(3, 0, 0), 9);
        assertThat(highest.get(0)).isEqualTo(5);
        assertThat(highest.get(2)).isCloseTo(Math.toRadians(48), within(1e-9));
    }

    /** A parallelogram keeps the end plate level and moves it on a circle of the link's length (geometry). */
    @ParameterizedTest
    @CsvSource({"-40, 0", "0, 0", "25, 90", "48, -135"})
    void theCameraMovesOnACircle(double lift, double swing) {
        Posed posed = Demo.posed(Demo.project(), 2, swing, lift).posed();
        assertThat(posed.mount().radius()).isCloseTo(0.105 + 0.64 * Math.cos(Math.toRadians(lift)) + 0.07,
                within(1e-12));
        double seat = 0.108 + 0.018 + 0.018 + 0.7 + 2 * 0.1 + 0.1;
        assertThat(posed.mount().z()).isCloseTo(seat + 0.64 * Math.sin(Math.toRadians(lift)) - 0.12, within(1e-12));
        assertThat(posed.camera().z().z()).as("level").isCloseTo(1, within(1e-12));
    }

    @Test
    void aPointInThePlanTurnsTheArmTowardIt() {
        Vec3 goal = new Vec3(-1, 1, 0);
        Pose pose = Reach.to(STUDY.rig(), Pose.of(3, 1.8, 0), STUDY.set().sensorHook(),
                new Reach.Goal(goal, List.of(Vec3.X, Vec3.Y), 0.05));
        Vec3 camera = STUDY.in(pose).sensor();
        assertThat(Math.toDegrees(Math.atan2(camera.y(), camera.x()))).isCloseTo(135, within(0.5));
    }

    @Test
    void settingsAreTakenToWhatTheJointCanDo() {
        Assembly assembly = STUDY.assembly();
        Pose pose = Pose.of(assembly,
                Map.of("carriage.pin", 2.4, "carriage.swing", Math.toRadians(270), "arm.lift", 2.0));
        assertThat(pose.get(0)).isEqualTo(2);
        assertThat(Math.toDegrees(pose.get(1))).isCloseTo(-90, within(1e-9));
        assertThat(pose.get(2)).isCloseTo(Math.toRadians(48), within(1e-12));
        assertThat(Pose.of(assembly, pose.joints(assembly))).isEqualTo(pose);
    }

    /** Weight by hand: the concrete is the inner square less the pipe, times its height and density; pipe and sticks. */
    @Test
    void piecesByHand() {
        assertThat(mass("Concrete")).isCloseTo((0.404 * 0.404 - Math.PI / 4 * 0.0483 * 0.0483) * 0.14 * 2350,
                within(1e-9));
        assertThat(mass("Post")).isCloseTo(Math.PI / 4 * (0.0483 * 0.0483 - 0.0419 * 0.0419) * 7850 * 1.5,
                within(1e-9));
        assertThat(mass("Stick")).isCloseTo(4 * 0.73 * 0.045 * 0.018 * 660, within(1e-9));
    }

    private static double mass(String name) {
        return STUDY.assembly().pieces().stream().filter(p -> p.name().equals(name)).mapToDouble(p -> p.own().mass())
                .sum();
    }
}

package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.Demo;
import firmperch.rig.Kind;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What cannot be built is refused, with a sentence that names the field, what was given and what is expected. */
class ProjectTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"perch.arm.linkLength | -0.2 | Link length | 100 mm to 3000 mm",
            "perch.arm.linkLength | NaN | Link length | 100 mm to 3000 mm",
            "perch.arm.endDistance | 0.002 | Hole to end | 5 mm to 300 mm",
            "perch.arm.stickDepth | 0.011 | Depth of the sticks | the hole",
            "perch.arm.plateSpacing | 0.035 | Hole spacing | links clear each other",
            "perch.arm.lowStop | 1.2 | Highest arm angle | more than the lowest",
            "perch.arm.sticksPerLink | 3 | Sticks in a link | 1 to 2", "perch.arm.tightened | 0 | Tightened | 1 to 4",
            "perch.carriage.height | 0.85 | Height of the carriage | 800 mm",
            "perch.upright.length | 0.8 | Pin holes | post of 800 mm",
            "perch.upright.firstHole | 0.1 | Foot to the lowest hole | inner height of the box",
            "perch.upright.holes | 30 | Pin holes | lies in the post", "perch.upright.pin | 0.03 | Pin | 4 mm to 20 mm",
            "perch.upright.pitch | 0.015 | Hole to hole | 20 mm to 1000 mm",
            "perch.carriage.width | 0.05 | Width of the carriage | bore",
            "perch.base.fill | 0.5 | Height of the concrete | what the box holds",
            "perch.base.side | 0.9 | Side of the box | board under it",
            "perch.base.casterHeight | 0.05 | Height of a caster | its wheel",
            "perch.base.concreteDensity | 900 | Density of the concrete | 1500 kg/m³",
            "gear.items.0.mass | -1 | Mass of Camera body | 0.00 kg to 50.0 kg", "gear.spare | -0.5 | Spare | 0.00 kg",
            "place.benchDepth | 9 | Depth of the bench | fits in the room",
            "place.benchTop | 0.95 | Thickness of the bench top | height of the bench",
            "place.slope | 2 | Slope of the floor | 0.0° to 20.0°",
            "stance.x | 5 | Wall to the perch | depth of the room",
            "shot.crop | 0.5 | Crop factor | 1.00 to 8.00", "shot.focalLength | 0 | Focal length | 2 mm to 400 mm",
            "policy.near | 0.5 | Called near | 1.00 to 3.00", "policy.lift | 0 | Lift of one person | 1.00 kg"})
    void refusesWhatCannotBe(String path, double value, String field, String expected) {
        Project project = Demo.project();
        assertThatThrownBy(() -> RecordPath.of(path).with(project, value)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining(field).hasMessageContaining(expected).hasMessageContaining("was given");
    }

    @ParameterizedTest
    @CsvSource({"perch.arm.sticks, unobtainium, Material", "perch.upright.stock, drainpipe, Post stock",
            "perch.arm.bolt, m99, Bolt", "perch.arm.closure, magnet, Closure", "perch.arm.faces, ice, Faces",
            "perch.base.tyre, flat, Tyre", "shot.format, huge, Sensor format"})
    void refusesUnknownRowsAndListsTheKnown(String path, String value, String field) {
        assertThatThrownBy(() -> RecordPath.of(path).with(Demo.project(), value)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining(field).hasMessageContaining("“" + value + "”").hasMessageContaining("one of");
    }

    @Test
    void anArmLongerThanTheRoomIsRefused() {
        assertThatThrownBy(() -> Demo.with("perch.arm.overhang", 0.5, "perch.arm.linkLength", 2.9))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("Link length")
                .hasMessageContaining("under the depth of the room, 3400 mm");
    }

    @Test
    void aRefusalLeavesTheProjectAsItWas() {
        Project project = Demo.project();
        Project copy = Demo.project();
        assertThatThrownBy(() -> RecordPath.of("perch.arm.linkLength").with(project, 99.0)).isNotNull();
        assertThat(project).isEqualTo(copy);
    }

    @Test
    void aPathReadsAndChangesOnlyItsOwnValue() {
        Project project = Demo.project();
        RecordPath path = RecordPath.of("gear.items.2.mass");
        Project changed = path.with(project, 0.5);
        assertThat(path.number(changed)).isEqualTo(0.5);
        assertThat(path.with(changed, path.get(project))).isEqualTo(project);
        assertThat(RecordPath.of("stance.joints.pin").with(project, 2).stance().joints()).containsEntry("pin", 2.0);
        assertThat(RecordPath.of("perch.arm.tightened").with(project, 3.0).perch().arm().toString())
                .contains("tightened=3,");
    }

    @Test
    void aPathThatLeadsNowhereIsAFaultOfTheProgram() {
        assertThatThrownBy(() -> RecordPath.of("perch.leg.length").get(Demo.project()))
                .isInstanceOf(IllegalArgumentException.class).isNotInstanceOf(InvalidValue.class)
                .hasMessageContaining("leg");
    }

    @Test
    void recordsDoNotChangeUnderneath() {
        java.util.HashMap<String, Double> joints = new java.util.HashMap<>(Map.of("pin", 1.0));
        Stance stance = new Stance(1, 0, 0, joints);
        joints.put("pin", 5.0);
        assertThat(stance.joints()).containsEntry("pin", 1.0);
        assertThatThrownBy(() -> stance.joints().put("pin", 3.0)).isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> Demo.project().gear().items().clear())
                .isInstanceOf(UnsupportedOperationException.class);
    }

    static List<Kind> kinds() {
        return Kind.ALL;
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindStartsAsSomethingThatCanBeAssessed(Kind kind) {
        Project sample = Demo.project();
        Project fresh = new Project("New", "Studio", sample.units(), sample.shot(), sample.gear(), sample.place(),
                kind.start().get(), sample.stance(), Policy.STANDARD, List.of());
        assertThat(Assessor.everyPose(fresh, Progress.NONE).findings())
                .allSatisfy(f -> assertThat(f.margin()).isNotNaN().isGreaterThanOrEqualTo(0));
    }

    /** IEC 62368-1 and IEC 60601-1, NIOSH: the thresholds the policy starts from (from memory). */
    @Test
    void thePolicyStartsFromThePublishedThresholds() {
        assertThat(Math.toDegrees(Policy.STANDARD.lean())).isEqualTo(10);
        assertThat(Policy.STANDARD.pushShare()).isEqualTo(0.2);
        assertThat(Policy.STANDARD.pushMost()).isEqualTo(250);
        assertThat(Policy.STANDARD.pushHeight()).isEqualTo(1.5);
        assertThat(Math.toDegrees(Policy.STANDARD.slope())).isEqualTo(5);
        assertThat(Policy.STANDARD.lift()).isEqualTo(23);
        assertThat(Policy.STANDARD.person()).isEqualTo(100);
    }

    @Test
    void knowsWhetherItOnlyMoved() {
        Project project = Demo.project();
        assertThat(Demo.with("stance.x", 0.9, "stance.joints.lift", 0.3).onlyMovedFrom(project)).isTrue();
        assertThat(Demo.with("perch.arm.linkLength", 0.6).onlyMovedFrom(project)).isFalse();
        assertThat(Demo.with("place.roomDepth", 20.0, "stance.x", 15.0).onlyMovedFrom(project)).isFalse();
        assertThat(project.onlyMovedFrom(Demo.with("place.roomDepth", 20.0, "stance.x", 15.0))).isFalse();
    }
}

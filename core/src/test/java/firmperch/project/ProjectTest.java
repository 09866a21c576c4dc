package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.Demo;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.arm.LevelArm;
import firmperch.search.Assessor;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.units.InvalidValue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What cannot be built is refused, with a sentence that names the field, what was given and what is expected. */
class ProjectTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"perch.arm.links.length | -0.2 | Link length | 100 mm to 3000 mm",
            "perch.arm.links.length | NaN | Link length | 100 mm to 3000 mm",
            "perch.arm.links.depth | 0.011 | Sticks, upright | the hole",
            "perch.arm.links.spacing | 0.035 | Hole spacing | links clear each other",
            "perch.arm.stops.low | 1.2 | Highest arm angle | more than the lowest",
            "perch.arm.links.count | 3 | Sticks in a link | 1 to 2",
            "perch.carriage.height | 0.82 | Height of the carriage | 800 mm",
            "perch.post.length | 0.8 | Pin holes | post of 800 mm",
            "perch.post.row.first | 0.1 | Foot to the lowest hole | inner height of the box",
            "perch.post.row.count | 30 | Pin holes | lies in the post",
            "perch.post.row.pitch | 0.015 | Hole to hole | 20 mm to 1000 mm",
            "perch.carriage.width | 0.05 | Width of the carriage | bore",
            "perch.box.concrete.height | 0.5 | Height of the concrete | what the box holds",
            "perch.box.shell.side | 0.9 | Side of the box | board under it",
            "perch.box.caster.height | 0.05 | Height of a caster | its wheel",
            "gear.items.0.mass | -1 | Mass | 0.00 kg to 50.0 kg", "gear.spare | -0.5 | Spare | 0.00 kg",
            "place.bench.depth | 9 | Depth of the bench | fits in the room",
            "place.bench.top | 0.95 | Thickness of the bench top | height of the bench",
            "place.room.slope | 2 | Slope of the floor | 0.0° to 20.0°",
            "stance.x | 5 | Wall to the perch | depth of the room",
            "shot.crop | 0.5 | Crop factor | 1.00 to 8.00", "policy.near | 0.5 | Called near | 1.00 to 3.00"})
    void refusesWhatCannotBe(String path, double value, String field, String expected) {
        Project project = Demo.project();
        assertThatThrownBy(() -> Path.of(path).with(project, value)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining(field).hasMessageContaining(expected).hasMessageContaining("was given");
        assertThat(project).as("a refusal leaves the project as it was").isEqualTo(Demo.project());
    }

    @Test
    void aPathReadsAndChangesOnlyItsOwnValue() {
        Project project = Demo.project();
        Path path = Path.of("gear.items.2.mass");
        Project changed = path.with(project, 0.5);
        assertThat(path.number(changed)).isEqualTo(0.5);
        assertThat(path.with(changed, path.get(project))).isEqualTo(project);
        assertThat(Path.of("stance.joints.carriage.pin").with(project, 2).stance().joints())
                .containsEntry("carriage.pin", 2.0);
        assertThat(((LevelArm) Path.of("perch.arm.pivots.tightened").with(project, 3.0).perch().branch("arm")).pivots()
                .tightened()).isEqualTo(3);
        assertThat(path.param(project).label()).isEqualTo("Mass");
        assertThat(path.param(project).kind()).isInstanceOf(Param.Measure.class);
    }

    /** A closure brings its usual hand torque; it can then be corrected by what was measured. */
    @Test
    void aChoiceBringsWhatFollowsFromIt() {
        Project knob = Demo.with("perch.arm.pivots.closure", Closure.ALL.get("knob-40"));
        assertThat(Path.of("perch.arm.pivots.torque").number(knob)).isEqualTo(3);
        assertThat(Path.of("perch.arm.pivots.torque").number(Demo.with(knob, "perch.arm.pivots.torque", 7.0)))
                .isEqualTo(7);
    }

    /**
     * A wrench gets 18 N·m onto a nut, which at K = 0.15 presses an M8 with 15 kN; a washer Ø 24/8.4 on beech, 3 · 5.5 N/mm² / 1.3, bears
     * 5.04 kN: that is what 6.0 N·m press with. On bare steel the proof load of the bolt, 8.2 kN, stands at 9.9 N·m.
     */
    @Test
    void aWrenchIsUsedWithFeeling() {
        Project wrench = Demo.with("perch.arm.pivots.bolt", Bolt.ALL.get("m8"), "perch.arm.pivots.closure",
                Closure.ALL.get("wrench"));
        assertThat(Path.of("perch.arm.pivots.torque").number(wrench)).isEqualTo(6.0);
        assertThat(Assessor.now(wrench).findings()).filteredOn(f -> f.id().startsWith("closure")).isNotEmpty()
                .allMatch(f -> f.margin() >= 1);
        assertThat(Path.of("perch.carriage.runners.torque").number(Demo.with(Demo.of(Demo.kind("sliding-mast")),
                "perch.carriage.runners.closure", Closure.ALL.get("wrench")))).isEqualTo(9.8);
    }

    @Test
    void whatDoesNotFitTogetherIsRefused() {
        List<Mounted> parts = Demo.project().perch().parts();
        assertThatThrownBy(() -> new Perch(parts.subList(0, 3))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a head at its end");
        assertThatThrownBy(() -> new Perch(List.of(parts.get(1)))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("What “post” stands on").hasMessageContaining("the floor, the bench");
        assertThatThrownBy(() -> new Perch(List.of(parts.get(0), parts.get(0)))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a name of its own");
    }

    @Test
    void recordsDoNotChangeUnderneath() {
        Map<String, Double> joints = new HashMap<>(Map.of("pin", 1.0));
        Stance stance = new Stance(1, 0, 0, joints);
        joints.put("pin", 5.0);
        assertThat(stance.joints()).containsEntry("pin", 1.0);
        assertThatThrownBy(() -> stance.joints().put("pin", 3.0)).isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> Demo.project().gear().items().clear())
                .isInstanceOf(UnsupportedOperationException.class);
    }

    /** IEC 62368-1 and IEC 60601-1, NIOSH: the thresholds the policy starts from (from memory). */
    @Test
    void thePolicyStartsFromThePublishedThresholds() {
        Policy.Standing standing = Policy.STANDARD.standing();
        assertThat(Math.toDegrees(standing.lean())).isEqualTo(10);
        assertThat(standing.pushShare()).isEqualTo(0.2);
        assertThat(standing.pushMost()).isEqualTo(250);
        assertThat(standing.pushHeight()).isEqualTo(1.5);
        assertThat(Policy.STANDARD.loads().lift()).isEqualTo(23);
        assertThat(standing.person()).isEqualTo(100);
    }

    @Test
    void knowsWhetherItOnlyMoved() {
        Project project = Demo.project();
        assertThat(Demo.with("stance.x", 0.9, "stance.joints.arm.lift", 0.3).onlyMovedFrom(project)).isTrue();
        // Found by driving the window at random: a room with no room for how the other stands.
        Project far = Demo.with("place.room.depth", 6.0, "stance.x", 5.0);
        assertThat(far.onlyMovedFrom(project)).isFalse();
        assertThat(project.onlyMovedFrom(far)).isFalse();
        assertThat(Demo.with("perch.arm.links.length", 0.6).onlyMovedFrom(project)).isFalse();
    }
}

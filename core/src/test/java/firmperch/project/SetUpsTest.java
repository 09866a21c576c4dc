package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.Demo;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.param.Path;
import firmperch.units.InvalidValue;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SetUpsTest {
    private final Project three = Samples.all().get(2);

    private static List<String> names(Project project) {
        return project.setUps().stream().map(SetUp::name).toList();
    }

    @Test
    void theyAreCopiedMovedAndRemoved() {
        assertThat(names(three)).containsExactly("Overhead", "Brush, close", "Whole table");
        Project more = SetUps.copied(three);
        assertThat(names(more)).containsExactly("Overhead", "Set-up 4", "Brush, close", "Whole table");
        assertThat(more.shown()).isEqualTo(1);
        assertThat(more.setUp().named("Overhead")).isEqualTo(three.setUp());
        Project last = SetUps.moved(more, 2);
        assertThat(names(last)).containsExactly("Overhead", "Brush, close", "Whole table", "Set-up 4");
        assertThat(last.setUp().name()).isEqualTo("Set-up 4");
        assertThat(SetUps.moved(last, 1)).isSameAs(last);
        assertThat(names(SetUps.moved(last, -3))).startsWith("Set-up 4", "Overhead");
        assertThat(SetUps.removed(last)).isEqualTo(three.showing(2));
        assertThat(SetUps.removed(Demo.project())).as("the only one stays").isEqualTo(Demo.project());
        Project full = three;
        for (int i = 0; i < 20; i++) {
            full = SetUps.copied(full);
        }
        assertThat(full.setUps()).hasSize(Project.MOST_SETUPS);
    }

    /** A path into the shown one changes it alone, but the lens and the camera are the gear's: told once. */
    @Test
    void pathsLeadIntoTheOneShown() {
        Project second = Demo.with(three.showing(1), "shot.wanted.height", 0.2, "stance.x", 1.0,
                "shot.lens.nearestFocus",
                0.3, "shot.camera.pixels.wide", 4000, "setUp.name", "Brush");
        assertThat(second.setUps().get(0)).isEqualTo(three.setUps().get(0));
        assertThat(second.setUps().get(1).wanted().height()).isEqualTo(0.2);
        assertThat(second.setUps().get(1).stance().x()).isEqualTo(1.0);
        assertThat(second.setUp().name()).isEqualTo("Brush");
        assertThat(second.gear().lenses().get(1).nearestFocus()).isEqualTo(0.3);
        assertThat(second.showing(0).shot().lens()).isEqualTo(three.showing(0).shot().lens());
        assertThat(second.showing(0).shot().camera().pixels().wide()).isEqualTo(4000);
        assertThat(Path.of("shot.wanted.height").number(second)).isEqualTo(0.2);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> three.showing(3)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Set-up shown: number 3").hasMessageContaining("0 to 2");
        assertThatThrownBy(() -> Demo.with(three, "setUp.name", "Brush, close")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("two of one name");
        assertThatThrownBy(() -> Demo.with(three, "setUp.lens", 2)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Which lens in “Overhead”: number 2").hasMessageContaining("0 to 1");
        assertThatThrownBy(() -> three.with(List.of(), 0)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("at least one set-up");
        assertThatThrownBy(() -> Demo.with(three, "shot.crop", 0.9)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("1.00 to 8.00");
    }

    /** Each is held to the joints that there are, not the first alone. */
    @Test
    void aJointThatTheSecondSetsInVainIsTold(@TempDir java.nio.file.Path folder) throws Exception {
        String text = ProjectFile.text(three);
        int second = text.indexOf("Brush, close");
        String wrong = text.substring(0, second) + text.substring(second).replaceFirst("arm-1.lift", "arm-1.lfit");
        java.nio.file.Path file = folder.resolve("wrong.perch.json");
        Files.write(file, wrong.getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageContaining("“arm-1.lfit”");
        Files.writeString(file, text);
        assertThat(ProjectFile.read(file)).isEqualTo(three);
    }
}

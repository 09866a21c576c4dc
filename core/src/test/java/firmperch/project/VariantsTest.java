package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.Demo;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.units.InvalidValue;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Rigs that are kept beside the one that is worked on. */
class VariantsTest {
    private static Project two() {
        Project first = Variants.kept(Samples.wedgingBench());
        return Variants.kept(Choosing.of(first, Demo.kind("pipe-goalpost")));
    }

    @Test
    void keptAndSwitched() {
        Project two = two();
        assertThat(two.variants()).extracting(Variant::name).containsExactly("Variant 1", "Variant 2");
        Project back = Variants.switched(two, 0);
        assertThat(back.perch()).isEqualTo(Samples.wedgingBench().perch());
        assertThat(back.setUps()).isEqualTo(Samples.wedgingBench().setUps());
        assertThat(Assessor.now(back).sentence()).isEqualTo(Assessor.now(Samples.wedgingBench()).sentence());
        assertThat(Variants.switched(back, 1)).isEqualTo(two);
        assertThat(Variants.dropped(two, 0).variants()).extracting(Variant::name).containsExactly("Variant 2");
        assertThat(Variants.kept(two.with(firmperch.part.Perch.NONE))).as("no rig").isEqualTo(
                two.with(firmperch.part.Perch.NONE));
    }

    /** A set-up that came later: it stands there as in the last one that it knew. */
    @Test
    void aSetUpThatCameLater() {
        Project more = SetUps.copied(two());
        Project back = Variants.switched(more, 0);
        assertThat(back.setUps()).hasSize(3);
        assertThat(back.setUps().getLast().stance()).isEqualTo(Samples.wedgingBench().setUps().getLast().stance());
    }

    @Test
    void inTheFile(@TempDir java.nio.file.Path folder) throws Exception {
        java.nio.file.Path file = folder.resolve("two.perch.json");
        ProjectFile.write(file, two());
        assertThat(ProjectFile.read(file)).isEqualTo(two());
        Files.writeString(file, ProjectFile.text(two()).replaceFirst("(?s)(.*)\"clamp.slide\"", "$1\"clamp.slid\""));
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("clamp.slid");
    }

    @Test
    void twoOfOneName() {
        assertThatThrownBy(() -> Path.of("variants.1.name").with(two(), "Variant 1")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a name of its own for each");
        assertThat(Path.of("variants.1.name").with(two(), "The light one").variants()).extracting(Variant::name)
                .isEqualTo(List.of("Variant 1", "The light one"));
    }
}

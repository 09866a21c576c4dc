package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import firmperch.Demo;
import firmperch.param.Params;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Files as earlier versions saved them; none of these is ever changed, so that whoever has such a file can open it for ever. */
class VersionsTest {
    private static final Path SHIPPED = Path.of("src", "test", "resources", "firmperch", "versions");

    @TempDir
    private Path folder;

    static Stream<Path> shipped() throws IOException {
        try (Stream<Path> files = Files.list(SHIPPED)) {
            return files.sorted().toList().stream();
        }
    }

    private static int version(Path file) {
        return Integer.parseInt(file.getFileName().toString().replaceFirst("-.*", ""));
    }

    /** Whoever adds a step to the migrations adds a file of the version that it leads to. */
    @Test
    void thereIsAFileOfEachVersionEverShipped() throws IOException {
        assertThat(shipped().map(VersionsTest::version).distinct().sorted())
                .containsExactlyElementsOf(IntStream.rangeClosed(1, ProjectFile.VERSION).boxed().toList());
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void eachOpensAndIsSavedAsOfToday(Path file) throws IOException {
        assertThat(Tree.of(Files.readAllBytes(file)).path("version").asInt()).isEqualTo(version(file));
        Project project = ProjectFile.read(file);
        assertThat(Assessor.now(project).sentence()).endsWith(".");
        Path today = folder.resolve("today.perch.json");
        ProjectFile.write(today, project);
        assertThat(ProjectFile.read(today)).isEqualTo(project);
        assertThat(Tree.of(Files.readAllBytes(today)).path("version").asInt()).isEqualTo(ProjectFile.VERSION);
    }

    /** A value that came later is as it was before it came, and saved from then on. */
    @Test
    void aFileOfBeforeAValueOpens() throws IOException {
        Path file = SHIPPED.resolve("2-alien-of-before-its-cap.perch.json");
        assertThat(Files.readString(file)).doesNotContain("capped");
        Project project = ProjectFile.read(file);
        assertThat(firmperch.param.Path.of("perch.beam.capped").get(project)).isEqualTo(false);
        assertThat(ProjectFile.text(project)).contains("\"capped\" : false");
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(Schema.text());
        JsonNode root = new ObjectMapper().readTree(file.toFile());
        ((ObjectNode) root).put("version", ProjectFile.VERSION).set("project",
                Migrations.migrated(root.path("project"), version(file)));
        assertThat(schema.validate(root)).isEmpty();
        ((ObjectNode) root.at("/project/perch/1/values")).putNull("capped");
        assertThatThrownBy(() -> ProjectFile.parse(file, root.toString().getBytes(StandardCharsets.UTF_8)))
                .as("it has lost it").hasMessageContaining("End of the beam: nothing was given");
    }

    private record Bead(double diameter) {}

    @Test
    void aValueOfBeforeThatCouldNotBeIsRefusedWhereItIsDescribed() {
        assertThatThrownBy(() -> Params.of(Bead.class).length("diameter", "Diameter", 0.1, 1).orElse(0.0))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("100 mm to 1000 mm");
    }

    /** A setting of a joint that the rig has not, in a file or in a kind, is told by its name and with those that there are. */
    @Test
    void aJointThatNoFreedomHasIsTold() {
        String text = ProjectFile.text(Demo.project()).replace("\"arm.lift\" : 0.2", "\"arm.lfit\" : 0.2");
        assertThat(text).contains("arm.lfit");
        assertThatThrownBy(() -> ProjectFile.parse(Path.of("p"), text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnusableFile.class).hasMessageContaining(
                        "Setting of a joint: “arm.lfit” was given; expected is one of carriage.pin, carriage.swing, arm.lift");
        Kind kind = Parts.kinds().stream().filter(k -> k.id().equals("plain-tripod")).findFirst().orElseThrow();
        Kind wrong = new Kind("wrong", "Wrong", kind.start(), Map.of("tripod.colunm", 0.1));
        assertThatThrownBy(() -> Demo.of(wrong).perch().assembly(Demo.project().gear(), Demo.project().cameraRoom(),
                Demo.project().place().surroundings(), Demo.project().units()).mustKnow(wrong.joints().keySet()))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("“tripod.colunm”");
        assertThatThrownBy(() -> Assessor.now(Demo.of(wrong))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("tripod.column");
        List<String> rigid = List.of("any.joint");
        assertThatThrownBy(() -> new firmperch.body.Assembly(List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(),
                List.of(), List.of(), List.of(), List.of(), new firmperch.body.Assembly.Making(List.of(), List.of()),
                List.of(), null)
                .mustKnow(rigid)).hasMessageContaining("nothing of it can be set");
    }
}

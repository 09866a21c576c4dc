package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import firmperch.Demo;
import firmperch.project.Project;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.Gear;
import firmperch.rig.GearItem;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.rig.TiltHead;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.shot.Shot;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProjectFileTest {
    @TempDir
    private Path folder;

    private Path write(String text) throws IOException {
        return Files.writeString(folder.resolve("some.perch.json"), text);
    }

    private static String demo() {
        return ProjectFile.text(Demo.project());
    }

    @Test
    void whatIsWrittenIsReadBack() throws IOException {
        Path file = folder.resolve("a/b/demo.perch.json");
        ProjectFile.write(file, Demo.project());
        assertThat(ProjectFile.read(file)).isEqualTo(Demo.project());
        assertThat(ProjectFile.text(ProjectFile.read(file))).isEqualTo(Files.readString(file));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello", "{", "[]", "null", "{\"format\":\"firm-perch\",\"version\":1,\"project\":",
            "{\"format\":\"other\",\"version\":1}", "{\"a\":1}", "\u0000\u0001\u0002"})
    void foreignAndBrokenFilesAreRefused(String text) throws IOException {
        Path file = write(text);
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageStartingWith("some.perch.json cannot be opened: ").hasMessageContaining("expected is")
                .hasMessageEndingWith(".");
    }

    @Test
    void truncatedAnywhereItIsRefusedNeverHalfRead() throws IOException {
        byte[] whole = demo().getBytes(StandardCharsets.UTF_8);
        Random random = new Random(3);
        for (int i = 0; i < 40; i++) {
            int cut = random.nextInt(whole.length - 2);
            Path file = Files.write(folder.resolve("cut.perch.json"), Arrays.copyOf(whole, cut));
            assertThatThrownBy(() -> ProjectFile.read(file)).as("cut at %d", cut).isInstanceOf(UnusableFile.class);
        }
    }

    /** Bytes flipped at random either still make a project or are refused in words; nothing else comes out. */
    @Test
    void garbledFilesNeverMakeTheProgramFall() throws IOException {
        byte[] whole = demo().getBytes(StandardCharsets.UTF_8);
        Random random = new Random(5);
        for (int i = 0; i < 150; i++) {
            byte[] garbled = whole.clone();
            for (int k = 0; k < 3; k++) {
                garbled[random.nextInt(garbled.length)] = (byte) (32 + random.nextInt(95));
            }
            Path file = Files.write(folder.resolve("garbled.perch.json"), garbled);
            assertThatCode(() -> {
                try {
                    Assessor.now(ProjectFile.read(file));
                } catch (UnusableFile expected) {
                    assertThat(expected.getMessage()).doesNotContain("Exception").doesNotContain("firmperch.");
                }
            }).as("trial %d", i).doesNotThrowAnyException();
        }
    }

    @Test
    void aNewerFormatIsRefusedPlainly() throws IOException {
        Path file = write(demo().replace("\"version\" : 1", "\"version\" : 7"));
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageContaining("newer Firm Perch (format 7)").hasMessageContaining("up to format 1");
    }

    @Test
    void aHugeFileIsNotEvenRead() throws IOException {
        Path file = folder.resolve("huge.perch.json");
        Files.write(file, new byte[(int) ProjectFile.MOST_BYTES + 1]);
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class).hasMessageContaining("MiB");
    }

    @Test
    void missingFilesAndFoldersAreSaid() {
        assertThatThrownBy(() -> ProjectFile.read(folder.resolve("nowhere.perch.json")))
                .hasMessageContaining("no such file");
        assertThatThrownBy(() -> ProjectFile.read(folder)).hasMessageContaining("folder");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "\"linkLength\" : 0.68 | \"linkLength\" : 9.5 | Link length",
            "\"linkLength\" : 0.68 | \"x\" : 1 | linkLength",
            "\"mass\" : 0.51 | \"mass\" : -0.51 | Mass of Camera body", "\"beech-d40\" | \"cheese\" | cheese",
            "\"level-arm\" | \"robot-arm\" | level-arm", "\"METRIC\" | \"CUBITS\" | METRIC",
            "\"linkLength\" : 0.68 | \"linkLength\" : \"long\" | number",
            "\"linkLength\" : 0.68 | \"linkLength\" : null | number",
            "\"tightened\" : 2 | \"tightened\" : 2.5 | integer",
            "\"2026-11-14\" | \"2026-19-44\" | date"})
    void badValuesAreNamed(String from, String to, String named) throws IOException {
        Path file = write(demo().replaceFirst(java.util.regex.Pattern.quote(from),
                java.util.regex.Matcher.quoteReplacement(to)));
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageContainingAll(named.equals("date") ? "2026-19-44" : named);
    }

    @Test
    void savingKeepsThePreviousVersionAndLeavesNothingElse() throws IOException {
        Path file = folder.resolve("kept.perch.json");
        Project second = Demo.with("name", "Second");
        ProjectFile.write(file, Demo.project());
        ProjectFile.write(file, second);
        assertThat(ProjectFile.read(file)).isEqualTo(second);
        assertThat(ProjectFile.read(ProjectFile.previous(file))).isEqualTo(Demo.project());
        try (var files = Files.list(folder)) {
            assertThat(files.map(f -> f.getFileName().toString())).containsExactlyInAnyOrder("kept.perch.json",
                    "kept.perch.json~");
        }
    }

    @Test
    void whatCannotBeWrittenLeavesTheOldFile() throws IOException {
        Path blocker = Files.writeString(folder.resolve("file"), "in the way");
        assertThatThrownBy(() -> ProjectFile.write(blocker.resolve("x.perch.json"), Demo.project()))
                .isInstanceOf(IOException.class);
        assertThat(Files.readString(blocker)).isEqualTo("in the way");
    }

    /** The published schema says the same as the records: every component of each is there, required, and none else. */
    @Test
    void theSchemaKnowsEveryComponent() throws IOException {
        JsonNode definitions = new ObjectMapper().readTree(ProjectFile.schemaText()).path("$defs");
        for (Class<?> type : List.of(Project.class, Shot.class, Gear.class, GearItem.class, TiltHead.class,
                LevelArm.class, DropOnCarriage.class, PinnedPost.class, CastBox.class, firmperch.rig.Perch.class,
                firmperch.project.Place.class, firmperch.project.Stance.class, firmperch.project.Policy.class,
                firmperch.log.Measurement.class)) {
            String name = Character.toLowerCase(type.getSimpleName().charAt(0)) + type.getSimpleName().substring(1);
            List<String> components = Arrays.stream(type.getRecordComponents()).map(RecordComponent::getName).toList();
            List<String> properties = new java.util.ArrayList<>();
            definitions.path(name).path("properties").fieldNames().forEachRemaining(properties::add);
            properties.remove("kind");
            List<String> expected = new java.util.ArrayList<>(components);
            expected.remove("kind");
            assertThat(properties).as(name).containsExactlyInAnyOrderElementsOf(expected);
            assertThat(definitions.path(name).path("required"))
                    .hasSize(definitions.path(name).path("properties").size());
            assertThat(definitions.path(name).path("additionalProperties").asBoolean(true)).isFalse();
        }
    }

    @Test
    void theSchemaIsOfTheDraftItNames() throws IOException {
        JsonNode schema = new ObjectMapper().readTree(ProjectFile.schemaText());
        assertThat(schema.path("$schema").asText()).isEqualTo("https://json-schema.org/draft/2020-12/schema");
        var meta = com.networknt.schema.JsonSchemaFactory
                .getInstance(com.networknt.schema.SpecVersion.VersionFlag.V202012)
                .getSchema(com.networknt.schema.SchemaLocation.of("https://json-schema.org/draft/2020-12/schema"));
        assertThat(meta.validate(schema)).isEmpty();
    }

    @Test
    void theReportHasEveryFieldItPromises() throws IOException {
        JsonNode report = new ObjectMapper()
                .readTree(CheckReport.json(Assessor.full(Demo.project(), Progress.NONE)));
        assertThat(report.path("project").asText()).isEqualTo("Wedging bench");
        assertThat(report.path("verdict").asText()).isEqualTo("near");
        assertThat(report.path("sentence").asText()).startsWith("It stands in every pose.");
        assertThat(report.path("findings")).hasSize(firmperch.check.Checks.ALL.size());
        for (JsonNode finding : report.path("findings")) {
            for (String field : List.of("check", "station", "question", "asked", "available", "unit", "margin",
                    "verdict",
                    "pose", "formula", "source", "cures")) {
                assertThat(finding.has(field)).as("%s of %s", field, finding.path("check")).isTrue();
            }
            assertThat(finding.path("verdict").asText()).isIn("holds", "near", "gives");
            assertThat(finding.path("pose")).hasSize(3);
            double margin = finding.path("margin").asDouble();
            double asked = finding.path("asked").asDouble();
            if (asked > 0 && margin < 50 && margin > 0) {
                assertThat(finding.path("available").asDouble() / asked).isCloseTo(margin,
                        org.assertj.core.api.Assertions.within(1e-3 * margin));
            }
        }
    }
}

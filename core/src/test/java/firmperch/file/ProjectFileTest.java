package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import firmperch.Demo;
import firmperch.Known;
import firmperch.body.Supply;
import firmperch.disk.DiskTrouble;
import firmperch.part.GearItem;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProjectFileTest {
    @TempDir
    private Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("p.perch.json"), text);
    }

    @Test
    void comesBackAsItWas() throws IOException {
        Path file = folder.resolve("p.perch.json");
        ProjectFile.write(file, Demo.project());
        assertThat(ProjectFile.read(file)).isEqualTo(Demo.project());
        ProjectFile.write(file, Demo.with("name", "Second"));
        assertThat(ProjectFile.read(ProjectFile.previous(file))).isEqualTo(Demo.project());
    }

    /** Every kind that there is, the alien too, keeps to the schema that is made from the same descriptions. */
    @Test
    void whatIsWrittenKeepsToTheSchema() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(Schema.text());
        for (Kind kind : Parts.kinds()) {
            JsonNode written = new ObjectMapper().readTree(ProjectFile.text(Demo.of(kind)));
            assertThat(schema.validate(written)).as(kind.id()).isEmpty();
        }
        JsonNode wrong = new ObjectMapper()
                .readTree(ProjectFile.text(Demo.project()).replace("\"aps-c\"", "\"aps-z\""));
        assertThat(schema.validate(wrong)).isNotEmpty();
    }

    /** The published schema is the one made from the descriptions, but for parts that only the tests have. */
    @Test
    void thePublishedSchemaIsThisOne() throws IOException {
        JsonNode published = new ObjectMapper().readTree(Path.of("..", "docs", "project.schema.json").toFile());
        JsonNode made = new ObjectMapper().readTree(Schema.text());
        JsonNode parts = made.at("/$defs/perch/items/anyOf");
        for (int i = parts.size() - 1; i >= 0; i--) {
            if (parts.get(i).at("/properties/part/const").asText().startsWith("alien")) {
                ((com.fasterxml.jackson.databind.node.ArrayNode) parts).remove(i);
            }
        }
        assertThat(made).isEqualTo(published);
    }

    /**
     * A file of format 1 opens, migrated, and weighs what it weighed within half a per cent (73.94 kg, by the slice), but for the
     * screws, nuts and knobs, which were not weighed then.
     */
    @Test
    void aFileOfVersionOneOpens() throws IOException {
        Path old = Path.of("src", "test", "resources", "firmperch", "versions", "1-wedging-bench.perch.json");
        Project project = ProjectFile.read(old);
        assertThat(project.name()).isEqualTo("Wedging bench");
        assertThat(project.perch().parts()).hasSize(5);
        Assessment now = Assessor.everyPose(Demo.with(project, "gear.spare", 0.0,
                // The slice took every wheel to have been turned outward.
                "perch.box.corners.outward", true), Progress.NONE);
        double weighed = now.study().assembly().pieces().stream()
                .filter(p -> p.takesRoom() || p.supply() instanceof Supply.Owned)
                .mapToDouble(p -> p.own().mass()).sum();
        assertThat(weighed).isCloseTo(73.94, within(0.005 * 73.94));
        // Figures of the slice that nothing has corrected, in the slice's own digits.
        assertThat(now.finding("shot.focus").reading().available()).isCloseTo(0.5107, within(0.005 * 0.5107));
        assertThat(now.finding("place.walkway").reading().available()).isCloseTo(0.578, within(0.005 * 0.578));
        assertThat(now.finding("tip.slope").reading().available()).isCloseTo(Math.toRadians(40.26),
                within(0.01 * Math.toRadians(40.26)));
        ProjectFile.write(folder.resolve("new.perch.json"), project);
        assertThat(ProjectFile.read(folder.resolve("new.perch.json"))).isEqualTo(project);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"{\"format\": | breaks off", "[] | not a Firm Perch project",
            "{} | not a Firm Perch project", "{\"format\":\"firm-perch\"} | its version is missing",
            "{\"format\":\"firm-perch\",\"version\":99,\"project\":{}} | saved by a newer Firm Perch (format 99)",
            "{\"format\":\"firm-perch\",\"version\":2,\"project\":{}} | Name of the project: nothing was given",
            "{\"format\":\"firm-perch\",\"version\":2} | Project: nothing was given",
            "{\"format\":\"firm-perch\",\"version\":2,\"version\":2} | breaks off or is no JSON",
            "{\"format\":\"firm-perch\",\"version\":2,\"project\":{}} x | breaks off or is no JSON",
            "{\"format\":\"firm-perch\",\"version\":1,\"project\":{}} | Name of the project: nothing was given"})

    void saysWhatIsWrong(String text, String words) throws IOException {
        assertThatThrownBy(() -> ProjectFile.read(file(text))).isInstanceOf(UnusableFile.class)
                .hasMessageContaining(words)
                .hasMessageStartingWith("p.perch.json cannot be opened: ");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"length\" : 0.64 | \"length\" : \"long\" | Link length: “long” was given",
            "\"length\" : 0.64 | \"length\" : 1e400 | Link length",
            "\"count\" : 2, | \"count\" : 2.5, | Sticks in a link: 2.5 was given",
            "\"beech-d40\" | \"beech\" | Sticks of: “beech” was given; expected is one of",
            "\"level-arm\" | \"level-leg\" | Kind of part: “level-leg” was given",
            "\"carriage.face\" | \"carriage.nowhere\" | What “arm” stands on: “carriage.nowhere” was given",
            "\"arm.end\" | \"post.round\" | Head: on a post was given; expected is a plate to put it on",
            "\"length\" : 0.64 | \"lenght\" : 0.64 | Sticks: “lenght” was given",
            "\"METRIC\" | \"FURLONG\" | Units: “FURLONG” was given"})
    void namesTheValueInTheWindowsWords(String was, String is, String words) throws IOException {
        String text = ProjectFile.text(Demo.project());
        assertThat(text).contains(was);
        assertThatThrownBy(() -> ProjectFile.read(file(text.replaceFirst(java.util.regex.Pattern.quote(was),
                java.util.regex.Matcher.quoteReplacement(is))))).isInstanceOf(UnusableFile.class)
                .hasMessageContaining(words).message().doesNotContain("java").doesNotContain("$.");
    }

    @Test
    void foldersMissingAndHugeFilesAreSaid() throws IOException {
        assertThatThrownBy(() -> ProjectFile.read(folder)).hasMessageContaining("it is a folder");
        assertThatThrownBy(() -> ProjectFile.read(folder.resolve("none")))
                .hasMessageContaining("there is no such file");
        Path huge = folder.resolve("huge.json");
        Files.write(huge, new byte[(int) ProjectFile.MOST_BYTES + 1]);
        assertThatThrownBy(() -> ProjectFile.read(huge)).hasMessageContaining("it has more than 8 MiB");
    }

    /** A file that would be too long as it is saved is refused when it is read, however tightly its own text is set. */
    @Test
    void nothingIsReadThatCouldNotBeSaved() throws IOException {
        ObjectMapper json = new ObjectMapper();
        JsonNode root = json.readTree(ProjectFile.text(Demo.project()));
        ArrayNode measurements = (ArrayNode) root.path("project").path("log");
        ObjectNode one = measurements.addObject().put("date", "2026-11-28").put("kind", "SAG").put("value", 0.001)
                .put("note", "");
        ObjectNode joints = one.putObject("joints");
        for (int i = 0; i < 200; i++) {
            joints.put(String.format("j%024d", i), 0);
        }
        while (measurements.size() < 1000) {
            measurements.add(one);
        }
        byte[] tight = json.writeValueAsBytes(root);
        assertThat(tight.length).isBetween((int) ProjectFile.MOST_BYTES / 2, (int) ProjectFile.MOST_BYTES);
        Path file = Files.write(folder.resolve("tight.perch.json"), tight);
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageContaining("more than 8 MiB as it is saved");
    }

    /** A pipe into which nobody writes is told of, and is not waited for for ever. */
    @Test
    @DisabledOnOs(OS.WINDOWS)
    void aPipeOfNobodysIsTold() throws IOException, InterruptedException {
        Path pipe = folder.resolve("pipe.perch.json");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        assertThatThrownBy(() -> ProjectFile.content(pipe, 10, Duration.ofMillis(200))).isInstanceOf(IOException.class)
                .satisfies(e -> assertThat(DiskTrouble.words((IOException) e)).contains("nothing comes out of it"));
    }

    @Test
    void theVersionBeforeIsNamedOnlyWhereThereIsOne() throws IOException {
        Path broken = file("{");
        assertThatThrownBy(() -> ProjectFile.read(broken)).message().doesNotContain("beside it");
        Files.writeString(ProjectFile.previous(broken), "{}");
        assertThatThrownBy(() -> ProjectFile.read(broken)).hasMessageContaining("is kept beside it, ending in ~");
    }

    /** A line break in a name would print a line of its own in a report: a verdict could be forged. */
    @ParameterizedTest
    @ValueSource(strings = {"a\\nholds  x1.0", "a\\u001b[31m", "a\\u2028b", "a\\u202eb", "a\\rb"})
    void aNameThatSteersIsRefused(String name) throws IOException {
        Path file = file(ProjectFile.text(Demo.project()).replaceFirst("\"name\" : \"[^\"]*\"",
                java.util.regex.Matcher.quoteReplacement("\"name\" : \"" + name + "\"")));
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(UnusableFile.class)
                .hasMessageContaining("control character");
    }

    /** A number that is as good as none made a check come to no number. */
    @Test
    void aSideTooSmallToMeanAnythingIsRefused() {
        assertThatThrownBy(() -> Demo.with("perch.head.drop", 1e-310)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("next to nothing");
        assertThatThrownBy(() -> new GearItem.Size(1e-12, 0.1, 0.1)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Size");
    }

    /** Bytes changed at random: refused in a sentence or read and written back the same; never anything else. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void mutatedFilesNeverCrash(long seed) throws IOException {
        Random random = new Random(seed);
        byte[] good = ProjectFile.text(Demo.project()).getBytes(java.nio.charset.StandardCharsets.UTF_8);
        for (int i = 0; i < 250; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k <= random.nextInt(3); k++) {
                bad[random.nextInt(bad.length)] = (byte) (32 + random.nextInt(95));
            }
            try {
                Project read = ProjectFile.parse(folder.resolve("m"), bad);
                assertThat(ProjectFile.parse(folder.resolve("m"), ProjectFile.text(read)
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8))).isEqualTo(read);
            } catch (UnusableFile e) {
                assertThat(e.getMessage()).isNotBlank().doesNotContain("NaN");
            } catch (InvalidValue e) {
                throw new AssertionError("refused outside the file's own words", e);
            }
        }
    }

    @Test
    void theReportSaysWhatIsProven() throws IOException {
        JsonNode report = new ObjectMapper()
                .readTree(CheckReport.json(Known.everyPose(Demo.project())));
        assertThat(report.get("verdict").asText()).isEqualTo("near");
        for (JsonNode finding : report.get("findings")) {
            assertThat(finding.get("question").asText()).endsWith("?");
            if (finding.get("check").asText().startsWith("tip.")
                    || finding.get("check").asText().startsWith("friction")) {
                assertThat(finding.get("proven").asBoolean()).as(finding.get("check").asText()).isTrue();
                assertThat(finding.get("bound").isNumber()).isTrue();
            }
            if (finding.get("check").asText().equals("sag")) {
                assertThat(finding.get("proven").asBoolean()).isFalse();
            }
        }
    }

    /** What could not come back as it was is not taken in the first place. */
    @Test
    void whatWouldNotComeBackIsRefused() throws IOException {
        String text = ProjectFile.text(Demo.project());
        for (String[] change : new String[][]{{"\"arm.lift\" : 0.2", "\"arm.lift\" : 1e400", "a number too large"},
                {"\"arm.lift\" : 0.2", "\"arm.lift\" : 0.2, \"arm.lift\" : 0.1", "no JSON"},
                {"\"Wedging bench\"", "\"Wedging \\ud800\"", "half of a character"},
                {"\"format\"", "\"extra\" : 1, \"format\"", "“extra”, which no project has"}}) {
            assertThat(text).contains(change[0]);
            assertThatThrownBy(() -> ProjectFile.read(file(text.replace(change[0], change[1])))).as(change[1])
                    .isInstanceOf(UnusableFile.class).hasMessageContaining(change[2]);
        }
        assertThatThrownBy(() -> ProjectFile.read(file(text + "{}"))).isInstanceOf(UnusableFile.class)
                .hasMessageContaining("no JSON");
    }

    /** A refusal inside a list says which of it, by number and by name. */
    @Test
    void refusalsSayWhereInTheWindowsWords() {
        String text = ProjectFile.text(Demo.project());
        assertThatThrownBy(() -> ProjectFile.read(file(text.replaceFirst("2026-11-15", "yesterday"))))
                .hasMessageContaining("Measurements, number 3: ").hasMessageContaining("“yesterday” was given")
                .hasMessageContaining("a day such as");
        assertThatThrownBy(() -> ProjectFile.read(file(text.replaceFirst("\"mass\" : 0.24", "\"mass\" : -1"))))
                .hasMessageContaining("number 2 (“24 mm lens”)").hasMessageContaining("Mass");
        assertThatThrownBy(() -> ProjectFile.read(file(text.replace("\"m12\"", "\"m9\""))))
                .hasMessageContaining("number 4 (“arm”)").hasMessageContaining("“m9” was given")
                .hasMessageContaining("one of M6, M8, M10, M12");
    }
}

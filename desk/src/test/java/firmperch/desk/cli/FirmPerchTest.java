package firmperch.desk.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.place.Joists;
import firmperch.project.Project;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

class FirmPerchTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path demo;

    @BeforeEach
    void writeDemo() throws IOException {
        demo = folder.resolve("demo.perch.json");
        ProjectFile.write(demo, Samples.wedgingBench());
    }

    private int run(String... arguments) {
        return FirmPerch.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    /** How tight the jaws are, and the friction that stands behind it, decides whether they hold. */
    @Test
    void judgementsSayWhatDecides() throws IOException {
        Path press = demo.resolveSibling("press.perch.json");
        ProjectFile.write(press, Samples.all().get(4));
        assertThat(run("judgements", press.toString())).isEqualTo(0);
        assertThat(out.toString().lines()).anySatisfy(line -> assertThat(line).startsWith("clamp: Hand torque")
                .contains("half: friction@clamp.roll 1.73 → 0.86 (holds → near)").contains("DECIDES"));
        assertThat(out.toString()).contains("A hand at the camera").contains("Stiffness of joints");
        assertThat(run("judgements", demo.resolveSibling("none.json").toString())).isEqualTo(2);
    }

    /** Every kind with its figures, the best first; one of them written as a project, which says the same of itself. */
    @Test
    void kindsAndStart() throws IOException {
        Project one = firmperch.param.Path.of("place.room.joists.made").with(Samples.wedgingBench(),
                Joists.Made.UNKNOWN);
        ProjectFile.write(demo, one.with(List.of(one.setUp()), 0));
        assertThat(run("kinds", demo.toString(), "--json")).isEqualTo(0);
        JsonNode kinds = new ObjectMapper().readTree(out.toString()).get("kinds");
        assertThat(kinds.findValuesAsText("kind")).contains("cast-box-post", "sliding-mast", "pipe-goalpost",
                "balanced-bar", "plain-tripod", "beam-arm", "ceiling-arm");
        assertThat(kinds.get(0).get("verdict").asText()).isEqualTo("holds");
        assertThat(kinds.get(0).get("cost").asDouble()).isPositive();
        assertThat(kinds.findValuesAsText("verdict")).contains("cannot");
        out.getBuffer().setLength(0);
        Path started = folder.resolve("tripod.perch.json");
        assertThat(run("start", "plain-tripod", demo.toString(), "--to", started.toString())).isEqualTo(0);
        assertThat(out.toString()).contains("it hits the bench").contains(started.toString());
        assertThat(ProjectFile.read(started).perch().parts()).hasSize(3);
        assertThat(run("start", "bipod", demo.toString(), "--to", started.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("“bipod”").contains("one of ").contains("plain-tripod");
    }

    @Test
    void checkSaysTheSentenceAndEveryFinding() {
        assertThat(run("check", demo.toString())).isEqualTo(0);
        assertThat(out.toString()).contains("It stands in every pose. The pivots slip first")
                .contains("Cheapest cure: ")
                .contains("What push does it take?")
                .contains("proven to").contains("sampled");
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void somethingShortExitsWithOne() throws IOException {
        Project weak = firmperch.param.Path.of("perch.box.corners.out").with(Samples.wedgingBench(), 0.24);
        ProjectFile.write(demo, weak);
        assertThat(run("check", demo.toString(), "--json")).isEqualTo(1);
        JsonNode report = new ObjectMapper().readTree(out.toString());
        assertThat(report.path("verdict").asText()).isEqualTo("gives");
        boolean cured = false;
        for (JsonNode finding : report.path("findings")) {
            if (finding.path("check").asText().equals("tip.push")) {
                assertThat(finding.path("verdict").asText()).isEqualTo("gives");
                assertThat(finding.path("margin").asDouble()).isLessThan(1);
                assertThat(finding.path("unit").asText()).isEqualTo("N");
            }
            cured |= !finding.path("cures").isEmpty();
        }
        assertThat(cured).as("the weakest has its cheapest cure").isTrue();
    }

    /** An empty list of cures is no answer where none were sought. */
    @Test
    void whichCuresAreSoughtIsAsked() throws IOException {
        assertThat(run("check", demo.toString(), "--json", "--cures", "none")).isEqualTo(0);
        for (JsonNode finding : new ObjectMapper().readTree(out.toString()).path("findings")) {
            assertThat(finding.path("curesSought").asBoolean()).isFalse();
        }
        assertThat(run("check", demo.toString(), "--cures", "some")).isEqualTo(2);
        assertThat(err.toString()).contains("ALL").contains("CHEAPEST").contains("NONE");
    }

    @Test
    void unusableInputExitsWithTwoAndOneSentence() throws IOException {
        assertThat(run("check", folder.resolve("none.perch.json").toString())).isEqualTo(2);
        assertThat(err.toString().strip())
                .isEqualTo("none.perch.json cannot be opened: there is no such file or folder: "
                        + "look at its name and where it is.");
        Path broken = Files.writeString(folder.resolve("broken.perch.json"), "{");
        assertThat(run("check", broken.toString())).isEqualTo(2);
        assertThat(err.toString()).doesNotContain("\tat ").doesNotContain("Exception");
    }

    /** What steers a terminal never reaches it, whatever a file is called or holds. */
    @Test
    void nothingOfAFileSteersTheTerminal() throws IOException {
        Path forged = Files.writeString(folder.resolve("a\u001b[31mb\u202ec.perch.json"), Files.readString(demo)
                .replace("\"Wedging bench\"", "\"x\\nholds\\u001b[31m\""));
        assertThat(run("check", forged.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("control character").doesNotContain("\u001b").doesNotContain("\u202e");
        assertThat(out.toString()).isEmpty();
        Path broken = Files.writeString(folder.resolve("broken.perch.json"),
                Files.readString(demo).replace("\"metric\"", "\"x\\u001b[2J\"").replace("METRIC", "x\\u001b[2J"));
        assertThat(run("check", broken.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("Units").doesNotContain("\u001b");
    }

    private record Ended(int status, String said) {}

    /** As a program of its own, with a shell around it. */
    private Ended shell(String script) throws IOException, InterruptedException {
        String runtime = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        ProcessBuilder builder = new ProcessBuilder("sh", "-c", script).redirectErrorStream(true);
        builder.environment().put("FP",
                runtime + " -XX:TieredStopAtLevel=1 -Xmx200m -Dfirmperch.data=" + folder + " -cp "
                        + System.getProperty("java.class.path") + " firmperch.desk.Main");
        builder.environment().put("FILE", demo.toString());
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(said).doesNotContain("\tat ").doesNotContain("Exception");
        return new Ended(process.exitValue(), said);
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void whatCannotBeDoneExitsWithThreeAndWithoutATrace() throws Exception {
        assertThat(shell("$FP check $FILE > /dev/full")).satisfies(e -> {
            assertThat(e.status).isEqualTo(3);
            assertThat(e.said).contains("Not all of it could be printed");
        });
        assertThat(shell("$FP check /dev/zero")).satisfies(e -> {
            assertThat(e.status).isEqualTo(2);
            assertThat(e.said).contains("more than 8 MiB");
        });
        assertThat(shell("DISPLAY=:4077 $FP")).satisfies(e -> {
            assertThat(e.status).isEqualTo(3);
            assertThat(e.said).contains("The display “:4077” does not answer.");
        });
        assertThat(shell("LC_ALL=C $FP check 'töpfe 名.perch.json'")).satisfies(e -> {
            assertThat(e.status).isEqualTo(2);
            assertThat(e.said).contains("LC_ALL=C.UTF-8");
        });
        assertThat(shell("LC_ALL=C $FP 'töpfe.perch.json'").status).isEqualTo(2);
    }

    @Test
    void wrongUseExitsWithTwoAndSaysHow() {
        assertThat(run("check")).isEqualTo(2);
        assertThat(run("measure", "x")).isEqualTo(2);
        assertThat(run("export", demo.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("FILE").contains("--to");
    }

    @Test
    void exportWritesEverythingOrWhatIsAskedFor() {
        assertThat(run("export", demo.toString(), "--to", folder.resolve("all").toString())).isZero();
        assertThat(folder.resolve("all/cuts.csv")).isNotEmptyFile();
        assertThat(folder.resolve("all/hardware.csv")).isNotEmptyFile();
        assertThat(folder.resolve("all/build-pack.pdf")).isNotEmptyFile();
        assertThat(run("export", demo.toString(), "--to", folder.resolve("some").toString(), "--only",
                "cuts,hardware")).isZero();
        assertThat(folder.resolve("some/cuts.csv")).isNotEmptyFile();
        assertThat(folder.resolve("some/build-pack.pdf")).doesNotExist();
        assertThat(run("export", demo.toString(), "--to", folder.toString(), "--only", "cuts,walls")).isEqualTo(2);
        assertThat(err.toString()).contains("“walls” was given; expected is one of pdf, cuts, hardware");
    }

    @Test
    void exportWhereNothingCanBeWrittenIsSaid() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "");
        assertThat(run("export", demo.toString(), "--to", file.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("no folder");
    }

    @Test
    void helpAndVersion() {
        assertThat(run("--help")).isZero();
        assertThat(out.toString()).contains("check").contains("export").contains("something is short");
        assertThat(run("--version")).isZero();
        assertThat(out.toString()).contains("Firm Perch");
    }

    /** Run as a program of its own without any JavaFX on its class path: the command line needs none. */
    @Test
    void runsWithoutJavaFx() throws IOException, InterruptedException {
        String classPath = Arrays.stream(System.getProperty("java.class.path").split(java.io.File.pathSeparator))
                .filter(entry -> !entry.contains("javafx") && !entry.contains("atlantafx") && !entry.contains("ikonli"))
                .collect(Collectors.joining(java.io.File.pathSeparator));
        Process process = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Dfirmperch.data=" + folder, "-cp",
                classPath, "firmperch.desk.Main", "check", demo.toString()).redirectErrorStream(true).start();
        String printed = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(printed).isZero();
        assertThat(printed).contains("It stands in every pose.");
    }
}

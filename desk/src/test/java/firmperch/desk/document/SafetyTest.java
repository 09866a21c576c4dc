package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.app.Opening;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Work is not lost: not by a crash, not by a kill in the middle of saving. */
class SafetyTest {
    private static final long GONE = 999_999_999L;

    @TempDir
    private Path folder;

    private static Project named(String name) {
        return firmperch.param.Path.of("name").with(Samples.wedgingBench(), name);
    }

    @Test
    void workOfAProgramThatIsGoneIsFound() {
        Path origin = folder.resolve("mine.perch.json");
        new Recovery(folder, GONE).write(named("Half done"), origin);
        Recovery.Left left = new Recovery(folder).left().orElseThrow();
        assertThat(left.project().name()).isEqualTo("Half done");
        assertThat(left.file()).isEqualTo(origin.toAbsolutePath());
        Recovery.delete(left.recovery());
        assertThat(new Recovery(folder).left()).isEmpty();
    }

    @Test
    void workOfAProgramThatStillRunsIsLeftAlone() {
        Recovery mine = new Recovery(folder);
        mine.write(named("Being edited"), null);
        assertThat(new Recovery(folder, GONE).left()).isEmpty();
        mine.clear();
        assertThat(folder.resolve("recovery")).isEmptyDirectory();
    }

    @Test
    void aBrokenRecoveryDoesNotStopTheStart() throws IOException {
        Files.createDirectories(folder.resolve("recovery"));
        Files.writeString(folder.resolve("recovery").resolve(GONE + ProjectFile.EXTENSION), "{\"format\"");
        assertThat(new Recovery(folder).left()).isEmpty();
    }

    @Test
    void unsavedWorkIsWrittenOftenEnough() {
        assertThat(Recovery.EVERY_SECONDS).as("a crash loses at most the last five seconds").isLessThan(5);
    }

    /** Kills a program that does nothing but save, again and again in the middle of it: the file is whole every time. */
    @Test
    void aKillNeverLosesASavedFile() throws IOException, InterruptedException {
        Path file = folder.resolve("saved.perch.json");
        ProjectFile.write(file, named("first"));
        for (int round = 0; round < 6; round++) {
            Process process = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-cp", System.getProperty("java.class.path"), SaveForever.class.getName(), file.toString())
                    .redirectErrorStream(true).start();
            assertThat(process.inputReader().readLine()).isEqualTo("saving");
            Thread.sleep(60 + 37L * round);
            process.destroyForcibly();
            assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
            assertThat(readable(file)).as("after kill %d", round).isTrue();
            assertThat(readable(ProjectFile.previous(file))).as("the version before").isTrue();
        }
    }

    private static boolean readable(Path file) {
        try {
            return ProjectFile.read(file).name() != null;
        } catch (UnusableFile e) {
            throw new AssertionError(e.getMessage(), e);
        }
    }

    /** A program that saves without end. */
    static final class SaveForever {
        public static void main(String[] arguments) throws IOException {
            Path file = Path.of(arguments[0]);
            ProjectFile.write(file, named("0"));
            System.out.println("saving");
            for (int i = 1;; i++) {
                ProjectFile.write(file, named("save " + i));
            }
        }
    }

    @Test
    void theWindowOpensOnTheFileOrOnTheSampleWithASentenceWhy() throws IOException {
        Path file = folder.resolve("mine.perch.json");
        ProjectFile.write(file, named("Mine"));
        Opening mine = Opening.of(file);
        assertThat(mine.assessment().project()).isEqualTo(named("Mine"));
        assertThat(mine.file()).isEqualTo(file);
        assertThat(mine.trouble()).isEmpty();
        assertThat(Opening.of(null).assessment().project()).isEqualTo(Samples.wedgingBench());
        Opening without = Opening.of(folder.resolve("gone.perch.json"));
        assertThat(without.assessment().project()).isEqualTo(Samples.wedgingBench());
        assertThat(without.file()).as("saving must not land in a file that could not be read").isNull();
        assertThat(without.trouble()).isEqualTo("gone.perch.json cannot be opened: there is no such file.");
    }

    @Test
    void theUserDataFolderIsWhereThePlatformWantsIt() {
        Path home = Path.of("home", "maker");
        assertThat(UserData.folder("Linux", Map.of(), home)).isEqualTo(home.resolve(".local/share/firm-perch"));
        assertThat(UserData.folder("Linux", Map.of("XDG_DATA_HOME", "/data"), home))
                .isEqualTo(Path.of("/data/firm-perch"));
        assertThat(UserData.folder("Windows 11", Map.of("APPDATA", "roaming"), home))
                .isEqualTo(Path.of("roaming", "Firm Perch"));
        assertThat(UserData.folder("Mac OS X", Map.of(), home))
                .isEqualTo(home.resolve("Library/Application Support/Firm Perch"));
    }

    @Test
    void recentFilesAreTheNewestFirstAndOnlyThoseThatExist() throws IOException {
        RecentFiles recent = new RecentFiles(folder);
        for (int i = 0; i < 10; i++) {
            recent.add(Files.writeString(folder.resolve("p" + i), ""));
        }
        recent.add(folder.resolve("p5"));
        Files.delete(folder.resolve("p9"));
        assertThat(recent.list()).hasSize(7).first().isEqualTo(folder.resolve("p5").toAbsolutePath());
        assertThat(recent.list()).doesNotContain(folder.resolve("p9").toAbsolutePath()).doesNotHaveDuplicates();
    }
}

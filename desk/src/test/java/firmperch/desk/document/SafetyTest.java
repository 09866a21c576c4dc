package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.app.Opening;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the window opens on, where its own files are kept, and which files it knows. */
class SafetyTest {
    @TempDir
    private Path folder;

    private static Project named(String name) {
        return firmperch.param.Path.of("name").with(Samples.wedgingBench(), name);
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
        assertThat(without.trouble()).isEqualTo(
                "gone.perch.json cannot be opened: there is no such file or folder: look at its name and where it is.");
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

    /** A user without a home found a folder called ? where they stood. */
    @Test
    void whoHasNoHomeGetsAFolderAmongWhatIsTemporary() {
        assertThat(UserData.home("?", "1234", folder)).isEqualTo(folder.resolve("firm-perch-of-1234"));
        assertThat(UserData.home("/home/maker", "maker", folder)).isEqualTo(Path.of("/home/maker"));
    }

    /** One that is not there now stays listed: a drive may come back. It goes when it is taken off. */
    @Test
    void recentFilesAreTheNewestFirstAndSurviveMoving() throws IOException {
        RecentFiles recent = new RecentFiles(folder);
        for (int i = 0; i < 12; i++) {
            recent.add(Files.writeString(folder.resolve("p" + i), ""));
        }
        recent.add(folder.resolve("p5"));
        Files.delete(folder.resolve("p9"));
        assertThat(recent.list()).hasSize(10).first().isEqualTo(folder.resolve("p5").toAbsolutePath());
        assertThat(recent.list()).contains(folder.resolve("p9").toAbsolutePath()).doesNotHaveDuplicates();
        recent.remove(folder.resolve("p9"));
        assertThat(recent.list()).doesNotContain(folder.resolve("p9").toAbsolutePath());
    }
}

package firmperch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An archive of classes decides nothing but how soon the program starts. */
class ClassArchiveTest {
    @TempDir
    private Path folder;

    private Path jar;

    @BeforeEach
    void layOut() throws IOException {
        jar = Files.writeString(folder.resolve("program.jar"), "classes");
    }

    private static Path file(ClassArchive archive) {
        return Path.of(archive.options().get(1).replace("-XX:SharedArchiveFile=", ""));
    }

    /** Java exits with 1 where it finds no room for one: a verdict that nobody gave. */
    @Test
    void withLittleRoomNoneIsMade() {
        assertThat(ClassArchive.of(jar, false, Long.MAX_VALUE)).isNull();
        assertThat(ClassArchive.of(jar, false, 1)).isNotNull();
    }

    @Test
    void oneThatIsNotAsItWasMadeIsThrownAway() throws IOException {
        ClassArchive made = ClassArchive.of(jar, false, 1);
        Files.writeString(file(made), "archive");
        made.after(0);
        assertThat(file(ClassArchive.of(jar, false, 1))).exists();
        Files.writeString(file(made), "brchive");
        assertThat(file(ClassArchive.of(jar, false, 1))).doesNotExist();
        Files.writeString(file(made), "archive");
        made.after(134);
        assertThat(file(made)).as("of a Java that crashed").doesNotExist();
    }
}

package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The log, in a Java of its own: the platform's logging is set up once for all. */
class LogFileTest {
    @TempDir
    private Path folder;

    /** Logs one warning. */
    static final class Warns {
        private Warns() {
        }

        /** Starts. */
        public static void main(String[] arguments) {
            LogFile.whenNeeded();
            if (arguments.length > 0) {
                org.slf4j.LoggerFactory.getLogger("test").warn(arguments[0]);
            }
        }
    }

    private String run(Path data, String... words) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dfirmperch.data=" + data, "-cp", System.getProperty("java.class.path"), Warns.class.getName());
        builder.command().addAll(java.util.List.of(words));
        Process process = builder.redirectErrorStream(true).start();
        String printed = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        return printed;
    }

    @Test
    void aWarningGoesToTheFileAndNotToTheConsole() throws IOException, InterruptedException {
        assertThat(run(folder, "the wedge is loose")).doesNotContain("wedge");
        assertThat(Files.readString(folder.resolve("log").resolve("firm-perch.0.log"))).contains("the wedge is loose");
    }

    @Test
    void nothingLoggedMakesNoFile() throws IOException, InterruptedException {
        run(folder);
        assertThat(folder.resolve("log")).doesNotExist();
    }

    @Test
    void whereNoFileCanBeTheConsoleHasIt() throws IOException, InterruptedException {
        Path taken = Files.writeString(folder.resolve("taken"), "x");
        assertThat(run(taken, "the wedge is loose")).contains("No log file in").contains("the wedge is loose");
    }
}

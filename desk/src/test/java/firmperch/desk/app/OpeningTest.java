package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The window opens on something, whatever the file that was asked for does. */
class OpeningTest {
    @TempDir
    private Path folder;

    /** Whatever fails as a file is opened, the window does not stay empty. */
    @Test
    void aFaultOpensTheSampleWithASentence() throws IOException {
        Path file = folder.resolve("mine.perch.json");
        ProjectFile.write(file, Samples.wedgingBench());
        for (Error fault : new Error[]{new StackOverflowError(), new AssertionError("told")}) {
            Opening instead = Opening.of(file, p -> {
                throw fault;
            });
            assertThat(instead.assessment().project()).isEqualTo(Samples.wedgingBench());
            assertThat(instead.file()).isNull();
            assertThat(instead.trouble()).contains("mine.perch.json was not opened; why is in ");
        }
    }

    /** What takes for ever can be given up: then the sample is open, with a sentence. */
    @Test
    void whatTakesForEverIsGivenUp() throws IOException {
        Path file = folder.resolve("endless.perch.json");
        ProjectFile.write(file, Samples.wedgingBench());
        CountDownLatch never = new CountDownLatch(1);
        Opening.startAhead(file, p -> {
            try {
                never.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            throw new IllegalStateException("given up");
        });
        assertThat(Opening.ahead()).isNotDone();
        assertThat(Opening.what()).isEqualTo("endless.perch.json");
        Opening.giveUp();
        assertThat(Opening.ahead()).isCompletedWithValueMatching(o -> o.file() == null
                && o.trouble().startsWith("endless.perch.json was not opened: it took long"));
        never.countDown();
    }
}

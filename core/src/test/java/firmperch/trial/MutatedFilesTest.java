package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.file.ProjectFile;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Project files changed at random, in their text and in their values: read, assessed, saved and read again. */
class MutatedFilesTest {
    private static final long SECOND = 1_000_000_000L;
    /** Counts the time of the processor: what else runs on the machine does not make a file slow. */
    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();
    /** A path of the file, a name made of two words as programs have it, a library's or Java's own words. */
    private static final Pattern NO_WORDS = Pattern
            .compile("\\b[a-z]+\\.[a-z]+\\.[a-z]+\\b|\\b[a-z]+[A-Z][a-z]+\\b|Exception|fasterxml|java\\.|null\\b|\\$");

    @TempDir
    private Path folder;
    private final Random random = new Random(20261125);
    private final Mutations mutations = new Mutations(20261125);

    @Test
    void whateverAFileHoldsItIsReadOrRefusedInWords() throws IOException {
        tried("mutated", Trial.times("mutated", 1500, 200_000), SECOND, mutations::value, 0);
    }

    /**
     * Keys missing, doubled and renamed, parts in another order, on themselves, on later ones and in circles, extreme figures, trees
     * sixteen thousand deep; some of what is accepted is assessed in every pose.
     */
    @Test
    void whateverShapeAFileHasItIsReadOrRefusedInWords() throws IOException {
        tried("structures", Trial.times("structures", 500, 50_000), 2 * SECOND,
                mutations::structure, 100);
    }

    private interface Mutation {
        byte[] of(String text) throws IOException;
    }

    /** @param every of so many that are accepted one is assessed in every pose; none if 0 */
    private void tried(String name, int times, long limit, Mutation mutation, int every) throws IOException {
        List<String> texts = Mutations.texts();
        Path file = folder.resolve("mutated.perch.json");
        int accepted = 0;
        long slowest = 0;
        long longest = 0;
        Set<String> unclear = new TreeSet<>();
        for (int i = 0; i < times; i++) {
            byte[] bytes = mutation.of(texts.get(random.nextInt(texts.size())));
            Files.write(file, bytes);
            long start = CLOCK.getCurrentThreadCpuTime();
            try {
                Project project = ProjectFile.read(file);
                Assessment now = Assessor.now(project);
                assertThat(now.sentence()).as("number %d", i).doesNotContain("NaN");
                now.findings().forEach(f -> assertThat(f.leftText() + f.reading().numbers().get())
                        .as(f.id()).doesNotContain("NaN"));
                String saved = ProjectFile.text(project);
                Files.writeString(file, saved);
                assertThat(ProjectFile.read(file)).as("number %d, saved and read again", i).isEqualTo(project);
                slowest = Math.max(slowest, CLOCK.getCurrentThreadCpuTime() - start);
                accepted++;
                if (every > 0 && accepted % every == 0) {
                    long begun = System.nanoTime();
                    assertThat(Assessor.everyPose(project, Progress.NONE).sentence()).doesNotContain("NaN");
                    longest = Math.max(longest, System.nanoTime() - begun);
                }
            } catch (RuntimeException e) {
                throw new AssertionError("number " + i + ": " + new String(bytes, StandardCharsets.UTF_8), e);
            } catch (UnusableFile e) {
                slowest = Math.max(slowest, CLOCK.getCurrentThreadCpuTime() - start);
                if (NO_WORDS
                        .matcher(e.getMessage().replaceAll("“[^”]*”", "").replace(file.getFileName().toString(), ""))
                        .find() || e.getMessage().length() > 1200) {
                    unclear.add(e.getMessage());
                }
            }
        }
        System.out.printf("%s files: %d, accepted %d, slowest %.0f ms, longest in every pose %.1f s%n", name, times,
                accepted, slowest / 1e6, longest / 1e9);
        assertThat(unclear).as("refusals that are not in the window's words").isEmpty();
        assertThat(accepted).isBetween(1, times - 1);
        assertThat(slowest).isLessThan(limit);
    }
}

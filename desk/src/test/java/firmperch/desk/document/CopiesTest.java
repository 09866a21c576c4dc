package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.WorkCopy;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies of unsaved work: whose they are, when they go, and that none goes unasked. */
class CopiesTest {
    @TempDir
    private Path folder;
    private final List<String> trouble = new ArrayList<>();

    private static Project named(String name) {
        return firmperch.param.Path.of("name").with(Samples.wedgingBench(), name);
    }

    private Copies copies() {
        return new Copies(folder, trouble::add);
    }

    /** As a program leaves it that was killed: its copy, and a lock that nobody holds. */
    private void leave(String name, Path from, Instant at) throws IOException {
        Path there = Files.createDirectories(folder.resolve("copies"));
        String stem = java.util.UUID.randomUUID().toString();
        new WorkCopy(named(name), from, new Stamp("abc"), at).write(there.resolve(stem + ".open.json"));
        Files.writeString(there.resolve(stem + ".lock"), "");
    }

    @Test
    void workOfAProgramThatIsGoneIsFoundWithItsFile() throws IOException {
        Path origin = folder.resolve("mine.perch.json").toAbsolutePath();
        leave("Older", null, Instant.now().minusSeconds(60));
        leave("Half done", origin, Instant.now());
        Copies copies = copies();
        assertThat(copies.crashed()).isTrue();
        assertThat(copies.left()).extracting(c -> c.work().project().name()).containsExactly("Half done", "Older");
        assertThat(copies.left().getFirst().work().from()).isEqualTo(origin);
        assertThat(copies.left().getFirst().work().stamp()).isEqualTo(new Stamp("abc"));
        assertThat(copies.crashed()).as("told once").isFalse();
    }

    /** A lock that is held tells that its program runs, whatever process numbers there are. */
    @Test
    void workOfAProgramThatRunsIsLeftAlone() {
        Copies mine = copies();
        mine.keep(named("Being edited"), null, Stamp.NONE);
        mine.flush();
        Copies other = copies();
        assertThat(other.left()).isEmpty();
        assertThat(other.crashed()).isFalse();
        mine.close();
        assertThat(other.left()).hasSize(1);
    }

    /** On POSIX a process loses its locks on a file with the first channel to it that it closes: another one must find it held. */
    @Test
    void lookingForOthersKeepsOnesOwnLock() throws Exception {
        Copies mine = copies();
        mine.keep(named("Being edited"), null, Stamp.NONE);
        mine.flush();
        assertThat(mine.crashed()).isFalse();
        assertThat(mine.left()).isEmpty();
        try (AWindow other = AWindow.start(folder, "other", false)) {
            assertThat(other.claimed()).isEqualTo("claimed [] crashed false");
        }
        mine.close();
    }

    /** A program that was killed with nothing unsaved has left its lock: that much is told. */
    @Test
    void aCrashWithNothingUnsavedIsToldToo() throws IOException {
        Copies copies = copies();
        copies.begin();
        copies.flush();
        assertThat(copies().crashed()).as("it runs").isFalse();
        copies.close();
        assertThat(copies().crashed()).as("it came to its end").isFalse();
        Files.writeString(folder.resolve("copies").resolve("killed.lock"), "");
        assertThat(copies().crashed()).isTrue();
        assertThat(copies().left()).isEmpty();
    }

    /** Taken up, the old copy stays until the new one is on the disk; then it is aside, not gone. */
    @Test
    void whatIsTakenUpIsNeverWithoutACopy() throws IOException {
        leave("Half done", null, Instant.now());
        Copies copies = copies();
        copies.takeUp(copies.left().getFirst());
        copies.flush();
        assertThat(copies.aside()).hasSize(1);
        copies.close();
        assertThat(copies().left()).as("a kill right after").extracting(c -> c.work().project().name())
                .containsExactly("Half done");
    }

    /** Where the new copy cannot be written, the old one stays where it is. */
    @Test
    void aFullDiskKeepsTheOldCopyAndIsSaidOnce() throws IOException {
        leave("Half done", null, Instant.now());
        Path blocked = folder.resolve("blocked");
        Files.writeString(blocked, "a file where the folder should be");
        Copies nowhere = new Copies(blocked, trouble::add);
        nowhere.keep(named("x"), null, Stamp.NONE);
        nowhere.keep(named("y"), null, Stamp.NONE);
        nowhere.takeUp(copies().left().getFirst());
        nowhere.flush();
        assertThat(trouble).hasSize(1).first().asString().startsWith("Unsaved work cannot be kept against a crash")
                .contains("Save it yourself");
        assertThat(copies().left()).hasSize(1);
    }

    /** Everything goes in order: what is asked for last is what is there, however fast it comes. */
    @Test
    void noLateWriterComesAfter() {
        Copies copies = copies();
        for (int i = 0; i < 50; i++) {
            copies.keep(named("edit " + i), null, Stamp.NONE);
            copies.saved();
        }
        copies.flush();
        assertThat(copies.left()).isEmpty();
        copies.keep(named("last"), null, Stamp.NONE);
        copies.giveUp();
        copies.close();
        assertThat(copies().left()).isEmpty();
        assertThat(copies().aside()).extracting(c -> c.work().project().name()).containsExactly("last");
    }

    @Test
    void whatIsAsideForLongGoes() throws IOException {
        leave("Old", null, Instant.now().minus(Duration.ofDays(31)));
        leave("New", null, Instant.now());
        Copies copies = copies();
        copies.left().forEach(copies::putAside);
        copies.flush();
        copies.tidy();
        copies.flush();
        assertThat(copies.aside()).extracting(c -> c.work().project().name()).containsExactly("New");
    }

    @Test
    void aBrokenCopyDoesNotStopTheStart() throws IOException {
        Path there = Files.createDirectories(folder.resolve("copies"));
        Files.writeString(there.resolve("x.open.json"), "{\"format\"");
        assertThat(copies().left()).isEmpty();
        assertThat(there.resolve("x.open.json")).exists();
    }
}

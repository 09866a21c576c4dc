package firmperch.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import firmperch.Demo;
import firmperch.file.ChangedOutside;
import firmperch.file.ProjectFile;
import firmperch.file.Stamp;
import firmperch.trial.Trial;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserDefinedFileAttributeView;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** Files stay whole and stay what they were: links, rights, the version before, what another has written. */
class WholeFileTest {
    @TempDir
    private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private Path previous(Path file) {
        return file.resolveSibling(file.getFileName() + "~");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void aLinkStaysALinkAndItsFileIsWritten() throws IOException {
        Path real = Files.writeString(Files.createDirectories(folder.resolve("elsewhere")).resolve("real"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link"), Path.of("elsewhere", "real"));
        WholeFile.write(link, bytes("new"));
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(real).hasContent("new");
    }

    /** ".." after a link to a folder leads out of the folder that it points to, as every other program takes it (POSIX, path resolution). */
    @Test
    @DisabledOnOs(OS.WINDOWS)
    void aLinkInALinkedFolderEndsWhereTheSystemSays() throws IOException {
        Path real = Files.createDirectories(folder.resolve("vol/a/real"));
        Path home = Files.createDirectories(folder.resolve("home"));
        Path dirlink = Files.createSymbolicLink(home.resolve("dirlink"), Path.of("..", "vol", "a", "real"));
        Files.createSymbolicLink(real.resolve("p"), Path.of("..", "target"));
        Path target = Files.writeString(folder.resolve("vol/a/target"), "old");
        Path other = Files.writeString(home.resolve("target"), "another's");
        WholeFile.write(dirlink.resolve("p"), bytes("new"));
        assertThat(target).hasContent("new");
        assertThat(other).hasContent("another's");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void linksInACircleAreTold() throws IOException {
        Path one = folder.resolve("one");
        Files.createSymbolicLink(one, Path.of("two"));
        Files.createSymbolicLink(folder.resolve("two"), Path.of("one"));
        assertThatThrownBy(() -> WholeFile.write(one, bytes("x"))).isInstanceOf(IOException.class)
                .satisfies(e -> assertThat(DiskTrouble.words((IOException) e)).startsWith("its links lead round"));
        assertThat(Files.isSymbolicLink(one)).isTrue();
    }

    /** A new file in its place would leave the other name with what was there before. */
    @Test
    @DisabledOnOs(OS.WINDOWS)
    void aFileWithOtherNamesAndWhatIsNoFileAreRefusedInWords() throws IOException, InterruptedException {
        Path file = Files.writeString(folder.resolve("file"), "old");
        Files.createLink(folder.resolve("other name"), file);
        assertThatThrownBy(() -> WholeFile.write(file, bytes("new")))
                .satisfies(e -> assertThat(DiskTrouble.words((IOException) e)).startsWith("it has other names"));
        assertThat(file).hasContent("old");
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        assertThatThrownBy(() -> WholeFile.write(pipe, bytes("new")))
                .satisfies(e -> assertThat(DiskTrouble.words((IOException) e)).startsWith("it is a device or a pipe"));
    }

    /** The rights come before the content, and what is kept with a file stays with it. */
    @Test
    @DisabledOnOs(OS.WINDOWS)
    void whatIsPrivateIsSoFromTheStart() throws IOException {
        Path work = folder.resolve("work");
        WholeFile.writePrivately(work, bytes("unsaved"));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(work))).isEqualTo("rw-------");
        UserDefinedFileAttributeView more = Files.getFileAttributeView(work, UserDefinedFileAttributeView.class);
        assumeThat(more).isNotNull();
        more.write("comment", StandardCharsets.UTF_8.encode("mine"));
        WholeFile.write(work, bytes("saved"));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(work))).isEqualTo("rw-------");
        assertThat(more.list()).contains("comment");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void rightsStayAndProtectionIsKept() throws IOException {
        Path file = Files.writeString(folder.resolve("shared"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        WholeFile.write(file, bytes("new"), previous(file));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-rw-r--");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> WholeFile.write(file, bytes("newer"))).isInstanceOf(AccessDeniedException.class)
                .satisfies(e -> assertThat(DiskTrouble.words((IOException) e)).startsWith("it is write-protected"));
        assertThat(file).hasContent("new");
        assertThat(previous(file)).hasContent("old");
    }

    /** Saved twice without a change, the version before is still the one before; a save that fails leaves it too. */
    @Test
    void theVersionBeforeIsTheOneBefore() throws IOException {
        Path file = Files.writeString(folder.resolve("p"), "first");
        WholeFile.write(file, bytes("second"), previous(file));
        WholeFile.write(file, bytes("second"), previous(file));
        assertThat(previous(file)).hasContent("first");
        // The folder cannot take another file: as on a full disk the new content never gets there.
        Path blocker = Files.writeString(folder.resolve("blocker"), "");
        assertThatThrownBy(() -> WholeFile.write(blocker.resolve("p"), bytes("third"), previous(file)))
                .isInstanceOf(IOException.class);
        assertThat(previous(file)).hasContent("first");
        assertThat(file).hasContent("second");
    }

    /** What a process that is gone has left is cleared away; what one that runs is writing is not, nor what is somebody's. */
    @Test
    void leftoversOfTheDeadAreSwept() throws IOException {
        Path dead = Files.writeString(folder.resolve(".fp-999999999-1-1.part"), "");
        ProcessHandle me = ProcessHandle.current();
        long started = me.info().startInstant().orElseThrow().toEpochMilli();
        Path mine = Files.writeString(folder.resolve(".fp-" + me.pid() + "-" + started + "-7.part"), "");
        Path reused = Files.writeString(folder.resolve(".fp-" + me.pid() + "-" + (started - 5) + "-7.part"), "");
        Path other = Files.writeString(folder.resolve(".fp-notes.part"), "");
        WholeFile.sweep(folder);
        assertThat(dead).doesNotExist();
        assertThat(reused).as("the number belongs to another process now").doesNotExist();
        assertThat(mine).exists();
        assertThat(other).exists();
        WholeFile.write(folder.resolve("x"), bytes("x"));
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(f -> f.getFileName().toString().endsWith(".part"))).hasSize(2);
        }
    }

    @Test
    void aVeryLongNameCanBeSaved() throws IOException {
        Path file = folder.resolve("n".repeat(240));
        WholeFile.write(file, bytes("x"), previous(file));
        assertThat(file).hasContent("x");
    }

    @Test
    void troublesAreToldWithARemedy() {
        assertThat(DiskTrouble.words(new IOException("No space left on device"))).startsWith("the disk is full")
                .contains("another place");
        assertThat(DiskTrouble.words(new FileSystemException("/x", null, "Read-only file system")))
                .contains("may only be read");
        assertThat(DiskTrouble.words(new NoSuchFileException("/x"))).contains("no such file");
        assertThat(DiskTrouble.words(new AccessDeniedException("/x"))).contains("permission");
        assertThat(DiskTrouble.words(new AccessDeniedException("/x", null, "foreign owner")))
                .startsWith("it belongs to somebody else");
        assertThat(DiskTrouble.words(new IOException("Input/output error"))).contains("Input/output error");
    }

    /** Two windows on one file: the second save is never silent, and both contents are there afterwards. */
    @Test
    void theSecondOfTwoSavesIsAlwaysTold() throws IOException {
        int times = Trial.times("windows", 10, 50);
        Path file = folder.resolve("shared.perch.json");
        ProjectFile.write(file, Demo.project());
        for (int i = 0; i < times; i++) {
            ProjectFile.Loaded one = ProjectFile.load(file);
            ProjectFile.Loaded two = ProjectFile.load(file);
            ProjectFile.write(file, Demo.with(one.project(), "name", "one " + i), one.stamp());
            int round = i;
            assertThatThrownBy(
                    () -> ProjectFile.write(file, Demo.with(two.project(), "name", "two " + round), two.stamp()))
                    .isInstanceOf(ChangedOutside.class);
            assertThat(ProjectFile.read(file).name()).isEqualTo("one " + i);
            // Saved there all the same, the other stays beside it.
            ProjectFile.write(file, Demo.with(two.project(), "name", "two " + i));
            assertThat(ProjectFile.read(ProjectFile.previous(file)).name()).isEqualTo("one " + i);
        }
        Files.delete(file);
        assertThatThrownBy(() -> ProjectFile.write(file, Demo.project(), new Stamp("x")))
                .as("taken away meanwhile").isInstanceOf(ChangedOutside.class);
    }
}

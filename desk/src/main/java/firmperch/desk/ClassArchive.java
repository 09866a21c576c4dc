package firmperch.desk;

import firmperch.desk.document.UserData;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.CRC32C;

/**
 * Java's archive of the program's classes, kept with the user's data: with it a start takes half the time. Java makes it as a
 * run ends, and aborts on one that is damaged; so it is used only if it is as it was made, which a checksum beside it tells. One
 * serves the very jars that it was made with: the others go. It is never worth a word: without it the program only starts slower.
 */
final class ClassArchive {
    /** An archive takes some 40 MB; where there is less than twice that, none is made, as Java exits with 1 when it cannot. */
    static final long ROOM = 80L << 20;
    /** Exit status from which on a process has not ended by itself. */
    private static final int KILLED = 128;

    private final Path file;

    private ClassArchive(Path file) {
        this.file = file;
    }

    /**
     * The archive for a jar and what is beside it; nothing if there can be none.
     *
     * @param room bytes that must be free to make one
     */
    static ClassArchive of(Path jar, boolean window, long room) {
        String kind = window ? "window-" : "command-";
        try {
            Path folder = Files.createDirectories(UserData.folder());
            ClassArchive archive = new ClassArchive(folder.resolve(kind + Long.toHexString(jars(jar)) + ".jsa"));
            try (DirectoryStream<Path> old = Files.newDirectoryStream(folder, kind + "*.jsa*")) {
                for (Path other : old) {
                    if (!other.equals(archive.file) && !other.equals(archive.sum())) {
                        Files.deleteIfExists(other);
                    }
                }
            }
            if (!archive.whole()) {
                archive.throwAway();
            }
            return Files.exists(archive.file) || Files.getFileStore(folder).getUsableSpace() >= room ? archive : null;
        } catch (IOException e) {
            return null;
        }
    }

    /** What Java is to be told: it says nothing while it makes the archive; its errors are still printed. */
    List<String> options() {
        return List.of("-XX:+AutoCreateSharedArchive", "-XX:SharedArchiveFile=" + file, "-Xlog:disable",
                "-Xlog:all=error:stderr");
    }

    /** After a run: notes what was made, or throws it away if Java did not end by itself. */
    void after(int status) {
        try {
            if (status >= KILLED) {
                throwAway();
            } else if (Files.exists(file)) {
                Files.writeString(sum(), checksum(file));
            }
        } catch (IOException e) {
            // Then there is none the next time, and another is made.
        }
    }

    private Path sum() {
        return file.resolveSibling(file.getFileName() + ".sum");
    }

    private boolean whole() throws IOException {
        return Files.exists(file) && Files.exists(sum()) && Files.readString(sum()).equals(checksum(file));
    }

    private void throwAway() throws IOException {
        Files.deleteIfExists(sum());
        Files.deleteIfExists(file);
    }

    private static String checksum(Path file) throws IOException {
        CRC32C sum = new CRC32C();
        try (FileChannel channel = FileChannel.open(file)) {
            ByteBuffer bytes = ByteBuffer.allocateDirect(1 << 20);
            while (channel.read(bytes) >= 0) {
                sum.update(bytes.flip());
                bytes.clear();
            }
            return Long.toHexString(sum.getValue()) + " " + channel.size();
        }
    }

    /** A number for the jars by their names, sizes and times. */
    private static long jars(Path jar) throws IOException {
        long sum = mark(jar);
        Path lib = jar.resolveSibling("lib");
        if (Files.isDirectory(lib)) {
            try (DirectoryStream<Path> others = Files.newDirectoryStream(lib)) {
                for (Path other : others) {
                    sum += mark(other);
                }
            }
        }
        return sum;
    }

    private static long mark(Path file) throws IOException {
        return 31 * (31 * file.toString().hashCode() + Files.size(file)) + Files.getLastModifiedTime(file).toMillis();
    }
}

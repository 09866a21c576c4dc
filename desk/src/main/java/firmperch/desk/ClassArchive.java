package firmperch.desk;

import firmperch.desk.document.UserData;
import java.io.File;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
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
            for (String other : names(folder)) {
                if (other.startsWith(kind) && !other.startsWith(archive.file.getFileName().toString())) {
                    Files.deleteIfExists(folder.resolve(other));
                }
            }
            if (!archive.whole()) {
                archive.throwAway();
            }
            return archive.made() || Files.getFileStore(folder).getUsableSpace() >= room ? archive : null;
        } catch (IOException e) {
            return null;
        }
    }

    /** Whether there is one, as it was made. */
    boolean made() {
        return Files.exists(file);
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

    /** A number for the jars by their names, sizes and times, and for the Java. */
    private static long jars(Path jar) {
        long sum = mark(jar) + 31L * System.getProperty("java.vm.version").hashCode();
        Path lib = jar.resolveSibling("lib");
        for (String other : names(lib)) {
            sum += mark(lib.resolve(other));
        }
        return sum;
    }

    private static long mark(Path jar) {
        File file = jar.toFile();
        return 31 * (31 * file.hashCode() + file.length()) + file.lastModified();
    }

    /** Names in a folder, by what is quickest to load; none if it is not there. */
    private static String[] names(Path folder) {
        String[] names = folder.toFile().list();
        return names == null ? new String[0] : names;
    }
}

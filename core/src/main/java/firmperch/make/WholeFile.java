package firmperch.make;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/** Writes a file so that it is always whole: the old one or the new one, whatever happens meanwhile. */
public final class WholeFile {
    private WholeFile() {
    }

    /** Written beside it, forced to the disk, then moved into its place in one step. */
    public static void write(Path file, byte[] content) throws IOException {
        Path target = file.toAbsolutePath();
        Files.createDirectories(target.getParent());
        Path fresh = beside(target);
        try {
            try (FileChannel channel = FileChannel.open(fresh, StandardOpenOption.CREATE_NEW,
                    StandardOpenOption.WRITE)) {
                ByteBuffer bytes = ByteBuffer.wrap(content);
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(true);
            }
            move(fresh, target);
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    /** Keeps what a file holds now under another name; nothing if there is no such file. */
    public static void keep(Path file, Path as) throws IOException {
        Path source = file.toAbsolutePath();
        if (Files.exists(source)) {
            Path copy = beside(source);
            try {
                Files.copy(source, copy);
                move(copy, as.toAbsolutePath());
            } finally {
                Files.deleteIfExists(copy);
            }
        }
    }

    /** A name that nothing has, in the same folder; readable by whoever may read what is written there. */
    private static Path beside(Path file) {
        return file.resolveSibling("." + file.getFileName() + "-" + UUID.randomUUID() + ".tmp");
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}

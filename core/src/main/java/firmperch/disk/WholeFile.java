package firmperch.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Arrays;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes a file so that it is always whole: the old one or the new one, whatever happens meanwhile. Whoever may read it still
 * may, a link to it stays a link, and what is write-protected stays as it is.
 */
public final class WholeFile {
    /** A file that is being written: by which process, started when (ms since 1970), its how-manieth. */
    private static final Pattern FRESH = Pattern.compile("\\.fp-(\\d+)-(\\d+)-\\d+\\.part");
    private static final AtomicLong COUNT = new AtomicLong();
    private static final int MOST_LINKS = 40;

    private WholeFile() {
    }

    /** Written beside it, forced to the disk, then moved into its place in one step. */
    public static void write(Path file, byte[] content) throws IOException {
        write(file, content, null);
    }

    /**
     * The same, and what the file held before is kept under another name, once the new content is safely on the disk; a file that
     * holds this content already is left alone.
     *
     * @param previous name for what it held before; null to let it go
     */
    public static void write(Path file, byte[] content, Path previous) throws IOException {
        Path target = real(file.toAbsolutePath());
        Files.createDirectories(target.getParent());
        boolean there = Files.exists(target);
        if (there && !writable(target)) {
            throw new AccessDeniedException(target.toString(), null, "it is write-protected");
        }
        if (there && previous != null && same(target, content)) {
            return;
        }
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
            if (there) {
                permissions(target, fresh);
                if (previous != null) {
                    keep(target, previous.toAbsolutePath());
                }
            }
            move(fresh, target);
            settle(target.getParent());
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    /** Where a chain of links ends, whether there is a file or not. */
    private static Path real(Path file) throws IOException {
        Path at = file;
        for (int i = 0; i < MOST_LINKS && Files.isSymbolicLink(at); i++) {
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    /** The superuser may write everything, but a file that nobody may write was protected by somebody. */
    private static boolean writable(Path file) throws IOException {
        PosixFileAttributeView posix = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        if (posix != null) {
            Set<PosixFilePermission> may = posix.readAttributes().permissions();
            boolean somebody = may.contains(PosixFilePermission.OWNER_WRITE)
                    || may.contains(PosixFilePermission.GROUP_WRITE) || may.contains(PosixFilePermission.OTHERS_WRITE);
            return somebody && Files.isWritable(file);
        }
        return Files.isWritable(file);
    }

    private static boolean same(Path file, byte[] content) throws IOException {
        return Files.size(file) == content.length && Arrays.equals(Files.readAllBytes(file), content);
    }

    private static void permissions(Path from, Path to) throws IOException {
        PosixFileAttributeView old = Files.getFileAttributeView(from, PosixFileAttributeView.class);
        if (old != null) {
            Files.setPosixFilePermissions(to, old.readAttributes().permissions());
        }
    }

    /** Keeps what a file holds now under another name. */
    private static void keep(Path file, Path as) throws IOException {
        Path copy = beside(file);
        try {
            Files.copy(file, copy, StandardCopyOption.COPY_ATTRIBUTES);
            move(copy, as);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    private static Path beside(Path file) {
        ProcessHandle me = ProcessHandle.current();
        return file.resolveSibling(".fp-" + me.pid() + "-" + started(me) + "-" + COUNT.incrementAndGet() + ".part");
    }

    private static long started(ProcessHandle process) {
        return process.info().startInstant().map(i -> i.toEpochMilli()).orElse(0L);
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Where a folder can be forced to the disk, the move itself is. */
    private static void settle(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            // This platform has no such thing; the file's own content is on the disk.
        }
    }

    /** Clears away what a process that is gone has left half written in a folder. */
    public static void sweep(Path folder) {
        if (folder == null || !Files.isDirectory(folder)) {
            return;
        }
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ".fp-*.part")) {
            for (Path file : files) {
                Matcher name = FRESH.matcher(file.getFileName().toString());
                if (name.matches() && gone(Long.parseLong(name.group(1)), Long.parseLong(name.group(2)))) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            // It may not be looked into or cleared: nothing is lost by what lies there.
        }
    }

    /** A number that another process has now is told from the one before by when it was started. */
    private static boolean gone(long process, long started) {
        return ProcessHandle.of(process).map(p -> !p.isAlive() || started(p) != started).orElse(true);
    }
}

package firmperch.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystemLoopException;
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
 * Writes a file so that it is always whole: the old one or the new one, whatever happens meanwhile. Who may read it, its owner
 * and its further attributes stay as they were; a symbolic link to it stays a link. What is write-protected, has other names
 * (hard links) or is no ordinary file is refused, as a new file in its place would not be the same.
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
        write(real(file.toAbsolutePath()), content, previous, false);
    }

    /** The same for what is nobody's business but the user's own: a new file can be read by nobody else, from the start. */
    public static void writePrivately(Path file, byte[] content) throws IOException {
        write(real(file.toAbsolutePath()), content, null, true);
    }

    private static void write(Path target, byte[] content, Path previous, boolean privately) throws IOException {
        Files.createDirectories(target.getParent());
        boolean there = Files.exists(target);
        if (there) {
            mustBeReplaceable(target);
        }
        if (there && previous != null && same(target, content)) {
            return;
        }
        Path fresh = beside(target);
        try {
            try (FileChannel channel = FileChannel.open(fresh,
                    Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE),
                    there || privately ? Rights.own(target) : Rights.usual())) {
                if (there && !privately) {
                    // Its rights before its content, which not everybody may be meant to read.
                    Rights.copy(target, fresh);
                }
                ByteBuffer bytes = ByteBuffer.wrap(content);
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(true);
            }
            if (there && previous != null) {
                keep(target, previous.toAbsolutePath());
            }
            move(fresh, target);
            settle(target.getParent());
        } catch (AccessDeniedException e) {
            throw fresh.toString().equals(e.getFile()) && e.getReason() == null
                    ? new AccessDeniedException(target.getParent().toString())
                    : e;
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    private static void mustBeReplaceable(Path target) throws IOException {
        if (!Files.isRegularFile(target)) {
            throw new FileSystemException(target.toString(), null,
                    Files.isDirectory(target) ? "is a directory" : "no ordinary file");
        }
        if (!writable(target)) {
            throw new AccessDeniedException(target.toString(), null, "it is write-protected");
        }
        if (Rights.otherNames(target)) {
            throw new FileSystemException(target.toString(), null, "hard link");
        }
    }

    /**
     * Where a chain of links ends, whether there is a file or not. The folder is resolved by the system at each link, as ".." after a
     * link to a folder leads out of the folder that it points to, not out of the one that it stands in.
     */
    private static Path real(Path file) throws IOException {
        Path at = file;
        for (int i = 0; i < MOST_LINKS; i++) {
            Path folder = at.getParent();
            if (folder == null || !Files.exists(folder)) {
                return at;
            }
            at = folder.toRealPath().resolve(at.getFileName());
            if (!Files.isSymbolicLink(at)) {
                return at;
            }
            at = at.getParent().resolve(Files.readSymbolicLink(at));
        }
        throw new FileSystemLoopException(file.toString());
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

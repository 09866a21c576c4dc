package firmperch.desk.document;

import firmperch.disk.DiskTrouble;
import firmperch.disk.Rights;
import firmperch.disk.WholeFile;
import firmperch.file.Stamp;
import firmperch.file.UnusableFile;
import firmperch.file.WorkCopy;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Copies of unsaved work, so that a crash loses next to nothing. Each running program has one, beside a file that it keeps locked
 * as long as it runs: whose lock is free, that program is gone, whatever process has its number now. What is given up is put
 * aside and kept for a while. Everything is written by one thread, in order.
 */
public final class Copies {
    /** What is put aside is kept so long, and no more than so many. */
    private static final Duration KEPT = Duration.ofDays(30);
    private static final int MOST = 40;

    private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
    private static final String OPEN = ".open.json";
    private static final String ASIDE = ".aside.json";
    private static final String LOCK = ".lock";
    /**
     * Names of the locks that this process holds. These files are never opened again: on POSIX, closing any channel on a file lets go
     * all locks that the process has on it.
     */
    private static final Set<String> OURS = ConcurrentHashMap.newKeySet();

    private final Path folder;
    private final String name = UUID.randomUUID().toString();
    private final Consumer<String> trouble;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "copies");
        thread.setDaemon(true);
        return thread;
    });
    private FileChannel locked;
    private FileLock lock;
    private boolean told;

    /** A copy on the disk. */
    public record Copy(Path file, WorkCopy work) {}

    /**
     * Copies in the user's data folder.
     *
     * @param trouble told, from any thread, why none can be kept; once, until one can again
     */
    public Copies(Path userData, Consumer<String> trouble) {
        folder = userData.resolve("copies");
        this.trouble = trouble;
    }

    /** Locks what tells other programs that this one runs; returns at once. */
    public void begin() {
        submit(() -> {
            try {
                hold();
            } catch (IOException e) {
                LOG.warn("no lock for copies", e);
            }
        });
    }

    private void hold() throws IOException {
        Rights.ownFolder(folder);
        if (lock == null) {
            OURS.add(name);
            locked = FileChannel.open(folder.resolve(name + LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock = locked.tryLock();
        }
    }

    /** Keeps unsaved work; returns at once. */
    public void keep(Project project, Path from, Stamp stamp) {
        submit(() -> write(project, from, stamp));
    }

    /** Keeps work that was taken up, and only when that is on the disk puts the copy aside that it was taken from. */
    public void takeUp(Copy copy) {
        submit(() -> {
            if (write(copy.work().project(), copy.work().from(), copy.work().stamp())) {
                aside(copy.file());
            }
        });
    }

    /** Forgets this program's own copy: a file holds the work now. */
    public void saved() {
        submit(() -> delete(open()));
    }

    /** Puts this program's own copy aside: the work was given up, for now. */
    public void giveUp() {
        submit(() -> aside(open()));
    }

    /** Puts a copy aside that a program which is gone has left. */
    public void putAside(Copy copy) {
        submit(() -> aside(copy.file()));
    }

    /** Ends, with everything written. */
    public void close() {
        submit(() -> {
            try {
                if (locked != null) {
                    locked.close();
                }
                Files.deleteIfExists(folder.resolve(name + LOCK));
            } catch (IOException e) {
                LOG.warn("the lock of copies stays", e);
            } finally {
                OURS.remove(name);
            }
        });
        writer.shutdown();
        flush();
    }

    /** Waits until what was asked for is on the disk. */
    public void flush() {
        try {
            if (writer.isShutdown()) {
                writer.awaitTermination(5, TimeUnit.SECONDS);
            } else {
                writer.submit(() -> {
                }).get(5, TimeUnit.SECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException e) {
            LOG.warn("copies are slow", e);
        }
    }

    private void submit(Runnable work) {
        try {
            writer.execute(work);
        } catch (RejectedExecutionException e) {
            LOG.debug("closed already");
        }
    }

    private Path open() {
        return folder.resolve(name + OPEN);
    }

    private boolean write(Project project, Path from, Stamp stamp) {
        try {
            hold();
            new WorkCopy(project, from, stamp, Instant.now()).write(open());
            told = false;
            return true;
        } catch (IOException e) {
            LOG.warn("no copy of unsaved work", e);
            if (!told) {
                told = true;
                trouble.accept("Unsaved work cannot be kept against a crash, as " + DiskTrouble.words(e)
                        + ". Save it yourself meanwhile.");
            }
            return false;
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            LOG.warn("a copy stays", e);
        }
    }

    private void aside(Path file) {
        if (!Files.exists(file)) {
            return;
        }
        try {
            String free = file.getFileName().toString().replace(OPEN, "") + "-" + Instant.now().toEpochMilli() + ASIDE;
            Files.move(file, folder.resolve(free), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            LOG.warn("a copy cannot be put aside", e);
        }
    }

    /** Work that programs which are gone have left, the newest first; what cannot be read is left lying. */
    public List<Copy> left() {
        return list(OPEN).stream().filter(c -> gone(c.file())).toList();
    }

    /** True if a program has ended without taking its lock away, as in a crash; its lock is cleared. */
    public boolean crashed() {
        boolean found = false;
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> locks = Files.newDirectoryStream(folder, "*" + LOCK)) {
                for (Path file : locks) {
                    if (free(file)) {
                        found = true;
                        Files.deleteIfExists(file);
                    }
                }
            } catch (IOException e) {
                LOG.warn("locks of copies cannot be read", e);
            }
        }
        return found;
    }

    /** What was put aside, the newest first. */
    public List<Copy> aside() {
        return list(ASIDE);
    }

    /** Clears away what is half written and what has been aside for long. */
    public void tidy() {
        submit(() -> {
            WholeFile.sweep(folder);
            List<Copy> all = aside();
            for (int i = 0; i < all.size(); i++) {
                if (i >= MOST || all.get(i).work().at().isBefore(Instant.now().minus(KEPT))) {
                    delete(all.get(i).file());
                }
            }
        });
    }

    private List<Copy> list(String ending) {
        List<Copy> all = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return all;
        }
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "*" + ending)) {
            for (Path file : files) {
                try {
                    all.add(new Copy(file, WorkCopy.read(file)));
                } catch (UnusableFile e) {
                    LOG.warn("a copy is unusable: {}", e.getMessage());
                }
            }
        } catch (IOException e) {
            LOG.warn("copies cannot be read", e);
        }
        all.sort(Comparator.comparing((Copy c) -> c.work().at()).reversed());
        return all;
    }

    private boolean gone(Path open) {
        return free(folder.resolve(open.getFileName().toString().replace(OPEN, LOCK)));
    }

    private static boolean free(Path file) {
        if (OURS.contains(file.getFileName().toString().replace(LOCK, ""))) {
            return false;
        }
        if (!Files.exists(file)) {
            return true;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock taken = channel.tryLock()) {
            return taken != null;
        } catch (IOException e) {
            LOG.warn("a lock cannot be asked for", e);
            return false;
        }
    }
}

package firmperch.desk.document;

import firmperch.file.ProjectFile;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Unsaved work, written every few seconds so that a crash loses no more than those: one file for each running program,
 * named by its process, with the path of the file it came from beside it. Work of a process that is gone can be taken up.
 */
public final class Recovery {
    /** How often unsaved work is written, s; what a crash can lose stays under five. */
    public static final int EVERY_SECONDS = 3;

    private static final Logger LOG = LoggerFactory.getLogger(Recovery.class);

    private final Path folder;
    private final Path mine;

    /** Work that was left behind. */
    public record Left(Path recovery, Project project, Path file) {}

    public Recovery(Path userData) {
        this(userData, ProcessHandle.current().pid());
    }

    public Recovery(Path userData, long process) {
        folder = userData.resolve("recovery");
        mine = folder.resolve(process + ProjectFile.EXTENSION);
    }

    private static Path origin(Path recovery) {
        return recovery.resolveSibling(recovery.getFileName() + ".from");
    }

    /** Writes unsaved work that came from that file, or from none. */
    public void write(Project project, Path file) {
        try {
            Files.createDirectories(folder);
            Files.writeString(origin(mine), file == null ? "" : file.toAbsolutePath().toString(),
                    StandardCharsets.UTF_8);
            ProjectFile.write(mine, project);
        } catch (IOException e) {
            LOG.warn("recovery cannot be written", e);
        }
    }

    /** Forgets this program's own unsaved work: it was saved or given up. */
    public void clear() {
        delete(mine);
    }

    /** Forgets work that was left behind. */
    public static void delete(Path recovery) {
        try {
            Files.deleteIfExists(recovery);
            Files.deleteIfExists(origin(recovery));
            Files.deleteIfExists(ProjectFile.previous(recovery));
        } catch (IOException e) {
            LOG.warn("recovery cannot be deleted", e);
        }
    }

    /** The newest work left behind by a process that is gone. */
    public Optional<Left> left() {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> found = files.filter(f -> f.toString().endsWith(ProjectFile.EXTENSION)).filter(Recovery::orphan)
                    .sorted((a, b) -> Long.compare(b.toFile().lastModified(), a.toFile().lastModified())).toList();
            for (Path recovery : found) {
                try {
                    Project project = ProjectFile.read(recovery);
                    String from = Files.exists(origin(recovery)) ? Files.readString(origin(recovery)) : "";
                    return Optional.of(new Left(recovery, project, from.isBlank() ? null : Path.of(from)));
                } catch (UnusableFile e) {
                    LOG.warn("left-over recovery is unusable: {}", e.getMessage());
                }
            }
        } catch (IOException e) {
            LOG.warn("recovery cannot be read", e);
        }
        return Optional.empty();
    }

    private static boolean orphan(Path recovery) {
        String name = recovery.getFileName().toString();
        try {
            long process = Long.parseLong(name.substring(0, name.indexOf('.')));
            return ProcessHandle.of(process).map(p -> !p.isAlive()).orElse(true);
        } catch (NumberFormatException e) {
            return false;
        }
    }
}

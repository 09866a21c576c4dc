package firmperch.desk.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The files opened or saved last, the newest first; kept as lines of a text file. */
public final class RecentFiles {
    private static final Logger LOG = LoggerFactory.getLogger(RecentFiles.class);
    private static final int MOST = 8;

    private final Path store;

    public RecentFiles(Path folder) {
        store = folder.resolve("recent.txt");
    }

    /** Those that still exist. */
    public List<Path> list() {
        try {
            return Files.exists(store)
                    ? Files.readAllLines(store).stream().filter(l -> !l.isBlank()).map(Path::of).filter(Files::exists)
                            .toList()
                    : List.of();
        } catch (IOException | InvalidPathException e) {
            LOG.warn("recent files cannot be read", e);
            return List.of();
        }
    }

    public void add(Path file) {
        List<Path> list = new ArrayList<>(list());
        Path absolute = file.toAbsolutePath().normalize();
        list.remove(absolute);
        list.addFirst(absolute);
        try {
            Files.createDirectories(store.getParent());
            Files.write(store, list.stream().limit(MOST).map(Path::toString).toList());
        } catch (IOException e) {
            LOG.warn("recent files cannot be written", e);
        }
    }
}

package firmperch.desk.document;

import firmperch.disk.WholeFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The files opened or saved last, the newest first; kept as lines of a text file. One that is gone for now stays listed. */
public final class RecentFiles {
    private static final Logger LOG = LoggerFactory.getLogger(RecentFiles.class);
    private static final int MOST = 10;

    private final Path store;

    public RecentFiles(Path folder) {
        store = folder.resolve("recent.txt");
    }

    /** All of them, those too that are not there now: a drive may come back. */
    public List<Path> list() {
        List<Path> files = new ArrayList<>();
        try {
            for (String line : Files.exists(store) ? Files.readAllLines(store) : List.<String>of()) {
                try {
                    if (!line.isBlank()) {
                        files.add(Path.of(line));
                    }
                } catch (InvalidPathException e) {
                    LOG.warn("no path: {}", line);
                }
            }
        } catch (IOException e) {
            LOG.warn("recent files cannot be read", e);
        }
        return files;
    }

    /** Puts one first. */
    public void add(Path file) {
        List<Path> list = list();
        Path absolute = file.toAbsolutePath().normalize();
        list.remove(absolute);
        list.addFirst(absolute);
        write(list);
    }

    /** Takes one off the list. */
    public void remove(Path file) {
        List<Path> list = list();
        list.remove(file.toAbsolutePath().normalize());
        write(list);
    }

    private void write(List<Path> list) {
        try {
            String text = String.join("\n", list.stream().limit(MOST).map(Path::toString).toList()) + "\n";
            WholeFile.write(store, text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.warn("recent files cannot be written", e);
        }
    }
}

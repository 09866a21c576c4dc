package firmperch.desk.document;

import firmperch.disk.WholeFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The places that were chosen last, from one session to the next. */
public final class Settings {
    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);

    private final Path store;

    public Settings(Path folder) {
        store = folder.resolve("settings.properties");
    }

    private Properties read() {
        Properties all = new Properties();
        if (Files.exists(store)) {
            try (Reader in = Files.newBufferedReader(store)) {
                all.load(in);
            } catch (IOException | IllegalArgumentException e) {
                LOG.warn("settings cannot be read", e);
            }
        }
        return all;
    }

    /** The folder that was chosen last for something; null if none, or if it is gone. */
    public Path place(String what) {
        String kept = read().getProperty(what);
        try {
            return kept == null || !Files.isDirectory(Path.of(kept)) ? null : Path.of(kept);
        } catch (InvalidPathException e) {
            return null;
        }
    }

    /** Remembers the folder chosen for something. */
    public void place(String what, Path folder) {
        Properties all = read();
        all.setProperty(what, folder.toAbsolutePath().toString());
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        try {
            all.store(text, null);
            WholeFile.write(store, text.toByteArray());
        } catch (IOException e) {
            LOG.warn("settings cannot be written", e);
        }
    }
}

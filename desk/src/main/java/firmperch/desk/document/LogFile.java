package firmperch.desk.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/** Sends the log to files in the user's data folder and away from the console: three of at most a megabyte. */
public final class LogFile {
    private static final int BYTES = 1 << 20;
    private static final int FILES = 3;
    // The platform keeps its loggers weakly; without this the file would be lost again.
    private static final Logger ROOT = Logger.getLogger("");

    private LogFile() {
    }

    /** Opens the log in that folder; where that cannot be done, warnings stay on the console. */
    public static void open(Path folder) {
        try {
            Files.createDirectories(folder);
            FileHandler file = new FileHandler(folder.resolve("firm-perch.%g.log").toString(), BYTES, FILES, true);
            file.setFormatter(new SimpleFormatter());
            for (Handler console : ROOT.getHandlers()) {
                ROOT.removeHandler(console);
            }
            ROOT.addHandler(file);
        } catch (IOException e) {
            ROOT.warning("No log file in " + folder + ": " + e.getMessage());
        }
    }
}

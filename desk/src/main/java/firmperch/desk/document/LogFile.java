package firmperch.desk.document;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import java.util.logging.ConsoleHandler;
import java.util.logging.FileHandler;
import java.util.logging.LogManager;
import java.util.logging.SimpleFormatter;

/**
 * Sends the log to files in the user's data folder instead of the console: three of at most a megabyte. The platform makes one
 * when something is logged for the first time ({@link LogManager}, its configuration class); until then it costs nothing.
 */
public final class LogFile {
    private static final String BYTES = Integer.toString(1 << 20);
    private static final String FILES = "3";

    /** Called by the platform when the first thing is to be logged. */
    public LogFile() throws IOException {
        Properties set = new Properties();
        set.put(".level", "INFO");
        Path folder = place();
        try {
            Files.createDirectories(folder);
            String handler = FileHandler.class.getName();
            set.put("handlers", handler);
            set.put(handler + ".pattern", folder.toString().replace("%", "%%") + "/firm-perch.%g.log");
            set.put(handler + ".limit", BYTES);
            set.put(handler + ".count", FILES);
            set.put(handler + ".append", "true");
            set.put(handler + ".formatter", SimpleFormatter.class.getName());
        } catch (IOException e) {
            System.err.println("No log file in " + folder + ": " + e.getMessage());
            set.put("handlers", ConsoleHandler.class.getName());
        }
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        set.store(text, null);
        LogManager.getLogManager().readConfiguration(new ByteArrayInputStream(text.toByteArray()));
    }

    /** Where the log is written. */
    public static Path place() {
        return UserData.folder().resolve("log");
    }

    /** From now on, what is logged goes there. */
    public static void whenNeeded() {
        System.setProperty("java.util.logging.config.class", LogFile.class.getName());
    }
}

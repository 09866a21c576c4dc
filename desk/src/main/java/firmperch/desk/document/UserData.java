package firmperch.desk.document;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** Where the program keeps what is its own: log, recent files, recovery. */
public final class UserData {
    private UserData() {
    }

    /** The folder; the system property {@code firmperch.data} overrides the platform's place. */
    public static Path folder() {
        String set = System.getProperty("firmperch.data");
        return set != null
                ? Path.of(set)
                : folder(System.getProperty("os.name", ""), System.getenv(),
                        home(System.getProperty("user.home"), System.getProperty("user.name"),
                                Path.of(System.getProperty("java.io.tmpdir"))));
    }

    /** The user's home; Java tells of none by a question mark, and then it is a folder of the user's among what is temporary. */
    static Path home(String told, String user, Path temporary) {
        return told == null || told.isBlank() || told.equals("?")
                ? temporary.resolve("firm-perch-of-" + user)
                : Path.of(told);
    }

    public static Path folder(String system, Map<String, String> environment, Path home) {
        String os = system.toLowerCase(Locale.ROOT);
        if (os.contains("win")) {
            String roaming = environment.get("APPDATA");
            return (roaming == null ? home : Path.of(roaming)).resolve("Firm Perch");
        }
        if (os.contains("mac")) {
            return home.resolve("Library/Application Support/Firm Perch");
        }
        String data = environment.get("XDG_DATA_HOME");
        return (data == null || data.isBlank() ? home.resolve(".local/share") : Path.of(data)).resolve("firm-perch");
    }
}

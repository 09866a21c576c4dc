package firmperch.desk;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What this process was started with, byte for byte where the system tells: names whose letters Java could not make out under its
 * environment's character set are whole here. In each string a character is a byte. Written without what is slow to load: streams,
 * patterns, what runs before the program does.
 *
 * @param command Java's path, its options, {@code -jar}, the jar and what the program was told
 * @param environment each "name=value"
 */
record OwnProcess(List<String> command, List<String> environment) {
    private static final Charset NAMES = Charset.forName(System.getProperty("sun.jnu.encoding"),
            StandardCharsets.UTF_8);
    /** Descriptors that the other Java inherits. */
    private static final List<String> STANDARD = List.of("0", "1", "2");

    static OwnProcess told() {
        try {
            return new OwnProcess(list("cmdline"), list("environ"));
        } catch (IOException e) {
            // Not Linux. There names are told whole.
            List<String> command = new ArrayList<>();
            ProcessHandle.Info info = ProcessHandle.current().info();
            command.add("java");
            for (String word : info.arguments().orElse(new String[0])) {
                command.add(bytes(word));
            }
            List<String> environment = new ArrayList<>();
            for (Map.Entry<String, String> value : System.getenv().entrySet()) {
                environment.add(bytes(value.getKey() + "=" + value.getValue()));
            }
            return new OwnProcess(command, environment);
        }
    }

    private static List<String> list(String what) throws IOException {
        String all = new String(Files.readAllBytes(Path.of("/proc/self", what)), StandardCharsets.ISO_8859_1);
        List<String> list = new ArrayList<>();
        for (int from = 0, end = all.indexOf(0); end >= 0; from = end + 1, end = all.indexOf(0, from)) {
            list.add(all.substring(from, end));
        }
        return list;
    }

    /** Options that Java was given; null if any of them is about its heap, its compiler or the like. */
    List<String> options() {
        int jar = command.indexOf("-jar");
        // Where the platform does not tell them, there are none.
        List<String> options = command.subList(Math.min(1, command.size()), Math.max(1, jar));
        for (String option : options) {
            if (option.startsWith("-X") || option.startsWith("-agent") || option.startsWith("-javaagent")) {
                return null;
            }
        }
        return options;
    }

    /** What the program was told. */
    List<String> arguments() {
        return command.subList(Math.min(command.indexOf("-jar") + 2, command.size()), command.size());
    }

    /** Whether the program is to read from a descriptor that only this process has, as the shell's {@code <(…)} is. */
    boolean descriptors() {
        for (String argument : arguments()) {
            String number = argument.substring(argument.lastIndexOf('/') + 1);
            if ((argument.equals("/dev/fd/" + number) || argument.equals("/proc/self/fd/" + number))
                    && !STANDARD.contains(number)) {
                return true;
            }
        }
        return false;
    }

    /** Whether Java could make out all names: those given, the home, the folder for the user's data and the working folder. */
    boolean named() {
        return namesOfFolders() && (!ascii() || plain(command));
    }

    private static boolean plain(List<String> words) {
        for (String word : words) {
            for (int i = 0; i < word.length(); i++) {
                if (word.charAt(i) > 0x7f) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether Java could make out the names of folders. */
    static boolean namesOfFolders() {
        return !lost(System.getProperty("user.home")) && !lost(System.getProperty("user.dir"))
                && !lost(System.getProperty("firmperch.data")) && !lost(System.getenv("XDG_DATA_HOME"));
    }

    private static boolean lost(String name) {
        return name != null && name.indexOf('\uFFFD') >= 0;
    }

    /** Whether the environment's character set is ASCII, which cannot name what most people call their folders. */
    static boolean ascii() {
        return NAMES.equals(StandardCharsets.US_ASCII);
    }

    /** The environment with other values. */
    List<String> environment(Map<String, String> others) {
        List<String> changed = new ArrayList<>();
        for (String value : environment) {
            if (!others.containsKey(value.substring(0, Math.max(0, value.indexOf('='))))) {
                changed.add(value);
            }
        }
        for (Map.Entry<String, String> other : others.entrySet()) {
            changed.add(other.getKey() + "=" + other.getValue());
        }
        return changed;
    }

    static String bytes(String text) {
        return new String(text.getBytes(NAMES), StandardCharsets.ISO_8859_1);
    }

    static String text(String bytes) {
        return new String(bytes.getBytes(StandardCharsets.ISO_8859_1), NAMES);
    }
}

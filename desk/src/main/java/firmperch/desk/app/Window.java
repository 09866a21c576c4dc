package firmperch.desk.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.application.Application;

/** Opens the window, or, where there is no display to open it on, walks through it unseen. */
public final class Window {
    private Window() {
    }

    public static void open(String[] arguments) {
        boolean tour = Arrays.stream(arguments).anyMatch(a -> a.startsWith("--tour="));
        boolean timed = Arrays.asList(arguments).contains("--time");
        boolean demo = Arrays.asList(arguments).contains("--demo");
        String[] passed = arguments;
        if (!display() || tour) {
            if (!tour && !demo) {
                System.err.println("There is no display to open a window on. "
                        + "Use the command line instead: firm-perch --help");
                System.exit(2);
            }
            System.setProperty("glass.platform", "Headless");
            System.setProperty("prism.order", "sw");
            if (!tour && !timed) {
                Path folder = target().resolve("tour");
                System.out.println("There is no display: walking through the same application unseen. Pictures go to "
                        + folder + ".");
                passed = Stream.concat(Arrays.stream(arguments), Stream.of("--tour=" + folder)).toArray(String[]::new);
            }
        }
        Opening.startAhead(file(arguments));
        Application.launch(DeskApp.class, passed);
    }

    /** The project file among the arguments; null if there is none. */
    private static Path file(String[] arguments) {
        return Arrays.stream(arguments).filter(a -> !a.startsWith("--")).findFirst().map(Path::of).orElse(null);
    }

    /** True if a window can be seen. */
    static boolean display() {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        return !system.contains("linux") || System.getenv("DISPLAY") != null && !System.getenv("DISPLAY").isBlank();
    }

    /** The build's own folder when started from the sources, else the working folder. */
    private static Path target() {
        Path built = Path.of("desk", "target");
        return Files.isDirectory(built) ? built : Path.of("");
    }
}

package firmperch.desk.app;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.channels.SocketChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.application.Application;

/** Opens the window, or, where there is no display to open it on, walks through it unseen. */
public final class Window {
    private static final Pattern DISPLAY = Pattern.compile("([^:]*):(\\d{1,4})(?:\\.\\d+)?");
    private static final int X_PORT = 6000;
    /** How long a display may take to answer, ms. */
    private static final int PATIENCE = 2000;
    private static final int NO_DISPLAY = 3;

    private Window() {
    }

    public static void open(String[] arguments) {
        boolean tour = Arrays.stream(arguments).anyMatch(a -> a.startsWith("--tour="));
        boolean timed = Arrays.asList(arguments).contains("--time");
        boolean demo = Arrays.asList(arguments).contains("--demo");
        String[] passed = arguments;
        if (!display() || tour) {
            if (!tour && !demo) {
                String set = System.getenv("DISPLAY");
                System.err.println((set == null || set.isBlank()
                        ? "There is no display to open a window on."
                        : "The display “" + set + "” does not answer.")
                        + " Start it where there is one, or use the command line instead: firm-perch --help");
                System.exit(NO_DISPLAY);
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
        if (Signals.status() != 0) {
            System.exit(Signals.status());
        }
    }

    /** The project file among the arguments; null if there is none. */
    private static Path file(String[] arguments) {
        return Arrays.stream(arguments).filter(a -> !a.startsWith("--")).findFirst().map(Path::of).orElse(null);
    }

    /** True if a window can be seen. */
    static boolean display() {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        return !system.contains("linux") || answers(System.getenv("DISPLAY"));
    }

    /** Whether an X display, "host:number" or ":number", takes a connection. */
    static boolean answers(String display) {
        Matcher named = display == null ? null : DISPLAY.matcher(display.strip());
        if (named == null || !named.matches()) {
            return false;
        }
        int number = Integer.parseInt(named.group(2));
        String host = named.group(1);
        if (host.isEmpty() || host.equals("unix")) {
            Path socket = Path.of("/tmp/.X11-unix/X" + number);
            try (SocketChannel local = SocketChannel.open(StandardProtocolFamily.UNIX)) {
                return local.connect(UnixDomainSocketAddress.of(socket));
            } catch (IOException | UnsupportedOperationException e) {
                host = "localhost";
            }
        }
        try (Socket remote = new Socket()) {
            remote.connect(new InetSocketAddress(host, X_PORT + number), PATIENCE);
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    /** The build's own folder when started from the sources, else the working folder. */
    private static Path target() {
        Path built = Path.of("desk", "target");
        return Files.isDirectory(built) ? built : Path.of("");
    }
}

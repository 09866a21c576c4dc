package firmperch.desk;

import firmperch.desk.app.FirstFrame;
import firmperch.desk.document.UserData;
import java.io.File;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * Runs the program in a Java of its own, with the heap, the collector and the compiler that suit it and with an archive of its
 * classes: a jar cannot ask for any of these. Java makes the archive when the first run ends, and later ones start in half the
 * time. Who gives {@code java} such options himself is left with them. Written without what is slow to load.
 */
final class OwnJava {
    /**
     * G1 with short pauses: collecting a hundred megabytes at one stretch would stop the window for a seventh of a
     * second. Memory that is not needed is given back. Background threads get a lower priority, which Linux heeds
     * only with ThreadPriorityPolicy set; the warning that none can be raised is of no use to anybody. Stack traces
     * are kept whole for the log.
     */
    private static final List<String> WINDOW = List.of("-Xmx256m", "-XX:+UseG1GC", "-XX:G1HeapRegionSize=1m",
            "-XX:MaxGCPauseMillis=50", "-XX:+ExplicitGCInvokesConcurrent", "-XX:MinHeapFreeRatio=20",
            "-XX:MaxHeapFreeRatio=40", "-XX:TrimNativeHeapInterval=10000", "-XX:ThreadPriorityPolicy=1",
            "-XX:-PrintWarnings", "-XX:-OmitStackTraceInFastThrow");
    /** A command is over before thorough compilation or a collector of several threads would pay. */
    private static final List<String> COMMAND = List.of("-Xmx128m", "-Xmn80m", "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC");

    private OwnJava() {
    }

    /**
     * Runs it there to its end.
     *
     * @param window whether it is to open its window; else it is a command, which is soon done
     * @param started when this Java was started, ms since 1970
     * @return its exit status; nothing if it is to run in this Java
     */
    static OptionalInt run(String[] arguments, boolean window, long started) {
        String jar = System.getProperty("java.class.path");
        List<String> given = given();
        if (System.getProperty(FirstFrame.STARTED) != null || !jar.endsWith(".jar") || jar.contains(File.pathSeparator)
                || given == null) {
            return OptionalInt.empty();
        }
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(given);
        command.addAll(window ? WINDOW : COMMAND);
        command.add("-XX:+IgnoreUnrecognizedVMOptions");
        archive(command, Path.of(jar).toAbsolutePath(), window);
        command.add("-D" + FirstFrame.STARTED + "=" + started);
        command.add("-jar");
        command.add(jar);
        command.addAll(List.of(arguments));
        try {
            ProcessBuilder builder = new ProcessBuilder(command).inheritIO();
            // Keeps the C library from holding freed memory for each thread.
            builder.environment().putIfAbsent("MALLOC_ARENA_MAX", "2");
            Process process = builder.start();
            Runtime.getRuntime().addShutdownHook(new Ending(process));
            return OptionalInt.of(process.waitFor());
        } catch (IOException e) {
            // If no second Java can be started, the program runs in this one.
            return OptionalInt.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return OptionalInt.of(1);
        }
    }

    /** What ends this Java ends the other. */
    private static final class Ending extends Thread {
        private final Process process;

        Ending(Process process) {
            this.process = process;
        }

        @Override
        public void run() {
            process.destroy();
        }
    }

    /** Options that Java was given; null if any of them is about its heap, its compiler or the like. */
    private static List<String> given() {
        List<String> options = new ArrayList<>();
        for (String option : ProcessHandle.current().info().arguments().orElse(new String[0])) {
            if (option.equals("-jar")) {
                return options;
            }
            if (option.startsWith("-X") || option.startsWith("-agent") || option.startsWith("-javaagent")) {
                return null;
            }
            options.add(option);
        }
        // Where the platform does not tell them.
        return List.of();
    }

    /** Has Java keep its archive with the user's data. One serves the very jars it was made with: the others go. */
    private static void archive(List<String> command, Path jar, boolean window) {
        String kind = window ? "window-" : "command-";
        try {
            Path folder = Files.createDirectories(UserData.folder());
            Path archive = folder.resolve(kind + Long.toHexString(jars(jar)) + ".jsa");
            try (DirectoryStream<Path> old = Files.newDirectoryStream(folder, kind + "*.jsa")) {
                for (Path other : old) {
                    if (!other.equals(archive)) {
                        Files.deleteIfExists(other);
                    }
                }
            }
            // Java says nothing while it makes the archive; its errors are still printed.
            command.addAll(List.of("-XX:+AutoCreateSharedArchive", "-XX:SharedArchiveFile=" + archive, "-Xlog:disable",
                    "-Xlog:all=error:stderr"));
        } catch (IOException e) {
            // It starts without, only slower.
        }
    }

    /** A number for the jars by their names, sizes and times. */
    private static long jars(Path jar) throws IOException {
        long sum = mark(jar);
        Path lib = jar.resolveSibling("lib");
        if (Files.isDirectory(lib)) {
            try (DirectoryStream<Path> others = Files.newDirectoryStream(lib)) {
                for (Path other : others) {
                    sum += mark(other);
                }
            }
        }
        return sum;
    }

    private static long mark(Path file) throws IOException {
        return 31 * (31 * file.toString().hashCode() + Files.size(file)) + Files.getLastModifiedTime(file).toMillis();
    }
}

package firmperch.desk;

import firmperch.desk.app.FirstFrame;
import java.io.File;
import java.io.IOException;
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

    /** Exit statuses of a Java that was aborted by itself or by the system: SIGILL, SIGABRT, SIGBUS, SIGSEGV on POSIX. */
    private static final List<Integer> CRASHES = List.of(132, 134, 135, 139);
    /** So soon after its start, ns, a crash may be the archive's; then it is tried once more without. */
    private static final long EARLY = 5_000_000_000L;

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
        ClassArchive archive = ClassArchive.of(Path.of(jar).toAbsolutePath(), window, ClassArchive.ROOM);
        long begun = System.nanoTime();
        OptionalInt ended = run(jar, arguments, window, started, given, archive);
        if (ended.isPresent() && archive != null) {
            archive.after(ended.getAsInt());
            if (CRASHES.contains(ended.getAsInt()) && System.nanoTime() - begun < EARLY) {
                return run(jar, arguments, window, started, given, null);
            }
        }
        return ended;
    }

    private static OptionalInt run(String jar, String[] arguments, boolean window, long started, List<String> given,
            ClassArchive archive) {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(given);
        command.addAll(window ? WINDOW : COMMAND);
        command.add("-XX:+IgnoreUnrecognizedVMOptions");
        if (archive != null) {
            command.addAll(archive.options());
        }
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
}

package firmperch.desk;

import firmperch.desk.app.DeskApp;
import firmperch.desk.app.FirstFrame;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Runs the program in a Java of its own, with the heap, the collector and the compiler that suit it and with the cache of its
 * classes that packaging leaves beside the jar (JEP 483): a jar cannot ask for any of these. With the cache a start takes half the
 * time. Java takes it only for the very jars and the very Java it was made with, and only if it is as it was made; else the program
 * starts without. Who gives {@code java} such options himself is left with them. Written without what is slow to load.
 */
final class OwnJava {
    /**
     * G1 with short pauses: collecting a hundred megabytes at one stretch would stop the window for a seventh of a
     * second. Memory that is not needed is given back, and compiled code has a fifth of the room that it would take. Background threads get a lower priority, which Linux heeds
     * only with ThreadPriorityPolicy set; the warning that none can be raised is of no use to anybody. Stack traces
     * are kept whole for the log.
     */
    private static final List<String> WINDOW = List.of("-Xmx256m", "-XX:+UseG1GC", "-XX:G1HeapRegionSize=1m",
            "-XX:MaxGCPauseMillis=50", "-XX:+ExplicitGCInvokesConcurrent", "-XX:MinHeapFreeRatio=10",
            "-XX:MaxHeapFreeRatio=20", "-XX:ReservedCodeCacheSize=48m", "-XX:TrimNativeHeapInterval=10000",
            "-XX:ThreadPriorityPolicy=1", "-XX:-PrintWarnings", "-XX:-OmitStackTraceInFastThrow");
    /** A command is over before thorough compilation or a collector of several threads would pay. */
    private static final List<String> COMMAND = List.of("-Xmx128m", "-Xmn80m", "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC");

    /** Set by packaging: the cache is made as the run ends. */
    private static final String MAKES = "firmperch.cache";
    private final OwnProcess own;
    private final String jar;
    private final boolean window;
    private final long started;

    private OwnJava(OwnProcess own, String jar, boolean window, long started) {
        this.own = own;
        this.jar = jar;
        this.window = window;
        this.started = started;
    }

    /**
     * Runs it there to its end. A window takes the place of this Java where that can be done, so that nothing waits for it and signals
     * reach it. A command is waited for, which starts it sooner, unless only its own process has what it needs: a descriptor, or a name
     * that Java cannot make out.
     *
     * @param window whether it is to open its window; else it is a command, which is soon done
     * @param started when this Java was started, ms since 1970
     * @return its exit status; nothing if it is to run in this Java
     */
    static OptionalInt run(boolean window, long started) {
        String jar = System.getProperty("java.class.path");
        OwnProcess own = OwnProcess.told();
        if (System.getProperty(FirstFrame.STARTED) != null || !jar.endsWith(".jar") || jar.contains(File.pathSeparator)
                || own.options() == null) {
            return OptionalInt.empty();
        }
        boolean only = !own.named() || own.descriptors();
        OwnJava java = new OwnJava(own, jar, window, started);
        if (only || window) {
            Exec exec = new Exec();
            exec.start();
            exec.replace(java.command(), own.environment(environment(System.getenv())));
        }
        return only ? OptionalInt.empty() : java.beside();
    }

    /** Runs it beside this Java, which waits. */
    private OptionalInt beside() {
        List<String> command = new ArrayList<>();
        for (String word : command()) {
            command.add(OwnProcess.text(word));
        }
        command.add(1, "-D" + DeskApp.WAITED + "=true");
        try {
            ProcessBuilder builder = new ProcessBuilder(command).inheritIO();
            builder.environment().putAll(environment(builder.environment()));
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

    /** What the other Java is started with; in each string a character is a byte. */
    private List<String> command() {
        List<String> plain = new ArrayList<>(window ? WINDOW : COMMAND);
        plain.add("-XX:+IgnoreUnrecognizedVMOptions");
        if (own.named()) {
            cache(plain);
        }
        plain.add("-D" + FirstFrame.STARTED + "=" + started);
        plain.add("-jar");
        plain.add(jar);
        List<String> command = new ArrayList<>();
        command.add(OwnProcess.bytes(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(own.options());
        for (String word : plain) {
            command.add(OwnProcess.bytes(word));
        }
        command.addAll(own.arguments());
        return command;
    }

    /** Nothing is said of a cache that does not serve: it is never worth a word. */
    private void cache(List<String> options) {
        Path cache = Path.of(jar).resolveSibling(window ? "window.aot" : "command.aot");
        if (Boolean.getBoolean(MAKES)) {
            options.add("-XX:AOTCacheOutput=" + cache);
        } else if (Files.exists(cache)) {
            options.addAll(List.of("-XX:AOTCache=" + cache, "-XX:+VerifySharedSpaces", "-Xlog:disable"));
        }
    }

    private static Map<String, String> environment(Map<String, String> was) {
        Map<String, String> other = new HashMap<>();
        // Keeps the C library from holding freed memory for each thread.
        other.put("MALLOC_ARENA_MAX", was.getOrDefault("MALLOC_ARENA_MAX", "2"));
        if (OwnProcess.ascii()) {
            other.put("LC_ALL", "C.UTF-8");
        }
        return other;
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
}

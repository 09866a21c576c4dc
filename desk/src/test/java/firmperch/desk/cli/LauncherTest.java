package firmperch.desk.cli;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.app.DeskApp;
import firmperch.desk.app.FirstFrame;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.net.BindException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.jar.Attributes;
import java.util.jar.JarEntry;
import java.util.jar.JarOutputStream;
import java.util.jar.Manifest;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** The launcher starts the jar beside it, with Java's cache of classes where that serves. */
@DisabledOnOs(OS.WINDOWS)
class LauncherTest {
    private static final int X_PORT = 6000;

    /** What packaging lays out, once for all. */
    @TempDir
    private static Path program;
    private static Path launcher;

    @TempDir
    private Path folder;

    /** Lays out what packaging does, from the classes under test: Java archives classes of jars only. */
    @BeforeAll
    static void layOut() throws IOException {
        launcher = Files.copy(Path.of("src", "main", "launch", "firm-perch"), program.resolve("firm-perch"));
        List<String> jars = new ArrayList<>();
        for (String part : System.getProperty("java.class.path").split(File.pathSeparator)) {
            Path path = Path.of(part);
            if (Files.isDirectory(path)) {
                Path jar = program.resolve("classes" + jars.size() + ".jar");
                pack(path, jar, new Manifest());
                jars.add(jar.toUri().toString());
            } else {
                jars.add(path.toUri().toString());
            }
        }
        Manifest manifest = new Manifest();
        manifest.getMainAttributes().put(Attributes.Name.MANIFEST_VERSION, "1.0");
        manifest.getMainAttributes().put(Attributes.Name.MAIN_CLASS, "firmperch.desk.First");
        manifest.getMainAttributes().put(Attributes.Name.CLASS_PATH, String.join(" ", jars));
        manifest.getMainAttributes().putValue("Enable-Native-Access", "ALL-UNNAMED");
        pack(Files.createDirectory(program.resolve("nothing")), program.resolve("firm-perch.jar"), manifest);
    }

    private static void pack(Path classes, Path jar, Manifest manifest) throws IOException {
        try (OutputStream out = Files.newOutputStream(jar);
                JarOutputStream packed = new JarOutputStream(out, manifest);
                Stream<Path> files = Files.walk(classes)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                packed.putNextEntry(new JarEntry(classes.relativize(file).toString().replace('\\', '/')));
                Files.copy(file, packed);
                packed.closeEntry();
            }
        }
    }

    private String run(int status, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("sh", launcher.toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("JAVA_HOME", System.getProperty("java.home"));
        builder.environment().put("HOME", folder.toString());
        builder.environment().put("XDG_DATA_HOME", folder.resolve("user data").toString());
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isEqualTo(status);
        return said;
    }

    /** The cache of classes decides nothing but how soon the program starts, and says nothing. */
    @Test
    void theCacheServesOrIsLeftAlone() throws IOException, InterruptedException {
        Path project = folder.resolve("with space.perch.json");
        ProjectFile.write(project, Samples.wedgingBench());
        String[] export = {"export", project.toString(), "--to", folder.resolve("lists").toString(), "--only", "cuts"};
        String without = run(0, export);
        assertThat(without).contains("cuts.csv").doesNotContain("[warning]");
        Path jar = program.resolve("firm-perch.jar");
        java("-Dfirmperch.cache=true", "-jar", jar.toString(), "check", "--cures", "none", project.toString());
        Path cache = program.resolve("command.aot");
        assertThat(Files.size(cache)).isGreaterThan(1_000_000);
        assertThat(run(0, export)).as("with the cache").isEqualTo(without);
        assertThat(run(2, "check", folder.resolve("none").toString())).as("its exit code is passed on")
                .contains("there is no such file");
        // A damaged one would abort Java or make it wait for ever.
        byte[] damaged = Files.readAllBytes(cache);
        Arrays.fill(damaged, damaged.length / 3, damaged.length / 2, (byte) 0x5a);
        Files.write(cache, damaged);
        assertThat(run(0, export)).as("with a damaged cache").isEqualTo(without);
        Files.write(cache, new byte[0]);
        assertThat(run(0, export)).as("with an empty one").isEqualTo(without);
        Files.setLastModifiedTime(jar, FileTime.from(Instant.now().minus(Duration.ofDays(2))));
        assertThat(run(0, export)).as("with another jar's").isEqualTo(without);
        Files.delete(cache);
    }

    private String java(String... command) throws IOException, InterruptedException {
        List<String> whole = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        whole.addAll(List.of(command));
        ProcessBuilder builder = new ProcessBuilder(whole).redirectErrorStream(true);
        builder.environment().putAll(Map.of("XDG_DATA_HOME", folder.resolve("user data").toString(), "JDK_JAVA_OPTIONS",
                "-XX:+PrintCommandLineFlags"));
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }

    /** The jar by itself does the same; who gives Java a heap of his own keeps it. */
    @Test
    void theJarStartsAJavaThatSuitsIt() throws IOException, InterruptedException {
        String jar = program.resolve("firm-perch.jar").toString();
        assertThat(java("-Xmx200m", "-jar", jar, "--version")).contains("Firm Perch")
                .contains("MaxHeapSize=209715200").doesNotContain("MaxHeapSize=134217728");
        assertThat(java("-Dfirmperch.data=" + folder.resolve("elsewhere"), "-jar", jar, "--version"))
                .contains("Firm Perch").contains("MaxHeapSize=134217728").contains("UseSerialGC");
    }

    /** A shell's command in an environment that can name nothing but ASCII, in a working folder and with a home outside it. */
    private String plainShell(Path at, String command) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder("sh", "-c", command).redirectErrorStream(true)
                .directory(at.toFile());
        builder.environment()
                .putAll(Map.of("LC_ALL", "C", "HOME", at.toString(), "XDG_DATA_HOME", at.resolve("дані").toString(),
                        "JAVA",
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(), "JAR",
                        program.resolve("firm-perch.jar").toString()));
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }

    @Test
    void namesThatTheEnvironmentCannotTellAreWhole() throws IOException, InterruptedException {
        Path home = Files.createDirectory(folder.resolve("Käfer 家"));
        ProjectFile.write(home.resolve("prüf.perch.json"), Samples.wedgingBench());
        assertThat(plainShell(home, "\"$JAVA\" -jar \"$JAR\" export prüf.perch.json --only cuts --to новий"))
                .contains("новий");
        assertThat(home.resolve("новий").resolve("cuts.csv")).exists();
    }

    /** What a shell hands over as {@code <(cat file)} is a descriptor that only the first process has. */
    @Test
    void descriptorsAreHandedOn() throws IOException, InterruptedException {
        ProjectFile.write(folder.resolve("p.perch.json"), Samples.wedgingBench());
        assertThat(plainShell(folder,
                "cat p.perch.json | { \"$JAVA\" -jar \"$JAR\" check --cures none /dev/fd/7; } 7<&0 </dev/null"))
                .contains("It stands");
    }

    /** What answers as a display does; nothing is shown on it. */
    private static ServerSocket display() throws IOException {
        for (int port = X_PORT + 70;; port++) {
            try {
                return new ServerSocket(port);
            } catch (BindException e) {
                // Another has it.
            }
        }
    }

    /** A window, started by Java alone or as another command's. */
    private Process window(int display, String... start) throws IOException {
        List<String> command = new ArrayList<>(List.of(start));
        command.addAll(List.of("-XX:TieredStopAtLevel=1", "-Dglass.platform=Headless", "-Dprism.order=sw",
                "-Dprism.text=t2k", "-jar",
                program.resolve("firm-perch.jar").toString()));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true)
                .redirectOutput(folder.resolve("said").toFile());
        builder.environment()
                .putAll(Map.of("XDG_DATA_HOME", folder.resolve("user data").toString(), "DISPLAY",
                        "localhost:" + display));
        return builder.start();
    }

    private List<Path> locks() throws IOException {
        Path copies = folder.resolve("user data").resolve("firm-perch").resolve("copies");
        if (!Files.isDirectory(copies)) {
            return List.of();
        }
        try (Stream<Path> kept = Files.list(copies)) {
            return kept.filter(f -> f.toString().endsWith(".lock")).toList();
        }
    }

    private void untilLocks(int number) throws IOException, InterruptedException {
        long patience = System.nanoTime() + Duration.ofSeconds(120).toNanos();
        while (locks().size() != number && System.nanoTime() < patience) {
            Thread.sleep(50);
        }
        assertThat(locks()).hasSize(number);
    }

    /** However its first process is ended, the window ends in order, which takes its lock away; nothing of it is left running. */
    @Test
    void aSignalEndsTheWindowInOrder() throws IOException, InterruptedException {
        try (ServerSocket answers = display()) {
            int display = answers.getLocalPort() - X_PORT;
            // Where the window cannot take the first one's place it is waited for.
            String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
            Process first = window(display, "sh", "-c", "\"$@\" & wait", "sh", java,
                    "-D" + FirstFrame.STARTED + "=0", "-D" + DeskApp.WAITED + "=true");
            untilLocks(1);
            List<ProcessHandle> both = first.descendants().toList();
            assertThat(both).hasSize(1);
            first.destroyForcibly().waitFor();
            untilLocks(0);
            both.getFirst().onExit().orTimeout(60, TimeUnit.SECONDS).join();
            // Asked to end, interrupted at the keyboard, its terminal closed: the exit code tells which, as is usual.
            Map<String, Integer> signals = Map.of("TERM", 15, "INT", 2, "HUP", 1);
            Map<String, Process> windows = new TreeMap<>();
            for (String signal : signals.keySet()) {
                windows.put(signal, window(display, java));
            }
            untilLocks(signals.size());
            for (Map.Entry<String, Process> one : windows.entrySet()) {
                assertThat(one.getValue().descendants()).isEmpty();
                new ProcessBuilder("kill", "-" + one.getKey(), "" + one.getValue().pid()).start().waitFor();
                assertThat(one.getValue().waitFor()).as(one.getKey()).isEqualTo(128 + signals.get(one.getKey()));
            }
            untilLocks(0);
        }
    }
}

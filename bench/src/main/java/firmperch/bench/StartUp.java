package firmperch.bench;

import firmperch.desk.app.FirstFrame;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;

/**
 * From the start of the program to its first painted verdict, beside a bare JavaFX window with a word in it: each a
 * process of its own, taken in turns, on the headless platform.
 */
public final class StartUp {
    private static final int ROUNDS = 11;

    private static final Path JAR = Path.of("desk", "target", "firm-perch.jar");

    private StartUp() {
    }

    /** Runs both and prints the medians. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        if (!Files.exists(JAR)) {
            throw new IOException("there is no " + JAR + ": mvn package first");
        }
        List<Long> bare = new ArrayList<>();
        List<Long> desk = new ArrayList<>();
        List<Long> onFile = new ArrayList<>();
        Path file = Files.createTempFile("start", ProjectFile.EXTENSION);
        ProjectFile.write(file, Samples.wedgingBench());
        for (int i = 0; i < ROUNDS; i++) {
            bare.add(once("-cp", System.getProperty("java.class.path"), Bare.class.getName()));
            desk.add(once("-jar", JAR.toString(), "--demo", "--time"));
            onFile.add(once("-jar", JAR.toString(), file.toString(), "--demo", "--time"));
        }
        Files.delete(file);
        long b = median(bare);
        System.out.printf("bare window %d ms %s%n", b, bare);
        print("first verdict", desk, b);
        print("first verdict on a file", onFile, b);
    }

    private static void print(String what, List<Long> times, long bare) {
        long median = median(times);
        System.out.printf("%s %d ms %s, ratio %.2f%n", what, median, times, (double) median / bare);
    }

    private static long median(List<Long> times) {
        List<Long> sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return sorted.get(sorted.size() / 2);
    }

    private static long once(String... what) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED", "-Dglass.platform=Headless", "-Dprism.order=sw"));
        command.addAll(List.of(what));
        Process process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return printed.lines().filter(l -> l.startsWith("first picture"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", ""))).findFirst()
                .orElseThrow(() -> new IOException("no picture: " + printed));
    }

    /** A JavaFX window with a word in it and nothing else. */
    public static final class Bare {
        private Bare() {
        }

        /** Starts. */
        public static void main(String[] arguments) {
            Application.launch(Window.class);
        }

        /** The window. */
        public static final class Window extends Application {
            @Override
            public void start(Stage stage) {
                stage.setScene(new Scene(new Label("It stands."), 1280, 800));
                stage.show();
                new FirstFrame(() -> {
                    System.out.println("first picture after " + FirstFrame.sinceStart() + " ms");
                    Platform.exit();
                }).start();
            }
        }
    }
}

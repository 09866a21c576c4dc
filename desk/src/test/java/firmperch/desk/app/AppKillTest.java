package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.document.Copies;
import firmperch.trial.Trial;
import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The application killed while it is worked with, and started again: the work is offered, and it is fresh. */
class AppKillTest {
    private static final long OLDEST = 5000;

    @TempDir
    private Path folder;

    private Process start(String mode) throws IOException {
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "-Dprism.text=t2k", "-XX:TieredStopAtLevel=1",
                "-Xmx300m",
                "--enable-native-access=ALL-UNNAMED", "-Dfirmperch.data=" + folder, "-cp",
                System.getProperty("java.class.path"), Start.class.getName(), mode).redirectErrorStream(true).start();
    }

    /** The first line that begins so; nothing if the program ends before, or says nothing for a minute and a half: machines can be held up. */
    private static String line(Process from, BufferedReader said, String begins) throws IOException {
        CompletableFuture<Void> patience = CompletableFuture.runAsync(() -> heldUp(from),
                CompletableFuture.delayedExecutor(90, TimeUnit.SECONDS));
        try {
            return line(said, begins);
        } finally {
            patience.cancel(false);
        }
    }

    /** Ends it, after printing what its threads are doing. */
    private static void heldUp(Process process) {
        try {
            new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "jstack").toString(),
                    Long.toString(process.pid())).inheritIO().start().waitFor(20, TimeUnit.SECONDS);
        } catch (IOException | InterruptedException e) {
            System.out.println("what it did is not known: " + e);
        }
        process.destroyForcibly();
    }

    private static String line(BufferedReader said, String begins) throws IOException {
        String line = said.readLine();
        while (line != null && !line.startsWith(begins)) {
            line = said.readLine();
        }
        return line;
    }

    @Test
    void workIsOfferedAgainAndFresh() throws Exception {
        int kills = Trial.times("apps", 1, 50);
        Random random = new Random(7);
        long oldest = 0;
        for (int round = 0; round < kills; round++) {
            Process working = start("work");
            try (BufferedReader said = working.inputReader()) {
                assertThat(line(working, said, "edited")).as("round %d", round).isNotNull();
                // However slow the machine is: what is promised begins with the first copy.
                untilKept();
                Thread.sleep(OLDEST + random.nextInt(2000));
                long killed = System.currentTimeMillis();
                working.destroyForcibly();
                assertThat(working.waitFor(10, TimeUnit.SECONDS)).isTrue();
                String offered = offered();
                if (offered == null) {
                    // A start that was held up took nothing with it: the next one offers it.
                    offered = offered();
                }
                assertThat(offered).as("round %d", round).isNotNull();
                oldest = Math.max(oldest, killed - Long.parseLong(offered.substring("offered ".length())));
            }
        }
        System.out.printf("kills of the application: %d, offered %d times, at most %.1f s old%n", kills, kills,
                oldest / 1000.0);
        assertThat(oldest).isLessThan(OLDEST);
    }

    private void untilKept() throws IOException, InterruptedException {
        Path copies = folder.resolve("copies");
        long patience = System.nanoTime() + TimeUnit.SECONDS.toNanos(90);
        boolean kept = false;
        while (!kept && System.nanoTime() < patience) {
            Thread.sleep(50);
            if (Files.isDirectory(copies)) {
                try (Stream<Path> all = Files.list(copies)) {
                    kept = all.anyMatch(f -> Files.isRegularFile(f) && f.toString().endsWith(".json"));
                }
            }
        }
        assertThat(kept).as("a copy of the work").isTrue();
    }

    /** What the next start offers; nothing, and what it was doing instead is printed, if it does not come to that. */
    private String offered() throws Exception {
        Process again = start("again");
        try (BufferedReader answer = again.inputReader()) {
            return line(again, answer, "offered ");
        } finally {
            again.destroyForcibly();
            again.waitFor(10, TimeUnit.SECONDS);
        }
    }

    /** Starts it; Java asks more of a main class that is an application itself. */
    static final class Start {
        public static void main(String[] arguments) {
            Opening.startAhead(null);
            Application.launch(Killed.class, arguments);
        }
    }

    /** The application, worked with: its project's name is the time of the last edit. */
    public static final class Killed extends Application {
        @Override
        public void start(Stage stage) {
            boolean again = getParameters().getRaw().contains("again");
            DeskApp app = new DeskApp();
            if (again) {
                app.ask(new Offered());
            }
            app.start(stage);
            if (!again) {
                Timeline work = new Timeline(new KeyFrame(Duration.millis(400), e -> {
                    if (app.desk() != null) {
                        app.document().edit("name", Long.toString(System.currentTimeMillis()));
                        System.out.println("edited");
                    }
                }));
                work.setCycleCount(Animation.INDEFINITE);
                work.play();
            }
        }
    }

    /** Says what is offered, and puts it aside. */
    private static final class Offered implements Questions {
        @Override
        public Left takeUp(String name, String from) {
            System.out.println("offered " + name);
            return Left.PUT_ASIDE;
        }

        @Override
        public Optional<Boolean> saveFirst(String name) {
            return Optional.empty();
        }

        @Override
        public Changed changedOutside(String file) {
            return Changed.NOT_NOW;
        }

        @Override
        public boolean overwrite(String file) {
            return false;
        }

        @Override
        public Optional<Copies.Copy> earlier(List<Copies.Copy> copies) {
            return Optional.empty();
        }

        @Override
        public File fileToOpen(Path begin) {
            return null;
        }

        @Override
        public File folderToWrite(String title, Path begin) {
            return null;
        }

        @Override
        public File fileToWrite(String title, String suggested, String extension, Path begin) {
            return null;
        }
    }
}

package firmperch.desk.app;

import firmperch.desk.cli.CheckCommand;
import firmperch.desk.frame.DeskView;
import firmperch.desk.frame.Step;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.project.Project;
import firmperch.search.Assessor;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Walks the running application through every main view, takes a picture of each and prints what it says. */
final class Tour {
    private static final Logger LOG = LoggerFactory.getLogger(Tour.class);
    private static final Duration SETTLE = Duration.millis(400);

    private final DeskApp app;
    private final Path folder;
    private final Deque<Runnable> stops = new ArrayDeque<>();

    Tour(DeskApp app, Path folder) {
        this.app = app;
        this.folder = folder;
    }

    /** Starts; the application ends when it is through. */
    void start() {
        for (Step step : Step.values()) {
            stops.add(() -> app.desk().go(step));
            stops.add(() -> picture((step.ordinal() + 1) + "-" + step.name().toLowerCase() + ".png"));
        }
        stops.add(() -> {
            app.desk().go(Step.STEADY);
            app.switchTheme();
        });
        stops.add(() -> picture("10-steady-dark.png"));
        stops.add(() -> CheckCommand.lines(app.document().assessment().get()).forEach(System.out::println));
        stops.add(app::switchTheme);
        for (String corner : List.of("Turning shelf, 11-sliding-mast.png", "Glazing table, 12-ceiling-arm.png",
                "Throwing wheel, 13-balanced-bar.png", "Tile press, 14-pipe-goalpost.png")) {
            String[] nameAndFile = corner.split(", ");
            stops.add(() -> show(nameAndFile[0]));
            stops.add(() -> picture(nameAndFile[1]));
        }
        after(this::next);
    }

    /** Opens a corner of the sample studio. */
    private void show(String name) {
        Project corner = Samples.all().stream().filter(sample -> sample.name().equals(name)).findFirst().orElseThrow();
        app.document().open(Assessor.now(corner), null, Stamp.NONE);
        app.desk().choose(DeskView.chosenAtFirst(app.document()));
    }

    private static void after(Runnable what) {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(e -> what.run());
        pause.play();
    }

    /** Goes on when everything shown is the whole answer: every pose looked at, cures found. */
    private void next() {
        if (app.desk().busy()) {
            after(this::next);
            return;
        }
        Runnable stop = stops.poll();
        if (stop == null) {
            app.quit();
            return;
        }
        stop.run();
        after(this::next);
    }

    private void picture(String name) {
        try {
            Files.createDirectories(folder);
            WritableImage image = app.stage().getScene().snapshot(null);
            ImageIO.write(awt(image), "png", folder.resolve(name).toFile());
            System.out.println("picture " + folder.resolve(name));
        } catch (IOException e) {
            LOG.error("no picture", e);
            System.err.println("No picture " + name + ": " + e.getMessage());
        }
    }

    private static BufferedImage awt(WritableImage image) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        PixelReader pixels = image.getPixelReader();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        return copy;
    }
}

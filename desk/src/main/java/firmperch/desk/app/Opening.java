package firmperch.desk.app;

import firmperch.desk.document.LogFile;
import firmperch.draw.AngleView;
import firmperch.draw.PlanView;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.draw.View;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.study.Situation;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the window opens on.
 *
 * @param assessment of the set pose
 * @param file where the project came from; null if from none
 * @param stamp what that file was when it was read
 * @param trouble why a file that was asked for is not what is open; else empty
 */
public record Opening(Assessment assessment, Path file, Stamp stamp, String trouble) {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);
    private static CompletableFuture<Opening> ahead;
    private static Path asked;

    /** Reads a file, or takes the sample where there is none or it cannot be opened, whatever the reason. */
    public static Opening of(Path file) {
        return of(file, Assessor::now);
    }

    static Opening of(Path file, Function<Project, Assessment> assessing) {
        if (file == null) {
            return sample("");
        }
        try {
            ProjectFile.Loaded loaded = ProjectFile.load(file);
            return new Opening(assessing.apply(loaded.project()), file, loaded.stamp(), "");
        } catch (UnusableFile e) {
            return sample(e.getMessage());
        } catch (RuntimeException | Error e) {
            LOG.error("not opened", e);
            return sample(file + " was not opened; why is in " + LogFile.place() + ".");
        }
    }

    private static Opening sample(String trouble) {
        return new Opening(Assessor.now(Samples.wedgingBench()), null, Stamp.NONE, trouble);
    }

    /** Starts reading and assessing on a thread of its own, while the toolkit starts on another. */
    static void startAhead(Path file) {
        startAhead(file, Assessor::now);
    }

    static void startAhead(Path file, Function<Project, Assessment> assessing) {
        asked = file;
        ahead = CompletableFuture.supplyAsync(() -> {
            Opening opening = of(file, assessing);
            draw(opening.assessment().situation());
            return opening;
        });
    }

    /** Draws it once unseen: Java gets to know how while the toolkit is still starting. */
    private static void draw(Situation set) {
        SideView.of(Scene.of(set));
        PlanView.of(Scene.of(set));
        AngleView.of(set, View.at(0, 0.5));
    }

    /** What is being opened, in words. */
    static String what() {
        return asked == null ? "the sample" : asked.getFileName().toString();
    }

    /** Gives up what is being opened, and opens the sample instead. */
    static void giveUp() {
        ahead.complete(sample(what() + " was not opened: it took long, and you stopped it."));
    }

    /** What is read ahead. */
    static CompletableFuture<Opening> ahead() {
        return ahead;
    }
}

package firmperch.desk.app;

import firmperch.draw.AngleView;
import firmperch.draw.PlanView;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.draw.View;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.UnusableFile;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.study.Situation;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;

/**
 * What the window opens on.
 *
 * @param assessment of the set pose
 * @param file where the project came from; null if from none
 * @param stamp what that file was when it was read
 * @param trouble why a file that was asked for is not what is open; else empty
 */
public record Opening(Assessment assessment, Path file, Stamp stamp, String trouble) {
    private static CompletableFuture<Opening> ahead;

    /** Reads a file, or takes the sample where there is none or it cannot be read. */
    public static Opening of(Path file) {
        if (file == null) {
            return sample("");
        }
        try {
            ProjectFile.Loaded loaded = ProjectFile.load(file);
            return new Opening(Assessor.now(loaded.project()), file, loaded.stamp(), "");
        } catch (UnusableFile e) {
            return sample(e.getMessage());
        }
    }

    private static Opening sample(String trouble) {
        return new Opening(Assessor.now(Samples.wedgingBench()), null, Stamp.NONE, trouble);
    }

    /** Starts reading and assessing on a thread of its own, while the toolkit starts on another. */
    static void startAhead(Path file) {
        ahead = CompletableFuture.supplyAsync(() -> {
            Opening opening = of(file);
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

    /** What is read ahead. */
    static CompletableFuture<Opening> ahead() {
        return ahead;
    }
}

package firmperch.desk.app;

import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import firmperch.search.Assessor;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;

/**
 * What the window opens on.
 *
 * @param file where the project came from; null if from none
 * @param trouble why a file that was asked for is not what is open; else empty
 */
public record Opening(Project project, Path file, String trouble) {
    private static CompletableFuture<Opening> ahead;

    /** Reads a file, or takes the sample where there is none or it cannot be read. */
    public static Opening of(Path file) {
        if (file == null) {
            return new Opening(Samples.wedgingBench(), null, "");
        }
        try {
            return new Opening(ProjectFile.read(file), file, "");
        } catch (UnusableFile e) {
            return new Opening(Samples.wedgingBench(), null, e.getMessage());
        }
    }

    /**
     * Starts reading on a thread of its own, while the toolkit starts on another; assesses once, so that the computation's
     * classes are loaded by the time the window asks.
     */
    static void startAhead(Path file) {
        ahead = CompletableFuture.supplyAsync(() -> {
            Opening opening = of(file);
            Assessor.now(opening.project());
            return opening;
        });
    }

    /** What was read ahead, waited for if it must be. */
    static Opening ahead() {
        return ahead.join();
    }
}

package firmperch.desk;

import firmperch.file.ProjectFile;
import firmperch.project.Project;
import firmperch.search.Assessor;
import java.util.concurrent.CompletableFuture;

/**
 * The demo, read on a thread of its own while the toolkit starts on another; assessed once, so that the computation's
 * classes are loaded by the time the window asks.
 */
final class Prepared {
    private static final CompletableFuture<Project> DEMO = CompletableFuture.supplyAsync(() -> {
        Project demo = ProjectFile.demo();
        Assessor.now(demo);
        return demo;
    });

    private Prepared() {
    }

    /** Starts reading. */
    static void start() {
        // Loading this class has.
    }

    /** The demo, waited for if it must be. */
    static Project demo() {
        return DEMO.join();
    }
}

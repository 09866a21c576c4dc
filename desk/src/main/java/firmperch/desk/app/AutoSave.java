package firmperch.desk.app;

import firmperch.desk.document.Copies;
import firmperch.desk.document.Document;
import firmperch.project.Project;
import java.util.function.BooleanSupplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.PauseTransition;
import javafx.animation.Timeline;
import javafx.util.Duration;

/** Keeps a copy of unsaved work half a second after it has changed, and as long as it goes on changing twice a second. */
final class AutoSave {
    /** From an edit to its copy at most; what a crash loses is as old at most. */
    static final Duration SOON = Duration.seconds(0.5);
    /** So long without a change is a rest. */
    private static final Duration REST = Duration.seconds(9);

    private final Document document;
    private final Copies copies;
    private final PauseTransition soon = new PauseTransition(SOON);
    private final Timeline resting;
    private Project kept;

    /** @param busy true while anything is worked out */
    AutoSave(Document document, Copies copies, BooleanSupplier busy) {
        this.document = document;
        this.copies = copies;
        soon.setOnFinished(e -> keep());
        // A rest is a good time to return the memory that the search needed: it takes a tenth of a second, and nobody
        // waits.
        resting = new Timeline(new KeyFrame(REST, e -> {
            if (!busy.getAsBoolean()) {
                Thread.ofPlatform().daemon().name("tidy").start(System::gc);
            }
        }));
        document.assessment().addListener((o, was, is) -> changed());
    }

    private void changed() {
        if (document.closed()) {
            return;
        }
        resting.playFromStart();
        if (document.project() != kept && soon.getStatus() != Animation.Status.RUNNING) {
            soon.playFromStart();
        }
    }

    /** Keeps what is unsaved at once. */
    void keep() {
        if (document.closed() || document.project() == kept) {
            return;
        }
        kept = document.project();
        if (document.unsaved()) {
            copies.keep(kept, document.file().get(), document.stamp());
        } else {
            // Everything has been undone back to what the file holds. What was undone goes to the earlier copies and
            // is not deleted.
            copies.giveUp();
        }
    }

    /** Call when another project has been opened: the copy kept so far belongs to the one before. */
    void afresh() {
        soon.stop();
        kept = null;
    }

    /** A file holds this project: it need not be kept. */
    void saved(Project project) {
        kept = project;
        if (document.project() != project) {
            changed();
        }
    }

    /** Ends keeping copies. */
    void stop() {
        soon.stop();
        resting.stop();
    }
}

package firmperch.desk.perch;

import firmperch.desk.document.Document;
import firmperch.desk.panel.Panel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Words;
import firmperch.search.Assessment;
import javafx.scene.Node;

/** What stands in the place of a step's panel while there is no rig that it could be about. */
public final class NoRigPanel implements Panel {
    private final CachedVBox box;

    public NoRigPanel(Document document) {
        KindMenu kinds = new KindMenu(document, "first-kinds", "Start from a kind of rig …");
        kinds.getStyleClass().add("strong");
        box = new CachedVBox(Words.heading("No rig yet"),
                Words.of("answer",
                        "Nothing carries the camera so far, so there is nothing here to build, steady or make. "
                                + "Say under Shot what is to be filmed; under Kind every kind of rig is worked out for it, to be built on. "
                                + "Or start from one as it is: it is put where the camera is wanted."),
                kinds);
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public void show(Assessment assessment) {
        // It says the same of every project.
    }
}

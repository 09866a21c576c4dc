package firmperch.desk.perch;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** Starts a project's perch from a kind of rig. */
final class KindMenu extends MenuButton {
    private final Document document;
    private final Background choosing = new Background("choosing");

    KindMenu(Document document, String id, String words) {
        super(words);
        this.document = document;
        setId(id);
        for (Kind kind : Parts.kinds()) {
            MenuItem item = new MenuItem(kind.label());
            item.setId("kind-" + kind.id());
            item.setOnAction(e -> start(kind));
            getItems().add(item);
        }
    }

    /** The camera is brought over the work as well as that kind can, which takes a moment. */
    private void start(Kind kind) {
        Project was = document.project();
        choosing.run(progress -> Assessor.now(Choosing.of(was, kind)), chosen -> {
            if (document.project() == was) {
                document.edit(chosen);
            }
        }, document::refused);
    }
}

package firmperch.desk.place;

import firmperch.desk.Document;
import firmperch.desk.Panel;
import firmperch.desk.ReasonList;
import firmperch.desk.form.Fields;
import firmperch.desk.form.Form;
import firmperch.desk.Words;
import firmperch.search.Assessment;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The room, the bench, and where the perch stands between them. */
public final class PlacePanel implements Panel {
    private final VBox box = new VBox();
    private final List<Form> forms;
    private final ReasonList reasons;

    public PlacePanel(Document document, ReasonList.Actions actions) {
        forms = List.of(Form.of(document, "The room", Fields.PLACE),
                Form.of(document, "Where the perch stands", Fields.STAND), Form.of(document, "Names", Fields.NAMES));
        reasons = new ReasonList(actions, f -> f.about().id().startsWith("place."), false);
        Label why = Words.heading("Reasons");
        box.getChildren().addAll(forms.get(0), forms.get(1), why, reasons, forms.get(2));
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public void show(Assessment assessment) {
        forms.forEach(form -> form.refresh(assessment.project()));
        reasons.show(assessment);
    }
}

package firmperch.desk.place;

import firmperch.check.Topic;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Panel;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.search.Assessment;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** The room, the bench, and where the perch stands between them. */
public final class PlacePanel implements Panel {
    private final CachedVBox box = new CachedVBox();
    private final List<Form> forms;
    private final ReasonList reasons;
    private final Label reach = Words.of("hint", "");

    public PlacePanel(Document document, ReasonList.Actions actions) {
        forms = List.of(Form.of(document, Field.sections("", document.project().place(), Path.of("place"))),
                Form.of(document,
                        Field.sections("Where the perch stands", document.project().stance(), Path.of("stance"))),
                Form.of(document, "Names", List.of(Field.at(document.project(), "name"),
                        Field.at(document.project(), "studio"))));
        reasons = new ReasonList(actions,
                (a, f) -> f.about().topic() == Topic.HITS || f.about().topic() == Topic.WAY, false);
        reach.setId("reach");
        box.getChildren().addAll(forms.get(0), forms.get(1), Words.heading("How far it reaches"), reach,
                Words.heading("Reasons"), reasons, forms.get(2));
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public boolean busy() {
        return forms.stream().anyMatch(Form::filling) || reasons.busy();
    }

    @Override
    public void show(Assessment assessment) {
        forms.forEach(form -> form.refresh(assessment.project()));
        reasons.show(assessment);
        reach.setText(assessment.coverage().map(c -> "As it stands " + c.words() + "; "
                + c.heights(assessment.project().units()) + ".")
                .orElse("Not looked at yet: it follows the search over every pose."));
    }
}

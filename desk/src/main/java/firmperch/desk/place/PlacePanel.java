package firmperch.desk.place;

import firmperch.check.Topic;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.search.Assessment;
import firmperch.study.Taped;
import java.util.List;
import javafx.scene.control.Label;

/** The room, the bench, and where the perch stands between them. */
public final class PlacePanel extends ReasonedPanel {
    private final Label reach = Words.of("hint", "");
    private final Label foot = Words.of("hint", "");

    public PlacePanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions, (a, f) -> f.about().topic() == Topic.HITS || f.about().topic() == Topic.WAY,
                false),
                Form.of(document, Field.sections("", document.project().place(), Path.of("place"))),
                Form.of(document,
                        Field.sections("Where the perch stands", document.project().stance(), Path.of("stance"))),
                Form.of(document, "Names", List.of(Field.at(document.project(), "name"),
                        Field.at(document.project(), "studio"))));
        reach.setId("reach");
        foot.setId("foot");
        stack(form(0), form(1), foot, Words.heading("How far it reaches"), reach, Words.heading("Reasons"), reasons(),
                form(2));
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        String stands = Taped.foot(assessment.situation());
        foot.setText(stands.isEmpty() ? "" : Words.unbroken("Marked with tape on the floor it stands " + stands + "."));
        foot.setManaged(!stands.isEmpty());
        reach.setText(assessment.coverage().map(c -> "As it stands " + c.words() + "; "
                + c.heights(assessment.project().units()) + ".")
                .orElse("Not looked at yet: it follows the search over every pose."));
    }
}

package firmperch.desk.steady;

import firmperch.desk.Document;
import firmperch.desk.Panel;
import firmperch.desk.ReasonList;
import firmperch.desk.form.Fields;
import firmperch.desk.form.Form;
import firmperch.desk.Words;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.VBox;

/** Every reason, the weakest first, and what is asked of a perch. */
public final class SteadyPanel implements Panel {
    private final VBox box = new VBox();
    private final Label now = Words.of("answer", "");
    private final ReasonList reasons;
    private final Form policy;
    private final Form joints;

    public SteadyPanel(Document document, ReasonList.Actions actions) {
        reasons = new ReasonList(actions, f -> true, true);
        policy = Form.of(document, "", Fields.POLICY);
        joints = Form.of(document, "Set now", Fields.JOINTS);
        Label why = Words.heading("Reasons, the weakest first");
        TitledPane asked = new TitledPane("What is asked", policy);
        asked.setExpanded(false);
        asked.setId("policy");
        box.getChildren().addAll(now, joints, why, reasons, asked);
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public void show(Assessment assessment) {
        var s = assessment.situation();
        now.setText(Words.unbroken(
                "In this pose it leans " + s.show(Quantity.ANGLE, s.leastLean()) + " before it goes, takes a push of "
                        + s.show(Quantity.FORCE, s.pushAvailable()) + " at " + s.show(Quantity.LENGTH, s.pushHeight())
                        + ", and weighs " + s.show(Quantity.MASS, s.posed().mass()) + "."));
        policy.refresh(assessment.project());
        joints.refresh(assessment.project());
        reasons.show(assessment);
    }
}

package firmperch.desk.steady;

import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Panel;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TitledPane;

/** Every reason, the weakest first, and what is asked of a perch. */
public final class SteadyPanel implements Panel {
    private final CachedVBox box = new CachedVBox();
    private final Label now = Words.of("answer", "");
    private final ReasonList reasons;
    private final Form policy;

    public SteadyPanel(Document document, ReasonList.Actions actions) {
        reasons = new ReasonList(actions, (a, f) -> true, true);
        policy = Form.of(document, Field.sections("", document.project().policy(), Path.of("policy")));
        TitledPane asked = new TitledPane("What is asked", policy);
        asked.setExpanded(false);
        asked.setId("policy");
        box.getChildren().addAll(now, asked, Words.heading("Reasons, the weakest first"), reasons);
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public boolean busy() {
        return policy.filling() || reasons.busy();
    }

    @Override
    public void show(Assessment assessment) {
        Situation s = assessment.situation();
        now.setText(Words.unbroken("In this pose it leans " + s.show(Quantity.ANGLE, s.tipping().leastLean())
                + " before it goes, takes a push of " + s.show(Quantity.FORCE, s.pushAvailable()) + " at "
                + s.length(s.pushHeight()) + ", and weighs " + s.show(Quantity.MASS, s.posed().mass())
                + " with the spare."));
        policy.refresh(assessment.project());
        reasons.show(assessment);
    }
}

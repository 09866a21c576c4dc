package firmperch.desk.shot;

import firmperch.check.Situation;
import firmperch.check.Verdict;
import firmperch.desk.Document;
import firmperch.desk.Panel;
import firmperch.desk.ReasonList;
import firmperch.desk.form.Fields;
import firmperch.desk.form.Form;
import firmperch.desk.Words;
import firmperch.search.Assessment;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What has to be in the picture, through which lens, and from where that is seen. */
public final class ShotPanel implements Panel {
    private final VBox box = new VBox();
    private final Label answer = Words.of("answer", "");
    private final Form shot;
    private final Form camera;
    private final ReasonList reasons;

    public ShotPanel(Document document, ReasonList.Actions actions) {
        shot = Form.of(document, "The picture", Fields.SHOT);
        camera = Form.of(document, "Camera and lens", Fields.CAMERA);
        reasons = new ReasonList(actions, f -> f.about().id().startsWith("shot."), false);
        Label heading = Words.heading("Reasons");
        box.getChildren().addAll(answer, shot, camera, heading, reasons);
        box.getStyleClass().add("panel");
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public void show(Assessment assessment) {
        Situation s = assessment.situation();
        Shot wanted = assessment.project().shot();
        answer.setText(Words.unbroken("The rectangle fills the picture with the sensor "
                + s.show(Quantity.LENGTH, wanted.sensorDistance()) + " above the work, "
                + s.show(Quantity.LENGTH, s.sensorHeightWanted()) + " above the floor. It is at "
                + s.show(Quantity.LENGTH, s.posed().sensor().z()) + " now."
                + (assessment.finding("shot.ceiling").verdict() == Verdict.GIVES
                        ? " That is too near the ceiling of "
                                + s.show(Quantity.LENGTH, assessment.project().place().ceiling())
                                + " or above it: take a shorter lens."
                        : "")));
        shot.refresh(assessment.project());
        camera.refresh(assessment.project());
        reasons.show(assessment);
    }
}

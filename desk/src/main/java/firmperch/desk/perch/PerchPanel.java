package firmperch.desk.perch;

import firmperch.check.Finding;
import firmperch.desk.Document;
import firmperch.desk.Panel;
import firmperch.desk.ReasonList;
import firmperch.desk.form.Fields;
import firmperch.desk.form.Form;
import firmperch.desk.Words;
import firmperch.rig.Station;
import firmperch.search.Assessment;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The chosen station's parts, its reasons and what would cure it. */
public final class PerchPanel implements Panel {
    private final Document document;
    private final ReasonList.Actions actions;
    private final VBox box = new VBox();
    private final Label title = new Label();
    private final Label place = new Label();
    private final Form form;
    private final Form joints;
    private final VBox reasonBox = new VBox();
    private ReasonList reasons;
    private Station chosen;

    public PerchPanel(Document document, ReasonList.Actions actions) {
        this.document = document;
        this.actions = actions;
        form = new Form(document);
        joints = Form.of(document, "Set now", Fields.JOINTS);
        title.getStyleClass().add("panel-title");
        place.getStyleClass().add("hint");
        box.getChildren().addAll(title, place, reasonBox, form, joints);
        reasonBox.getStyleClass().add("panel-part");
        box.getStyleClass().add("panel");
    }

    @Override
    public void choose(Station station) {
        title.setText(station.label());
        int number = station.ordinal() + 1;
        place.setText(station == Station.PLACE ? "" : "station " + number + " of 7 · " + between(station));
        reasons = new ReasonList(actions, (Finding f) -> f.about().station() == station, true);
        Label why = Words.heading("Reasons");
        reasonBox.getChildren().setAll(why, reasons);
        show(document.assessment().get());
        reasons.openFirst();
        chosen = station;
        form.getChildren().clear();
        // The answer first; the many fields follow in the next frame.
        Platform.runLater(() -> {
            if (chosen == station) {
                form.show("Its parts", Fields.of(station));
            }
        });
    }

    private static String between(Station station) {
        Station[] all = Station.values();
        String above = station.ordinal() == 0 ? "" : "under " + all[station.ordinal() - 1].label().toLowerCase();
        String below = station == Station.FEET
                ? "on the floor"
                : "on " + all[station.ordinal() + 1].label().toLowerCase();
        return above.isEmpty() ? below : above + ", " + below;
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public void show(Assessment assessment) {
        form.refresh(assessment.project());
        joints.refresh(assessment.project());
        reasons.show(assessment);
    }
}

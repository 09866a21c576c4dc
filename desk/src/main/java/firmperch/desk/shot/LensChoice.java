package firmperch.desk.shot;

import firmperch.desk.document.Document;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.shot.Lens;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Which of the gear's lenses a set-up is filmed with; the last choice is one more that is there. */
final class LensChoice extends HBox {
    private static final String MORE = "one more lens …";
    private static final int MOST = 20;
    private static final double WIDEST = 226;

    private final Document document;
    private final ComboBox<String> choice = new ComboBox<>();
    private boolean showing;

    LensChoice(Document document) {
        super(6);
        this.document = document;
        choice.setId("setUp.lens");
        choice.setAccessibleText("Which lens");
        choice.getStyleClass().add("choice");
        choice.setMaxWidth(WIDEST);
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                choose(choice.getItems().indexOf(is));
            }
        });
        Label label = new Label("Through");
        label.setLabelFor(choice);
        label.getStyleClass().add("field-label");
        label.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.SOMETIMES);
        HBox.setHgrow(choice, Priority.ALWAYS);
        getStyleClass().add("field-line");
        getChildren().addAll(label, gap, choice);
    }

    private void choose(int number) {
        Project project = document.project();
        List<Lens> lenses = new ArrayList<>(project.gear().lenses());
        if (number < 0) {
            return;
        }
        if (number == lenses.size()) {
            Lens like = project.shot().lens();
            lenses.add(new Lens("Lens " + (number + 1), like.focalLength(), like.longest(), like.nearestFocus(),
                    like.length()));
        }
        document.edit(Path.of("setUp.lens").with(project.with(project.gear().through(lenses)), number));
    }

    void show(Project project) {
        showing = true;
        List<String> names = new ArrayList<>(project.gear().lenses().stream().map(Lens::name).toList());
        if (names.size() < MOST) {
            names.add(MORE);
        }
        if (!choice.getItems().equals(names)) {
            choice.getItems().setAll(names);
        }
        choice.getSelectionModel().select(project.setUp().lens());
        showing = false;
    }
}

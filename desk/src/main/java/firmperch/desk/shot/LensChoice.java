package firmperch.desk.shot;

import firmperch.desk.document.Document;
import firmperch.desk.widget.LabelledChoice;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.shot.Lens;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.VBox;

/** Which of what films on the head a set-up is filmed by, where there is more than one, and through which of its lenses; the last choice is one more that is there. */
final class LensChoice extends VBox {
    private static final String MORE = "one more lens …";
    private static final int MOST = 20;

    private final Document document;
    private final LabelledChoice cameras;
    private final LabelledChoice lenses;

    LensChoice(Document document) {
        super(4);
        this.document = document;
        cameras = new LabelledChoice("setUp.camera", "Filmed by", "Which camera", this::filmedBy);
        lenses = new LabelledChoice("setUp.lens", "Through", "Which lens", this::through);
        getChildren().addAll(cameras, lenses);
    }

    private void filmedBy(int number) {
        Project project = document.project();
        if (number >= 0 && number != project.setUp().camera()) {
            document.edit(project.with(project.setUp().by(number, 0)));
        }
    }

    private void through(int number) {
        Project project = document.project();
        int camera = project.setUp().camera();
        List<Lens> all = new ArrayList<>(project.gear().lenses(camera));
        if (number < 0) {
            return;
        }
        if (number == all.size()) {
            Lens like = project.shot().lens();
            all.add(new Lens("Lens " + (number + 1), like.focalLength(), like.longest(), like.nearestFocus(),
                    like.length()));
        }
        document.edit(Path.of("setUp.lens").with(project.with(project.gear().through(camera, all)), number));
    }

    void show(Project project) {
        int camera = project.setUp().camera();
        List<String> by = project.gear().cameras();
        cameras.show(by, camera);
        cameras.setManaged(by.size() > 1);
        cameras.setVisible(by.size() > 1);
        List<String> names = new ArrayList<>(project.gear().lenses(camera).stream().map(Lens::name).toList());
        if (names.size() < MOST) {
            names.add(MORE);
        }
        lenses.show(names, project.setUp().lens());
    }
}

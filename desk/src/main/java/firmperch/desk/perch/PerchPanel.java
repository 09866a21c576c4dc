package firmperch.desk.perch;

import firmperch.body.Station;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Panel;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.LabelledChoice;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.part.Part;
import firmperch.project.Project;
import firmperch.project.Stands;
import firmperch.search.Assessment;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;

/** The chosen station's part, as it is built, then its reasons and what would cure it. */
public final class PerchPanel implements Panel {
    private final Document document;
    private final CachedVBox box = new CachedVBox();
    private final Label title = new Label();
    private final Label place = new Label();
    private final LabelledChoice stands;
    private final ComposeMenus compose;
    private final Form form;
    private final Form joints;
    private final ReasonList reasons;
    private Station chosen;
    /** What was last looked at for where else a part may stand. */
    private Project asked;
    private Station askedOf;
    private List<String> settings = List.of();

    public PerchPanel(Document document, ReasonList.Actions actions) {
        this.document = document;
        reasons = new ReasonList(actions, (a, f) -> Objects.equals(f.station(), chosen), true);
        form = new Form(document);
        joints = new Form(document);
        title.getStyleClass().add("panel-title");
        place.getStyleClass().add("hint");
        place.setWrapText(true);
        MenuButton kinds = new KindMenu(document, "kinds", "Start from another kind of rig …");
        kinds.getStyleClass().add("quiet");
        compose = new ComposeMenus(document);
        stands = new LabelledChoice("stands", "Stands on", "What it stands on", this::stand);
        box.getChildren().addAll(title, place, stands, form, Words.heading("Reasons"), reasons, joints, compose,
                Words.heading("Another kind"), kinds);
        box.getStyleClass().add("panel");
    }

    @Override
    public void choose(Station station) {
        chosen = station;
        reasons.closeAll();
        show(document.assessment().get());
        form.show(sections(station));
    }

    /** What is edited there: the part's values, or the gear's camera. */
    private List<Field.Section> sections(Station station) {
        Project project = document.project();
        if (station == null) {
            return Field.sections("The room", project.place(), Path.of("place"));
        }
        return project.perch().branch(station.part()) instanceof Part part
                ? Field.sections("", part, Path.of("perch." + station.part()))
                : Field.sections("Camera", project.shot().camera(), Path.of("shot.camera"));
    }

    private void stand(int number) {
        List<Stands> offered = chosen == null ? List.of() : Stands.of(document.project(), chosen.part());
        if (number >= 0 && number < offered.size() && !offered.get(number).now()) {
            document.edit(offered.get(number).changed());
        }
    }

    /** Where else it may stand, if it stands on anything by its weight; looked for again only where that can have changed, as a drag does not. */
    private void stands(Project project) {
        if (asked != null && asked.perch() == project.perch() && asked.place() == project.place()
                && Objects.equals(askedOf, chosen)) {
            return;
        }
        asked = project;
        askedOf = chosen;
        List<Stands> offered = chosen == null ? List.of() : Stands.of(project, chosen.part());
        stands.setManaged(offered.size() > 1);
        stands.setVisible(offered.size() > 1);
        stands.show(offered.stream().map(Stands::what).toList(),
                offered.stream().map(Stands::now).toList().indexOf(true));
    }

    private void settings(Assessment assessment) {
        List<String> ids = assessment.study().assembly().freedoms().stream().map(f -> f.id()).toList();
        if (!ids.equals(settings)) {
            settings = ids;
            joints.show(List.of(new Field.Section("Set now",
                    assessment.study().assembly().freedoms().stream().map(Field::setting).toList())));
        }
    }

    private static String between(Assessment assessment, Station station) {
        List<Station> all = assessment.study().assembly().stations();
        List<String> words = new ArrayList<>();
        words.add(station.on().isEmpty()
                ? "on the place"
                : "on " + String.join(" and ",
                        station.on().stream().map(s -> lower(s.label())).distinct().toList()));
        String above = String.join(" and ", all.stream().filter(s -> s.on().contains(station))
                .map(s -> lower(s.label())).toList());
        if (!above.isEmpty()) {
            words.add("carries " + above);
        }
        return String.join(", ", words);
    }

    private static String lower(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public boolean busy() {
        return form.filling() || joints.filling() || reasons.busy();
    }

    @Override
    public void show(Assessment assessment) {
        Station now = chosen == null
                ? null
                : assessment.study().assembly().stations().stream().filter(chosen::equals).findFirst().orElse(chosen);
        title.setText(now == null ? "Place" : now.label());
        place.setText(now == null ? "" : Words.unbroken(between(assessment, now)));
        stands(assessment.project());
        compose.choose(assessment.project(), chosen == null ? "" : chosen.part());
        settings(assessment);
        form.refresh(assessment.project());
        joints.refresh(assessment.project());
        reasons.show(assessment);
    }
}

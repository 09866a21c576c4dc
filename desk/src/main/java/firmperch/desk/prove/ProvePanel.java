package firmperch.desk.prove;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.panel.Panel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Card;
import firmperch.desk.widget.FieldLine;
import firmperch.desk.widget.Words;
import firmperch.log.Comparison;
import firmperch.log.Measurement;
import firmperch.make.Handling;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Prediction;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.util.StringConverter;

/** What was measured on the built perch, beside what was predicted, with the difference in words. */
public final class ProvePanel implements Panel {
    private final Document document;
    private final CachedVBox side = new CachedVBox();
    private final CachedVBox list = new CachedVBox();
    private final CachedVBox tight = new CachedVBox();
    private List<String> recipes = List.of();
    private final TextField date = new TextField(LocalDate.now().toString());
    private final Label how = Words.of("hint", "");
    private final ComboBox<Measurement.Kind> kind = new ComboBox<>();
    private final TextField value = new TextField();
    private final TextField note = new TextField();
    private final Label refused = new Label();
    private final Background background = new Background("predictions");
    private Project shown;
    private List<Measurement> told = List.of();
    private boolean working;

    public ProvePanel(Document document) {
        this.document = document;
        kind.setConverter(new StringConverter<>() {
            @Override
            public String toString(Measurement.Kind k) {
                return k == null ? "" : k.label();
            }

            @Override
            public Measurement.Kind fromString(String text) {
                throw new UnsupportedOperationException("chosen, not typed");
            }
        });
        Button add = new Button("Note it");
        add.setId("prove-add");
        add.getStyleClass().add("strong");
        add.setOnAction(e -> add());
        value.setOnAction(e -> add());
        refused.setWrapText(true);
        refused.getStyleClass().add("field-error");
        refused.setId("prove-error");
        Label heading = Words.heading("Measured");
        Label noted = Words.heading("Beside the prediction");
        tight.setSpacing(6);
        tight.setId("prove-tight");
        side.getChildren().addAll(tight, heading, how, line("Date", date, "prove-date"),
                line("What", kind, "prove-kind"),
                line("Value", value, "prove-value"), line("Note", note, "prove-note"), refused, add, noted, list);
        side.getStyleClass().add("panel");
        list.setSpacing(8);
    }

    private static FieldLine line(String name, Control control, String id) {
        control.setId(id);
        control.setAccessibleText(name);
        control.setMaxWidth(Double.MAX_VALUE);
        return new FieldLine(new Label(name), control);
    }

    private void add() {
        try {
            Project project = document.project();
            double measured = kind.getValue().quantity().parse(kind.getValue().label(), value.getText(),
                    project.units());
            List<Measurement> log = new ArrayList<>(project.log());
            log.add(new Measurement(day(), kind.getValue(), measured,
                    document.assessment().get().situation().posed().pose()
                            .joints(document.assessment().get().study().assembly()),
                    note.getText().strip()));
            refused.setText("");
            value.clear();
            note.clear();
            document.edit(project.logged(log));
        } catch (InvalidValue e) {
            refused.setText(e.getMessage());
        }
    }

    private LocalDate day() {
        try {
            return LocalDate.parse(date.getText().strip());
        } catch (DateTimeParseException e) {
            throw new InvalidValue("Date", "“" + date.getText().strip() + "”", "a day such as 2026-11-23");
        }
    }

    /** Takes a measurement away, if it still is where it was when its card was made. */
    private void remove(int index, Measurement measured) {
        List<Measurement> log = new ArrayList<>(document.project().log());
        if (index < log.size() && log.get(index).equals(measured)) {
            log.remove(index);
            document.edit(document.project().logged(log));
        }
    }

    @Override
    public Node side() {
        return side;
    }

    @Override
    public void show(Assessment assessment) {
        Project project = assessment.project();
        tell(Handling.recipes(assessment));
        if (shown != null && project.onlyMovedFrom(shown)) {
            return;
        }
        shown = project;
        // What hangs is neither pushed over nor leaned.
        boolean stands = assessment.situation().stands();
        how.setText("Measure with the joints set as on the drawing: they are noted with the value. " + (stands
                ? "Push at the top, or where you have asked for it, with a luggage scale until a wheel or foot lifts. "
                : "") + "Prove it with a bag before the camera goes on, somebody ready to catch it.");
        List<Measurement.Kind> kinds = stands
                ? List.of(Measurement.Kind.values())
                : List.of(Measurement.Kind.SAG);
        if (!kind.getItems().equals(kinds)) {
            kind.getItems().setAll(kinds);
            kind.setValue(kinds.getFirst());
        }
        if (!list.getChildren().isEmpty() && !project.log().equals(told)) {
            // Cards of another log are neither looked at nor pressed.
            list.getChildren().setAll(Words.of("hint", "Working out the predictions …"));
        }
        // Each is a rig of its own to be worked out.
        working = true;
        background.run(progress -> project.log().stream().map(m -> Prediction.of(project, m)).toList(), all -> {
            working = false;
            fill(project, all);
        }, why -> {
            working = false;
            list.getChildren().setAll(Words.of("hint", "No predictions: " + why + "."));
        });
    }

    /** How tight joints are to be set, by the pull that a luggage scale reads; it changes with the pose. */
    private void tell(List<String> now) {
        if (!now.equals(recipes)) {
            recipes = now;
            tight.getChildren().clear();
            if (!now.isEmpty()) {
                tight.getChildren().add(Words.heading("How tight"));
            }
            now.forEach(recipe -> tight.getChildren().add(Words.of("numbers", Words.unbroken(recipe))));
        }
    }

    private void fill(Project project, List<Comparison> predicted) {
        told = project.log();
        list.getChildren().clear();
        for (int i = predicted.size() - 1; i >= 0; i--) {
            list.getChildren().add(card(project, i, predicted.get(i)));
        }
        if (predicted.isEmpty()) {
            list.getChildren().add(Words.of("hint", "Nothing measured yet."));
        }
    }

    @Override
    public boolean busy() {
        return working;
    }

    private Node card(Project project, int index, Comparison comparison) {
        Measurement measured = comparison.measured();
        Quantity unit = measured.kind().quantity();
        Label title = Words.of("question", measured.date() + " · " + measured.kind().label());
        Label figures = Words.of("numbers", "measured " + unit.show(measured.value(), project.units())
                + ", predicted " + unit.show(comparison.predicted(), project.units()));
        Label words = Words.of("numbers", comparison.inWords(project.units()));
        Label remark = Words.of("hint", measured.note());
        remark.setManaged(!measured.note().isEmpty());
        return new Card("the measurement of " + measured.date(), () -> remove(index, measured), title, figures, words,
                remark);
    }
}

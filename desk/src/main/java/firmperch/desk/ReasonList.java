package firmperch.desk;

import firmperch.check.Finding;
import firmperch.search.Assessment;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Findings with what is asked and available; each opens to its formula, source, worst pose and cures. */
public final class ReasonList extends VBox {
    /** What the list can be told to do. */
    public interface Actions {
        /** Shows a finding's worst pose as a ghost. */
        void show(Finding finding);

        /** Sets the joints to a finding's worst pose. */
        void goTo(Finding finding);

        /** Makes a cure's change. */
        void apply(Finding.Cure cure);
    }

    private final Map<String, Row> rows = new LinkedHashMap<>();
    private final Actions actions;
    private final Predicate<Finding> wanted;
    private final boolean weakestFirst;

    /** A list of the findings that are wanted, in the checks' order or the weakest first. */
    public ReasonList(Actions actions, Predicate<Finding> wanted, boolean weakestFirst) {
        this.actions = actions;
        this.wanted = wanted;
        this.weakestFirst = weakestFirst;
        getStyleClass().add("reasons");
    }

    /** Shows an assessment; rows stay open and in place while only their numbers change. */
    public void show(Assessment assessment) {
        List<Finding> findings = new ArrayList<>(assessment.findings().stream().filter(wanted).toList());
        if (weakestFirst) {
            findings.sort(Comparator.comparing((Finding f) -> -f.verdict().ordinal())
                    .thenComparingDouble(Finding::margin));
        }
        List<Row> order = new ArrayList<>();
        for (Finding finding : findings) {
            Row row = rows.computeIfAbsent(finding.about().id(), id -> new Row(actions));
            row.show(finding, assessment.project().units());
            order.add(row);
        }
        if (!getChildren().equals(order)) {
            getChildren().setAll(order);
        }
    }

    /** Opens the first row, as when a station is chosen. */
    public void openFirst() {
        rows.values().forEach(row -> row.open(false));
        if (!getChildren().isEmpty()) {
            ((Row) getChildren().getFirst()).open(true);
        }
    }

    private static final class Row extends VBox {
        private final Actions actions;
        private final StatusMark mark = new StatusMark(16);
        private final Label question = new Label();
        private final Label figures = new Label();
        private final ProgressBar bar = new ProgressBar(0);
        private final WideButton head;
        // The detail's nodes stay while their words change: making them anew would not fit into a frame.
        private final Label formula = Words.of("formula", "");
        private final Label numbers = Words.of("numbers", "");
        private final Label source = Words.of("hint", "");
        private final Label search = Words.of("hint", "");
        private final VBox worst = new VBox(4);
        private final VBox cures = new VBox(4);
        private final VBox detail = new VBox(formula, numbers, source, worst, cures);
        private List<Finding.Cure> shownCures = List.of();
        private Finding finding;
        private UnitSystem system;

        Row(Actions actions) {
            this.actions = actions;
            getStyleClass().add("reason");
            question.getStyleClass().add("question");
            question.setWrapText(true);
            HBox.setHgrow(question, Priority.ALWAYS);
            question.setMaxWidth(Double.MAX_VALUE);
            figures.getStyleClass().add("figures");
            figures.setMinWidth(USE_PREF_SIZE);
            bar.setMaxWidth(Double.MAX_VALUE);
            HBox line = new HBox(8, mark, question, figures);
            line.setAlignment(Pos.CENTER_LEFT);
            VBox box = new VBox(3, line, bar);
            head = new WideButton(box, "reason-head");
            head.selectedProperty().addListener((o, was, is) -> fill());
            detail.getStyleClass().add("detail");
            Hyperlink show = new Hyperlink("show its worst pose");
            show.setOnAction(e -> actions.show(finding));
            Hyperlink go = new Hyperlink("go there");
            go.setOnAction(e -> actions.goTo(finding));
            cures.setManaged(false);
            worst.getChildren().addAll(new HBox(12, show, go), search);
            getChildren().add(head);
        }

        void open(boolean open) {
            head.setSelected(open);
        }

        void show(Finding next, UnitSystem units) {
            boolean same = next == finding && units == system;
            finding = next;
            system = units;
            if (same) {
                return;
            }
            mark.show(next.verdict());
            question.setText(next.about().question());
            figures.setText(figures(next));
            double used = next.reading().available() <= 0 ? 1 : next.reading().asked() / next.reading().available();
            bar.setProgress(Math.clamp(used, 0, 1));
            VerdictStyle.set(bar, next.verdict());
            head.setId("reason-" + next.about().id());
            head.setAccessibleText(next.about().question() + " " + figures.getText() + ", " + next.verdict().word());
            fill();
        }

        private String figures(Finding f) {
            String asked = f.about().unit().bare(f.reading().asked(), system);
            return asked + " / " + f.about().unit().show(f.reading().available(), system);
        }

        private void fill() {
            if (!head.isSelected()) {
                getChildren().remove(detail);
                return;
            }
            formula.setText(finding.about().formula());
            numbers.setText(finding.reading().numbers().get());
            source.setText(finding.about().source());
            boolean searched = Assessment.worstPose(finding).isPresent();
            worst.setVisible(searched);
            worst.setManaged(searched);
            search.setText(searched
                    ? finding.search().poses() + " poses looked at; nothing between them is over "
                            + String.format(Locale.ROOT, "%.1f", Math.max(0.1, finding.search().bound() * 100))
                            + " % worse, going by the steepest change seen."
                    : "");
            if (finding.cures() != shownCures) {
                shownCures = finding.cures();
                cures.getChildren().setAll(shownCures.stream().map(cure -> cureButton(cure, actions)).toList());
                cures.setManaged(!shownCures.isEmpty());
            }
            if (!getChildren().contains(detail)) {
                getChildren().add(detail);
            }
        }
    }

    /** A cure with what it does, as a button that makes its change. */
    static WideButton cureButton(Finding.Cure cure, Actions actions) {
        Label what = Words.of("cure-what", cure.what());
        HBox.setHgrow(what, Priority.ALWAYS);
        what.setMaxWidth(Double.MAX_VALUE);
        Label effect = new Label(Finding.marginText(cure.margin())
                + (cure.price().isEmpty() ? "" : " · " + cure.price()));
        effect.getStyleClass().addAll("cure-effect", cure.verdict().word());
        effect.setMinWidth(USE_PREF_SIZE);
        VBox box = new VBox(new HBox(8, what, effect));
        if (!cure.worsens().isEmpty()) {
            Label but = new Label("but then: " + String.join(" ", cure.worsens()));
            but.getStyleClass().addAll("hint", "gives");
            but.setWrapText(true);
            box.getChildren().add(but);
        }
        WideButton button = new WideButton(box, "cure");
        button.setAccessibleText("Apply: " + cure.what() + ", margin then " + Finding.marginText(cure.margin()));
        button.setOnAction(e -> {
            button.setSelected(false);
            actions.apply(cure);
        });
        return button;
    }
}

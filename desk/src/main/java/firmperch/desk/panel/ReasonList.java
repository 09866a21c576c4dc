package firmperch.desk.panel;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.OverFrames;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.WideButton;
import firmperch.desk.widget.Words;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Findings with what is asked and available; each opens to its formula, source, worst pose and cures. */
public final class ReasonList extends IncrementalColumn {
    /** What the list can be told to do. */
    public interface Actions {
        /** Shows a finding's worst pose as a ghost. */
        void show(Finding finding);

        /** Sets the joints to a finding's worst pose. */
        void goTo(Finding finding);

        /** Makes a cure's change. */
        void apply(Finding.Cure cure);

        /** Looks for what would better a finding that holds. */
        void seek(Finding finding);
    }

    private final List<Row> rows = new ArrayList<>();
    /** What is open, by the findings' ids: a row shows now this finding, now that. */
    private final Set<String> open = new HashSet<>();
    private final OverFrames following = new OverFrames();
    /** The row whose turn it is to follow. */
    private int next;
    private final Actions actions;
    private final BiPredicate<Assessment, Finding> wanted;
    private final boolean weakestFirst;

    /** A list of the findings that are wanted, in the checks' order or the weakest first. */
    public ReasonList(Actions actions, BiPredicate<Assessment, Finding> wanted, boolean weakestFirst) {
        this.actions = actions;
        this.wanted = wanted;
        this.weakestFirst = weakestFirst;
        getStyleClass().add("reasons");
    }

    /**
     * Shows an assessment. The rows stay where they are and show what comes there now, as taking them out of the window and putting
     * them back would style them all anew; what was open is open wherever it comes. They follow one after the other, a few in each
     * frame, and the next time go on from there: so each gets its turn under a hand that does not rest.
     */
    public void show(Assessment assessment) {
        List<Finding> findings = new ArrayList<>(
                assessment.told().stream().filter(f -> wanted.test(assessment, f)).toList());
        if (weakestFirst) {
            findings.sort(Assessment.WEAKEST_FIRST);
        }
        while (rows.size() > findings.size()) {
            drop(rows.removeLast());
        }
        int count = rows.size();
        int first = next;
        following.begin(IntStream.range(0, count).map(i -> (first + i) % count).<Runnable>mapToObj(i -> () -> {
            rows.get(i).show(findings.get(i), assessment.project());
            next = i + 1;
        }).toList());
        add(findings.stream().skip(rows.size()).<Supplier<Row>>map(finding -> () -> {
            Row row = new Row(actions, open);
            rows.add(row);
            row.show(finding, assessment.project());
            return row;
        }).toList());
    }

    /** True while there are rows to come, or some do not show yet what they should. */
    public boolean busy() {
        return filling() || following.going();
    }

    /** Closes every row. */
    public void closeAll() {
        open.clear();
        rows.forEach(Row::follow);
    }

    private static final class Row extends CachedVBox {
        private final Actions actions;
        private final StatusMark mark = new StatusMark(16);
        private final Label question = new Label();
        private final Label figures = new Label();
        private final Label left = new Label();
        private final ProgressBar bar = new ProgressBar(0);
        private final WideButton head;
        // The detail's nodes stay while their words change: making them anew would not fit into a frame.
        private final Label formula = Words.of("formula", "");
        private final Label numbers = Words.of("numbers", "");
        private final Label letters = Words.of("hint", "");
        private final Label source = Words.of("hint", "");
        private final Label search = Words.of("hint", "");
        private final CachedVBox worst = new CachedVBox(4);
        private final CachedVBox cures = new CachedVBox(4);
        private final Hyperlink seek = new Hyperlink("look for what would better it");
        private final CachedVBox detail = new CachedVBox(formula, letters, numbers, source, worst, cures, seek);
        private final Set<String> open;
        private List<Finding.Cure> shownCures = List.of();
        private boolean sought;
        private Finding finding;
        private UnitSystem system;

        Row(Actions actions, Set<String> open) {
            this.actions = actions;
            this.open = open;
            getStyleClass().add("reason");
            question.getStyleClass().add("question");
            question.setWrapText(true);
            HBox.setHgrow(question, Priority.ALWAYS);
            question.setMaxWidth(Double.MAX_VALUE);
            figures.getStyleClass().add("hint");
            left.getStyleClass().add("figures");
            left.setMinWidth(USE_PREF_SIZE);
            bar.setMaxWidth(Double.MAX_VALUE);
            HBox line = new HBox(8, mark, question, left);
            line.setAlignment(Pos.CENTER_LEFT);
            CachedVBox box = new CachedVBox(3, line, figures, bar);
            head = new WideButton(box, "reason-head");
            head.setOnAction(e -> {
                if (head.isSelected()) {
                    open.add(finding.id());
                } else {
                    open.remove(finding.id());
                }
                fill();
            });
            detail.getStyleClass().add("detail");
            Hyperlink show = new Hyperlink("show its worst pose");
            show.setOnAction(e -> actions.show(finding));
            Hyperlink go = new Hyperlink("go there");
            go.setOnAction(e -> actions.goTo(finding));
            cures.setManaged(false);
            seek.setOnAction(e -> actions.seek(finding));
            worst.getChildren().addAll(new HBox(12, show, go), search);
            getChildren().add(head);
        }

        /** Opens or closes as what it shows is open or not. */
        void follow() {
            head.setSelected(finding != null && open.contains(finding.id()));
            fill();
        }

        void show(Finding next, Project project) {
            UnitSystem units = project.units();
            boolean same = next == finding && units == system;
            finding = next;
            system = units;
            if (same) {
                return;
            }
            mark.show(next.verdict());
            String in = next.in(project);
            question.setText(next.question().words() + (in.isEmpty() ? "" : " · " + in));
            figures.setText(next.figures(units));
            left.setText(next.leftText());
            VerdictStyle.set(left, next.verdict());
            bar.setProgress(Math.clamp(1 / next.left(), 0, 1));
            VerdictStyle.set(bar, next.verdict());
            head.setId("reason-" + next.id());
            head.setAccessibleText(question.getText() + " " + figures.getText() + ", " + next.verdict().word());
            follow();
        }

        private void fill() {
            if (!head.isSelected()) {
                getChildren().remove(detail);
                return;
            }
            formula.setText(finding.about().formula());
            letters.setText(finding.about().symbols());
            letters.setVisible(!letters.getText().isEmpty());
            letters.setManaged(letters.isVisible());
            numbers.setText(finding.reading().numbers().get());
            source.setText(finding.about().source());
            boolean searched = Assessment.worstPose(finding).isPresent();
            worst.setVisible(searched);
            worst.setManaged(searched);
            search.setText(searched
                    ? finding.search().poses() + " poses looked at: " + finding.sureness() + "."
                    : "");
            if (finding.cures() != shownCures || finding.sought() != sought) {
                sought = finding.sought();
                shownCures = finding.cures();
                cures.getChildren()
                        .setAll(shownCures.stream().map(cure -> cureButton(cure, finding.left(), actions)).toList());
                if (shownCures.isEmpty() && finding.sought()) {
                    cures.getChildren().setAll(Words.of("hint", Finding.NONE_FOUND));
                }
                cures.setManaged(!cures.getChildren().isEmpty());
            }
            boolean holds = finding.verdict() == Verdict.HOLDS && shownCures.isEmpty() && !finding.sought();
            seek.setVisible(holds);
            seek.setManaged(holds);
            if (!getChildren().contains(detail)) {
                getChildren().add(detail);
            }
        }
    }

    /** A cure with what it does, as a button that makes its change. */
    public static WideButton cureButton(Finding.Cure cure, double before, Actions actions) {
        Label what = Words.of("cure-what", cure.told());
        what.setMaxWidth(Double.MAX_VALUE);
        Label effect = new Label(Finding.change(before, cure.left())
                + (cure.price().isEmpty() ? "" : " · " + cure.price()));
        effect.getStyleClass().add("cure-effect");
        VerdictStyle.set(effect, cure.verdict());
        effect.setWrapText(true);
        CachedVBox box = new CachedVBox(what, effect);
        if (!cure.worsens().isEmpty()) {
            Label but = new Label("but then " + String.join("; ", cure.worsens()));
            but.getStyleClass().add("hint");
            VerdictStyle.set(but, Verdict.GIVES);
            but.setWrapText(true);
            box.getChildren().add(but);
        }
        WideButton button = new WideButton(box, "cure");
        button.setAccessibleText("Apply: " + cure.what() + ", left over " + Finding.change(before, cure.left()));
        button.setOnAction(e -> {
            button.setSelected(false);
            actions.apply(cure);
        });
        return button;
    }
}

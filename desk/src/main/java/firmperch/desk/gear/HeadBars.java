package firmperch.desk.gear;

import firmperch.check.Finding;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Spacer;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.Words;
import firmperch.search.Assessment;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiPredicate;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What the gear asks of its head, the most of it first: each question with how much of what is there it takes. */
final class HeadBars extends CachedVBox {
    private static final int MOST = 6;

    private final List<Row> rows = new ArrayList<>();

    HeadBars() {
        super(6);
        getStyleClass().add("head-bars");
        getChildren().add(Words.heading("What it asks of the head"));
    }

    void show(Assessment assessment, BiPredicate<Assessment, Finding> about) {
        UnitSystem units = assessment.project().units();
        List<Finding> told = assessment.findings().stream().filter(f -> about.test(assessment, f))
                .filter(f -> f.reading().asked() > 0).sorted(Comparator.comparingDouble(Finding::left))
                .limit(MOST).toList();
        setVisible(!told.isEmpty());
        setManaged(!told.isEmpty());
        while (rows.size() < told.size()) {
            Row row = new Row();
            rows.add(row);
            getChildren().add(row);
        }
        for (int i = 0; i < rows.size(); i++) {
            boolean seen = i < told.size();
            rows.get(i).setVisible(seen);
            rows.get(i).setManaged(seen);
            if (seen) {
                rows.get(i).show(told.get(i), units);
            }
        }
    }

    private static final class Row extends VBox {
        private final Label question = new Label();
        private final Label figures = new Label();
        private final ProgressBar bar = new ProgressBar();

        Row() {
            super(2);
            figures.getStyleClass().add("station");
            bar.setMaxWidth(Double.MAX_VALUE);
            bar.setPrefHeight(6);
            bar.setMinHeight(6);
            getChildren().addAll(new HBox(8, question, Spacer.wide(), figures), bar);
        }

        void show(Finding finding, UnitSystem units) {
            question.setText(finding.question().words());
            figures.setText(finding.figures(units));
            bar.setProgress(Math.clamp(1 / finding.left(), 0, 1));
            bar.setAccessibleText(question.getText() + " " + figures.getText());
            VerdictStyle.set(bar, finding.verdict());
            VerdictStyle.set(figures, finding.verdict());
        }
    }
}

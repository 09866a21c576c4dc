package firmperch.desk.kind;

import firmperch.choose.Card;
import firmperch.choose.Demands;
import firmperch.choose.Trait;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.Words;
import firmperch.project.Project;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Two kinds beside each other, trait by trait; the better figure of each stands out. */
final class SideBySide extends CachedVBox {
    private final GridPane table = new GridPane();
    private List<Card> shown = List.of();
    private UnitSystem system;

    SideBySide() {
        super(4);
        table.getStyleClass().add("side-by-side");
        for (double share : new double[]{30, 35, 35}) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            column.setHgrow(Priority.ALWAYS);
            column.setHalignment(HPos.LEFT);
            table.getColumnConstraints().add(column);
        }
        getChildren().addAll(Words.heading("Side by side"), table);
    }

    /** One or two of them. */
    void show(List<Card> cards, Project project) {
        UnitSystem units = project.units();
        if (units == system && cards.size() == shown.size()
                && IntStream.range(0, cards.size()).allMatch(i -> cards.get(i) == shown.get(i))) {
            return;
        }
        shown = cards;
        system = units;
        table.getChildren().clear();
        int row = 0;
        add(0, row, Words.of("hint", ""));
        for (int i = 0; i < cards.size(); i++) {
            add(i + 1, row, Words.of("station", cards.get(i).label()));
        }
        row++;
        add(0, row, Words.of("hint", "verdict"));
        for (int i = 0; i < cards.size(); i++) {
            Card card = cards.get(i);
            Label verdict = Words.of("figures", card.verdict().map(v -> v.word()).orElse("cannot work here"));
            card.verdict().ifPresent(v -> VerdictStyle.set(verdict, v));
            add(i + 1, row, verdict);
        }
        for (Trait trait : Trait.values()) {
            row++;
            add(0, row, Words.of("hint", trait.label()));
            for (int i = 0; i < cards.size(); i++) {
                Card card = cards.get(i);
                Label figure = Words.of("figures",
                        card.assessed().isEmpty() ? "–" : Words.unbroken(trait.words(card.figure(trait), project)));
                if (cards.size() == 2 && better(trait, card, cards.get(1 - i))) {
                    figure.getStyleClass().add("formula");
                }
                add(i + 1, row, figure);
            }
        }
        for (Demands demands : Demands.values()) {
            row++;
            add(0, row, Words.of("hint", demands.label()));
            for (int i = 0; i < cards.size(); i++) {
                add(i + 1, row, Words.of("figures", Words.unbroken(cards.get(i).demand(demands))));
            }
        }
    }

    private void add(int column, int row, Label label) {
        GridPane.setValignment(label, VPos.TOP);
        table.add(label, column, row);
    }

    private static boolean better(Trait trait, Card card, Card other) {
        OptionalDouble mine = card.figure(trait);
        OptionalDouble theirs = other.figure(trait);
        if (card.assessed().isEmpty() || other.assessed().isEmpty() || mine.isEmpty() && theirs.isEmpty()) {
            return false;
        }
        if (mine.isEmpty() || theirs.isEmpty()) {
            return mine.isEmpty();
        }
        return trait.less() ? mine.getAsDouble() < theirs.getAsDouble() : mine.getAsDouble() > theirs.getAsDouble();
    }
}

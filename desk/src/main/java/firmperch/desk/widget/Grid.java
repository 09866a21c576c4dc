package firmperch.desk.widget;

import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** Rows of words under headings. */
public final class Grid extends GridPane {
    private int next;

    /**
     * A grid with those headings.
     *
     * @param shares of the width that each column takes, in per cent
     */
    public Grid(double[] shares, String... headings) {
        getStyleClass().add("table");
        for (double share : shares) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            getColumnConstraints().add(column);
        }
        add("table-head", headings);
    }

    /** Adds a row. */
    public void row(String... cells) {
        add("table-cell", cells);
    }

    private void add(String style, String... cells) {
        for (int i = 0; i < cells.length; i++) {
            Label label = new Label(cells[i]);
            label.setWrapText(true);
            label.getStyleClass().add(style);
            label.setMaxWidth(Double.MAX_VALUE);
            add(label, i, next);
        }
        next++;
    }
}

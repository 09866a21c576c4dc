package firmperch.desk.widget;

import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** A row of a table whose words wrap within their columns; rows of the same shares stand in line. */
public final class TableRow extends GridPane {
    private final Heights heights = new Heights();

    private TableRow(String style, double[] shares, String... cells) {
        getStyleClass().add("table");
        for (int i = 0; i < cells.length; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(shares[i]);
            getColumnConstraints().add(column);
            Label label = Words.of(style, cells[i]);
            label.setMaxWidth(Double.MAX_VALUE);
            add(label, i, 0);
        }
    }

    /** Called whenever anything inside has changed, and by the constructor of what this extends. */
    @Override
    public void requestLayout() {
        if (heights != null) {
            heights.forget();
        }
        super.requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return heights.at(width, super::computePrefHeight);
    }

    /** @param shares of the width that each column takes, in per cent */
    public static TableRow head(double[] shares, String... cells) {
        return new TableRow("table-head", shares, cells);
    }

    /** @param shares of the width that each column takes, in per cent */
    public static TableRow of(double[] shares, String... cells) {
        return new TableRow("table-cell", shares, cells);
    }
}

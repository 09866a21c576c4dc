package firmperch.desk.widget;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** A row of a table whose text wraps within its columns. Rows with the same shares line up. */
public final class TableRow extends CachedVBox {
    private TableRow(String style, double[] shares, String... cells) {
        GridPane row = new GridPane();
        row.getStyleClass().add("table");
        for (int i = 0; i < cells.length; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(shares[i]);
            row.getColumnConstraints().add(column);
            Label label = Words.of(style, cells[i]);
            label.setMaxWidth(Double.MAX_VALUE);
            row.add(label, i, 0);
        }
        getChildren().add(row);
    }

    /** @param shares of the width that each column takes, in per cent */
    public static TableRow head(double[] shares, String... cells) {
        return new TableRow("table-head", shares, cells);
    }

    /**
     * A row that ends in something to press.
     *
     * @param shares of the width that each column takes, in per cent
     */
    public static TableRow of(double[] shares, Node last, String... cells) {
        TableRow row = of(shares, cells);
        GridPane grid = (GridPane) row.getChildren().getFirst();
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(shares[cells.length]);
        grid.getColumnConstraints().add(column);
        grid.add(last, cells.length, 0);
        return row;
    }

    /** @param shares of the width that each column takes, in per cent */
    public static TableRow of(double[] shares, String... cells) {
        return new TableRow("table-cell", shares, cells);
    }
}

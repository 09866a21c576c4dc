package firmperch.desk.widget;

import firmperch.stock.Catalogue;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import javafx.geometry.Orientation;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/**
 * A label and what it is of. All editors of a panel begin at one edge and are equally wide; a label that is too long for one line
 * before its editor takes two. A list stands below its label, as wide as the panel, while the name chosen would be cut beside it.
 */
public final class FieldLine extends Region {
    /** As wide as the longest name in the lists, px. */
    private static final double EDITOR = 152;
    private static final double GAP = 6;

    /** What of a closed list is not its name: its edge, the room before it and its arrow, px. */
    private static final double ARROW = 36;
    private static final double ABOVE = 2;
    private static final Font NAMES = Font.font("IBM Plex Sans", 12);
    /** How wide names are, px: lists of the same things come again in every panel. Read and written by the interface alone. */
    private static final Map<String, Double> WIDE = new HashMap<>();

    private final Label label;
    private final Control editor;
    private Object measured;
    private boolean below;

    /** A line of the form. */
    public FieldLine(Label label, Control editor) {
        this.label = label;
        this.editor = editor;
        getStyleClass().add("field-line");
        label.setLabelFor(editor);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        editor.setMinWidth(0);
        if (editor instanceof ComboBox<?> list) {
            list.valueProperty().addListener((o, was, is) -> requestLayout());
        }
        getChildren().addAll(label, editor);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private double editorWidth(double width) {
        return below() ? width : Math.min(EDITOR, width);
    }

    private double labelWidth(double width) {
        return below() ? width : Math.max(1, width - editorWidth(width) - GAP);
    }

    /** True if its editor is a list and the name chosen is longer than the usual width. */
    private boolean below() {
        if (editor instanceof ComboBox<?> list && !Objects.equals(list.getValue(), measured)) {
            measured = list.getValue();
            below = measured != null && WIDE.computeIfAbsent(chosen(list), FieldLine::width) > EDITOR - ARROW;
        }
        return below;
    }

    private static <T> String chosen(ComboBox<T> list) {
        if (list.getValue() instanceof Catalogue.Row row) {
            return row.label();
        }
        return list.getConverter() == null ? list.getValue().toString() : list.getConverter().toString(list.getValue());
    }

    private static double width(String name) {
        Text words = new Text(name);
        words.setFont(NAMES);
        return words.getLayoutBounds().getWidth();
    }

    @Override
    protected double computePrefWidth(double height) {
        return EDITOR + GAP + label.prefWidth(-1);
    }

    @Override
    protected double computeMinWidth(double height) {
        return EDITOR;
    }

    @Override
    protected double computePrefHeight(double width) {
        double wide = width < 0 ? prefWidth(-1) : width;
        double high = editor.prefHeight(editorWidth(wide));
        double words = label.prefHeight(labelWidth(wide));
        return below() ? words + ABOVE + high : Math.max(high, words);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computeMaxHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double wide = editorWidth(width);
        double high = editor.prefHeight(wide);
        double words = label.prefHeight(labelWidth(width));
        label.resizeRelocate(0, below() ? 0 : (getHeight() - words) / 2, labelWidth(width), words);
        editor.resizeRelocate(width - wide, below() ? words + ABOVE : (getHeight() - high) / 2, wide, high);
    }
}

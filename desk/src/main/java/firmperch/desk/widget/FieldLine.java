package firmperch.desk.widget;

import javafx.geometry.Orientation;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/**
 * A label and what it is of. All editors of a panel begin at one edge and are equally wide; a label that is too long for one line
 * before its editor takes two.
 */
public final class FieldLine extends Region {
    /** As wide as the longest name in the lists, px. */
    private static final double EDITOR = 152;
    private static final double GAP = 6;

    private final Label label;
    private final Control editor;

    /** A line of the form. */
    public FieldLine(Label label, Control editor) {
        this.label = label;
        this.editor = editor;
        getStyleClass().add("field-line");
        label.setLabelFor(editor);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        editor.setMinWidth(0);
        getChildren().addAll(label, editor);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private double editorWidth(double width) {
        return Math.min(EDITOR, width);
    }

    private double labelWidth(double width) {
        return Math.max(1, width - editorWidth(width) - GAP);
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
        return Math.max(editor.prefHeight(editorWidth(wide)), label.prefHeight(labelWidth(wide)));
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
        label.resizeRelocate(0, (getHeight() - words) / 2, labelWidth(width), words);
        editor.resizeRelocate(width - wide, (getHeight() - high) / 2, wide, high);
    }
}

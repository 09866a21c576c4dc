package firmperch.desk.widget;

import javafx.geometry.Orientation;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;

/** A button as wide as its place, whose words wrap: its height follows from its width. */
public final class WideButton extends ToggleButton {
    private final Region content;
    private final Heights heights = new Heights();

    /** A button that shows that content; the style class replaces the usual look. */
    public WideButton(Region content, String styleClass) {
        this.content = content;
        setGraphic(content);
        getStyleClass().setAll(styleClass);
        setMaxWidth(Double.MAX_VALUE);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
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
        return heights.at(width, this::height);
    }

    private double height(double width) {
        double inner = (width > 0 ? width : getWidth()) - snappedLeftInset() - snappedRightInset();
        content.setPrefWidth(Math.max(60, inner));
        return snappedTopInset() + content.prefHeight(Math.max(60, inner)) + snappedBottomInset();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 200;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 60;
    }
}

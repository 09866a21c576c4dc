package firmperch.desk.widget;

import javafx.geometry.Orientation;
import javafx.scene.control.ToggleButton;

/** A button as wide as its place with wrapping text: its height follows from its width. */
public final class WideButton extends ToggleButton {
    private final CachedVBox content;

    /** A button with content; the style class replaces the usual look. */
    public WideButton(CachedVBox content, String styleClass) {
        this.content = content;
        setGraphic(content);
        getStyleClass().setAll(styleClass);
        setMaxWidth(Double.MAX_VALUE);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
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

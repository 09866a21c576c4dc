package firmperch.desk.widget;

import javafx.scene.layout.Region;

/**
 * A place whose size does not depend on what is in it, so that a change in there is laid out there alone and not all over
 * the window: what keeps a drag within its frame.
 */
public final class LayoutIsland extends Region {
    private final Region content;

    /** A place as wide as that content wants to be at first, and as high as it is made. */
    public LayoutIsland(Region content) {
        this.content = content;
        // What is not managed is laid out by itself.
        content.setManaged(false);
        getChildren().add(content);
    }

    @Override
    protected double computePrefWidth(double height) {
        return content.prefWidth(-1);
    }

    @Override
    protected double computeMinWidth(double height) {
        return content.minWidth(-1);
    }

    @Override
    protected double computeMinHeight(double width) {
        return 0;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        content.resizeRelocate(0, 0, getWidth(), getHeight());
    }
}

package firmperch.desk.widget;

import javafx.scene.layout.Region;

/**
 * A region whose size does not depend on its content, so that a change inside is laid out there alone and not in the
 * whole window. This keeps a drag within its frame.
 */
public final class LayoutIsland extends Region {
    private final Region content;

    /** A region as wide as its content wants to be at first and as high as it is given. */
    public LayoutIsland(Region content) {
        this.content = content;
        // Unmanaged content is laid out by itself.
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

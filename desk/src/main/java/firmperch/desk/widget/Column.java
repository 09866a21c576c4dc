package firmperch.desk.widget;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** A {@link VBox} that remembers how high it wants to be. */
public class Column extends VBox {
    private final Heights heights = new Heights();

    public Column(Node... children) {
        super(children);
    }

    public Column(double spacing, Node... children) {
        super(spacing, children);
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
}

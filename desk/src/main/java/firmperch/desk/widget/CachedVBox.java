package firmperch.desk.widget;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * A {@link VBox} that remembers how high it wants to be, by its width, until something in it changes. Words that wrap are measured
 * line by line; without this each box would ask for it several times, and each box around it several times again.
 */
public class CachedVBox extends VBox {
    private final Map<Double, Double> heights = new HashMap<>();

    public CachedVBox(Node... children) {
        super(children);
    }

    public CachedVBox(double spacing, Node... children) {
        super(spacing, children);
    }

    /** Called whenever anything inside has changed, and by the constructor of what this extends. */
    @Override
    public void requestLayout() {
        if (heights != null) {
            heights.clear();
        }
        super.requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        Double height = heights.get(width);
        if (height == null) {
            height = super.computePrefHeight(width);
            heights.put(width, height);
        }
        return height;
    }
}

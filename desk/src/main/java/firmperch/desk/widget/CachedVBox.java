package firmperch.desk.widget;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * A {@link VBox} that remembers its preferred height for a width until something inside changes. Wrapped text is
 * measured line by line, and each enclosing box would ask for it several times again.
 */
public class CachedVBox extends VBox {
    private final Map<Double, Double> heights = new HashMap<>();

    public CachedVBox(Node... children) {
        super(children);
    }

    public CachedVBox(double spacing, Node... children) {
        super(spacing, children);
    }

    /** Called when anything inside has changed, and by the super constructor. */
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

package firmperch.desk.widget;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;

/**
 * Buttons of which one is chosen: with the pointer, or with the arrow keys, which choose as they go from one to the next. Clicked
 * again it stays chosen and is told once more. A plain group of buttons marks what the arrows come to and tells nobody.
 */
public final class OneOf {
    private final ToggleGroup group = new ToggleGroup();
    private final Map<ToggleButton, Runnable> told = new HashMap<>();
    private boolean quiet;

    public OneOf() {
        group.selectedToggleProperty().addListener((o, was, is) -> {
            if (!quiet && is instanceof ToggleButton button) {
                told.get(button).run();
            }
        });
    }

    /**
     * One more.
     *
     * @param chosen told when it is chosen by hand
     */
    public void add(ToggleButton button, Runnable chosen) {
        told.put(button, chosen);
        button.setToggleGroup(group);
        button.setOnAction(e -> {
            if (!button.isSelected()) {
                show(button);
                chosen.run();
            }
        });
    }

    /** One less: whoever is in the group is kept by it. */
    public void remove(ToggleButton button) {
        quietly(() -> button.setToggleGroup(null));
        told.remove(button);
    }

    /** Shows one as chosen, and tells nobody; none if it is null. */
    public void show(ToggleButton button) {
        quietly(() -> group.selectToggle(button));
    }

    private void quietly(Runnable change) {
        boolean was = quiet;
        quiet = true;
        change.run();
        quiet = was;
    }
}

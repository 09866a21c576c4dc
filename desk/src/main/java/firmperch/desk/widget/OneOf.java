package firmperch.desk.widget;

import java.util.List;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;

/**
 * Buttons of which one is chosen: with the pointer, or with the arrow keys, which choose as they go from one to the next. Clicked
 * again it stays chosen and is told once more. A plain group of buttons marks what the arrows come to and tells nobody.
 */
public final class OneOf {
    private final ToggleGroup group = new ToggleGroup();

    /**
     * One more.
     *
     * @param chosen told when it is chosen by hand
     */
    public void add(ToggleButton button, Runnable chosen) {
        button.setToggleGroup(group);
        button.setOnAction(e -> {
            show(button);
            // Not as the group tells of it: what follows may take buttons out of the group, which must not be in the midst of telling.
            chosen.run();
        });
        button.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            switch (e.getCode()) {
                case UP, LEFT -> go(button, -1, e);
                case DOWN, RIGHT -> go(button, 1, e);
                default -> {
                    // All other keys are the button's.
                }
            }
        });
    }

    /** To the next that can be chosen, round at the end. */
    private void go(ToggleButton from, int way, KeyEvent e) {
        e.consume();
        List<Toggle> all = group.getToggles();
        for (int i = 1; i < all.size(); i++) {
            if (all.get(Math.floorMod(all.indexOf(from) + i * way, all.size())) instanceof ToggleButton next
                    && !next.isDisabled()) {
                next.requestFocus();
                next.fire();
                return;
            }
        }
    }

    /** One less: whoever is in the group is kept by it. */
    public void remove(ToggleButton button) {
        button.setToggleGroup(null);
    }

    /** Shows one as chosen, and tells nobody; none if it is null. */
    public void show(ToggleButton button) {
        group.selectToggle(button);
    }
}

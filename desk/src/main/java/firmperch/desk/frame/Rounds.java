package firmperch.desk.frame;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Toggle;

/** The keyboard's way around the parts of the desk, which each begin with the first thing in them that takes the focus. */
record Rounds(List<Parent> parts) {
    /**
     * To the next part that has something for the keyboard.
     *
     * @param from what has the focus; if it is in none of the parts, or null, it begins with the first
     * @param way 1 for the next, −1 for the one before
     */
    void go(Node from, int way) {
        int at = at(from);
        int start = at < 0 ? (way > 0 ? parts.size() - 1 : 0) : at;
        Stream.iterate(1, i -> i + 1).limit(parts.size())
                .map(i -> first(parts.get(Math.floorMod(start + i * way, parts.size())))).flatMap(Optional::stream)
                .findFirst().ifPresent(Rounds::enter);
    }

    /** There and back again with the keys' own steps: only what they come to is marked as having the focus. */
    private static void enter(Node node) {
        node.requestFocus();
        if (node.requestFocusTraversal(TraversalDirection.NEXT)) {
            node.getScene().getFocusOwner().requestFocusTraversal(TraversalDirection.PREVIOUS);
            if (!node.isFocused()) {
                node.requestFocus();
            }
        }
    }

    /** True if it is in one of the parts. */
    boolean within(Node node) {
        return at(node) >= 0;
    }

    private int at(Node node) {
        for (Node up = node; up != null; up = up.getParent()) {
            int at = parts.indexOf(up);
            if (at >= 0) {
                return at;
            }
        }
        return -1;
    }

    /** True if nothing hides it. */
    static boolean seen(Node node) {
        for (Node up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return node.getScene() != null;
    }

    /** What the tab key would come to first in a part. */
    private static Optional<Node> first(Node in) {
        if (!in.isVisible() || in.isDisabled()) {
            return Optional.empty();
        }
        if (in.isFocusTraversable()) {
            return in instanceof Toggle one && one.getToggleGroup() != null
                    && one.getToggleGroup().getSelectedToggle() != null && !one.isSelected()
                            ? Optional.empty()
                            : Optional.of(in);
        }
        return in instanceof Parent parent
                ? parent.getChildrenUnmodifiable().stream().map(Rounds::first).flatMap(Optional::stream).findFirst()
                : Optional.empty();
    }
}

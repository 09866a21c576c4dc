package firmperch.desk.widget;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.Parent;

/**
 * A column that fills over several frames. Making and styling a control takes milliseconds, so a panel of sixty
 * fields made at once would block the hand. Nothing is made before the column is in a window, because it could not be
 * styled there.
 */
public class IncrementalColumn extends CachedVBox {
    /** How many are shown together: repainting the window for each one would take longer than making it. */
    private static final int TOGETHER = 12;

    private final OverFrames frames = new OverFrames();
    /** Nodes taken out for a while, which come back before anything new. */
    private final Deque<Node> returning = new ArrayDeque<>();
    private final Deque<Supplier<? extends Node>> coming = new ArrayDeque<>();
    /** Nodes in the column that are not shown yet. */
    private final List<Node> ready = new ArrayList<>();
    /** The node that had the keyboard when it was taken out. */
    private Node focused;

    public IncrementalColumn() {
        sceneProperty().addListener((o, was, is) -> go());
    }

    /** Adds what these suppliers make, replacing what was still to come. */
    public final void add(Collection<? extends Supplier<? extends Node>> makers) {
        coming.clear();
        coming.addAll(makers);
        go();
    }

    /** Empties the column and fills it anew. */
    public final void fill(Collection<? extends Supplier<? extends Node>> makers) {
        returning.clear();
        ready.clear();
        getChildren().clear();
        add(makers);
    }

    /** Removes a node for good. */
    public final void drop(Node node) {
        returning.remove(node);
        ready.remove(node);
        getChildren().remove(node);
    }

    /** True while there is more to add. */
    public final boolean filling() {
        return !returning.isEmpty() || !coming.isEmpty();
    }

    private void go() {
        if (getScene() != null && !filling()) {
            reveal();
        } else if (getScene() != null) {
            frames.begin(Collections.nCopies(returning.size() + coming.size(), this::next));
        }
    }

    private void next() {
        if (!filling()) {
            // It was removed meanwhile.
            reveal();
            return;
        }
        Node node = returning.isEmpty() ? coming.remove().get() : returning.remove();
        node.setVisible(false);
        ready.add(node);
        getChildren().add(node);
        node.applyCss();
        if (ready.size() >= TOGETHER || !filling()) {
            reveal();
        }
    }

    private void reveal() {
        ready.forEach(node -> node.setVisible(true));
        ready.clear();
        if (focused != null && focused.getScene() != null) {
            if (isFocused()) {
                focused.requestFocus();
            }
            focused = null;
        }
    }

    /**
     * Runs a change that restyles a whole part of the window, such as its colours. Columns inside are taken out
     * meanwhile and come back over several frames. The nodes stay the same, so nothing typed or opened in them is
     * lost.
     */
    public static void without(Parent part, Runnable change) {
        List<IncrementalColumn> columns = new ArrayList<>();
        in(part, columns);
        // Innermost first, so that the keyboard focus finds its way back through the enclosing ones.
        columns.reversed().forEach(IncrementalColumn::takeOut);
        change.run();
        columns.forEach(IncrementalColumn::go);
    }

    private static void in(Parent part, List<IncrementalColumn> columns) {
        if (part instanceof IncrementalColumn column) {
            columns.add(column);
        }
        for (Node child : part.getChildrenUnmodifiable()) {
            if (child instanceof Parent parent) {
                in(parent, columns);
            }
        }
    }

    private void takeOut() {
        Node owner = getScene() == null ? null : getScene().getFocusOwner();
        for (Node at = owner; at != null; at = at.getParent()) {
            if (at == this) {
                focused = owner;
                // A field takes what was typed in it when it loses the focus: do that while it is still here.
                requestFocus();
            }
        }
        returning.addAll(getChildren());
        ready.clear();
        getChildren().clear();
    }
}

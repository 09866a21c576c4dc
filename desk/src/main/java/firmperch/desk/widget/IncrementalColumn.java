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
 * A column that fills over as many frames as it takes. Making and styling a control costs milliseconds; a panel of sixty fields made
 * at once would hold up the hand. Nothing is made before the column is in a window, as it could not be styled there.
 */
public class IncrementalColumn extends CachedVBox {
    /** So many are shown at once: to paint the window for each of them would take longer than to make them. */
    private static final int TOGETHER = 12;

    private final OverFrames frames = new OverFrames();
    /** What was taken out, and comes back before anything else comes. */
    private final Deque<Node> returning = new ArrayDeque<>();
    private final Deque<Supplier<? extends Node>> coming = new ArrayDeque<>();
    /** What is in the column and not shown yet. */
    private final List<Node> ready = new ArrayList<>();
    /** What had the keyboard when it was taken out. */
    private Node focused;

    public IncrementalColumn() {
        sceneProperty().addListener((o, was, is) -> go());
    }

    /** Adds what those make after what is in the column, in place of what else was still to come. */
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

    /** Takes something out for good. */
    public final void drop(Node node) {
        returning.remove(node);
        ready.remove(node);
        getChildren().remove(node);
    }

    /** True while there is more to come. */
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
            // It was dropped meanwhile.
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
     * Changes something that styles all of a part of the window anew, such as its colours. What fills gradually is taken out
     * meanwhile and comes back over several frames; as it is one and the same, nothing that was typed or opened in it is lost.
     */
    public static void without(Parent part, Runnable change) {
        List<IncrementalColumn> columns = new ArrayList<>();
        in(part, columns);
        // The innermost first: so the keyboard finds its way back through those around it.
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
                // A field that is left takes what was typed in it: while it is still here.
                requestFocus();
            }
        }
        returning.addAll(getChildren());
        ready.clear();
        getChildren().clear();
    }
}

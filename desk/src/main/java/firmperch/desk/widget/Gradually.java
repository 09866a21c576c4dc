package firmperch.desk.widget;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Fills a box over as many frames as it takes. Making and styling a control costs milliseconds; a panel of sixty fields made at
 * once would hold up the hand. Nothing is made before the box is in a window, as it could not be styled there.
 */
public final class Gradually {
    /** What may be spent of a frame, which is 16 ms, ns. */
    private static final long SHARE = 6_000_000;

    private final Pane box;
    private final Deque<Supplier<? extends Node>> waiting = new ArrayDeque<>();
    private final AnimationTimer frames = new AnimationTimer() {
        @Override
        public void handle(long now) {
            some();
        }
    };

    /** @param box that is filled; in it already may stand what stays */
    public Gradually(Pane box) {
        this.box = box;
        // Not at once: the window is just taking it in.
        box.sceneProperty().addListener((o, was, is) -> frames.start());
    }

    /** Adds what those make after what is in the box, in place of what else was still to come. */
    public void add(Collection<? extends Supplier<? extends Node>> makers) {
        waiting.clear();
        waiting.addAll(makers);
        some();
    }

    /** Empties the box and fills it anew. */
    public void fill(Collection<? extends Supplier<? extends Node>> makers) {
        box.getChildren().clear();
        add(makers);
    }

    private void some() {
        long begun = System.nanoTime();
        while (box.getScene() != null && !waiting.isEmpty() && System.nanoTime() - begun < SHARE) {
            Node made = waiting.poll().get();
            box.getChildren().add(made);
            made.applyCss();
        }
        if (box.getScene() == null || waiting.isEmpty()) {
            frames.stop();
        } else {
            frames.start();
        }
    }

    /** True while there is more to come. */
    public boolean filling() {
        return !waiting.isEmpty();
    }
}

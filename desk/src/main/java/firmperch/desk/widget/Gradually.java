package firmperch.desk.widget;

import java.util.Collection;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Fills a box over as many frames as it takes. Making and styling a control costs milliseconds; a panel of sixty fields made at
 * once would hold up the hand. Nothing is made before the box is in a window, as it could not be styled there.
 */
public final class Gradually {
    private final Pane box;
    private final OverFrames frames = new OverFrames();
    private List<Runnable> held = List.of();

    /** @param box that is filled; in it already may stand what stays */
    public Gradually(Pane box) {
        this.box = box;
        box.sceneProperty().addListener((o, was, is) -> {
            if (is != null && !held.isEmpty()) {
                frames.begin(held);
                held = List.of();
            }
        });
    }

    /** Adds what those make after what is in the box, in place of what else was still to come. */
    public void add(Collection<? extends Supplier<? extends Node>> makers) {
        List<Runnable> tasks = makers.stream().<Runnable>map(maker -> () -> put(maker.get())).toList();
        if (box.getScene() == null) {
            held = tasks;
        } else {
            frames.begin(tasks);
        }
    }

    /** Empties the box and fills it anew. */
    public void fill(Collection<? extends Supplier<? extends Node>> makers) {
        box.getChildren().clear();
        add(makers);
    }

    private void put(Node made) {
        box.getChildren().add(made);
        made.applyCss();
    }

    /** True while there is more to come. */
    public boolean filling() {
        return frames.going() || !held.isEmpty();
    }
}

package firmperch.desk.panel;

import firmperch.body.Station;
import firmperch.desk.draw.Palette;
import firmperch.search.Assessment;
import javafx.scene.Node;
import javafx.scene.Parent;

/** What a step shows beside, or instead of, the drawing. */
public interface Panel {
    /** The panel at the right. */
    Node side();

    /** What stands in the middle instead of the drawing; null for the drawing. */
    default Parent middle() {
        return null;
    }

    /** What stands at the left instead of the load path; null for the load path. */
    default Parent left() {
        return null;
    }

    /** The colours that its drawings are to have. */
    default void palette(Palette colours) {
    }

    /** Shows what is known now. */
    public void show(Assessment assessment);

    /** True while it is still working something out that it will show. */
    default boolean busy() {
        return false;
    }

    /** True while it is working something out that takes long and comes bit by bit; what there is so far is whole. */
    default boolean working() {
        return false;
    }

    /** Another station of the load path was chosen; null for the place. */
    default void choose(Station station) {
    }
}

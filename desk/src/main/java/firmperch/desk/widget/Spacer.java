package firmperch.desk.widget;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Space between the items of a row. */
public final class Spacer {
    private Spacer() {
    }

    /** A spacer that takes all the space the others leave. */
    public static Region wide() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }
}

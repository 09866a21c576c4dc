package firmperch.desk.widget;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Room between the things of a row. */
public final class Spacer {
    private Spacer() {
    }

    /** One that takes all the room that the others leave. */
    public static Region wide() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }
}

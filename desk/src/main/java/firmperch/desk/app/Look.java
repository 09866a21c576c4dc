package firmperch.desk.app;

import firmperch.desk.frame.DeskView;
import javafx.scene.control.Dialog;
import javafx.scene.control.DialogPane;
import javafx.scene.layout.Region;
import javafx.stage.Window;

/** The desk's own look for what stands over it. */
final class Look {
    private Look() {
    }

    /** Gives a dialog the window's typeface and colours, light or dark, and lets its words be read whole. */
    static void give(Dialog<?> dialog, Window owner) {
        DialogPane pane = dialog.getDialogPane();
        dialog.setTitle("Firm Perch");
        dialog.setGraphic(null);
        dialog.initOwner(owner);
        pane.setMinHeight(Region.USE_PREF_SIZE);
        pane.getStylesheets().add(DeskView.STYLE);
        pane.getStyleClass().add("desk");
        if (owner.getScene().getRoot() instanceof DeskView desk && desk.dark()) {
            pane.getStyleClass().add(DeskView.DARK);
        }
    }
}

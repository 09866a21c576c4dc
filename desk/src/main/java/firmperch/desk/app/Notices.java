package firmperch.desk.app;

import firmperch.desk.widget.Words;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ScrollPane;
import javafx.stage.Window;

/** What the program is made with, and under which licences: shipped with it. */
final class Notices {
    private Notices() {
    }

    /** The text of the notices. */
    static String text() {
        try (InputStream in = Notices.class.getResourceAsStream("/firmperch/desk/notices.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException("the notices are part of the program", e);
        }
    }

    static void show(Window owner) {
        ScrollPane text = new ScrollPane(Words.of("numbers", text()));
        text.setId("notices");
        text.setFitToWidth(true);
        text.setPrefSize(640, 420);
        text.getStyleClass().add("page-scroll");
        Alert alert = new Alert(Alert.AlertType.INFORMATION, "", ButtonType.CLOSE);
        alert.setHeaderText("What it is made with");
        alert.getDialogPane().setContent(text);
        Look.give(alert, owner);
        alert.show();
    }
}

package firmperch.desk.app;

import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.Words;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ScrollPane;

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

    /** The text, a paragraph after the other: all of it at once takes long to break into lines. */
    static Sheet<Void> sheet() {
        IncrementalColumn text = new IncrementalColumn();
        text.setId("notices");
        text.setSpacing(9);
        text.fill(
                Stream.of(text().split("\n\n+")).<Supplier<Node>>map(part -> () -> Words.of("numbers", part)).toList());
        return new Sheet<Void>("What it is made with", page(text)).answer("Close", ButtonData.CANCEL_CLOSE, () -> null);
    }

    /** What is longer than a sheet should be high. */
    static ScrollPane page(IncrementalColumn content) {
        content.getStyleClass().add("page");
        ScrollPane page = new ScrollPane(content);
        page.setFitToWidth(true);
        page.setPrefSize(640, 440);
        page.getStyleClass().add("page-scroll");
        return page;
    }
}

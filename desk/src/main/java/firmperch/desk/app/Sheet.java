package firmperch.desk.app;

import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/**
 * A question, or something to read, that is laid over the desk in its own window.
 *
 * @param <T> what the answers stand for
 */
final class Sheet<T> extends VBox {
    private final ButtonBar answers = new ButtonBar();
    private Supplier<T> answered = () -> null;
    private Runnable close = () -> {
    };
    private Button first;
    private Button cancel;

    Sheet(String heading, Node content) {
        Label title = new Label(heading);
        title.getStyleClass().add("sentence");
        title.setWrapText(true);
        getStyleClass().add("sheet");
        setAccessibleRole(AccessibleRole.DIALOG);
        setAccessibleText(heading);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        // The platform decides which answer stands where.
        getChildren().addAll(title, content, answers);
    }

    /**
     * Adds an answer. The first that is added is the one that Enter gives; one that cancels is given by Esc, too.
     *
     * @param words on its button
     * @param what it is to the platform
     * @param meaning worked out when it is pressed; null for no answer
     */
    Sheet<T> answer(String words, ButtonData what, Supplier<T> meaning) {
        Button button = new Button(words);
        ButtonBar.setButtonData(button, what);
        // As wide as its own words: all as wide as the longest, they would not find room.
        ButtonBar.setButtonUniformSize(button, false);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(e -> {
            answered = meaning;
            close.run();
        });
        if (what.isCancelButton()) {
            cancel = button;
            button.setCancelButton(true);
        }
        if (first == null) {
            first = button;
            button.setDefaultButton(true);
        }
        answers.getButtons().add(button);
        return this;
    }

    /** The same where the first answer cannot be given. */
    Sheet<T> withoutFirst(boolean impossible) {
        first.setDisable(impossible);
        return this;
    }

    /** What is to be done when an answer has been given. */
    void closing(Runnable how) {
        close = how;
    }

    /** What was answered; null if nothing. */
    T answered() {
        return answered.get();
    }

    /** As if Esc had been pressed. */
    void cancel() {
        cancel.fire();
    }

    /** What has the keyboard first. */
    Node first() {
        return first.isDisabled() ? cancel : first;
    }
}

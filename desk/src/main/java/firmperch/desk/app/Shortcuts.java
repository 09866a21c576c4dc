package firmperch.desk.app;

import firmperch.desk.form.Form;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.Words;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What the keyboard does: the one list from which the window's keys, its menu and its help are made. */
final class Shortcuts {
    /** What the list of keys and words is called. */
    static final String TITLE = "Keys and words";
    /** What keys do that belong to the drawing and to fields, where they are handled. */
    private static final List<Key> ELSEWHERE = List.of(
            new Key("Up, Down", "In the drawing: lift and lower, or move out and in", null),
            new Key("Page up, Page down", "In the drawing: a step up or down", null),
            new Key("Left, Right", "In the drawing: swing; in the view at an angle: turn it", null),
            new Key("Arrows, Shift+Arrows", "In the room's plan: move what is chosen by 10 or 100 mm; at the head by 5",
                    null),
            new Key("Page up, Page down", "In the room's plan: turn what is chosen", null),
            new Key("Shortcut+C, Delete", "In the room's plan: copy what is chosen, take it out", null),
            new Key("Enter", "In a field: take the value", null),
            new Key("Esc", "In a field: leave it as it was", null),
            new Key("Tab, Shift+Tab", "To the next field or button, and back", null));

    private final List<Key> keys;

    /**
     * A combination of keys and what it does.
     *
     * @param keys as they are written in a menu: "Shortcut+S"
     * @param what it does, in words
     */
    record Key(String keys, String what, Runnable action) {
        /** As it is read. */
        String shown() {
            return keys.replace("Shortcut", mac() ? "⌘" : "Ctrl");
        }
    }

    Shortcuts(List<Key> keys) {
        this.keys = List.copyOf(keys);
    }

    private static boolean mac() {
        return System.getProperty("os.name", "").startsWith("Mac");
    }

    /** How the keys for something are read; empty if there are none. */
    String shown(String what) {
        return keys.stream().filter(k -> k.what.equals(what)).map(Key::shown).findFirst().orElse("");
    }

    /** Makes them work in a window, wherever the focus is. */
    void install(Scene scene) {
        for (Key key : keys) {
            KeyCombination keys = KeyCombination.keyCombination(key.keys);
            scene.getAccelerators().put(keys, key.action);
            // A field keeps undo to itself only as long as something has been typed in it that was not taken.
            scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
                if (keys.match(e) && scene.getFocusOwner() instanceof TextInputControl field
                        && !Form.untaken(field)) {
                    key.action.run();
                    e.consume();
                }
            });
        }
    }

    /** The list of them. */
    Sheet<Void> sheet() {
        IncrementalColumn list = new IncrementalColumn();
        list.setId("shortcuts");
        list.fill(Stream.of(
                Stream.concat(keys.stream(), ELSEWHERE.stream()).<Supplier<Node>>map(key -> () -> line(key)),
                Stream.<Supplier<Node>>of(() -> Words.heading("Words")),
                WordList.ALL.stream().<Supplier<Node>>map(entry -> () -> line(entry))).flatMap(s -> s).toList());
        return new Sheet<Void>(TITLE, Notices.page(list)).answer("Close", ButtonData.CANCEL_CLOSE, () -> null);
    }

    private static HBox line(WordList.Entry entry) {
        Label word = new Label(entry.word());
        word.getStyleClass().add("shortcut");
        word.setMinWidth(Region.USE_PREF_SIZE);
        Label means = new Label(entry.means());
        means.setWrapText(true);
        HBox.setHgrow(means, Priority.ALWAYS);
        return new HBox(word, means);
    }

    private static HBox line(Key key) {
        Label name = new Label(key.shown());
        name.getStyleClass().add("shortcut");
        return new HBox(name, new Label(key.what));
    }
}

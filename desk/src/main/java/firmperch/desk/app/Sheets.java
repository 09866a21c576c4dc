package firmperch.desk.app;

import firmperch.desk.frame.DeskView;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/**
 * The desk, and over it the sheets that ask or tell something: in the same window, as a window of its own would have to be styled
 * from nothing each time, which holds up everything for a tenth of a second. Only the uppermost can be reached; the desk waits.
 */
final class Sheets extends StackPane {
    private final DeskView desk;
    /** What is shown, the uppermost first, each on a veil of its own, with what had the keyboard before. */
    private final Deque<Shown> shown = new ArrayDeque<>();
    private final ChangeListener<Node> keyboard = (o, was, is) -> keep(is);

    private record Shown(Sheet<?> sheet, StackPane veil, Node before) {}

    Sheets(DeskView desk) {
        super(desk);
        this.desk = desk;
        sceneProperty().addListener((o, was, is) -> {
            if (is != null) {
                is.focusOwnerProperty().addListener(keyboard);
            }
        });
    }

    /** Those of a window, once its desk is there. */
    static Sheets of(Scene scene) {
        return (Sheets) scene.getRoot();
    }

    /** Lays a sheet over the desk. */
    void show(Sheet<?> sheet) {
        StackPane veil = new StackPane(sheet);
        veil.getStyleClass().addAll("desk", "veil");
        if (desk.dark()) {
            veil.getStyleClass().add(DeskView.DARK);
        }
        // The desk's keys are not for now; a sheet's own are Tab, Enter, Esc and those of its lists.
        veil.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.isShortcutDown() || e.getCode().isFunctionKey()) {
                e.consume();
            }
        });
        shown.push(new Shown(sheet, veil, getScene().getFocusOwner()));
        sheet.closing(() -> close(sheet));
        getChildren().add(veil);
        sheet.first().requestFocus();
    }

    /** Lays a sheet over the desk and waits for its answer; everything else goes on meanwhile. */
    <T> Optional<T> ask(Sheet<T> sheet) {
        show(sheet);
        sheet.closing(() -> {
            close(sheet);
            Platform.exitNestedEventLoop(sheet, null);
        });
        Platform.enterNestedEventLoop(sheet);
        return Optional.ofNullable(sheet.answered());
    }

    private void close(Sheet<?> sheet) {
        shown.stream().filter(s -> s.sheet() == sheet).findFirst().ifPresent(gone -> {
            shown.remove(gone);
            getChildren().remove(gone.veil());
            if (gone.before() != null) {
                gone.before().requestFocus();
            }
        });
    }

    /** True while there is a sheet over the desk. */
    boolean showing() {
        return !shown.isEmpty();
    }

    /** The uppermost sheet. */
    Optional<Sheet<?>> uppermost() {
        return Optional.ofNullable(shown.peek()).map(Shown::sheet);
    }

    /** Takes every sheet away, as if Esc had been pressed in each. */
    void cancelAll() {
        while (showing()) {
            shown.peek().sheet().cancel();
        }
    }

    /** The keyboard stays in the uppermost sheet. */
    private void keep(Node owner) {
        if (!showing()) {
            return;
        }
        Shown top = shown.peek();
        for (Node at = owner; at != null; at = at.getParent()) {
            if (at == top.veil()) {
                return;
            }
        }
        Platform.runLater(() -> {
            if (shown.peek() == top) {
                top.sheet().first().requestFocus();
            }
        });
    }
}

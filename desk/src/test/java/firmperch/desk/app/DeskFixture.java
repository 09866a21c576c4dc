package firmperch.desk.app;

import firmperch.desk.document.Copies;
import firmperch.desk.frame.Step;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on the demo, with answers in place of file choosers and a few words for driving it. */
final class DeskFixture {
    /** Answers given in a person's place. */
    static final class Answers implements Questions {
        Optional<Boolean> saveFirst = Optional.of(false);
        Left takeUp = Left.TAKE_UP;
        Changed changed = Changed.NOT_NOW;
        boolean overwrite;
        Path toOpen;
        Path toWrite;
        final List<String> asked = new ArrayList<>();

        @Override
        public Optional<Boolean> saveFirst(String name) {
            asked.add("save first? " + name);
            return saveFirst;
        }

        @Override
        public Left takeUp(String name, String from) {
            asked.add("take up? " + name);
            return takeUp;
        }

        @Override
        public Changed changedOutside(String file) {
            asked.add("changed outside: " + file);
            return changed;
        }

        @Override
        public boolean overwrite(String file) {
            asked.add("write over? " + file);
            return overwrite;
        }

        @Override
        public Optional<Copies.Copy> earlier(List<Copies.Copy> copies) {
            asked.add("earlier copies: " + copies.size());
            return copies.stream().findFirst();
        }

        @Override
        public File fileToOpen(Path folder) {
            return toOpen == null ? null : toOpen.toFile();
        }

        @Override
        public File folderToWrite(String title, Path folder) {
            return toWrite == null ? null : toWrite.toFile();
        }

        @Override
        public File fileToWrite(String title, String suggested, String extension, Path folder) {
            asked.add(suggested);
            return toWrite == null ? null : toWrite.toFile();
        }
    }

    final DeskApp app = new DeskApp();
    final Answers answers = new Answers();
    private final FxRobot robot;

    DeskFixture(Stage stage) {
        this(stage, null);
    }

    /** The window opened on a file. */
    DeskFixture(Stage stage, Path file) {
        this.robot = new FxRobot();
        app.ask(answers);
        app.open(stage, Opening.of(file), app::begin);
    }

    /** Waits for the desk that follows the first picture. */
    void open() {
        until("the desk comes", () -> app.desk() != null);
    }

    /** Waits until something is so. */
    void until(String what, Callable<Boolean> so) {
        waitFor(10, so, "never: " + what);
    }

    private static void waitFor(int seconds, Callable<Boolean> what, String otherwise) {
        try {
            WaitForAsyncUtils.waitFor(seconds, TimeUnit.SECONDS,
                    () -> WaitForAsyncUtils.waitForAsyncFx(5000, what));
        } catch (TimeoutException e) {
            throw new AssertionError(otherwise, e);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits until every pose has been looked at and cures are found. */
    void settle() {
        waitFor(60, () -> !app.desk().busy() && app.document().assessment().get().complete(),
                "the search does not end");
    }

    void go(Step step) {
        robot.interact(() -> app.desk().go(step));
        filled();
    }

    /** Waits until the step's panel is whole. */
    void filled() {
        until("the panel fills", () -> !app.desk().filling());
    }

    /** Types into the field of that path and presses Enter. */
    void type(String id, String text) {
        TextInputControl field = find(id);
        robot.interact(() -> {
            field.requestFocus();
            field.selectAll();
        });
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> field.replaceText(0, field.getText().length(), text));
        robot.interact(field::requestFocus);
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    String text(String id) {
        Node node = find(id);
        return node instanceof TextField field ? field.getText() : ((Label) node).getText();
    }

    @SuppressWarnings("unchecked")
    <T extends Node> T find(String id) {
        try {
            WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS,
                    () -> robot.lookup((Node n) -> id.equals(n.getId()) && seen(n)).tryQuery().isPresent());
        } catch (TimeoutException e) {
            throw new AssertionError("there is no " + id, e);
        }
        return (T) robot.lookup((Node n) -> id.equals(n.getId()) && seen(n)).query();
    }

    /** Neither in the panel of another step, which is only out of sight, nor in a row that is still to be shown. */
    private static boolean seen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /** Words anywhere in the window, once what is shown is whole; asked on the JavaFX thread, now. */
    boolean says(String words) {
        if (!Platform.isFxApplicationThread()) {
            filled();
        }
        return robot.lookup(n -> n instanceof Label label && seen(label) && label.getText() != null
                && label.getText().replace('\u00a0', ' ').contains(words)).tryQuery().isPresent();
    }

    void press(String id) {
        Node node = find(id);
        robot.interact(() -> {
            if (node instanceof javafx.scene.control.ButtonBase button) {
                button.fire();
            } else {
                throw new AssertionError(id + " is no button");
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
    }
}

package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Known;
import firmperch.body.Vec3;
import firmperch.desk.document.Copies;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.DeskView;
import firmperch.desk.frame.Step;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.TitledPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The real window, with answers in place of file choosers and a few words for driving it. It stays open from test to
 * test; each finds a new desk in it.
 */
final class DeskFixture implements BeforeEachCallback, AfterEachCallback {
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

    /** How the application is started in the window. */
    interface Start {
        void in(DeskApp app, Stage window);
    }

    /** The application that is open, and what it is open in, as long as no test has closed it. */
    private static DeskApp open;
    private static Scene in;

    /** What the mouse and the keys are moved with. */
    final Hand hand = new Hand(this::act);
    private final FxRobot robot = new FxRobot();
    private final Supplier<Opening> opening;
    private final Start start;
    DeskApp app;
    Answers answers;

    private DeskFixture(Supplier<Opening> opening, Start start) {
        this.opening = opening;
        this.start = start;
    }

    /** The whole desk on the demo, of which everything is known. */
    DeskFixture() {
        this(() -> new Opening(Known.full(Samples.wedgingBench()), null, Stamp.NONE, ""));
    }

    /** The whole desk on something else. */
    DeskFixture(Supplier<Opening> opening) {
        this(opening, null);
    }

    /** Whatever comes of that start. */
    static DeskFixture started(Start start) {
        return new DeskFixture(null, start);
    }

    /** The desk that the tests before have left open, or a new one. */
    @Override
    public void beforeEach(ExtensionContext context) throws TimeoutException {
        Stage window = FxToolkit.registerPrimaryStage();
        answers = new Answers();
        if (opening != null && open != null && window.isShowing() && window.getScene() == in
                && !open.document().closed()) {
            app = open;
            Opening next = opening.get();
            act(() -> asNew(next));
            filled();
            return;
        }
        app = new DeskApp();
        // Worked out before the window waits for it.
        Opening first = opening == null ? null : opening.get();
        act(() -> {
            end(open);
            if (window.isShowing()) {
                // A test before may have left it smaller.
                sized(window);
            }
            if (start != null) {
                start.in(app, window);
            } else {
                app.ask(answers);
                app.open(window, first, app::begin);
            }
            in = window.getScene();
        });
        if (start == null) {
            until("the desk comes", () -> app.desk() != null);
            act(app.document()::stopSearching);
        }
        open = app;
    }

    private static void sized(Stage window) {
        window.setWidth(1280);
        window.setHeight(800);
    }

    /** Opens something else in the desk, and puts everything where a new desk has it. */
    private void asNew(Opening next) {
        app.ask(answers);
        app.stage().sizeToScene();
        sized(app.stage());
        app.desk().dark(false);
        for (Node node : robot.lookup((Node n) -> n instanceof ToggleButton b && b.isSelected() && b.getId() != null
                && b.getId().startsWith("reason-")).queryAll()) {
            ((ToggleButton) node).setSelected(false);
        }
        for (Node node : robot.lookup((Node n) -> n instanceof TitledPane).queryAll()) {
            ((TitledPane) node).setExpanded(false);
        }
        app.document().stopSearching();
        app.document().open(next.assessment(), next.file(), next.stamp());
        app.desk().choose(DeskView.chosenAtFirst(app.document()));
        app.desk().say(next.trouble());
        app.desk().requestFocus();
    }

    @Override
    public void afterEach(ExtensionContext context) {
        if (context.getExecutionException().isPresent()) {
            robot.release(new KeyCode[0]);
        }
        act(() -> {
            if (app.sheets() != null) {
                app.sheets().cancelAll();
            }
            if (start != null) {
                end(app);
                open = null;
            }
        });
    }

    private static void end(DeskApp one) {
        if (one != null && !one.document().closed()) {
            one.end();
        }
    }

    /** Does something on the interface thread, and waits for what comes of it at once. */
    void act(Runnable what) {
        WaitForAsyncUtils.waitForAsyncFx(60_000, what);
        shown();
    }

    /** Waits until what has been asked for is done and painted. */
    static void shown() {
        WaitForAsyncUtils.waitForFxEvents(2);
    }

    Project project() {
        return app.document().project();
    }

    Assessment assessment() {
        return app.document().assessment().get();
    }

    /** The set pose as it is. */
    Situation now() {
        return assessment().situation();
    }

    /** Where a place of the perch is in the side view, on the screen. */
    Point2D onSide(Vec3 own) {
        DrawingPane pane = find("side-view");
        Vec3 room = now().inRoom(own);
        return pane.localToScreen(pane.pixelX(room.x()), pane.pixelY(room.z()));
    }

    /** Where it is in the plan. */
    Point2D onPlan(Vec3 own) {
        DrawingPane pane = find("plan-view");
        Vec3 room = now().inRoom(own);
        return pane.localToScreen(pane.pixelX(room.x()), pane.pixelY(room.y()));
    }

    /** No figure that is none is shown anywhere. */
    void nothingStumbles(String where) {
        assertThat(robot.lookup((Node n) -> n instanceof Labeled l && l.isVisible() && l.getText() != null
                && (l.getText().contains("NaN") || l.getText().contains("null") || l.getText().contains("∞")))
                .tryQuery()).as(where).isEmpty();
    }

    /** Waits until something is so. */
    void until(String what, Callable<Boolean> so) {
        waitFor(30, so, "never: " + what);
    }

    /** Waits until something is so that takes long on a slow machine. */
    void inTheEnd(String what, Callable<Boolean> so) {
        waitFor(180, so, "never: " + what);
    }

    private static void waitFor(int seconds, Callable<Boolean> what, String otherwise) {
        try {
            WaitForAsyncUtils.waitFor(seconds, TimeUnit.SECONDS,
                    () -> WaitForAsyncUtils.waitForAsyncFx(30_000, what));
        } catch (TimeoutException e) {
            throw new AssertionError(otherwise, e);
        }
        shown();
    }

    /** Looks at every pose and for cures from now on: what is not asked for it costs a test its time only. */
    void search() {
        act(() -> {
            if (!app.document().settled()) {
                app.document().startSearching();
            }
        });
    }

    /** Waits until every pose has been looked at, and the step's panel shows it. */
    void everyPose() {
        search();
        waitFor(60, () -> assessment().complete() && !app.desk().filling(), "the search does not end");
    }

    /** Waits until every pose has been looked at and cures are found. */
    void settle() {
        search();
        waitFor(60, () -> !app.desk().busy() && assessment().complete(),
                "the search does not end");
    }

    void go(Step step) {
        act(() -> app.desk().go(step));
        filled();
    }

    /** Every control of the step that is shown has a name for assistive technology. */
    void everyControlHasAName() {
        filled();
        for (Node node : robot.lookup((Node n) -> n.isFocusTraversable() && n.isVisible()
                && n.getScene() != null && n instanceof Control && !(n instanceof ScrollPane)).queryAll()) {
            String name = node.getAccessibleText();
            if (name == null && node instanceof Labeled labeled) {
                name = labeled.getText();
            }
            assertThat(name).as("%s", node).isNotBlank();
        }
    }

    /** Waits until the step's panel is whole. */
    void filled() {
        until("the panel fills", () -> !app.desk().filling());
    }

    /** Types into the field of that path and presses Enter. */
    void type(String id, String text) {
        TextInputControl field = find(id);
        act(() -> {
            field.requestFocus();
            field.selectAll();
        });
        shown();
        act(() -> field.replaceText(0, field.getText().length(), text));
        act(field::requestFocus);
        hand.keys(KeyCode.ENTER);
    }

    /** Clicks on what has that id. */
    void click(String id) {
        hand.click(find(id));
    }

    /** The words of a field or label, once what is shown is whole; asked on the JavaFX thread, now. */
    String text(String id) {
        if (!Platform.isFxApplicationThread()) {
            filled();
        }
        Node node = find(id);
        // A number and its unit stay in one line.
        return node instanceof TextField field ? field.getText() : ((Label) node).getText().replace('\u00a0', ' ');
    }

    @SuppressWarnings("unchecked")
    <T extends Node> T find(String id) {
        try {
            WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> there(id).isPresent());
        } catch (TimeoutException e) {
            throw new AssertionError("there is no " + id, e);
        }
        return (T) there(id).orElseThrow(() -> new AssertionError("there is no " + id + " any more"));
    }

    private Optional<Node> there(String id) {
        return asked(() -> robot.lookup((Node n) -> id.equals(n.getId()) && seen(n)).tryQuery());
    }

    /** Looked up on the JavaFX thread, as what is in the window changes under any other. */
    private static <T> T asked(Callable<T> what) {
        if (!Platform.isFxApplicationThread()) {
            return WaitForAsyncUtils.waitForAsyncFx(60_000, what);
        }
        try {
            return what.call();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    /** Neither in the panel of another step, which is only out of sight, nor in a row that is still to be shown. */
    static boolean seen(Node node) {
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
        return asked(() -> robot.lookup(n -> n instanceof Label label && seen(label) && label.getText() != null
                && label.getText().replace('\u00a0', ' ').contains(words)).tryQuery().isPresent());
    }

    void press(String id) {
        Node node = find(id);
        act(() -> {
            if (node instanceof javafx.scene.control.ButtonBase button) {
                button.fire();
            } else {
                throw new AssertionError(id + " is no button");
            }
        });
        shown();
    }
}

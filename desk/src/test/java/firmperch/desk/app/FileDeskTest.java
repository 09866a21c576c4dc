package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.check.Verdict;
import firmperch.desk.InTheWindow;
import firmperch.desk.document.Copies;
import firmperch.desk.document.Settings;
import firmperch.desk.document.UserData;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.make.Exporters;
import firmperch.param.Path;
import firmperch.stock.FacePair;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.text.Text;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Opening, saving, exporting and leaving in the real window with its real questions; only the platform's file choosers are answered. */
@InTheWindow
class FileDeskTest {
    @TempDir
    private java.nio.file.Path folder;
    private final FxRobot robot = new FxRobot();
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();
    private java.nio.file.Path chosen;
    private java.nio.file.Path begunIn;

    @BeforeEach
    void open() {
        desk.act(() -> desk.app.ask(new Dialogs(desk.app.stage()) {
            @Override
            public File fileToOpen(java.nio.file.Path begin) {
                begunIn = begin;
                return chosen == null ? null : chosen.toFile();
            }

            @Override
            public File fileToWrite(String title, String suggested, String extension, java.nio.file.Path begin) {
                begunIn = begin;
                return chosen == null ? null : chosen.toFile();
            }
        }));
    }

    private static String name(java.nio.file.Path file) {
        try {
            return ProjectFile.read(file).name();
        } catch (UnusableFile e) {
            throw new AssertionError(e.getMessage(), e);
        }
    }

    private void rename(String name) {
        desk.act(() -> desk.app.document().edit("name", name));
    }

    private Button button(String words) {
        desk.until("a button " + words, () -> robot.lookup(n -> n instanceof Button b && words.equals(b.getText()))
                .tryQuery().isPresent());
        return robot.lookup(n -> n instanceof Button b && words.equals(b.getText())).queryButton();
    }

    private void press(String words) {
        later(button(words)::fire);
    }

    /** By the keys' own action, from the event queue: the robot would wait for a dialog that comes of it. */
    private void save() {
        Platform.runLater(() -> desk.app.stage().getScene().getAccelerators()
                .get(KeyCombination.keyCombination("Shortcut+S")).run());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void later(Runnable what) {
        Platform.runLater(what);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private java.nio.file.Path opened() throws IOException {
        java.nio.file.Path file = folder.resolve("shared.perch.json");
        ProjectFile.write(file, Path.of("name").with(Samples.wedgingBench(), "As it was"));
        desk.act(() -> desk.app.openFile(file));
        desk.until("it is open", () -> desk.project().name().equals("As it was"));
        return file;
    }

    /** What is dropped on the window is opened, after the question for what is unsaved; what is no project is refused in words. */
    @Test
    void aFileIsDroppedOnTheWindow() throws IOException {
        java.nio.file.Path other = writeOther();
        java.nio.file.Path letter = Files.writeString(folder.resolve("letter.txt"), "Dear all,");
        desk.act(() -> assertThat(desk.app.open(List.of())).isFalse());
        rename("Ours");
        later(() -> desk.app.open(List.of(other.toFile(), letter.toFile())));
        press("Cancel");
        assertThat(desk.project().name()).isEqualTo("Ours");
        later(() -> desk.app.open(List.of(other.toFile(), letter.toFile())));
        press("Do not save");
        desk.until("it is open", () -> desk.project().name().equals("Other"));
        later(() -> desk.app.open(List.of(letter.toFile())));
        desk.until("it is refused", () -> desk.text("notice").contains("letter.txt"));
        assertThat(desk.project().name()).isEqualTo("Other");
    }

    /** Another window has saved meanwhile: this one says so, and under another name both stay. */
    @Test
    void aFileChangedOutsideIsSavedElsewhere() throws IOException {
        java.nio.file.Path file = opened();
        ProjectFile.write(file, Path.of("name").with(Samples.wedgingBench(), "Theirs"));
        rename("Ours");
        chosen = folder.resolve("other.perch.json");
        save();
        press("Save elsewhere …");
        desk.until("it is saved", () -> !desk.app.document().unsaved());
        assertThat(name(file)).isEqualTo("Theirs");
        assertThat(name(chosen)).isEqualTo("Ours");
        assertThat(desk.app.document().file().get()).isEqualTo(chosen);
    }

    /** Saved there all the same, what the other has written is kept beside it; not now, nothing happens. */
    @Test
    void aFileChangedOutsideIsKeptBesideIt() throws IOException {
        java.nio.file.Path file = opened();
        ProjectFile.write(file, Path.of("name").with(Samples.wedgingBench(), "Theirs"));
        rename("Ours");
        save();
        Button here = button("Save here all the same");
        desk.until("its words are read whole", () -> here.lookup(".text") instanceof Text words
                && words.getText().equals(here.getText()));
        desk.hand.keys(KeyCode.ESCAPE);
        desk.until("the question is gone", () -> !desk.app.sheets().showing());
        assertThat(name(file)).isEqualTo("Theirs");
        assertThat(desk.app.document().unsaved()).isTrue();
        desk.act(() -> desk.app.desk().requestFocus());
        save();
        press("Save here all the same");
        desk.until("it is saved", () -> !desk.app.document().unsaved());
        assertThat(name(file)).isEqualTo("Ours");
        assertThat(name(ProjectFile.previous(file))).isEqualTo("Theirs");
    }

    /** "x" was typed and x.perch.json is there: the chooser could not ask, so the window does. */
    @Test
    void aNameThatGetsItsEndingIsAskedAbout() throws IOException {
        java.nio.file.Path there = folder.resolve("x.perch.json");
        ProjectFile.write(there, Path.of("name").with(Samples.wedgingBench(), "Somebody's"));
        rename("Ours");
        chosen = folder.resolve("x");
        save();
        press("Cancel");
        assertThat(name(there)).isEqualTo("Somebody's");
        save();
        press("Write over it");
        desk.until("it is saved", () -> !desk.app.document().unsaved());
        assertThat(name(there)).isEqualTo("Ours");
        assertThat(name(ProjectFile.previous(there))).isEqualTo("Somebody's");
    }

    private void closeWindow() {
        later(() -> desk.app.stage().getOnCloseRequest()
                .handle(new WindowEvent(desk.app.stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
    }

    /** Closing with unsaved work asks, Save first and by Enter; Esc stays; not saved, a copy is kept and can be taken back. */
    @Test
    void closingAsksAndWhatIsNotSavedIsKeptAside() throws Exception {
        rename("Nearly lost");
        closeWindow();
        Button save = button("Save");
        assertThat(save.isDefaultButton()).as("Save is the first answer").isTrue();
        desk.hand.keys(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.app.stage().isShowing()).isTrue();
        assertThat(desk.app.document().closed()).isFalse();
        later(() -> desk.app.openFile(writeOther()));
        press("Do not save");
        desk.until("the other is open", () -> desk.project().name().equals("Other"));
        later(() -> menu("file-earlier-copies").fire());
        desk.until("the copies are listed", () -> robot.lookup("#earlier-copies").tryQuery().isPresent());
        press("Open the copy");
        desk.until("it is back", () -> desk.project().name().equals("Nearly lost"));
        assertThat(desk.app.document().unsaved()).isTrue();
        assertThat(desk.app.document().file().get()).isNull();
    }

    private java.nio.file.Path writeOther() {
        try {
            java.nio.file.Path other = folder.resolve("other.perch.json");
            ProjectFile.write(other, Path.of("name").with(Samples.wedgingBench(), "Other"));
            return other;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private javafx.scene.control.MenuItem menu(String id) {
        javafx.scene.control.MenuButton file = desk.find("file-menu");
        return file.getItems().stream().filter(i -> id.equals(i.getId())).findFirst().orElseThrow();
    }

    /** New begins with what is filmed, on an empty bench; names are typed where they stand. */
    @Test
    void newBeginsWithTheShot() {
        desk.go(Step.PERCH);
        desk.hand.keys(KeyCode.CONTROL, KeyCode.N);
        desk.until("a new one is open", () -> desk.project().name().equals("New perch"));
        assertThat(((DrawingPane) desk.find("lens-view")).isVisible()).isTrue();
        assertThat(desk.project().perch().none()).isTrue();
        assertThat(desk.assessment().verdict()).isEqualTo(Verdict.HOLDS);
        desk.click("project-name");
        desk.type("rename-name", "Carving bench");
        assertThat(desk.project().name()).isEqualTo("Carving bench");
        desk.click("project-studio");
        desk.type("rename-studio", "The old dairy");
        assertThat(desk.project().studio()).isEqualTo("The old dairy");
        // What cannot be a name is refused with a sentence, and the last good one stays.
        desk.click("project-name");
        desk.type("rename-name", "   ");
        assertThat(desk.project().name()).isEqualTo("Carving bench");
        desk.hand.keys(KeyCode.ESCAPE);
        assertThat(desk.text("project-name")).isEqualTo("Carving bench");
    }

    /** Undo says what it takes back, in every step, and by its keys in a field that holds nothing new. */
    @Test
    void undoNamesWhatItUndoes() {
        desk.act(() -> desk.app.document().edit("perch.arm.links.length", 0.5));
        assertThat(((Button) desk.find("undo")).getTooltip().getText()).isEqualTo("Undo: Link length");
        desk.act(() -> desk.app.document().edit("stance.joints.arm.lift", 0.1));
        assertThat(((Button) desk.find("undo")).getTooltip().getText()).isEqualTo("Undo: the pose");
        desk.go(Step.PLACE);
        Node field = desk.find("place.room.ceiling");
        desk.act(field::requestFocus);
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
        assertThat(((Button) desk.find("redo")).getTooltip().getText()).isEqualTo("Redo: Link length");
    }

    @Test
    void theKeyboardIsListed() {
        desk.hand.keys(KeyCode.F1);
        desk.until("the list is there, words and all", () -> robot.lookup("#shortcuts .label")
                .queryAllAs(Label.class).stream().anyMatch(l -> l.getText().equals("Words")));
        Set<Label> words = robot.lookup("#shortcuts .label").queryAllAs(Label.class);
        assertThat(words).extracting(Label::getText).contains("Ctrl+S", "Save", "Ctrl+Z", "Undo", "F1", "Ctrl+4",
                "Perch",
                "Page up, Page down");
        press("Close");
        assertThat(desk.app.sheets().showing()).isFalse();
    }

    /** The desk under a sheet is out of reach: for the mouse, for its keys, for Tab and for closing the window. */
    @Test
    void theDeskWaitsForAnAnswer() {
        desk.go(firmperch.desk.frame.Step.PERCH);
        rename("Ours");
        closeWindow();
        Button save = button("Save");
        desk.click("step-make");
        desk.hand.keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        for (int i = 0; i < 5; i++) {
            desk.hand.keys(KeyCode.TAB);
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(save.getScene().getFocusOwner()).isInstanceOf(Button.class)
                    .matches(b -> b.getParent().getParent() == save.getParent().getParent(), "an answer");
        }
        closeWindow();
        assertThat(desk.app.document().closed()).isFalse();
        assertThat(desk.project().name()).isEqualTo("Ours");
        assertThat(desk.app.sheets().showing()).isTrue();
        assertThat(robot.lookup("#step-perch").queryAs(javafx.scene.control.ToggleButton.class).isSelected()).isTrue();
        desk.hand.keys(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.app.sheets().showing()).isFalse();
    }

    /** An export waits for its own assessment and can be stopped: the pack that was there stays; its folder is remembered. */
    @Test
    void anExportIsStoppedOrRemembersItsPlace() throws Exception {
        chosen = Files.writeString(folder.resolve("pack.pdf"), "the pack before");
        // All holds then: no cures are sought before it is written.
        desk.act(() -> desk.app.document().edit("perch.arm.pivots.pair", FacePair.ALL.get("wood-cork")));
        desk.act(() -> {
            desk.app.export(Exporters.PACK);
            ((Button) desk.app.desk().lookup("#notice-action")).fire();
        });
        assertThat(desk.text("notice")).startsWith("Stopped");
        WaitForAsyncUtils.sleep(300, TimeUnit.MILLISECONDS);
        assertThat(chosen).hasContent("the pack before");
        chosen = folder.resolve("cuts.csv");
        desk.act(() -> desk.app.export(Exporters.CUTS));
        desk.until("it is written", () -> desk.text("notice").startsWith("Written"));
        assertThat(chosen).content().contains("Stick");
        assertThat(((Button) desk.find("notice-action")).getText()).isEqualTo("Show in folder");
        assertThat(new Settings(UserData.folder()).place(Exports.PLACE)).isEqualTo(folder.toAbsolutePath());
        desk.act(() -> desk.app.export(Exporters.CUTS));
        assertThat(begunIn).isEqualTo(folder.toAbsolutePath());
        desk.until("it is written", () -> desk.text("notice").startsWith("Written"));
    }

    /** When the Java that started it is ended, nobody can be asked: what is unsaved is there at the next start. */
    @Test
    void endedFromOutsideItKeepsItsWork() {
        rename("Half done");
        desk.act(desk.app::endUnasked);
        Copies next = new Copies(UserData.folder(), why -> {
        });
        assertThat(next.left()).extracting(c -> c.work().project().name()).contains("Half done");
        next.left().forEach(next::putAside);
        next.close();
    }

    /** A name in a script that the pack's typeface lacks is told of. */
    @Test
    void whatCannotBePrintedIsTold() {
        rename("名前");
        desk.go(firmperch.desk.frame.Step.MAKE);
        assertThat(desk.says("typeface lacks signs of “名前”")).as("before").isTrue();
        chosen = folder.resolve("pack.pdf");
        desk.act(() -> desk.app.export(Exporters.PACK));
        desk.until("it is written", () -> desk.text("notice").startsWith("Written"));
        assertThat(desk.text("notice")).contains("lacks signs of “名前”");
    }
}

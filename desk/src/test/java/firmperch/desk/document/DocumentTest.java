package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.desk.InTheWindow;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.WorkCopy;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

@InTheWindow
class DocumentTest {
    private final FxRobot robot = new FxRobot();
    private Document document;

    @TempDir
    private Path folder;

    @BeforeEach
    void open() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        robot.interact(() -> document = new Document(Samples.wedgingBench()));
    }

    @AfterEach
    void close() {
        robot.interact(document::close);
    }

    private void drag(Object gesture, double... lifts) {
        for (double lift : lifts) {
            Project project = document.project();
            robot.interact(() -> document.edit(firmperch.param.Path.of("stance.joints.arm.lift").with(project, lift),
                    gesture));
        }
    }

    @Test
    void oneGestureIsOneStepOfUndo() {
        drag("first", 0.1, 0.2, 0.3);
        drag("second", 0.4, 0.5);
        robot.interact(document::undo);
        assertThat(document.project().stance().joints()).containsEntry("arm.lift", 0.3);
        robot.interact(document::undo);
        assertThat(document.project()).isEqualTo(Samples.wedgingBench());
        robot.interact(document::redo);
        robot.interact(document::redo);
        assertThat(document.project().stance().joints()).containsEntry("arm.lift", 0.5);
        assertThat(document.canRedo()).isFalse();
    }

    @Test
    void anEditAfterUndoForgetsWhatWasUndone() {
        drag("first", 0.1);
        robot.interact(document::undo);
        drag("other", 0.22);
        assertThat(document.canRedo()).isFalse();
    }

    @Test
    void anEditThatChangesNothingIsNoStep() {
        robot.interact(() -> document.edit(Samples.wedgingBench()));
        assertThat(document.canUndo()).isFalse();
        assertThat(document.unsaved()).isFalse();
    }

    @Test
    void aRefusedEditChangesNothing() {
        assertThatThrownBy(() -> document.edit("perch.arm.links.length", 99.0)).isInstanceOf(InvalidValue.class);
        assertThat(document.project()).isEqualTo(Samples.wedgingBench());
        assertThat(document.canUndo()).isFalse();
    }

    @Test
    void unsavedIsWhatDiffersFromTheFile() throws IOException {
        Path file = folder.resolve("x.perch.json");
        drag("first", 0.1);
        assertThat(document.unsaved()).isTrue();
        robot.interact(() -> {
            try {
                Project now = document.project();
                document.saved(now, file, ProjectFile.write(file, now));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        assertThat(document.unsaved()).isFalse();
        robot.interact(document::undo);
        assertThat(document.unsaved()).as("undone past the save").isTrue();
        robot.interact(document::redo);
        assertThat(document.unsaved()).isFalse();
        assertThat(ProjectFile.read(file)).isEqualTo(document.project());
    }

    @Test
    void recoveredWorkCountsAsUnsaved() {
        robot.interact(
                () -> document.recover(new WorkCopy(Samples.wedgingBench(), folder.resolve("x.perch.json"), Stamp.NONE,
                        java.time.Instant.now())));
        assertThat(document.unsaved()).isTrue();
        assertThat(document.file().get()).isEqualTo(folder.resolve("x.perch.json"));
    }

    /** The perch stood further out than the next project's room is deep. */
    @Test
    void opensASmallerRoom() throws TimeoutException {
        Project hall = firmperch.param.Path.of("stance.x").with(
                firmperch.param.Path.of("place.room.depth").with(Samples.wedgingBench(), 20.0),
                15.0);
        robot.interact(() -> document.open(Assessor.now(hall), null, Stamp.NONE));
        robot.interact(document::startSearching);
        searched();
        assertThat(document.assessment().get().complete()).isTrue();
        robot.interact(() -> document.open(Assessor.now(Samples.wedgingBench()), null, Stamp.NONE));
        assertThat(document.project()).isEqualTo(Samples.wedgingBench());
    }

    private void searched() throws TimeoutException {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.waitForAsyncFx(2000, () -> document.working().get().isEmpty()));
    }

    @Test
    void theSearchEndsInTheSameAnswerAsTheCommandLines() throws TimeoutException {
        robot.interact(document::startSearching);
        searched();
        var expected = Assessor.full(Samples.wedgingBench(), Progress.NONE);
        assertThat(document.assessment().get().sentence()).isEqualTo(expected.sentence());
        assertThat(document.assessment().get().cureSentence()).isEqualTo(expected.cureSentence());
    }

    @Test
    void theNextEditOvertakesTheSearch() throws TimeoutException {
        robot.interact(document::startSearching);
        for (int i = 0; i < 20; i++) {
            double length = 0.6 + 0.005 * i;
            robot.interact(() -> document.edit("perch.arm.links.length", length));
        }
        searched();
        assertThat(document.assessment().get().project()).isEqualTo(document.project());
        assertThat(document.assessment().get().complete()).isTrue();
    }

    @Test
    void nothingIsSearchedBeforeItIsAskedFor() {
        assertThat(document.working().get()).isEmpty();
        assertThat(document.assessment().get().complete()).isFalse();
    }
}

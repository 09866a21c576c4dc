package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import firmperch.desk.document.UserData;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.file.WorkCopy;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The application as it starts by itself, dialogs included, with work of a gone program waiting for it. */
@InTheWindow
class LeftWorkTest {
    private final FxRobot robot = new FxRobot();
    @RegisterExtension
    private final DeskFixture window = DeskFixture.started(DeskApp::start);

    @BeforeAll
    static void leaveWorkBehind() throws IOException {
        Project work = firmperch.param.Path.of("name").with(Samples.wedgingBench(), "Half done");
        new WorkCopy(work, null, Stamp.NONE, Instant.now())
                .write(UserData.folder().resolve("copies").resolve("gone.open.json"));
        Opening.startAhead(null);
    }

    private Button button(String words) throws Exception {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> robot
                .lookup(n -> n instanceof Button button && words.equals(button.getText())).tryQuery().isPresent());
        return robot.lookup(n -> n instanceof Button button && words.equals(button.getText())).queryButton();
    }

    @Test
    void theDialogComesAndTheWorkIsTakenUpAndKept() throws Exception {
        Button yes = button("Take it up");
        robot.interact(yes::fire);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS,
                () -> window.app.document().project().name().equals("Half done"));
        assertThat(window.app.document().unsaved()).isTrue();
        Path folder = UserData.folder().resolve("copies");
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !Files.exists(folder.resolve("gone.open.json")));
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(f -> f.toString().endsWith(".open.json")).map(LeftWorkTest::text))
                    .as("a crash right after taking it up loses nothing").anyMatch(t -> t.contains("Half done"));
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}

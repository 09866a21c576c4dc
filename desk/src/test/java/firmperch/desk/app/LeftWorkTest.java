package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.document.Recovery;
import firmperch.desk.document.UserData;
import firmperch.file.Samples;
import firmperch.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The application as it starts by itself, dialogs included, with work of a gone program waiting for it. */
@ExtendWith(ApplicationExtension.class)
class LeftWorkTest {
    /** No process has this number. */
    private static final long GONE = 999_999_998L;

    private final FxRobot robot = new FxRobot();
    private final DeskApp app = new DeskApp();

    @BeforeAll
    static void leaveWorkBehind() {
        Project work = firmperch.param.Path.of("name").with(Samples.wedgingBench(), "Half done");
        new Recovery(UserData.folder(), GONE).write(work, null);
        Opening.startAhead(null);
    }

    @Start
    void start(Stage stage) {
        app.start(stage);
    }

    @AfterEach
    void close() {
        robot.interact(() -> app.document().close());
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
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> app.document().project().name().equals("Half done"));
        assertThat(app.document().unsaved()).isTrue();
        Path folder = UserData.folder().resolve("recovery");
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> {
            try (Stream<Path> kept = Files.list(folder)) {
                return kept.noneMatch(f -> f.getFileName().toString().startsWith(Long.toString(GONE)));
            }
        });
        assertThat(folder.resolve(ProcessHandle.current().pid() + ".perch.json"))
                .as("a crash right after taking it up loses nothing").isNotEmptyFile();
    }
}

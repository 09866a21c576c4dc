package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.file.ProjectFile;
import firmperch.project.Project;
import firmperch.study.Situation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The window on a kind that no line of the program knows: an arm on a post that hangs from the ceiling, with rope and cord. */
@ExtendWith(ApplicationExtension.class)
class AlienDeskTest {
    private final FxRobot robot = new FxRobot();
    private DeskFixture desk;
    private Path file;

    @Start
    void start(Stage stage) throws IOException {
        file = Files.createTempDirectory("alien").resolve("hanging.perch.json");
        Project project = Demo.of(Demo.kind("alien-hanger"));
        ProjectFile.write(file, project);
        desk = new DeskFixture(stage, file);
    }

    @BeforeEach
    void open() {
        desk.open();
    }

    @AfterEach
    void close() throws IOException {
        robot.interact(() -> desk.app.document().close());
        Files.deleteIfExists(file);
    }

    private Situation now() {
        return desk.app.document().assessment().get().situation();
    }

    private double joint(String id) {
        return now().project().stance().joints().get(id);
    }

    private Point2D onSide(Vec3 own) {
        DrawingPane pane = desk.find("side-view");
        Vec3 room = now().inRoom(own);
        return pane.localToScreen(pane.pixelX(room.x()), pane.pixelY(room.z()));
    }

    /** Its verdict, its load path and its joints are there under its own names. */
    @Test
    void itsVerdictItsPathAndItsJointsAreThere() {
        desk.settle();
        assertThat(desk.text("sentence")).startsWith("It hangs in every pose");
        assertThat(desk.says("Plate and post")).isTrue();
        assertThat(desk.says("Arm")).isTrue();
        desk.go(Step.PERCH);
        assertThat(desk.says("Drop of the arm")).isTrue();
        assertThat(desk.says("Turn of the arm")).isTrue();
    }

    @Test
    void everyStepShowsItWithoutStumbling() {
        desk.settle();
        for (Step step : Step.values()) {
            desk.go(step);
            desk.settle();
            assertThat(robot.lookup((Node n) -> n instanceof Labeled l && l.isVisible() && l.getText() != null
                    && (l.getText().contains("NaN") || l.getText().contains("null") || l.getText().contains("∞")))
                    .tryQuery()).as("%s", step).isEmpty();
        }
    }

    /** A value of the part is edited in the form that its params make, refused outside its range, and taken back. */
    @Test
    void itsPartIsEditedInAForm() {
        desk.settle();
        robot.clickOn("#station-hanger");
        desk.type("perch.hanger.length", "150 cm");
        assertThat(now().study().assembly().measures().getFirst().to().at().z()).isCloseTo(1.52, within(1e-9));
        desk.type("perch.hanger.length", "4 m");
        assertThat(desk.says("Length of the hanging post")).isTrue();
        assertThat(now().study().assembly().measures().getFirst().to().at().z()).as("the last good one stays")
                .isCloseTo(1.52, within(1e-9));
        desk.press("undo");
        assertThat(now().study().assembly().measures().getFirst().to().at().z()).isCloseTo(1.22, within(1e-9));
    }

    /** Pulled down by the camera, the arm slides down its post and the balance weight goes up. */
    @Test
    void draggingTheCameraSlidesTheArm() {
        desk.settle();
        DrawingPane pane = desk.find("side-view");
        double was = joint("hanger.drop");
        Vec3 weight = now().posed().point(now().study().assembly().bodies().get(2), Vec3.ZERO);
        Point2D camera = onSide(now().sensor());
        robot.drag(camera, MouseButton.PRIMARY).moveTo(camera.add(0, 40)).drop();
        double dropped = joint("hanger.drop") - was;
        assertThat(dropped).isCloseTo(40 / pane.scale(), within(4 / pane.scale()));
        Vec3 now = now().posed().point(now().study().assembly().bodies().get(2), Vec3.ZERO);
        assertThat(now.z() - weight.z()).isCloseTo(dropped, within(1e-9));
    }
}

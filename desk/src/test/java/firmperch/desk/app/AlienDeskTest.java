package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.desk.InTheWindow;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.file.ProjectFile;
import java.io.IOException;
import java.nio.file.Path;
import javafx.geometry.Point2D;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** The window on a kind that no line of the program knows: an arm on a post that hangs from the ceiling, with rope and cord. */
@InTheWindow
class AlienDeskTest {
    @TempDir
    private static Path folder;
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture(() -> Opening.of(folder.resolve("hanging.perch.json")));

    @BeforeAll
    static void write() throws IOException {
        ProjectFile.write(folder.resolve("hanging.perch.json"), Demo.of(Demo.kind("alien-hanger")));
    }

    private double joint(String id) {
        return desk.now().project().stance().joints().get(id);
    }

    /** Its verdict, its load path and its joints are there under its own names. */
    @Test
    void itsVerdictItsPathAndItsJointsAreThere() {
        desk.everyPose();
        assertThat(desk.text("sentence")).startsWith("It hangs in every pose");
        assertThat(desk.says("Plate and post")).isTrue();
        assertThat(desk.says("Arm")).isTrue();
        desk.go(Step.PERCH);
        assertThat(desk.says("Drop of the arm")).isTrue();
        assertThat(desk.says("Turn of the arm")).isTrue();
    }

    @Test
    void everyStepShowsItWithoutStumbling() {
        for (Step step : Step.values()) {
            desk.go(step);
            desk.filled();
            desk.nothingStumbles(step.label());
        }
    }

    /** A value of the part is edited in the form that its params make, refused outside its range, and taken back. */
    @Test
    void itsPartIsEditedInAForm() {
        desk.click("station-hanger");
        desk.type("perch.hanger.length", "150 cm");
        assertThat(desk.now().study().assembly().measures().getFirst().to().at().z()).isCloseTo(1.52, within(1e-9));
        desk.type("perch.hanger.length", "4 m");
        assertThat(desk.says("Length of the hanging post")).isTrue();
        assertThat(desk.now().study().assembly().measures().getFirst().to().at().z()).as("the last good one stays")
                .isCloseTo(1.52, within(1e-9));
        desk.press("undo");
        assertThat(desk.now().study().assembly().measures().getFirst().to().at().z()).isCloseTo(1.22, within(1e-9));
    }

    /** Pulled down by the camera, the arm slides down its post and the balance weight goes up. */
    @Test
    void draggingTheCameraSlidesTheArm() {
        DrawingPane pane = desk.find("side-view");
        double was = joint("hanger.drop");
        Vec3 weight = desk.now().posed().point(desk.now().study().assembly().bodies().get(2), Vec3.ZERO);
        Point2D camera = desk.onSide(desk.now().sensor());
        desk.hand.drag(camera, camera.add(0, 40));
        double dropped = joint("hanger.drop") - was;
        assertThat(dropped).isCloseTo(40 / pane.scale(), within(4 / pane.scale()));
        Vec3 now = desk.now().posed().point(desk.now().study().assembly().bodies().get(2), Vec3.ZERO);
        assertThat(now.z() - weight.z()).isCloseTo(dropped, within(1e-9));
    }
}

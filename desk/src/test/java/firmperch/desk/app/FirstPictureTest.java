package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.WritableImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The desk takes the place of the first picture without anything that was to be read moving. */
@InTheWindow
class FirstPictureTest {
    private final FxRobot robot = new FxRobot();
    @RegisterExtension
    private final DeskFixture window = DeskFixture.started((app, stage) -> app.open(stage, Opening.of(null), () -> {
    }));

    private WritableImage picture() {
        return WaitForAsyncUtils.waitForAsyncFx(5000, () -> window.app.stage().getScene().snapshot(null));
    }

    /** What the two pictures differ in, as many pixels. */
    private static int different(WritableImage a, WritableImage b, Rectangle2D part) {
        int count = 0;
        for (int y = (int) part.getMinY(); y < part.getMaxY(); y++) {
            for (int x = (int) part.getMinX(); x < part.getMaxX(); x++) {
                count += a.getPixelReader().getArgb(x, y) == b.getPixelReader().getArgb(x, y) ? 0 : 1;
            }
        }
        return count;
    }

    private static Bounds inScene(Node node) {
        return node.localToScene(node.getLayoutBounds());
    }

    /** What is written at the top left, in what and where, so that a failure tells what came there. */
    private static List<String> words(Parent desk) {
        return desk.lookupAll("*").stream().filter(n -> n.isVisible() && inScene(n).intersects(0, 0, 260, 60))
                .map(n -> switch (n) {
                    case Labeled labeled -> labeled.getText() + " in " + labeled.getFont() + " at " + inScene(labeled);
                    case TextInputControl field -> field.getText() + (field.isFocused() ? " (focused)" : "");
                    default -> "";
                }).filter(text -> text != null && !text.isEmpty()).toList();
    }

    @Test
    void nothingMoves() {
        FirstPicture first = (FirstPicture) window.app.stage().getScene().getRoot();
        Bounds drawing = inScene(first.views());
        Bounds side = inScene(first.lookup("#side-view"));
        Bounds rose = inScene(first.lookup("#angle-view"));
        Bounds words = inScene(first.sentence());
        WritableImage before = picture();
        robot.interact(() -> {
            window.app.begin();
            window.app.document().stop();
        });
        WaitForAsyncUtils.waitForFxEvents();
        WritableImage after = picture();
        Parent desk = window.app.stage().getScene().getRoot();
        assertThat(inScene(desk.lookup("#side-view"))).isEqualTo(side);
        assertThat(inScene(desk.lookup("#angle-view"))).isEqualTo(rose);
        assertThat(different(before, after, new Rectangle2D(0, 0, 260, 60))).as("name: %s", words(desk)).isZero();
        // What is being worked out is said over its foot.
        double foot = inScene(desk.lookup(".foot")).getMinY();
        assertThat(foot).isBetween(drawing.getMaxY() - 50, drawing.getMaxY());
        assertThat(different(before, after, new Rectangle2D(drawing.getMinX(), drawing.getMinY(), drawing.getWidth(),
                foot - drawing.getMinY()))).as("drawing").isZero();
        assertThat(different(before, after, new Rectangle2D(drawing.getMinX(), 61, drawing.getWidth(),
                words.getMaxY() - 61))).as("mark and verdict").isZero();
        assertThat(different(before, after, new Rectangle2D(0, 61, 286, 739))).as("the load path has come")
                .isPositive();
    }

    /** What takes long is said, and one button gives it up. */
    @Test
    void whatTakesLongIsSaidAndStopped() {
        boolean[] stopped = new boolean[1];
        robot.interact(() -> {
            FirstPicture empty = new FirstPicture();
            window.app.stage().getScene().setRoot(empty);
            empty.waiting("Opening a file takes long.", () -> stopped[0] = true);
            assertThat(empty.sentence().getText()).isEqualTo("Opening a file takes long.");
            ((Button) empty.lookup("#stop-opening")).fire();
        });
        assertThat(stopped[0]).isTrue();
    }
}

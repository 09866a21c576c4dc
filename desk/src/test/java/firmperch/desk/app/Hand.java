package firmperch.desk.app;

import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;

/**
 * A hand on mouse and keyboard. The platform gets what a person's would give it; only the way of the pointer is short, which
 * takes a library's robot longer than all that a test asks for.
 */
final class Hand {
    /** Places on the way of a drag at which the pointer is seen. */
    private static final int WAY = 3;

    private final Consumer<Runnable> act;
    private Robot robot;
    private Point2D at = Point2D.ZERO;

    /**
     * @param act does something on the interface thread and waits for what comes of it
     */
    Hand(Consumer<Runnable> act) {
        this.act = act;
    }

    private void does(Consumer<Robot> what) {
        act.accept(() -> {
            robot = robot == null ? new Robot() : robot;
            what.accept(robot);
        });
    }

    /** Clicks on the middle of a node. */
    void click(Node node) {
        Bounds bounds = node.localToScreen(node.getBoundsInLocal());
        click(new Point2D(bounds.getCenterX(), bounds.getCenterY()));
    }

    /** Clicks on a place on the screen. */
    void click(Point2D place) {
        press(place);
        release();
    }

    /** Takes hold of what is at a place on the screen. */
    void press(Point2D place) {
        at = place;
        does(r -> {
            r.mouseMove(place);
            r.mousePress(MouseButton.PRIMARY);
        });
    }

    /** Moves there with what is held. */
    void move(Point2D to) {
        Point2D from = at;
        at = to;
        for (int i = 1; i <= WAY; i++) {
            Point2D place = from.interpolate(to, (double) i / WAY);
            does(r -> r.mouseMove(place));
        }
    }

    /** Lets go. */
    void release() {
        does(r -> r.mouseRelease(MouseButton.PRIMARY));
    }

    /** Takes hold of what is at one place, moves it to another and lets go. */
    void drag(Point2D from, Point2D to) {
        press(from);
        move(to);
        release();
    }

    /** Presses keys, all but the last of which are held until that has been pressed. */
    void keys(KeyCode... keys) {
        does(r -> {
            for (KeyCode key : keys) {
                r.keyPress(key);
            }
            for (int i = keys.length - 1; i >= 0; i--) {
                r.keyRelease(keys[i]);
            }
        });
    }
}

package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import firmperch.desk.widget.OneOf;
import firmperch.file.Samples;
import firmperch.part.Perch;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The window by keyboard alone, every key pressed as a hand presses it. */
@InTheWindow
class KeyboardDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    private void press(KeyCode... keys) {
        desk.hand.keys(keys);
        desk.filled();
    }

    private String focus() {
        Node[] owner = new Node[1];
        desk.act(() -> owner[0] = desk.app.desk().getScene().getFocusOwner());
        return owner[0].getId();
    }

    /** What arrows come to is chosen: a tab that is marked while another step's panel stays would lie. */
    @Test
    void arrowsChooseTheStepThatTheyComeTo() {
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        press(KeyCode.F6);
        assertThat(focus()).isEqualTo("step-perch");
        press(KeyCode.LEFT);
        press(KeyCode.LEFT);
        assertThat(focus()).isEqualTo("step-place");
        assertThat(desk.find("room--1").isVisible()).as("the list of the room").isTrue();
    }

    /** The same in each list at the left, whose choice decides what the panel asks. */
    @Test
    void arrowsChooseInLists() {
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        desk.click("station-arm");
        desk.filled();
        press(KeyCode.DOWN);
        assertThat(focus()).isEqualTo("station-carriage");
        assertThat((Node) desk.find("perch.carriage.height")).as("the block's panel").isNotNull();
        press(KeyCode.CONTROL, KeyCode.DIGIT1);
        desk.click("setup-0");
        press(KeyCode.DOWN);
        assertThat(desk.project().shown()).isEqualTo(1);
    }

    /** A step gone to by its keys takes the focus along, not to the window's first corner. */
    @Test
    void theFocusGoesWithTheStep() {
        desk.click("station-arm");
        desk.filled();
        desk.act(() -> desk.find("perch.arm.links.length").requestFocus());
        press(KeyCode.CONTROL, KeyCode.DIGIT6);
        assertThat(focus()).isEqualTo("step-steady");
    }

    /** What follows a choice may take other buttons away, as a file that is opened does: found by random driving, in the toolkit's own listeners. */
    @Test
    void aChoiceMayTakeOthersAway() {
        OneOf one = new OneOf();
        ToggleButton first = new ToggleButton("first");
        ToggleButton second = new ToggleButton("second");
        ToggleButton third = new ToggleButton("third");
        desk.act(() -> {
            one.add(first, () -> {
            });
            one.add(second, () -> one.remove(third));
            one.add(third, () -> {
            });
            one.show(first);
            second.fire();
        });
        assertThat(second.isSelected()).isTrue();
        assertThat(third.getToggleGroup()).isNull();
    }

    /** A length typed and taken back, a cure applied and taken back. */
    @Test
    void changedCuredAndUndone() {
        desk.click("station-arm");
        desk.filled();
        press(KeyCode.SHIFT, KeyCode.F6);
        press(KeyCode.SHIFT, KeyCode.F6);
        assertThat(focus()).as("the panel's first").isEqualTo("perch.arm.links.length");
        press(KeyCode.CONTROL, KeyCode.A);
        for (KeyCode key : new KeyCode[]{KeyCode.DIGIT6, KeyCode.DIGIT5, KeyCode.DIGIT0, KeyCode.ENTER}) {
            desk.hand.keys(key);
        }
        desk.filled();
        assertThat(desk.text("perch.arm.links.length")).isEqualTo("650 mm");
        press(KeyCode.CONTROL, KeyCode.Z);
        Perch demo = Samples.wedgingBench().perch();
        assertThat(desk.project().perch()).isEqualTo(demo);
        desk.settle();
        desk.until("a cure is told", () -> desk.says("Cheapest cure"));
        press(KeyCode.CONTROL, KeyCode.DIGIT6);
        press(KeyCode.F6);
        press(KeyCode.F6);
        assertThat(focus()).isEqualTo("apply-cure");
        press(KeyCode.ENTER);
        assertThat(desk.project().perch()).isNotEqualTo(demo);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.project().perch()).isEqualTo(demo);
    }
}

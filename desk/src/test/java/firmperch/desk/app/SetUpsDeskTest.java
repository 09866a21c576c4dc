package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.desk.InTheWindow;
import firmperch.desk.frame.Step;
import firmperch.file.Samples;
import firmperch.part.Parts;
import firmperch.project.SetUp;
import firmperch.study.Situation;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What is to be filmed, said in the window: every view that a rig must give, with a rig and before there is one. */
@InTheWindow
class SetUpsDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    private List<String> names() {
        return desk.project().setUps().stream().map(SetUp::name).toList();
    }

    private void pick(String menu, String words) {
        MenuButton button = desk.find(menu);
        desk.act(() -> button.getItems().stream().filter(i -> i.getText().contains(words)).findFirst().orElseThrow()
                .fire());
        desk.filled();
    }

    /** An empty bench, an A3 sheet from above and a close-up of 150 × 85: said, seen, and a rig put where they want it. */
    @Test
    void fromAnEmptyBenchToARigForTwoViews() {
        desk.hand.keys(KeyCode.CONTROL, KeyCode.N);
        desk.until("a new one is open", () -> desk.project().name().equals("New perch"));
        desk.filled();
        assertThat(desk.project().perch().none()).isTrue();
        assertThat(desk.assessment().sentence()).startsWith("No rig holds the camera yet.");
        pick("usual-areas", "A3");
        assertThat(desk.project().setUp().wanted().width()).isEqualTo(0.42);
        Situation held = desk.now();
        assertThat(held.sensorDistance()).as("the camera follows what is wanted")
                .isCloseTo(held.distanceWanted() + 0.003, within(1e-3));
        desk.click("setup-add");
        desk.filled();
        desk.type("setUp.name", "Close-up");
        desk.type("shot.wanted.depth", "85");
        desk.type("shot.wanted.width", "150");
        desk.type("shot.handsRoom", "60");
        assertThat(names()).containsExactly("Overhead", "Close-up");
        assertThat(desk.now().sensorDistance()).isCloseTo(desk.now().distanceWanted() + 0.003, within(1e-3));
        for (Step step : List.of(Step.PERCH, Step.STEADY, Step.MAKE, Step.PROVE)) {
            desk.go(step);
            desk.filled();
            assertThat(desk.says("No rig yet")).as(step.label()).isTrue();
            desk.nothingStumbles(step.label());
        }
        desk.click("build-pack");
        assertThat(desk.says("there is no rig yet to be made")).isTrue();
        pick("first-kinds", Parts.kinds().getFirst().label());
        desk.until("a rig stands", () -> !desk.project().perch().none());
        desk.filled();
        assertThat(desk.now().study().inEach()).allSatisfy(s -> assertThat(s.offCentre().length()).isLessThan(0.021));
        assertThat(names()).containsExactly("Overhead", "Close-up");
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.project().perch().none()).as("one undo takes the rig away again").isTrue();
    }

    /** Which one is shown is no change: nothing to save, nothing to undo, and every finding stays. */
    @Test
    void switchingChangesNothing() {
        desk.go(Step.SHOT);
        desk.filled();
        desk.click("setup-1");
        desk.filled();
        assertThat(desk.project().setUp().name()).isEqualTo("Close-up");
        assertThat(desk.now().project().stance()).isEqualTo(Samples.wedgingBench().setUps().get(1).stance());
        assertThat(desk.app.document().unsaved()).isFalse();
        assertThat(desk.app.document().canUndo()).isFalse();
        assertThat(((javafx.scene.control.TextField) desk.find("shot.wanted.width")).getText()).isEqualTo("150 mm");
        CheckBox ghosts = desk.find("setup-ghosts");
        desk.act(ghosts::fire);
        desk.filled();
        assertThat(ghosts.isSelected()).isTrue();
        desk.nothingStumbles("ghosts");
        desk.click("setup-0");
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
    }

    @Test
    void theyAreCopiedMovedAndDeletedAndUndone() {
        desk.go(Step.SHOT);
        desk.filled();
        desk.click("setup-add");
        assertThat(names()).containsExactly("Overhead", "Set-up 3", "Close-up");
        desk.filled();
        assertThat(((Button) desk.find("undo")).getTooltip().getText()).isEqualTo("Undo: the set-ups");
        desk.click("setup-down");
        assertThat(names()).containsExactly("Overhead", "Close-up", "Set-up 3");
        assertThat(((Button) desk.find("setup-down")).isDisabled()).isTrue();
        desk.click("setup-delete");
        assertThat(names()).containsExactly("Overhead", "Close-up");
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(names()).containsExactly("Overhead", "Close-up", "Set-up 3");
        desk.filled();
        ToggleButton third = desk.find("setup-2");
        assertThat(third.getAccessibleText()).startsWith("Set-up 3");
        // Another name that is taken is refused where it is typed, and the last good one stays.
        desk.type("setUp.name", "Overhead");
        assertThat(desk.says("a name of its own for each")).isTrue();
        assertThat(names()).doesNotHaveDuplicates();
    }

    /** Each is filmed through a lens of the gear's; one more lens is there for all. */
    @Test
    void aLensIsChosenAndOneMoreIsAdded() {
        desk.go(Step.SHOT);
        desk.filled();
        ComboBox<String> choice = desk.find("setUp.lens");
        assertThat(choice.getItems()).containsExactly("24 mm", "60 mm", "one more lens …");
        desk.act(() -> choice.setValue("60 mm"));
        assertThat(desk.project().shot().focalLength()).isEqualTo(0.06);
        desk.act(() -> choice.setValue("one more lens …"));
        desk.filled();
        assertThat(desk.project().gear().lenses()).hasSize(3);
        assertThat(desk.project().setUp().lens()).isEqualTo(2);
        desk.type("shot.lens.focalLength", "35");
        assertThat(desk.project().gear().lenses().get(2).focalLength()).isCloseTo(0.035, within(1e-12));
        assertThat(desk.project().gear().lenses().get(1).focalLength()).isEqualTo(0.06);
        assertThatThrownBy(() -> desk.find("shot.zoom")).as("it does not zoom").isInstanceOf(AssertionError.class);
        desk.type("shot.lens.longest", "70");
        desk.filled();
        desk.type("shot.zoom", "1");
        assertThat(desk.project().shot().focalLength()).isCloseTo(0.07, within(1e-12));
    }

    /** After the lens is changed the rig is set anew by reach, and all is in the picture again. */
    @Test
    void theRigIsSetForIt() {
        desk.go(Step.SHOT);
        desk.filled();
        desk.type("shot.wanted.height", "0");
        double before = desk.now().sensor().z();
        assertThat(desk.now().sensorDistance()).isGreaterThan(desk.now().distanceWanted() + 0.05);
        desk.click("aim");
        desk.until("it is set", () -> desk.now().sensor().z() < before - 0.02);
        assertThat(desk.now().sensorDistance()).isBetween(desk.now().distanceWanted(),
                1.1 * desk.now().distanceWanted());
        assertThat(desk.assessment().finding("shot.picture").margin()).isGreaterThanOrEqualTo(1);
    }
}

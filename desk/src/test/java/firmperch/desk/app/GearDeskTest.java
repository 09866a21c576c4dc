package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.project.Project;
import firmperch.desk.InTheWindow;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.part.GearFacts;
import firmperch.part.GearItem;
import firmperch.study.Sight;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The head close up, edited in the window. */
@InTheWindow
class GearDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    @BeforeEach
    void gear() {
        desk.go(Step.GEAR);
        desk.filled();
    }

    private List<GearItem> items() {
        return desk.project().gear().items();
    }

    private void put(String group, String name) {
        MenuButton button = desk.find("gear-add");
        Menu menu = (Menu) button.getItems().stream().filter(i -> i.getText().equals(group)).findFirst().orElseThrow();
        MenuItem item = menu.getItems().stream().filter(i -> i.getText().startsWith(name)).findFirst().orElseThrow();
        desk.act(item::fire);
        desk.filled();
    }

    private void inAll(String mass) {
        TextField field = desk.find("gear-in-all");
        desk.act(() -> {
            field.setText(mass);
            field.getOnAction().handle(null);
        });
        desk.filled();
    }

    /** From the list it counts a quarter more until it is weighed; typed in pounds, taken off, undone. */
    @Test
    void putOnWeighedAndTakenOff() {
        double before = desk.project().gear().mass();
        put("Screens", "Monitor 5 inches");
        assertThat(items()).hasSize(7);
        assertThat(items().getLast().facts().held()).isEqualTo(GearFacts.Held.ARM);
        assertThat(desk.project().gear().mass() - before).isCloseTo(0.36 * 1.25, within(1e-9));
        assertThat(desk.text("gear-chosen")).isEqualTo("Monitor 5 inches on an arm");
        desk.type("gear.items.6.mass", "2 lb 10 oz");
        assertThat(items().getLast().mass()).isCloseTo(1.19068, within(1e-5));
        desk.act(() -> desk.find("head-front").requestFocus());
        desk.hand.keys(KeyCode.DELETE);
        desk.filled();
        assertThat(items()).hasSize(6);
        desk.press("undo");
        assertThat(items()).hasSize(7);
    }

    /** A second camera films a set-up of its own, and is not taken off while it does. */
    @Test
    void aSecondCamera() {
        put("Arms and bars", "Second camera");
        String name = items().getLast().name();
        desk.type("gear.items.6.films.0.tilt", "20");
        assertThat(items().getLast().films().getFirst().tilt()).isCloseTo(Math.toRadians(20), within(1e-9));
        desk.go(Step.SHOT);
        desk.filled();
        desk.press("setup-add");
        ComboBox<String> by = desk.find("setUp.camera");
        desk.act(() -> by.setValue(name));
        desk.filled();
        assertThat(desk.project().setUp().camera()).isEqualTo(1);
        assertThat(Math.toDegrees(Sight.of(desk.now()).slant())).isCloseTo(20, within(0.01));
        desk.type("shot.lens.focalLength", "50");
        assertThat(items().getLast().films().getFirst().lenses().getFirst().focalLength()).isEqualTo(0.05);
        desk.go(Step.GEAR);
        desk.filled();
        desk.press("gear-6");
        desk.press("gear-off");
        assertThat(desk.says("choose another camera there first")).isTrue();
        desk.press("gear-films");
        assertThat(items().getLast().films()).as("it still films").hasSize(1);
        desk.press("gear-5");
        desk.press("gear-films");
        assertThat(desk.project().gear().cameras()).hasSize(3);
    }

    /** Dragged from the front it goes aside and up or down, from the side forward; by keys in steps of 5 mm. */
    /** A phone has neither lens nor battery to take out: they are put away, which is said, and comes back with undo, when nothing is said any more. */
    @Test
    void aPhoneInTheCamerasPlace() {
        Project before = desk.project();
        desk.go(Step.SHOT);
        desk.filled();
        MenuButton kits = desk.find("usual-kits");
        desk.act(() -> kits.getItems().getFirst().fire());
        desk.filled();
        assertThat(items()).extracting(GearItem::name).contains("Phone", "Small monitor on a bracket", "Quick plate")
                .doesNotContain("Camera body", "24 mm lens");
        assertThat(desk.project().gear().camera().format().equivalent()).isTrue();
        assertThat(desk.text("notice")).startsWith("Put away, as a phone has none of it: “Camera body”");
        desk.press("undo");
        desk.filled();
        assertThat(desk.project()).isEqualTo(before);
        assertThat(desk.says("Put away")).isFalse();
    }

    @Test
    void dragged() {
        GearItem was = items().get(4);
        DrawingPane front = desk.find("head-front");
        Point2D at = front.localToScreen(front.pixelX(was.left()), front.pixelY(was.up()));
        desk.hand.drag(at, at.add(0.04 * front.scale(), -0.03 * front.scale()));
        desk.filled();
        GearItem is = items().get(4);
        assertThat(is.left()).isCloseTo(was.left() + 0.04, within(0.006));
        assertThat(is.up()).isCloseTo(was.up() + 0.03, within(0.006));
        assertThat(is.forward()).isEqualTo(was.forward());
        desk.act(() -> desk.find("head-side").requestFocus());
        desk.hand.keys(KeyCode.RIGHT);
        assertThat(items().get(4).forward()).isCloseTo(was.forward() + 0.005, within(1e-9));
        desk.press("undo");
        desk.press("undo");
        assertThat(items().get(4)).isEqualTo(was);
    }

    /** 900 g in all is one thing; what is no mass is told, and nothing changes. */
    @Test
    void inAllAndBadInput() {
        inAll("900 g");
        assertThat(items()).hasSize(1);
        assertThat(desk.text("gear-total")).isEqualTo("0.90 kg");
        inAll("a lot");
        assertThat(items()).hasSize(1);
        assertThat(desk.says("Mass of everything: “a lot”")).isTrue();
        desk.nothingStumbles("the gear");
    }

    /** A screw that is too long is told with what it has room for, a cable with what it needs; both are cured by what is asked. */
    @Test
    void whatIsAskedOfTheScrewAndTheCable() {
        desk.click("gear-head");
        desk.filled();
        desk.type("gear.mounting.length", "20");
        assertThat(desk.assessment().finding("gear.screw").reading().said().get())
                .isEqualTo("the screw goes 10 mm into the camera, and it has room for 5.5 mm");
        desk.press("undo");
        desk.type("gear.cables.0.length", "3000");
        desk.everyPose();
        assertThat(desk.assessment().finding("gear.cable@0").reading().said().get())
                .startsWith("“Mains lead” is 3000 mm long and needs ");
        desk.press("cable-add");
        desk.filled();
        assertThat(desk.project().gear().cables()).hasSize(2);
    }

    /** One's own things are kept, and offered in another project. */
    @Test
    void onesOwnAreKept() {
        desk.click("gear-2");
        desk.press("gear-keep");
        desk.until("it is kept", () -> desk.says("“Mains adapter for the battery” is kept for other projects."));
        MenuButton button = desk.find("gear-add");
        desk.act(button::show);
        desk.until("it is offered", () -> button.getItems().stream().anyMatch(i -> i instanceof Menu m
                && m.getText().equals("Your own")
                && m.getItems().stream().anyMatch(own -> own.getText().startsWith("Mains adapter"))));
        desk.act(button::hide);
        put("Your own", "Mains adapter");
        assertThat(items()).last().extracting(GearItem::name).isEqualTo("Mains adapter for the battery 2");
    }
}

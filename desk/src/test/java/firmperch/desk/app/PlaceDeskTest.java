package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.desk.InTheWindow;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.file.KeptFile;
import firmperch.file.Samples;
import firmperch.place.Muddle;
import firmperch.place.Place;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.place.Things;
import firmperch.units.UnitSystem;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** The room from above, edited in the window by mouse and by keyboard. */
@InTheWindow
class PlaceDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    @BeforeEach
    void place() {
        desk.go(Step.PLACE);
        desk.filled();
    }

    private Place room() {
        return desk.project().place();
    }

    private Thing thing(String name) {
        return room().things().stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
    }

    private Point2D at(double x, double y) {
        DrawingPane pane = desk.find("room-plan");
        return pane.localToScreen(pane.pixelX(x), pane.pixelY(y));
    }

    /** A table is put into the room, and the rig is stood on it; then it is not taken out. */
    @Test
    void theRigStandsOnATable() {
        desk.press("put-table");
        desk.filled();
        String table = desk.project().place().things().getLast().name();
        desk.go(Step.PERCH);
        desk.filled();
        desk.act(() -> desk.app.desk().choose(desk.assessment().study().assembly().stations().getFirst()));
        desk.filled();
        ComboBox<String> stands = desk.find("stands");
        assertThat(stands.getItems()).contains("the floor", "the bench", "“" + table + "”");
        desk.act(() -> stands.setValue("“" + table + "”"));
        desk.filled();
        assertThat(desk.now().feet().ground()).isCloseTo(0.75, within(1e-9));
        desk.go(Step.PLACE);
        desk.filled();
        desk.press("room-" + (room().things().size() - 1));
        desk.press("room-delete");
        assertThat(desk.says("a table or shelf that it stands on")).isTrue();
        assertThat(room().things().getLast().name()).isEqualTo(table);
    }

    /** Taken in the plan it is chosen; dragged, its fields follow; one undo puts it back. */
    @Test
    void draggedTypedAndUndone() {
        Spot was = thing("Kiln").spot();
        desk.hand.drag(at(was.x(), was.y()), at(was.x() + 0.3, was.y() + 0.1));
        desk.filled();
        Spot is = thing("Kiln").spot();
        assertThat(is.x()).isCloseTo(was.x() + 0.3, within(0.06));
        assertThat(desk.text("room-chosen")).isEqualTo("Kiln");
        int number = room().things().indexOf(thing("Kiln"));
        desk.type("place.things." + number + ".spot.x", "700");
        assertThat(thing("Kiln").spot().x()).isCloseTo(0.7, within(1e-9));
        desk.press("undo");
        desk.press("undo");
        assertThat(thing("Kiln").spot()).isEqualTo(was);
    }

    /** Everything that can be put there is put, copied, turned, moved and taken out, by buttons and keys alone. */
    @Test
    void putCopiedTurnedMovedAndTakenOut() {
        int before = room().things().size();
        desk.click("put-table");
        desk.filled();
        assertThat(desk.text("room-chosen")).isEqualTo("Bench or table");
        assertThat(room().things()).hasSize(before + 1);
        Spot put = thing("Bench or table").spot();
        desk.act(() -> desk.find("room-plan").requestFocus());
        desk.hand.keys(KeyCode.RIGHT);
        desk.hand.keys(KeyCode.SHIFT, KeyCode.UP);
        desk.hand.keys(KeyCode.PAGE_UP);
        Spot moved = thing("Bench or table").spot();
        assertThat(moved.x()).isCloseTo(put.x() + 0.01, within(1e-9));
        assertThat(moved.y()).isCloseTo(put.y() + 0.1, within(1e-9));
        assertThat(Math.toDegrees(moved.turn())).isCloseTo(15, within(1e-9));
        desk.hand.keys(KeyCode.CONTROL, KeyCode.C);
        desk.filled();
        assertThat(desk.text("room-chosen")).isEqualTo("Bench or table 2");
        desk.act(() -> desk.find("room-plan").requestFocus());
        desk.hand.keys(KeyCode.DELETE);
        desk.filled();
        assertThat(desk.text("room-chosen")).isEqualTo("Room and bench");
        assertThat(room().things()).hasSize(before + 1);
        desk.nothingStumbles("the place");
    }

    /** A lamp dragged into the camera is told in the verdict, by its name; what cannot be is told above the fields. */
    @Test
    void whatIsInTheWayIsNamed() {
        int lamp = room().things().indexOf(thing("Lamp"));
        desk.act(() -> desk.find("room-plan").requestFocus());
        desk.click("room-" + lamp);
        desk.filled();
        desk.type("place.things." + lamp + ".low", "1300");
        Spot from = thing("Lamp").spot();
        desk.hand.drag(at(from.x(), from.y()), at(1.8, 0.0));
        desk.filled();
        assertThat(desk.assessment().sentence()).contains("it hits “Lamp”");
        desk.press("undo");
        desk.press("undo");
        desk.click("put-cupboard");
        desk.filled();
        int number = room().things().size() - 1;
        desk.type("place.things." + number + ".spot.x", "1800");
        desk.type("place.things." + number + ".spot.y", "0");
        assertThat(desk.text("muddle")).contains("“Shelf or cupboard” and the bench are in one place.");
    }

    /** The bench goes where it is dragged, and the rig on the floor stays where it is in the room. */
    @Test
    void theBenchIsDragged() {
        double was = desk.project().stance().x();
        desk.hand.drag(at(1.5, -0.6), at(1.3, -0.6));
        desk.filled();
        assertThat(room().bench().from()).isCloseTo(1.22, within(0.03));
        assertThat(desk.project().stance().x()).isEqualTo(was);
    }

    /** All that may carry a rig is told, and what keeps the camera from the bench. */
    @Test
    void whatMayCarryARig() {
        for (String carrier : List.of("the floor beside it", "the bench top", "its edge", "joists above", "the wall",
                "floor to ceiling")) {
            assertThat(desk.says(carrier)).as(carrier).isTrue();
        }
        assertThat(desk.says("4 cross the bench, every 400 mm")).isTrue();
    }

    /** A room is kept under the project's name, another one is taken, and the kept one is offered again. */
    @Test
    void roomsAreKeptAndTaken() {
        Place mine = room();
        desk.click("room-keep");
        desk.until("it is kept", () -> desk.says("The room is kept as “Wedging bench”"));
        take("Spare room");
        assertThat(room().room().ceiling()).isEqualTo(2.35);
        assertThat(desk.says("into the studs only")).isTrue();
        MenuButton rooms = desk.find("rooms");
        desk.act(rooms::show);
        desk.until("the kept one is offered",
                () -> rooms.getItems().stream().anyMatch(own -> "Wedging bench".equals(own.getText())));
        desk.act(rooms::hide);
        take("Wedging bench");
        assertThat(room()).isEqualTo(mine);
    }

    /** From an empty bench: 900 g of gear, joists, a lamp, a door, a way to keep open, and what may carry a rig, by hand as a maker would. */
    @Test
    void gearAndRoomFromAnEmptyBench() {
        desk.hand.keys(KeyCode.CONTROL, KeyCode.N);
        desk.until("a new one is open", () -> desk.project().name().equals("New perch"));
        desk.go(Step.GEAR);
        desk.filled();
        TextField mass = desk.find("gear-in-all");
        desk.act(() -> {
            mass.setText("900 g");
            mass.getOnAction().handle(null);
        });
        desk.go(Step.PLACE);
        desk.filled();
        desk.type("place.room.depth", "2.6 m");
        desk.type("place.room.ceiling", "2350");
        for (String sort : List.of("lamp", "door", "way")) {
            desk.click("put-" + sort);
            desk.filled();
        }
        assertThat(desk.project().gear().mass()).isCloseTo(0.9, within(1e-9));
        assertThat(room().things()).extracting(t -> Things.of(t).variant().id()).contains("lamp", "door", "way");
        assertThat(room().room().depth()).isEqualTo(2.6);
        assertThat(desk.says("floor to ceiling")).isTrue();
        assertThat(Muddle.of(room(), UnitSystem.METRIC)).isEmpty();
        desk.nothingStumbles("the place of an empty bench");
    }

    /** Files of kept rooms and lists of gear bring what they hold into the project, and say what they could not. */
    @Test
    void filesBringWhatTheyHold(@TempDir java.nio.file.Path folder) throws Exception {
        java.nio.file.Path list = folder.resolve("mine.csv");
        java.nio.file.Files.writeString(list, "name,mass\nClamp,90 g\nLamp,bright\n");
        int before = desk.project().gear().items().size();
        desk.act(() -> desk.app.open(List.of(list.toFile())));
        desk.until("it is said", () -> desk.says("1 thing is put on. 1 line was not: Line 3: mass: “bright”"));
        assertThat(desk.project().gear().items()).hasSize(before + 1);
        java.nio.file.Path room = folder.resolve("other.room.json");
        KeptFile.ROOM.write(room, new KeptFile.Kept<>("Shed", Samples.rooms().getFirst().thing()));
        desk.act(() -> desk.app.open(List.of(room.toFile())));
        desk.until("it is another room", () -> desk.says("This is the room “Shed” now."));
        assertThat(room()).isEqualTo(Samples.rooms().getFirst().thing());
    }

    private void take(String name) {
        MenuButton rooms = desk.find("rooms");
        desk.act(() -> rooms.getItems().stream().filter(item -> item.getText().equals(name)).findFirst().orElseThrow()
                .fire());
        desk.filled();
    }
}

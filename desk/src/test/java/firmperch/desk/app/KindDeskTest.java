package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.body.Station;
import firmperch.choose.Card;
import firmperch.desk.InTheWindow;
import firmperch.desk.frame.Step;
import firmperch.desk.kind.Choice;
import firmperch.file.Stamp;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.project.Variant;
import firmperch.search.Assessor;
import java.util.List;
import java.util.Map;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.TilePane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The step Kind in the window: cards come, are put in order, compared and built on. */
@InTheWindow
class KindDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    private void kinds() {
        desk.go(Step.KIND);
        desk.inTheEnd("all kinds are worked out", () -> desk.says("each sized to reach the set-ups"));
        desk.filled();
    }

    private List<String> order() {
        Node card = desk.find("card-pipe-goalpost");
        TilePane grid = (TilePane) card.getParent();
        return grid.getChildren().stream().map(Node::getId).toList();
    }

    /** From the cards to a rig: compared, built on, undone. */
    @Test
    void comparedAndBuiltOn() {
        Project before = desk.project();
        kinds();
        desk.nothingStumbles("the kinds");
        desk.everyControlHasAName();
        assertThat(order()).contains("card-now", "card-cast-box-post", "card-plain-tripod", "card-alien");
        desk.press("card-cast-box-post");
        desk.press("card-pipe-goalpost");
        assertThat(desk.says("heaviest piece")).isTrue();
        Button build = desk.find("kind-build");
        assertThat(build.getText()).isEqualTo("Build on: Threaded-pipe goalpost on the bench");
        desk.press("kinds-both");
        desk.filled();
        desk.press("kinds-both");
        desk.press("kind-build");
        desk.until("it is built", () -> !desk.project().perch().equals(before.perch()));
        assertThat(desk.project().perch().on(Perch.BENCH)).isTrue();
        assertThat(desk.project().gear()).isEqualTo(before.gear());
        assertThat(order()).as("the cards are kept").contains("card-cast-box-post");
        desk.press("undo");
        assertThat(desk.project()).isEqualTo(before);
    }

    /** While there is no rig the cards are worked out as soon as the hands rest: opened, they are all there; of what has been edited they are not shown. */
    @Test
    void workedOutAhead() {
        Project none = desk.project().with(desk.project().setUps().stream()
                .map(one -> one.with(new Stance(1, 0, 0, Map.of()))).toList(), 0).with(Perch.NONE);
        desk.act(() -> desk.app.document().open(Assessor.now(none), null, Stamp.NONE));
        desk.go(Step.SHOT);
        Choice choice = desk.app.desk().choice();
        desk.inTheEnd("they are worked out", () -> !choice.cards().isEmpty() && !choice.going());
        List<Card> ahead = choice.cards();
        assertThat(ahead).allMatch(Card::proven).extracting(Card::id).contains("cast-box-post", "plain-tripod",
                "alien");
        desk.go(Step.KIND);
        desk.filled();
        assertThat(desk.says("each sized to reach the set-ups")).isTrue();
        assertThat(order()).contains("card-cast-box-post", "card-plain-tripod", "card-alien")
                .doesNotContain("card-now");
        assertThat(choice.cards()).as("none is worked out again").isEqualTo(ahead);
        desk.go(Step.SHOT);
        desk.act(() -> desk.app.document().edit("shot.wanted.width", 0.9));
        assertThat(choice.cards()).as("for another picture").isEmpty();
        desk.inTheEnd("they are begun again", choice::going);
        desk.act(() -> desk.app.document().edit("shot.wanted.width", 0.5));
        assertThat(choice.going()).as("an edit goes first").isFalse();
        desk.go(Step.KIND);
        assertThat(desk.says("Working them out")).as("for what is to be seen now").isTrue();
        desk.press("kinds-stop");
    }

    /** What stands there is kept, another is built on and kept, named, switched and dropped. */
    @Test
    void variantsAreKept() {
        kinds();
        desk.press("card-now");
        desk.press("variant-keep");
        desk.press("card-pipe-goalpost");
        desk.press("kind-build");
        desk.filled();
        desk.press("card-now");
        desk.press("variant-keep");
        desk.filled();
        assertThat(desk.project().variants()).extracting(Variant::name).containsExactly("Variant 1", "Variant 2");
        desk.inTheEnd("their cards have come", () -> order().containsAll(List.of("card-variant-0", "card-variant-1")));
        desk.press("card-variant-1");
        TextField name = desk.find("variant-name");
        desk.act(() -> {
            name.setText("On the bench");
            name.getOnAction().handle(null);
        });
        desk.filled();
        assertThat(desk.project().variants().get(1).name()).isEqualTo("On the bench");
        desk.press("card-variant-0");
        Button build = desk.find("kind-build");
        assertThat(build.getText()).isEqualTo("Switch to: Variant 1");
        desk.press("kind-build");
        desk.filled();
        assertThat(desk.project().perch().on(Perch.FLOOR)).isTrue();
        desk.press("variant-drop");
        desk.filled();
        assertThat(desk.project().variants()).extracting(Variant::name).containsExactly("On the bench");
        desk.press("card-now");
        desk.press("kind-own");
        desk.inTheEnd("it is listed with the others",
                () -> order().stream().anyMatch(id -> id.startsWith("card-own-")));
        assertThat(desk.says("is a kind of your own now")).isTrue();
    }

    /** Under Perch the head is swapped for a plain screw, what does not fit is told, and what carries something is not taken out. */
    @Test
    void composed() {
        desk.go(Step.PERCH);
        desk.act(() -> desk.app.desk().choose(station("head")));
        desk.filled();
        Project before = desk.project();
        MenuButton swap = desk.find("compose-swap");
        desk.act(swap::show);
        desk.inTheEnd("what fits has come", () -> swap.getItems().size() == 2);
        assertThat(swap.getItems().getFirst().getText()).startsWith("Camera screw");
        Menu not = (Menu) swap.getItems().getLast();
        assertThat(not.getItems()).anySatisfy(item -> assertThat(item.getText()).startsWith("Tripod: "));
        desk.act(() -> {
            swap.getItems().getFirst().fire();
            swap.hide();
        });
        desk.inTheEnd("it is swapped", () -> !desk.project().perch().equals(before.perch()));
        desk.press("undo");
        assertThat(desk.project()).isEqualTo(before);
        desk.filled();
        desk.press("compose-out");
        assertThat(desk.says("It cannot be taken out")).isTrue();
        TextField called = desk.find("compose-called");
        desk.act(() -> {
            called.setText("The screw from the attic");
            called.getOnAction().handle(null);
        });
        desk.filled();
        assertThat(desk.says("The screw from the attic")).isTrue();
        desk.press("undo");
        assertThat(desk.project()).isEqualTo(before);
    }

    /** A brace is hung on a foot of the goalpost and put across another corner, where it is asked what else is. */
    @Test
    void aBraceIsPutAcrossAnotherCorner() {
        desk.act(() -> desk.app.document().edit(Demo.of(Demo.kind("pipe-goalpost"))));
        desk.go(Step.PERCH);
        desk.act(() -> desk.app.desk().choose(station("feet")));
        desk.filled();
        MenuButton hang = desk.find("compose-hang");
        // Further down than the headless screen is high: it is only told that it is to be shown.
        desk.act(() -> hang.fireEvent(new Event(MenuButton.ON_SHOWING)));
        desk.inTheEnd("what fits has come", () -> hang.getItems().stream().anyMatch(KindDeskTest::brace));
        desk.act(() -> hang.getItems().stream().filter(KindDeskTest::brace).findFirst().orElseThrow().fire());
        desk.inTheEnd("it is hung on", () -> desk.project().perch().parts().getLast().on().size() == 2);
        desk.act(() -> desk.app.desk().choose(station("pipe-brace")));
        desk.filled();
        assertThat(desk.says("Do its clamps hold on their pipes")).isTrue();
        ComboBox<String> stands = desk.find("stands");
        assertThat(stands.getItems()).hasSize(6);
        desk.act(() -> stands.setValue("riser of the right foot and crossbar"));
        assertThat(desk.project().perch().parts().getLast().on()).containsExactly("feet.right-riser", "bar.pipe");
        assertThat(desk.says("on right foot and crossbar 950")).isTrue();
        desk.everyControlHasAName();
    }

    private static boolean brace(MenuItem item) {
        return item.getText() != null && item.getText().startsWith("Brace of pipe");
    }

    private Station station(String part) {
        return desk.assessment().study().assembly().stations().stream().filter(s -> s.part().equals(part)).findFirst()
                .orElseThrow();
    }

    /** What matters is put in order with the keyboard; what is not wanted goes. */
    @Test
    void inTheOrderOfWhatMatters() {
        kinds();
        assertThat(order().indexOf("card-pipe-goalpost")).isLessThan(order().indexOf("card-cast-box-post"));
        Node push = desk.find("matters-push");
        desk.act(push::requestFocus);
        for (int i = 0; i < 12; i++) {
            desk.hand.keys(KeyCode.CONTROL, KeyCode.UP);
        }
        desk.filled();
        assertThat(order().indexOf("card-cast-box-post")).as("a heavy one takes a push best")
                .isLessThan(order().indexOf("card-pipe-goalpost"));
        CheckBox only = desk.find("only-no_floor");
        desk.act(only::fire);
        desk.filled();
        assertThat(order()).contains("card-pipe-goalpost").doesNotContain("card-cast-box-post", "card-now");
        desk.act(only::fire);
        desk.filled();
        assertThat(order()).contains("card-now");
        desk.press("only-with_my_tools");
        desk.filled();
        assertThat(order()).as("all tools are there at first").contains("card-now", "card-plain-tripod");
        desk.press("tool-saw");
        desk.filled();
        assertThat(desk.project().purse().tools().saw()).isFalse();
        assertThat(order()).contains("card-plain-tripod").doesNotContain("card-now", "card-cast-box-post");
    }
}

package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.InTheWindow;
import firmperch.desk.document.RecentFiles;
import firmperch.desk.document.UserData;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.frame.Step;
import firmperch.desk.widget.Card;
import firmperch.desk.widget.FieldLine;
import firmperch.desk.widget.WideButton;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.part.GearItem;
import firmperch.part.arm.LevelArm;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.stage.WindowEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window through the whole of the work, as a person would. */
@InTheWindow
class DeskTest {
    private final FxRobot robot = new FxRobot();
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    @TempDir
    private Path folder;

    private LevelArm arm() {
        return (LevelArm) desk.project().perch().branch("arm");
    }

    // The verdict.

    @Test
    void opensOnTheDemoWithItsVerdictSentence() {
        assertThat(desk.text("sentence"))
                .isEqualTo(Assessor.everyPose(Samples.wedgingBench(), Progress.NONE).sentence());
        assertThat(desk.text("cure-sentence"))
                .startsWith("Cheapest cure: " + cheapest().what().substring(0, 1).toLowerCase(Locale.ROOT)
                        + cheapest().what().substring(1) + ", then 0.92 → ");
    }

    private Finding.Cure cheapest() {
        return desk.assessment().cheapestCure().orElseThrow();
    }

    /** Whatever the words are, a hand finds the steps and the button where they were. */
    @Test
    void stepsAndApplyStayWhereTheyAre() {
        double step = left("step-shot");
        double apply = left("apply-cure");
        String words = desk.text("cure-sentence");
        desk.act(() -> desk.app.document().edit("name", "A bench with quite a long name of its own, by the window"));
        desk.act(() -> desk.app.document().edit("perch.arm.pivots.torque", 2.5));
        desk.search();
        desk.inTheEnd("another cure is told", () -> desk.text("cure-sentence").startsWith("Cheapest cure")
                && !desk.text("cure-sentence").equals(words));
        assertThat(left("step-shot")).isEqualTo(step);
        assertThat(left("apply-cure")).isEqualTo(apply);
    }

    private double left(String id) {
        Node node = desk.find(id);
        return node.localToScene(node.getLayoutBounds()).getMinX();
    }

    @Test
    void aPressOnApplyMakesTheCheapestCure() {
        Project before = desk.project();
        Project cured = cheapest().changed();
        desk.press("apply-cure");
        assertThat(desk.project().perch()).isEqualTo(cured.perch()).isNotEqualTo(before.perch());
        desk.everyPose();
        assertThat(desk.text("sentence")).isEqualTo("It stands in every pose, and everything holds.");
        desk.press("undo");
        assertThat(desk.project()).isEqualTo(before);
        desk.everyPose();
        assertThat(desk.text("sentence")).contains("slip first");
    }

    /** A cure found before a drag changes the part only: the arm stays where it has been dragged to. */
    @Test
    void applyingACureLeavesTheArmWhereItIs() {
        Project cured = cheapest().changed();
        desk.act(() -> {
            desk.app.document().edit("stance.joints.arm.lift", 0.21);
            ((javafx.scene.control.Button) desk.app.desk().lookup("#apply-cure")).fire();
        });
        assertThat(desk.project().perch()).isEqualTo(cured.perch());
        assertThat(desk.project().stance().joints()).containsEntry("arm.lift", 0.21);
    }

    // The steps.

    /** But for Kind, which computes for longer and has tests of its own. */
    @ParameterizedTest
    @EnumSource(value = Step.class, mode = EnumSource.Mode.EXCLUDE, names = "KIND")
    void everyStepShowsSomethingThatComputes(Step step) {
        desk.click("step-" + step.name().toLowerCase());
        desk.everyPose();
        assertThat(robot.lookup(".panel .label").queryAll()).isNotEmpty();
        desk.nothingStumbles(step.label());
    }

    @Test
    void shotAnswersWithTheCamerasHeight() {
        desk.go(Step.SHOT);
        assertThat(desk.says("499 mm from the work")).isTrue();
        desk.type("shot.wanted.width", "60 cm");
        assertThat(desk.project().shot().wanted().width()).isCloseTo(0.6, within(1e-12));
        // Thin lens by hand: m = 23.5/600, u + v = 24·(2 + m + 1/m) = 661.7 mm.
        assertThat(desk.says("662 mm from the work")).isTrue();
        assertThat(desk.says("needs 600, has 442 mm")).isTrue();
    }

    @Test
    void tooNearToFocusAndNoRoomForTheHandsAreSaidInWords() {
        desk.go(Step.SHOT);
        desk.type("shot.lens.nearestFocus", "900");
        desk.everyPose();
        assertThat(desk.assessment().finding("shot.focus").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(desk.text("sentence")).contains("too near to focus on");
    }

    @Test
    void aCameraAboveTheCeilingIsSaidInWords() {
        desk.go(Step.SHOT);
        desk.type("shot.lens.focalLength", "100");
        assertThat(desk.says("too near the ceiling of 2300 mm or above it: take a shorter lens")).isTrue();
    }

    @Test
    void aFootprintThatClosesTheWalkwayIsSaid() {
        desk.go(Step.PLACE);
        desk.type("stance.x", "850");
        desk.everyPose();
        assertThat(desk.assessment().finding("place.walkway").verdict())
                .isEqualTo(Verdict.GIVES);
        assertThat(desk.says("needs 550, has 448 mm")).isTrue();
    }

    // Perch: stations, parts, choices.

    @ParameterizedTest
    @ValueSource(strings = {"box-feet", "box", "post", "carriage", "arm", "head", "gear"})
    void everyStationCanBeChosenAndEdited(String station) {
        desk.click("station-" + station);
        String chosen = robot.lookup(".panel-title").queryAs(Label.class).getText();
        assertThat(desk.assessment().study().assembly().stations())
                .anySatisfy(s -> assertThat(s.label()).isEqualTo(chosen));
        desk.until("its fields are there", () -> robot.lookup(".field-line").queryAll().size() > 5);
    }

    /** The part is edited above its reasons, in the groups that it is built of. */
    @Test
    void aPartIsEditedBeforeItsReasons() {
        desk.click("station-arm");
        desk.filled();
        Node length = desk.find("perch.arm.links.length");
        Node reason = desk.find("reason-friction@arm.lift");
        assertThat(length.localToScene(0, 0).getY()).isLessThan(reason.localToScene(0, 0).getY());
        for (String group : List.of("Sticks", "Pivots", "Stops", "Plates")) {
            assertThat(desk.says(group)).as(group).isTrue();
        }
    }

    @Test
    void aPieceThatIsClickedOpensItsPart() {
        desk.click("station-gear");
        var s = desk.now();
        desk.hand.click(desk.onSide(new Vec3(0, 0, 0.9)));
        assertThat(robot.lookup(".panel-title").queryAs(Label.class).getText()).startsWith("Steel pipe");
        assertThat(desk.now()).as("nothing was moved").isSameAs(s);
    }

    /** On Shot what the camera sees stands above the room, and follows what is typed; elsewhere it is not there. */
    @Test
    void onShotWhatTheCameraSeesIsShown() {
        desk.go(Step.SHOT);
        DrawingPane lens = desk.find("lens-view");
        assertThat(lens.getAccessibleText()).isEqualTo("What the camera sees: 442 mm by 249 mm");
        for (String beside : List.of("side-view", "plan-view")) {
            DrawingPane pane = desk.find(beside);
            assertThat(pane.getWidth()).as(beside).isGreaterThan(250);
            assertThat(pane.localToScreen(0, 0).getY()).isGreaterThan(lens.localToScreen(0, 0).getY());
        }
        desk.type("shot.lens.focalLength", "30");
        assertThat(lens.getAccessibleText()).startsWith("What the camera sees: 34");
        desk.go(Step.PERCH);
        assertThat(robot.lookup("#lens-view").tryQuery()).isEmpty();
        assertThat(((DrawingPane) desk.find("side-view")).getWidth()).isGreaterThan(600);
    }

    /** What else would do is worked out when it is asked for; taken, the lens and the camera's height change together, and can be undone. */
    @Test
    void anotherLensIsOfferedAndTaken() {
        desk.go(Step.SHOT);
        desk.press("other-ways");
        desk.until("they are there", () -> desk.says("a lens of 28 mm") && desk.says("a lens of 18 mm"));
        assertThat(desk.says("the hands have 261 mm of the 320 mm they need")).isTrue();
        double lift = desk.project().stance().joints().get("arm.lift");
        WideButton taken = (WideButton) robot.lookup(".cure")
                .match(n -> n.getAccessibleText() != null && n.getAccessibleText().contains("a lens of 28 mm")).query();
        desk.act(taken::fire);
        assertThat(desk.project().shot().focalLength()).isCloseTo(0.028, within(1e-12));
        assertThat(desk.project().stance().joints().get("arm.lift")).isGreaterThan(lift);
        assertThat(desk.assessment().finding("shot.picture").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(robot.lookup(".cure")
                .match(n -> n.isVisible() && String.valueOf(n.getAccessibleText()).contains("a lens of"))
                .queryAll()).isEmpty();
        desk.press("undo");
        assertThat(desk.project().shot().focalLength()).isCloseTo(0.024, within(1e-12));
    }

    /** A dimension in the drawing is clicked and typed. */
    @Test
    void aDimensionIsEditedWhereItStands() {
        desk.click("station-post");
        desk.everyPose();
        DrawingPane pane = desk.find("side-view");
        Point2D spot = null;
        for (int x = 0; x < pane.getWidth() && spot == null; x += 6) {
            for (int y = 0; y < pane.getHeight() && spot == null; y += 4) {
                if (pane.valueAt(x, y).filter("perch.post.length"::equals).isPresent()) {
                    spot = pane.localToScreen(x + 4, y + 4);
                }
            }
        }
        assertThat(spot).as("the post's length stands in the drawing").isNotNull();
        desk.hand.click(spot);
        desk.type("dimension-perch.post.length", "1.6 m");
        assertThat(firmperch.param.Path.of("perch.post.length").number(desk.project())).isEqualTo(1.6);
        desk.press("undo");
        assertThat(firmperch.param.Path.of("perch.post.length").number(desk.project())).isEqualTo(1.5);
    }

    @Test
    void theViewAtAnAngleIsTurnedByDragging() {
        DrawingPane pane = desk.find("angle-view");
        WritableImage before = WaitForAsyncUtils.waitForAsyncFx(5000, () -> pane.snapshot(null, null));
        Point2D middle = pane.localToScreen(pane.getWidth() / 2, pane.getHeight() / 2);
        desk.hand.drag(middle, middle.add(60, 20));
        WritableImage after = WaitForAsyncUtils.waitForAsyncFx(5000, () -> pane.snapshot(null, null));
        int different = 0;
        for (int x = 0; x < before.getWidth(); x += 3) {
            for (int y = 0; y < before.getHeight(); y += 3) {
                different += before.getPixelReader().getArgb(x, y) == after.getPixelReader().getArgb(x, y) ? 0 : 1;
            }
        }
        assertThat(different).isGreaterThan(200);
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
    }

    @Test
    void aNewPostIsChosenFromTheCatalogue() {
        desk.click("station-post");
        ComboBox<firmperch.stock.Catalogue.Row> choice = desk.find("perch.post.stock");
        desk.act(() -> choice.setValue(firmperch.stock.PostStock.ALL.get("pipe-60.3x3.6")));
        desk.everyPose();
        assertThat(desk.says("Steel pipe 60.3 × 3.6")).isTrue();
        assertThat(desk.assessment().finding("sag").margin()).isGreaterThan(1.2);
    }

    @Test
    void aClosureBringsItsHandTorque() {
        desk.click("station-arm");
        ComboBox<firmperch.stock.Catalogue.Row> bolts = desk.find("perch.arm.pivots.bolt");
        desk.act(() -> bolts.setValue(Bolt.ALL.get("m8")));
        ComboBox<firmperch.stock.Catalogue.Row> choice = desk.find("perch.arm.pivots.closure");
        desk.act(() -> choice.setValue(Closure.ALL.get("lever-90")));
        // A hand gets 9 onto it; more than 6 would crush the beech under the washer.
        assertThat(arm().pivots().torque()).isEqualTo(6.0);
        desk.type("perch.arm.pivots.torque", "7.5");
        assertThat(arm().pivots().torque()).isEqualTo(7.5);
        assertThat(arm().pivots().closure().id()).isEqualTo("lever-90");
    }

    // Bad input.

    @Test
    void aLengthThatCannotBeReadIsRefusedAndTheLastGoodStays() {
        desk.click("station-arm");
        desk.type("perch.arm.links.length", "long enough");
        assertThat(arm().links().length()).isEqualTo(0.64);
        assertThat(desk.says("Link length: “long enough” was given; expected is a length such as 600")).isTrue();
        desk.type("perch.arm.links.length", "9 m");
        assertThat(desk.says("expected is 100 mm to 3000 mm")).isTrue();
        assertThat(arm().links().length()).isEqualTo(0.64);
        desk.type("perch.arm.links.length", "23 5/8\"");
        assertThat(arm().links().length()).isCloseTo(0.600075, within(1e-9));
        assertThat(desk.says("was given")).isFalse();
    }

    /** Answers arrive from the background while a person is typing: they must not wipe out what is typed. */
    @Test
    void whatIsBeingTypedIsNotOverwritten() {
        desk.click("station-arm");
        javafx.scene.control.TextField field = desk.find("perch.arm.links.length");
        desk.act(() -> {
            field.requestFocus();
            field.replaceText(0, field.getText().length(), "50");
        });
        desk.everyPose();
        desk.act(() -> desk.app.document().edit("place.room.ceiling", 2.4));
        assertThat(field.getText()).isEqualTo("50");
        desk.hand.keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(desk.project().perch()).as("50 mm is refused, 640 stays")
                .isEqualTo(Samples.wedgingBench().perch());
    }

    @Test
    void aValueTypedAndLeftByShortcutIsNotLost() {
        desk.click("station-arm");
        javafx.scene.control.TextField field = desk.find("perch.arm.links.length");
        desk.act(() -> {
            field.requestFocus();
            field.replaceText(0, field.getText().length(), "650");
        });
        desk.hand.keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        desk.filled();
        assertThat(arm().links().length()).isEqualTo(0.65);
    }

    @Test
    void escapeTakesARefusedEntryBack() {
        desk.click("station-arm");
        desk.type("perch.arm.links.length", "x");
        assertThat(desk.says("was given")).isTrue();
        desk.act(() -> desk.find("perch.arm.links.length").requestFocus());
        desk.hand.keys(KeyCode.ESCAPE);
        assertThat(desk.text("perch.arm.links.length")).isEqualTo("640 mm");
        assertThat(desk.says("was given")).isFalse();
    }

    @Test
    void aPostShorterThanItsHolesIsRefused() {
        desk.click("station-post");
        desk.type("perch.post.length", "900");
        assertThat(desk.says("lies in the post of 900 mm")).isTrue();
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
    }

    // Dragging.

    private double joint(String id) {
        return desk.project().stance().joints().get(id);
    }

    private double lift() {
        return joint("arm.lift");
    }

    @Test
    void draggingTheCameraInTheSideViewLiftsTheArm() {
        var before = desk.now();
        DrawingPane pane = desk.find("side-view");
        double was = lift();
        Point2D camera = desk.onSide(before.sensor());
        desk.hand.drag(camera, camera.add(0, 30));
        var after = desk.now();
        assertThat(before.sensor().z() - after.sensor().z()).isCloseTo(30 / pane.scale(), within(4 / pane.scale()));
        assertThat(lift()).isLessThan(was);
        desk.press("undo");
        assertThat(lift()).as("one drag, one step of undo").isEqualTo(was);
    }

    @Test
    void theAnswerFollowsTheDrag() {
        Finding push = desk.assessment().finding("tip.push");
        Point2D camera = desk.onSide(desk.now().sensor());
        desk.hand.press(camera);
        desk.hand.move(camera.add(0, 20));
        assertThat(desk.assessment().finding("shot.hands").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(desk.assessment().finding("tip.push")).as("every pose is still known")
                .isSameAs(push);
        assertThat(desk.text("sentence")).contains("but the camera sees ");
        desk.hand.release();
    }

    @Test
    void draggingTheCarriageStepsThroughThePinHoles() {
        var s = desk.now();
        Point2D carriage = desk
                .onSide(s.posed().seat(s.study().assembly().stations().get(3)).plus(new Vec3(-0.04, 0, 0)));
        DrawingPane pane = desk.find("side-view");
        desk.hand.drag(carriage, carriage.add(0, 0.21 * pane.scale()));
        assertThat(desk.project().stance().joints()).containsEntry("carriage.pin", 3.0);
    }

    @Test
    void draggingTheCameraInThePlanSwingsTheArm() {
        Point2D camera = desk.onPlan(desk.now().sensor());
        Point2D post = desk.onPlan(Vec3.ZERO);
        desk.hand.drag(camera, post.add(60, -60));
        assertThat(Math.toDegrees(joint("carriage.swing")))
                .isCloseTo(45, within(4.0));
    }

    @Test
    void draggingTheBaseInThePlanRollsThePerch() {
        DrawingPane pane = desk.find("plan-view");
        Point2D base = desk.onPlan(new Vec3(-0.2, -0.2, 0));
        desk.hand.drag(base, base.add(-20, 0));
        assertThat(desk.project().stance().x()).isCloseTo(1.009 - 20 / pane.scale(), within(0.02));
    }

    @Test
    void arrowKeysMoveTheArm() {
        desk.act(() -> desk.find("side-view").requestFocus());
        double lift = lift();
        for (KeyCode key : List.of(KeyCode.UP, KeyCode.UP, KeyCode.UP, KeyCode.PAGE_DOWN, KeyCode.LEFT)) {
            desk.hand.keys(key);
        }
        assertThat(Math.toDegrees(lift() - lift)).isCloseTo(3, within(1e-6));
        assertThat(Math.toDegrees(joint("carriage.swing"))).isCloseTo(2, within(1e-6));
        assertThat(desk.project().stance().joints()).containsEntry("carriage.pin", 4.0);
    }

    /** What is pressed before its row follows is asked of the project as it is now: another kind is neither left nor mixed up. */
    @Test
    void anOldRowIsAskedOfWhatIsThereNow() {
        Finding hold = desk.assessment().finding("friction");
        desk.press("reason-friction@arm.lift");
        desk.until("its cures are there", () -> robot.lookup(".cure").tryQuery().isPresent());
        Project other = Samples.all().stream()
                .filter(s -> Assessor.now(s).findings().stream().noneMatch(f -> f.id().equals(hold.id()))).findFirst()
                .orElseThrow();
        ButtonBase cure = robot.lookup(".cure").query();
        desk.act(() -> {
            desk.app.document().edit(other);
            cure.fire();
            for (Node link : robot.lookup((Node n) -> n instanceof Hyperlink && n.isVisible()).queryAll()) {
                ((Hyperlink) link).fire();
            }
        });
        desk.everyPose();
        assertThat(desk.project()).isEqualTo(other);
        assertThat(desk.app.document().failure().get()).isEmpty();
        assertThat(hold.cures()).isNotEmpty();
    }

    /** Things that are taken off before the list has followed leave it whole. */
    @Test
    void thingsGoBeforeTheListHasFollowed() {
        Project few = desk.project();
        List<GearItem> many = IntStream.range(0, 30).mapToObj(
                i -> new GearItem("Item " + i, 0.01, 0, 0, 0, GearItem.Size.POINT)).toList();
        Queue<Throwable> faults = new ConcurrentLinkedQueue<>();
        desk.act(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((t, e) -> faults.add(e));
            desk.app.document().edit(few.with(few.gear().with(many)));
            desk.app.desk().go(Step.GEAR);
            desk.app.document().undo();
            desk.app.desk().go(Step.PERCH);
        });
        desk.go(Step.GEAR);
        assertThat(robot.lookup("#gear-5").tryQuery()).isPresent();
        assertThat(robot.lookup("#gear-6").tryQuery()).isEmpty();
        assertThat(faults).isEmpty();
    }

    /** Nor does a button do to the project what it would have done to the one before. */
    @Test
    void aButtonOfTheProjectBeforeDoesNothing() {
        desk.go(Step.GEAR);
        desk.click("gear-5");
        ButtonBase remove = desk.find("gear-off");
        List<GearItem> items = desk.project().gear().items();
        Project one = desk.project().with(desk.project().gear().with(items.subList(0, items.size() - 1)).sparing(1.3));
        desk.act(() -> {
            desk.app.document().edit(one);
            remove.fire();
        });
        assertThat(desk.project()).isEqualTo(one);
        desk.go(Step.BALLAST);
        desk.filled();
        ButtonBase pour = desk.find("ballast-apply");
        assertThat(pour.isDisabled()).isFalse();
        Project named = firmperch.param.Path.of("name").with(one, "Another");
        desk.act(() -> {
            desk.app.document().edit(named);
            pour.fire();
        });
        assertThat(desk.project()).isEqualTo(named);
        desk.filled();
        desk.press("ballast-apply");
        assertThat(desk.project()).isNotEqualTo(named).extracting(Project::name).isEqualTo("Another");
    }

    // Steady.

    @Test
    void theWorstPoseIsJumpedTo() {
        Finding hold = desk.assessment().finding("friction");
        desk.press("reason-friction@arm.lift");
        Node go = robot.lookup((Node n) -> n instanceof javafx.scene.control.Hyperlink l
                && l.getText().equals("go there")).query();
        desk.act(() -> ((javafx.scene.control.Hyperlink) go).fire());
        assertThat(desk.now().posed().pose()).isEqualTo(hold.pose());
    }

    @Test
    void aReasonOpensToFormulaNumbersAndSource() {
        desk.click("step-steady");
        desk.press("reason-tip.push");
        assertThat(desk.says("F = W · (d·cos σ − h·sin σ) / z")).isTrue();
        assertThat(desk.says("/ 1500 mm = 1")).isTrue();
        assertThat(desk.says("IEC 62368-1")).isTrue();
        assertThat(desk.says("poses looked at")).isTrue();
    }

    /** The rows show now this reason, now that: what was opened stays open wherever it comes, and nothing else does. */
    @Test
    void anOpenReasonStaysOpenWhereverItComes() {
        desk.go(Step.STEADY);
        desk.press("reason-tip.push");
        double before = desk.find("reason-tip.push").localToScene(0, 0).getY();
        desk.act(() -> desk.app.document().edit("policy.standing.pushShare", 0.3));
        desk.everyPose();
        Node head = desk.find("reason-tip.push");
        assertThat(head.localToScene(0, 0).getY()).as("it is the weakest now").isLessThan(before);
        assertThat(((javafx.scene.control.ToggleButton) head).isSelected()).isTrue();
        assertThat(head.getParent().getChildrenUnmodifiable()).as("with its detail").hasSize(2);
        assertThat(robot.lookup(n -> n.getStyleClass().contains("detail")).queryAll()).hasSize(1);
        assertThat(desk.says("F = W · (d·cos σ − h·sin σ) / z")).isTrue();
    }

    @Test
    void whatIsAskedCanBeChanged() {
        desk.go(Step.STEADY);
        javafx.scene.control.TitledPane policy = desk.find("policy");
        desk.act(() -> policy.setExpanded(true));
        desk.filled();
        desk.type("policy.standing.pushShare", "0.3");
        desk.everyPose();
        assertThat(desk.assessment().finding("tip.push").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(desk.text("sentence")).startsWith("It stands in every pose, but a shove of");
    }

    @Test
    void theSearchCanBeStoppedAndTakenUpAgain() {
        desk.search();
        desk.act(() -> {
            desk.app.document().edit("perch.arm.links.length", 0.65);
            desk.app.document().stop();
        });
        assertThat(desk.text("working")).isEqualTo("Only this pose has been looked at.");
        assertThat(desk.text("sentence")).contains("this pose");
        desk.press("stop");
        desk.settle();
        assertThat(desk.text("sentence")).contains("every pose");
    }

    // Ballast, make, prove.

    @Test
    void ballastSaysHowMuchAndPoursIt() {
        desk.go(Step.BALLAST);
        desk.everyPose();
        assertThat(desk.text("ballast-answer")).startsWith("For what you asked it needs ")
                .contains("height of the concrete");
        assertThat(desk.text("ballast-bags")).contains("bags of 25 kg with").contains("of 80 lb");
        desk.press("ballast-apply");
        desk.everyPose();
        double fill = firmperch.param.Path.of("perch.box.concrete.height").number(desk.project());
        assertThat(fill).isLessThan(0.14).isGreaterThan(0.02);
        assertThat(desk.assessment().finding("tip.push").margin()).isBetween(1.0, 1.012);
        desk.press("ballast-look");
        desk.inTheEnd("another way is found", () -> desk.says("that only weigh"));
        double mass = desk.now().posed().mass();
        desk.press("ballast-other-0");
        desk.filled();
        assertThat(desk.now().posed().mass()).as("a counterweight for concrete").isLessThan(mass - 10);
    }

    @Test
    void listsAndBuildPackAreWritten() throws IOException {
        desk.go(Step.MAKE);
        assertThat(desk.says("Carriage block")).isTrue();
        desk.answers.toWrite = folder.resolve("pack.pdf");
        desk.press("export-pdf");
        desk.until("the pack is written", () -> desk.says("Written: " + folder.resolve("pack.pdf")));
        assertThat(folder.resolve("pack.pdf")).isNotEmptyFile();
        desk.answers.toWrite = folder.resolve("cuts.csv");
        desk.press("export-cuts");
        desk.until("the list is written", () -> desk.says("Written: " + folder.resolve("cuts.csv")));
        assertThat(folder.resolve("cuts.csv")).content().contains("Stick,4,beech D40");
        desk.answers.toWrite = Files.createDirectory(folder.resolve("all"));
        desk.press("export-all");
        desk.until("all is written", () -> desk.says("With it: wedging-bench-cuts.csv, wedging-bench-hardware.csv"));
        for (Exporter exporter : Exporters.ALL) {
            assertThat(folder.resolve("all/wedging-bench-" + exporter.fileName())).isNotEmptyFile();
        }
        assertThat(folder.resolve("all/wedging-bench-hardware.csv")).content().contains("Caster");
    }

    /** The set pose alone would say that nothing is short: the pack waits for the worst of all poses. */
    @Test
    void aPackExportedDuringTheSearchStatesTheSettledFigures() throws IOException {
        desk.search();
        desk.act(() -> desk.app.document().edit("perch.arm.links.length", 0.90));
        desk.answers.toWrite = folder.resolve("pack.pdf");
        assertThat(desk.app.document().settled()).isFalse();
        desk.act(() -> desk.app.export(Exporters.PACK));
        desk.everyPose();
        desk.until("the pack is written", () -> desk.says("Written: " + folder.resolve("pack.pdf")));
        try (PDDocument pack = Loader.loadPDF(folder.resolve("pack.pdf").toFile())) {
            String text = new PDFTextStripper().getText(pack).replaceAll("\\s+", " ");
            assertThat(text).contains(desk.assessment().sentence());
            Finding sag = desk.assessment().finding("sag");
            assertThat(sag.verdict()).isEqualTo(Verdict.GIVES);
            assertThat(text).contains(sag.question().words() + " " + sag.figures(UnitSystem.METRIC));
        }
    }

    /** How tight is told where it is measured, and follows the arm. */
    @Test
    void proveSaysHowTight() {
        desk.go(Step.PROVE);
        desk.filled();
        assertThat(desk.says("luggage scale")).isTrue();
        javafx.scene.layout.Pane tight = desk.find("prove-tight");
        String before = ((javafx.scene.control.Label) tight.getChildren().getLast()).getText();
        assertThat(before).startsWith("Tighten the pivots (arm angle), set as drawn").contains("kg)");
        desk.act(() -> desk.app.document().edit("stance.joints.arm.lift", 0.6));
        assertThat(((javafx.scene.control.Label) tight.getChildren().getLast()).getText())
                .startsWith("Tighten the pivots (arm angle), set as drawn").isNotEqualTo(before);
    }

    /** The cards stand for a moment while the log is another already: then they take nothing away. */
    @Test
    void aCardOfAnotherLogRemovesNothing() {
        desk.go(Step.PROVE);
        desk.everyPose();
        var log = desk.project().log();
        assertThat(log).hasSizeGreaterThan(1);
        List<javafx.scene.control.Button> remove = robot
                .lookup(n -> n instanceof javafx.scene.control.Button b && b.getAccessibleText() != null
                        && b.getAccessibleText().startsWith("Remove the measurement"))
                .queryAllAs(javafx.scene.control.Button.class).stream().toList();
        assertThat(remove).hasSameSizeAs(log);
        desk.act(() -> {
            desk.app.document().edit(desk.project().logged(log.subList(1, log.size())));
            remove.forEach(javafx.scene.control.Button::fire);
        });
        assertThat(desk.project().log()).isEqualTo(log.subList(1, log.size()));
        desk.everyPose();
        desk.until("its own cards", () -> robot.lookup(n -> n instanceof javafx.scene.control.Button b
                && b.getAccessibleText() != null && b.getAccessibleText().startsWith("Remove the measurement"))
                .queryAll().size() == log.size() - 1);
    }

    @Test
    void aMeasurementStandsBesideItsPrediction() {
        desk.go(Step.PROVE);
        desk.everyPose();
        assertThat(desk.says("measured 158 N, predicted 168 N")).isTrue();
        desk.type("prove-value", "110 N");
        assertThat(desk.project().log()).hasSize(4);
        desk.everyPose();
        assertThat(desk.says("35 % (58 N) less than predicted: it tips sooner")).isTrue();
        desk.type("prove-value", "a lot");
        assertThat(desk.text("prove-error")).contains("“a lot” was given").contains("90 N");
        desk.type("prove-date", "yesterday");
        desk.type("prove-value", "100");
        assertThat(desk.text("prove-error")).contains("a day such as 2026-11-23");
        assertThat(desk.project().log()).hasSize(4);
    }

    // Files, units, closing.

    @Test
    void savesOpensAndRemembers() throws IOException {
        Path file = folder.resolve("mine.perch.json");
        desk.act(() -> desk.app.document().edit("name", "Mine"));
        desk.answers.toWrite = file;
        desk.hand.keys(KeyCode.CONTROL, KeyCode.S);
        desk.until("it is saved", () -> !desk.app.document().unsaved());
        assertThat(ProjectFile.read(file).name()).isEqualTo("Mine");
        desk.until("it is remembered",
                () -> new RecentFiles(UserData.folder()).list().getFirst().equals(file.toAbsolutePath()));
        desk.act(() -> desk.app.document().edit("name", "Mine again"));
        desk.answers.toOpen = file;
        desk.hand.keys(KeyCode.CONTROL, KeyCode.O);
        desk.until("it is open", () -> desk.project().name().equals("Mine"));
        assertThat(desk.answers.asked).contains("save first? Mine again");
    }

    @Test
    void aFileThatCannotBeReadLeavesWhatIsOpen() throws IOException {
        Path broken = Files.writeString(folder.resolve("broken.perch.json"), "{\"format\":");
        desk.answers.toOpen = broken;
        desk.hand.keys(KeyCode.CONTROL, KeyCode.O);
        desk.until("it is read", () -> !desk.text("notice").startsWith("Opening"));
        assertThat(desk.text("notice")).startsWith("broken.perch.json cannot be opened");
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
    }

    @Test
    void savingWhereNothingCanBeWrittenIsSaid() throws IOException {
        Path blocker = Files.writeString(folder.resolve("blocker"), "");
        desk.act(() -> desk.app.document().edit("name", "Mine"));
        desk.answers.toWrite = blocker.resolve("x.perch.json");
        desk.hand.keys(KeyCode.CONTROL, KeyCode.S);
        desk.until("it is told", () -> desk.text("notice").startsWith("Not saved"));
        assertThat(desk.text("notice")).contains("part of its path is a file, not a folder: choose another place");
        assertThat(desk.app.document().unsaved()).isTrue();
    }

    @Test
    void unsavedWorkIsOnDiskWithinFiveSeconds() {
        desk.act(() -> desk.app.document().edit("name", "Not saved by hand"));
        Path copies = UserData.folder().resolve("copies");
        desk.until("a copy is kept", () -> {
            try (java.util.stream.Stream<Path> files = Files.list(copies)) {
                return files.filter(f -> f.toString().endsWith(".open.json")).anyMatch(f -> {
                    try {
                        return Files.readString(f).contains("Not saved by hand");
                    } catch (IOException e) {
                        return false;
                    }
                });
            } catch (java.nio.file.NoSuchFileException e) {
                return false;
            }
        });
    }

    @Test
    void closingWithUnsavedWorkAsks() {
        desk.act(() -> desk.app.document().edit("name", "Mine"));
        desk.answers.saveFirst = java.util.Optional.empty();
        WindowEvent event = new WindowEvent(desk.app.stage(), WindowEvent.WINDOW_CLOSE_REQUEST);
        desk.act(() -> desk.app.stage().getOnCloseRequest().handle(event));
        assertThat(desk.answers.asked).containsExactly("save first? Mine");
        assertThat(event.isConsumed()).as("not closed after all").isTrue();
    }

    @Test
    void closingAfterSavingDoesNotAsk() {
        WindowEvent event = new WindowEvent(desk.app.stage(), WindowEvent.WINDOW_CLOSE_REQUEST);
        desk.act(() -> desk.app.stage().getOnCloseRequest().handle(event));
        assertThat(desk.answers.asked).isEmpty();
        assertThat(event.isConsumed()).isFalse();
    }

    @Test
    void everythingIsShownInTheUnitsChosen() {
        desk.click("station-arm");
        assertThat(desk.text("perch.arm.links.length")).isEqualTo("640 mm");
        desk.press("units");
        assertThat(desk.text("perch.arm.links.length")).isEqualTo("25 3/16\"");
        desk.type("perch.arm.links.length", "27");
        assertThat(arm().links().length()).isCloseTo(27 * 0.0254, within(1e-12));
        desk.press("units");
        assertThat(desk.text("perch.arm.links.length")).isEqualTo("686 mm");
    }

    @Test
    void undoAndRedoGoThroughEverything() {
        desk.act(() -> desk.app.document().edit("perch.arm.links.length", 0.5));
        desk.act(() -> desk.app.document().edit("place.room.ceiling", 2.5));
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.project()).isEqualTo(Samples.wedgingBench());
        desk.hand.keys(KeyCode.CONTROL, KeyCode.Y);
        assertThat(arm().links().length()).isEqualTo(0.5);
        assertThat(desk.project().place().room().ceiling()).isEqualTo(2.30);
    }

    @Test
    void stepsAreReachedByKeyboard() {
        desk.hand.keys(KeyCode.CONTROL, KeyCode.DIGIT8);
        assertThat(desk.says("Cut list, in mm")).isTrue();
        desk.hand.keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(desk.says("What must be in it")).isTrue();
    }

    @Test
    void nothingThatMattersIsCutOffInTheSmallestWindow() {
        desk.act(() -> {
            desk.app.stage().setWidth(desk.app.stage().getMinWidth());
            desk.app.stage().setHeight(desk.app.stage().getMinHeight());
            desk.app.document().edit("perch.box.corners.out", 0.25);
        });
        desk.everyPose();
        for (String id : new String[]{"sentence", "cure-sentence", "apply-cure", "build-pack", "units", "file-menu",
                "step-shot", "step-ballast", "step-prove"}) {
            Labeled words = desk.find(id);
            Text painted = (Text) words.lookup(".text");
            assertThat(painted.getText().replaceAll("\\s+", " ")).as(id).isEqualTo(words.getText());
        }
    }

    /** What is there already is ticked on the shopping list: less is to be paid, and Kind's cards say so; one undo. */
    @Test
    void whatIsThereNeedNotBeBought() {
        desk.go(Step.MAKE);
        desk.filled();
        assertThat(desk.says("All of it together costs about €175")).isTrue();
        CheckBox casters = robot.lookup((Node n) -> n instanceof CheckBox box && box.getAccessibleText() != null
                && box.getAccessibleText().startsWith("Caster ")).query();
        desk.act(casters::fire);
        desk.filled();
        assertThat(desk.says("€36.00 of that is there already")).isTrue();
        assertThat(desk.project().purse().has()).hasSize(1);
        desk.type("purse.tax", "20 %");
        desk.filled();
        assertThat(desk.says("All of it together costs about €210")).isTrue();
        assertThat(desk.says("€43.20 of that is there already")).isTrue();
        desk.type("purse.level", "0");
        assertThat(desk.project().purse().level()).isEqualTo(1);
        desk.press("undo");
        desk.press("undo");
        assertThat(desk.project().purse().has()).isEmpty();
    }

    /** What stands in a card stands in by its frame. */
    private static boolean inCard(Node node) {
        return node != null && (node instanceof Card || inCard(node.getParent()));
    }

    /** All editors of a panel begin at one edge and are equally wide; no label is cut. */
    @ParameterizedTest
    @EnumSource(value = Step.class, names = {"SHOT", "GEAR", "PLACE", "PERCH", "MAKE"})
    void fieldsOfAPanelLineUp(Step step) {
        desk.go(step);
        desk.filled();
        DeskFixture.shown();
        Set<String> edges = robot.lookup((Node n) -> n instanceof FieldLine && DeskFixture.seen(n) && !inCard(n))
                .queryAll().stream()
                .map(line -> ((FieldLine) line).getChildrenUnmodifiable().get(1))
                .map(editor -> Math.round(editor.localToScene(0, 0).getX()) + " to "
                        + Math.round(editor.localToScene(editor.getLayoutBounds()).getMaxX()))
                .collect(Collectors.toSet());
        assertThat(edges).hasSize(1);
        assertThat(robot.lookup((Node n) -> n instanceof Label label && label.getStyleClass().contains("field-label")
                && DeskFixture.seen(n)).queryAll()).isNotEmpty()
                .allSatisfy(label -> assertThat(((Region) label).getHeight()).as(((Label) label).getText())
                        .isGreaterThanOrEqualTo(((Region) label).prefHeight(((Region) label).getWidth()) - 0.5));
    }

    @ParameterizedTest
    @EnumSource(value = Step.class, mode = EnumSource.Mode.EXCLUDE, names = "KIND")
    void everyControlHasANameForAssistiveTechnology(Step step) {
        desk.go(step);
        desk.everyControlHasAName();
    }
}

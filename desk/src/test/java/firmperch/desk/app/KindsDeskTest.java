package firmperch.desk.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Known;
import firmperch.body.Station;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.InTheWindow;
import firmperch.desk.frame.Step;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.param.Path;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Assessor;
import java.util.List;
import java.util.Random;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The window on every corner of the sample studio: opened, posed by dragging, spoilt and cured; and every kind chosen. */
@InTheWindow
class KindsDeskTest {
    @RegisterExtension
    private final DeskFixture desk = new DeskFixture();

    private void show(Project project) {
        desk.act(() -> desk.app.document().open(Known.reaching(project), null, Stamp.NONE));
        desk.filled();
    }

    private Project sample(String name) {
        return Samples.all().stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow();
    }

    /** Every step shows every corner; hanging, it has no ballast and no rose. */
    @Test
    void everyCornerIsShownInEveryStep() {
        for (Project project : Samples.all()) {
            show(project);
            for (Step step : Step.values()) {
                // What Kind works out is tried in KindDeskTest; it takes long.
                if (step != Step.KIND) {
                    desk.go(step);
                    desk.filled();
                    desk.nothingStumbles(project.name() + ", " + step);
                }
            }
            Node ballast = desk.app.desk().lookup("#step-ballast");
            assertThat(ballast.isVisible()).as(project.name()).isEqualTo(desk.now().stands());
            // Nothing of the corner before is kept: its rows would pile up for as long as the window is open.
            ToggleButton row = desk.find("station-gear");
            assertThat(row.getToggleGroup().getToggles()).as(project.name())
                    .hasSize(desk.now().study().assembly().stations().size());
        }
    }

    /** The camera is dragged to where other poses have it; it comes as near as its stops allow, and nothing else moves. */
    @Test
    void theCameraIsDraggedThroughItsTravel() {
        for (Project project : Samples.all()) {
            show(project);
            desk.go(Step.PERCH);
            Random random = new Random(3);
            for (int round = 0; round < 2; round++) {
                double[] at = desk.now().study().assembly().freedoms().stream()
                        .mapToDouble(f -> f.nearest(f.from() + (f.to() - f.from()) * random.nextDouble())).toArray();
                Vec3 wanted = desk.now().in(Pose.of(at)).sensor();
                Vec3 before = desk.now().sensor();
                desk.hand.press(desk.onSide(before));
                desk.hand.move(desk.onSide(wanted));
                desk.hand.release();
                double left = Math.abs(desk.now().sensor().z() - wanted.z());
                assertThat(left).as("%s, round %d", project.name(), round)
                        .isLessThanOrEqualTo(Math.max(0.045, Math.abs(before.z() - wanted.z())));
            }
            assertThat(desk.now().project().perch()).isEqualTo(project.perch());
            desk.filled();
            desk.nothingStumbles(project.name());
        }
    }

    /** Pulled where it cannot go, the camera comes as near as it can, and what is in the way is said. */
    @Test
    void whatIsInTheWayIsSaid() {
        show(sample("Turning shelf"));
        desk.go(Step.PERCH);
        Vec3 camera = desk.now().sensor();
        desk.hand.press(desk.onSide(camera));
        desk.hand.move(desk.onSide(camera.plus(new Vec3(0.4, 0, 0))));
        desk.hand.release();
        assertThat(desk.now().project().stance().joints().get("beam.reach")).isEqualTo(0.72);
        assertThat(desk.text("notice")).contains("as near as it comes").contains("“Beam comes out” is at its stop");
    }

    /** What hangs has no ballast: other ways of making it stay are looked for under Steady, and the search can be stopped; nothing tells it how far it leans. */
    @Test
    void otherWaysOfWhatHangs() {
        show(sample("Glazing table"));
        desk.go(Step.STEADY);
        desk.filled();
        assertThat(desk.says("It hangs and weighs")).isTrue();
        assertThat(desk.says("before it goes, takes a push")).isFalse();
        desk.press("steady-look");
        desk.press("steady-stop");
        desk.until("it can be looked for anew", () -> DeskFixture.seen(desk.find("steady-look")));
        show(sample("Turning shelf"));
        assertThat(desk.says("before it goes, takes a push")).isTrue();
        assertThat(desk.says("Springs along an arm in place")).as("under Ballast instead").isFalse();
    }

    /** Pulled into the bench, the lens stops above it and the bench is named; how far the camera reaches is told under Place. */
    @Test
    void theBenchIsInTheWay() {
        show(sample("Wedging bench"));
        desk.go(Step.PERCH);
        Vec3 camera = desk.now().sensor();
        desk.hand.press(desk.onSide(camera));
        desk.hand.move(desk.onSide(camera.minus(new Vec3(0, 0, 0.6))));
        desk.hand.release();
        assertThat(desk.now().inRoom(desk.now().lensFront()).z())
                .isGreaterThan(desk.now().project().place().bench().height());
        assertThat(desk.text("notice")).contains("as near as it comes").contains("the bench");
        desk.press("undo");
        desk.go(Step.PLACE);
        desk.until("the reach is told", () -> desk.text("reach").startsWith("As it stands"));
        assertThat(desk.text("reach")).contains("As it stands its joints let the camera over")
                .contains("of 77 places, sampled")
                .contains("“Arm angle” is at its stop");
        show(sample("Glazing table"));
        assertThat(desk.text("reach")).contains("elsewhere it hits “Lamp”");
    }

    /** Spoilt, it says what goes wrong in its own words, and one press on the cure mends it. */
    @ParameterizedTest
    @CsvSource({"Tile press, perch.feet.capped, false, it falls over, ends of the legs with caps",
            "Glazing table, perch.rails.screws.beside, 0.05, a fixing to the ceiling, screws off the joist's middle",
            "Turning shelf, perch.weight.weight, 12, hang against, weight on the rope",
            "Throwing wheel, perch.bar.count, 1, the load turns the tilt with, washers at the tail"})
    void spoiltItIsCured(String name, String path, String value, String says, String cure) {
        Object spoilt = value.equals("false") ? (Object) false : Double.valueOf(value);
        desk.act(() -> desk.app.document().open(Assessor.now(Path.of(path).with(sample(name), spoilt)), null,
                Stamp.NONE));
        desk.everyPose();
        assertThat(desk.text("sentence").toLowerCase()).contains(says);
        Finding weakest = desk.assessment().weakest();
        assertThat(weakest.verdict()).isEqualTo(Verdict.GIVES);
        desk.until("its cure is told", () -> desk.text("cure-sentence").toLowerCase().contains(cure));
        desk.press("apply-cure");
        desk.everyPose();
        assertThat(desk.assessment().find(weakest.id()).orElseThrow().verdict())
                .isNotEqualTo(Verdict.GIVES);
    }

    /** Every kind can be started from under Perch, with the camera brought over the work; undone, all is as it was. */
    @Test
    void everyKindIsChosenFromTheList() {
        desk.go(Step.PERCH);
        Project was = desk.project();
        MenuButton kinds = desk.find("kinds");
        List<Kind> all = Parts.kinds();
        assertThat(kinds.getItems()).hasSameSizeAs(all);
        for (int i = 0; i < all.size(); i++) {
            MenuItem item = kinds.getItems().get(i);
            desk.act(item::fire);
            Kind chosen = all.get(i);
            desk.until(chosen.id() + " is shown", () -> desk.now().project().perch().equals(chosen.start().get()));
            assertThat(desk.now().offCentre().length()).as(all.get(i).id()).isLessThan(0.02);
            desk.nothingStumbles(all.get(i).id());
            desk.press("undo");
            assertThat(desk.project()).isEqualTo(was);
        }
    }

    /** Two feet share: each says what it carries, together the whole. */
    @Test
    void theLoadPathForks() {
        show(sample("Tile press"));
        desk.go(Step.PERCH);
        assertThat(desk.says("Left foot")).isTrue();
        assertThat(desk.says("Right foot")).isTrue();
        assertThat(desk.says("bench, 840 mm high")).isTrue();
        Node left = desk.find("station-feet-left");
        Node right = desk.find("station-feet-right");
        Node bar = desk.find("station-bar");
        assertThat(left.localToScene(0, 0).getY()).isGreaterThan(bar.localToScene(0, 0).getY());
        assertThat(right.localToScene(0, 0).getY()).isGreaterThan(bar.localToScene(0, 0).getY());
        show(sample("Glazing table"));
        Node rails = desk.find("station-rails");
        Node camera = desk.find("station-gear");
        assertThat(rails.localToScene(0, 0).getY()).as("the joists are at the top")
                .isLessThan(camera.localToScene(0, 0).getY());
    }

    /** What a joint's stops do not allow is refused with them; what goes all the way round may be told as one likes. */
    @Test
    void aJointIsNotSetBeyondItsStops() {
        show(sample("Tile press"));
        desk.go(Step.PERCH);
        desk.act(() -> desk.app.desk().choose(station("clamp")));
        desk.filled();
        Project before = desk.project();
        desk.type("stance.joints.clamp.roll", "200");
        assertThat(desk.project()).isEqualTo(before);
        assertThat(desk.says("expected is −60.0° to 60.0°, where its stops are")).isTrue();
        desk.type("stance.joints.clamp.roll", "60");
        assertThat(desk.project().stance().joints().get("clamp.roll")).isCloseTo(Math.toRadians(60), within(1e-9));
        desk.press("undo");
        show(sample("Wedging bench"));
        desk.act(() -> desk.app.desk().choose(station("carriage")));
        desk.filled();
        desk.type("stance.joints.carriage.swing", "200");
        assertThat(desk.now().posed().pose().get(1)).isCloseTo(Math.toRadians(-160), within(1e-9));
    }

    /** What has a slab and a weight on a rope instead of concrete is weighted by these. */
    @Test
    void weightsAreBallastToo() {
        show(sample("Turning shelf"));
        desk.go(Step.BALLAST);
        desk.filled();
        assertThat(desk.text("ballast-answer")).startsWith("Nothing of it is poured");
        double push = desk.assessment().finding("tip.push").margin();
        desk.type("perch.board.slab", "30");
        desk.everyPose();
        // Ten more on the far edge: it tips backward the sooner.
        assertThat(desk.assessment().finding("tip.push").margin()).isLessThan(push);
        desk.press("undo");
        assertThat(desk.text("perch.weight.weight")).isEqualTo("8.00 kg");
    }

    private Station station(String id) {
        return desk.assessment().study().assembly().stations().stream().filter(s -> s.id().equals(id)).findFirst()
                .orElseThrow();
    }
}

package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.check.Verdict;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.make.Exporters;
import firmperch.param.Path;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.project.SetUp;
import firmperch.project.SetUps;
import firmperch.shot.Filmed;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AimTest {
    static List<Kind> kinds() {
        return Parts.kinds();
    }

    /** Where it says that nothing of the picture is wrong, the camera stands over the middle, as high as the thin lens asks. */
    @ParameterizedTest
    @MethodSource("kinds")
    void itComesToWhereItSaysItIs(Kind kind) {
        Project two = SetUps.copied(Demo.project());
        Project close = Demo.with(two, "shot.wanted.depth", 0.17, "shot.wanted.width", 0.3, "shot.handsRoom", 0.1);
        Project set = Choosing.of(close, kind);
        Assessment now = Assessor.now(set);
        for (Situation s : now.study().inEach()) {
            boolean sees = Assessor.weakestIn(now.study(), s.project().shown()).verdict() == Verdict.HOLDS;
            double high = s.sensorWanted().z();
            if (sees) {
                assertThat(s.offCentre().length()).isLessThanOrEqualTo(0.02 + 1e-6);
                assertThat(s.inRoom(s.sensor()).z()).isBetween(high, 1.2 * high);
            }
        }
    }

    /** With one joint that will do, no other is touched, and the base stays; tried against every way to move one joint alone. */
    @Test
    void itTouchesNoMoreThanItMust() {
        for (Project sample : Samples.all()) {
            Project moved = SetUps.copied(Demo.alone(sample));
            Situation from = Study.of(moved).shown();
            Situation to = Study.of(Aim.of(moved)).shown();
            assertThat(ChangeOver.of(Study.of(Aim.of(moved)), 0, 1).touches())
                    .as(sample.name() + ": it is there already")
                    .hasSizeLessThanOrEqualTo(1);
            assertThat(to.offCentre().length()).isLessThanOrEqualTo(Math.max(0.02, from.offCentre().length()) + 1e-6);
        }
        Project low = Demo.with(SetUps.copied(Demo.project()), "shot.wanted.height", 0.0);
        List<String> touches = ChangeOver.of(Study.of(Aim.of(low)), 0, 1).touches();
        assertThat(touches).hasSize(1).first().asString().startsWith("arm angle to");
    }

    /** A composition of more joints than a number has bits is set in a moment too. */
    @Test
    void manyJointsAreSetInAMoment() {
        List<Mounted> parts = new ArrayList<>(Demo.project().perch().parts());
        Mounted block = parts.stream().filter(p -> p.name().equals("carriage")).findFirst().orElseThrow();
        for (int i = 0; i < 17; i++) {
            parts.add(new Mounted("block-" + i, block.part(), block.on()));
        }
        Project many = Demo.with(SetUps.copied(Demo.project().with(new Perch(parts))), "shot.wanted.height", 0.0);
        assertThat(Study.of(many).assembly().freedoms()).hasSizeGreaterThan(32);
        long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        Situation set = Study.of(Aim.of(many)).shown();
        assertThat(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before).isLessThan(60_000_000_000L);
        assertThat(set.sensorDistance()).isGreaterThanOrEqualTo(set.distanceWanted() - 1e-6);
    }

    /** Without a rig, what was held by hand stays so when another is deleted or moved in the list. */
    @Test
    void whatIsHeldByHandStaysWhereverItStandsInTheList() {
        Project two = SetUps.copied(none());
        Project lower = Demo.with(two, "stance.joints.held.height", 1.0);
        assertThat(Aim.held(lower, SetUps.removed(lower.showing(0))).setUp().stance())
                .isEqualTo(lower.setUp().stance());
        assertThat(Aim.held(lower, SetUps.moved(lower, -1)).setUps().get(0)).isEqualTo(lower.setUps().get(1));
    }

    @Test
    void whatOneTouchesIsCounted() {
        Project two = SetUps.copied(Demo.project());
        assertThat(ChangeOver.of(Study.of(two), 0, 1).words()).isEqualTo("nothing to touch");
        Project other = Demo.with(two, "stance.joints.carriage.swing", Math.toRadians(30), "stance.x", 1.1,
                "setUp.lens", 1, "shot.crop", 1.5);
        assertThat(ChangeOver.of(Study.of(other), 0, 1).touches()).containsExactly("move it 102 mm",
                "swing to 30.0°", "put on “60 mm”", "crop 1.50");
    }

    /** From the left of the bench to its right the low arm would go through it; lifted over it, nothing is in the way. */
    @Test
    void whatIsInTheWayIsTold() {
        Project left = Demo.with("stance.x", 1.0, "place.bench.from", 1.3, "stance.joints.carriage.pin", 0.0,
                "stance.joints.arm.lift", -0.6, "stance.joints.carriage.swing", Math.toRadians(80));
        Project low = Demo.with(SetUps.copied(left), "stance.joints.carriage.swing", Math.toRadians(-80));
        assertThat(Assessor.now(low).finding("clear.bench").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(ChangeOver.of(Study.of(low), 0, 1).inTheWay()).contains("bench");
        Project high = Demo.with(Demo.with(low.showing(0), "stance.joints.arm.lift", 0.4).showing(1),
                "stance.joints.arm.lift", 0.4, "stance.joints.carriage.pin", 5.0);
        assertThat(ChangeOver.of(Study.of(Demo.with(high.showing(0), "stance.joints.carriage.pin", 5.0)), 0, 1)
                .inTheWay()).isEmpty();
    }

    // Without a rig.

    private static Project none() {
        Project demo = Demo.project();
        return Aim.of(demo.with(demo.stance().with(Map.of())).with(Perch.NONE));
    }

    /** 24 mm for 420 × 297 mm on 23.5 × 13.22 mm: m = 13.22/297, u + v = 24·(2 + m + 1/m) = 588.3 mm, by hand. */
    @Test
    void withoutARigTheCameraIsHeldWhereItIsWanted() {
        Project a3 = Demo.with(none(), "shot.wanted.width", 0.42, "shot.wanted.depth", 0.297);
        Project held = Aim.held(none(), a3);
        Situation s = Study.of(held).shown();
        assertThat(s.inRoom(s.sensor()).z() - 0.92).isCloseTo(0.5883 + 0.003, within(0.001));
        assertThat(s.offCentre().length()).isLessThan(0.001);
        assertThat(Assessor.now(held).sentence())
                .isEqualTo("No rig holds the camera yet. Held there, it sees all that you want.");
        assertThat(Aim.held(held, Demo.with(held, "stance.joints.held.height", 1.0)).stance().joints())
                .as("what is moved by hand stays there").containsEntry("held.height", 1.0);
        Assessment full = Assessor.full(held, Progress.NONE);
        assertThat(full.findings())
                .allMatch(f -> f.about().id().matches("(shot|clear|gear).*"));
    }

    @Test
    void aProjectWithoutARigIsAFileLikeAnyOther(@TempDir java.nio.file.Path folder) throws Exception {
        java.nio.file.Path file = folder.resolve("none.perch.json");
        ProjectFile.write(file, none());
        assertThat(ProjectFile.read(file)).isEqualTo(none());
        assertThat(Files.readString(file, StandardCharsets.UTF_8)).contains("\"perch\" : [ ]");
        assertThat(Exporters.PACK.impossible(none())).contains("there is no rig yet");
        assertThat(Exporters.MAT.impossible(none())).isEmpty();
        Project high = Path.of("shot.lens.focalLength").with(none(), 0.2);
        assertThat(Assessor.now(Aim.held(none(), high)).finding("shot.ceiling").verdict()).isEqualTo(Verdict.GIVES);
    }

    /** Where somebody is to be filmed, the kind's head is one that tilts, and the camera looks level at them. */
    @Test
    void aKindIsStartedWithAHeadThatTiltsWhereItMust() {
        Project talking = Demo.with(SetUps.copied(none()), "setUp.name", "Talking", "shot.wanted.filmed",
                Filmed.HEAD_AND_SHOULDERS);
        Study rig = Study.of(Choosing.of(talking, Demo.kind("sliding-mast")));
        assertThat(Sight.of(rig.in(1)).astray()).isLessThan(1e-6);
        assertThat(Sight.of(rig.in(0)).slant()).isLessThan(1e-6);
        assertThat(ChangeOver.of(rig, 0, 1).touches()).anyMatch(t -> t.startsWith("tilt of the head to 90"));
        Project stiff = rig.project().showing(1).with(Demo.project().perch());
        stiff = Aim.of(stiff.with(stiff.stance().with(Map.of())));
        assertThat(Aim.lacking(stiff)).contains("let it tilt forward by 90.0° under Perch, Head");
        assertThat(Aim.lacking(rig.project().showing(1))).isEmpty();
        Project straight = Choosing.of(SetUps.copied(none()), Demo.kind("sliding-mast"));
        assertThat(Study.of(straight).assembly().freedoms()).extracting(f -> f.id()).doesNotContain("head.tilt");
    }

    @Test
    void aKindIsPutWhereEachSetUpWantsIt() {
        Project two = SetUps.copied(none());
        Project rigged = Choosing.of(Demo.with(two, "shot.wanted.height", 0.0), Demo.kind("cast-box-post"));
        assertThat(rigged.setUps()).extracting(SetUp::name).containsExactly("Overhead", "Set-up 2");
        assertThat(Assessor.now(rigged).findings()).filteredOn(f -> f.about().id().startsWith("shot"))
                .allMatch(f -> f.verdict() == Verdict.HOLDS);
        Vec3 over = Study.of(rigged).in(1).offCentre();
        assertThat(over.length()).isLessThan(0.021);
    }
}

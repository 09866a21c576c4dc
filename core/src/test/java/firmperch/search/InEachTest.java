package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import firmperch.Demo;
import firmperch.Known;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Verdict;
import firmperch.file.CheckReport;
import firmperch.file.Samples;
import firmperch.frame.FrameModel.PointForce;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.project.SetUps;
import firmperch.shot.Recording;
import firmperch.shot.Lens;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is asked of the set pose is asked in every set-up. */
class InEachTest {
    /** The wedging bench overhead, and the same once more with its arm low: the hands have no room there. */
    private static Project low() {
        Project two = Demo.with(SetUps.copied(Demo.project()), "setUp.name", "Low", "stance.joints.arm.lift", -0.1);
        return two.showing(0);
    }

    @Test
    void theWorstSetUpCountsAndIsNamed() {
        Assessment both = Assessor.now(low());
        Finding hands = both.finding("shot.hands");
        assertThat(hands.in(both.project())).isEqualTo("Low");
        assertThat(hands.margin()).isEqualTo(
                Assessor.now(Demo.with("stance.joints.arm.lift", -0.1)).finding("shot.hands").margin());
        assertThat(both.sentence()).contains("the camera sees").endsWith("in “Low”.");
        assertThat(both.situation().project().setUp().name()).isEqualTo("Overhead");
        // Whichever is shown, the findings are the same.
        Assessment other = Assessor.now(low().showing(1));
        for (Finding f : both.findings()) {
            assertThat(other.finding(f.id()).margin()).as(f.id()).isEqualTo(f.margin());
        }
        Finding alone = Assessor.weakestIn(both.study(), 0);
        assertThat(alone.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(Assessor.weakestIn(both.study(), 1).id()).isEqualTo("shot.picture");
    }

    @Test
    void aSetUpCopiedChangesNoVerdict() {
        for (Project sample : Samples.all()) {
            Assessment was = Assessor.now(sample);
            Assessment is = Assessor.now(SetUps.copied(sample));
            assertThat(is.findings()).hasSameSizeAs(was.findings());
            for (Finding f : was.findings()) {
                assertThat(is.finding(f.id()).margin()).as(sample.name() + " " + f.id()).isEqualTo(f.margin());
            }
        }
        Assessment every = Assessor.everyPose(SetUps.copied(Demo.project()), Progress.NONE);
        for (Finding f : Known.everyPose(Demo.project()).findings()) {
            assertThat(every.finding(f.id()).margin()).as(f.id()).isCloseTo(f.margin(), within(1e-9));
        }
    }

    /** A long lens that is used high above is not in the way of a short one that is used low. */
    @Test
    void eachHasItsOwnLensUnderTheHead() {
        Project p = low().showing(1);
        List<Lens> lenses = new ArrayList<>(List.of(p.gear().lenses().getFirst()));
        lenses.add(new Lens("long", 0.024, 0, 0.28, 0.25));
        Project mixed = p.with(p.gear().through(0, lenses));
        Project longAbove = Path.of("setUp.lens").with(mixed.showing(0), 1);
        double own = Assessor.now(Demo.alone(p.with(List.of(p.setUps().get(1)), 0))).finding("clear.bench").reading()
                .available();
        Situation below = Study.of(longAbove).in(1);
        assertThat(RaisedQuestions.of(below.study(), "clear.bench").orElseThrow().at(below).available())
                .isEqualTo(own);
        Project longBelow = Path.of("setUp.lens").with(mixed.showing(1), 1);
        Finding nearer = Assessor.now(longBelow).finding("clear.bench");
        // 250 mm before the sensor instead of 115.
        assertThat(nearer.reading().available()).isCloseTo(own - 0.135, within(1e-6));
        assertThat(nearer.in(longBelow)).isEqualTo("Low");
    }

    /** With a lens of another length its room under the head is another, and the rig one of its own; what rolls is as hard to move. */
    @Test
    void whatRollsRollsAlikeUnderWhateverLens() {
        Project table = Demo.with(Demo.with(Samples.all().get(2), "perch.trolley.hangers.brake", 0.0),
                "perch.bridge.hangers.brake", 0.0);
        List<Lens> lenses = new ArrayList<>(table.gear().lenses());
        lenses.set(1, new Lens("longer", 0.05, 0, 0.25, 0.15));
        Study study = Study.of(table.with(table.gear().through(0, lenses)));
        Situation short24 = study.in(0);
        Situation longer = study.in(1);
        assertThat(longer.study().assembly()).as("a rig of its own").isNotSameAs(short24.study().assembly());
        Situation same = longer.in(short24.posed().pose());
        for (String id : List.of("stays.run@trolley.run", "stays.run@bridge.run")) {
            assertThat(holds(short24, id)).as(id).isGreaterThan(0.1);
            assertThat(holds(same, id)).as(id).isCloseTo(holds(short24, id), within(1e-6));
        }
    }

    private static double holds(Situation s, String id) {
        return RaisedQuestions.of(s.study(), id).orElseThrow().at(s).available();
    }

    @Test
    void aCureOfOneSetUpLeavesTheOthersAsTheyAre() {
        Assessment every = Assessor.everyPose(low(), Progress.NONE);
        Assessment cured = Assessor.withCures(every, every.finding("shot.hands"), Progress.NONE);
        List<Finding.Cure> cures = cured.finding("shot.hands").cures();
        assertThat(cures).isNotEmpty();
        Finding.Cure moved = cures.stream().filter(Finding.Cure::moves).findFirst().orElseThrow();
        assertThat(moved.changed().shown()).isZero();
        assertThat(moved.changed().setUps().get(0)).isEqualTo(low().setUps().get(0));
        assertThat(Assessor.now(moved.changed()).finding("shot.hands").verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** A finger on the camera is a touch of 5 N: along the arm it moves it by what the frame says, and the remote is the free cure. */
    @Test
    void whoPressesRecordMayShakeThePicture() {
        Project two = Demo.with(SetUps.copied(Demo.project()), "setUp.recording", Recording.HAND,
                "shot.camera.pixels.wide", 15360, "shot.camera.pixels.high", 8640);
        Assessment every = Assessor.everyPose(two, Progress.NONE);
        Finding pressed = every.finding("shot.record");
        assertThat(pressed.in(two)).isEqualTo("Set-up 2");
        Situation s = every.study().in(1);
        double far = s.frame().orElseThrow()
                .under(List.of(new PointForce(s.framed().camera(), s.framed().cameraOffset(), Vec3.X.times(5))))
                .movement(s.framed().camera(), s.framed().cameraOffset()).x();
        assertThat(pressed.reading().asked()).isGreaterThanOrEqualTo(Math.abs(far) * (1 - 1e-6));
        assertThat(pressed.verdict()).isEqualTo(Verdict.GIVES);
        Finding.Cure cure = Assessor.withCures(every, pressed, Progress.NONE).finding("shot.record").cures().getFirst();
        assertThat(cure.what()).isEqualTo("press record with a remote, or set a timer");
        assertThat(cure.price()).isEmpty();
        assertThat(Assessor.now(Demo.project()).finding("shot.record").verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void theReportNamesTheSetUp() throws Exception {
        JsonNode report = new ObjectMapper().readTree(CheckReport.json(Assessor.now(low())));
        for (JsonNode finding : report.path("findings")) {
            if (finding.path("check").asText().equals("shot.hands")) {
                assertThat(finding.path("setup").asText()).isEqualTo("Low");
            }
        }
        assertThat(report.path("findings").toString()).contains("\"setup\":\"Overhead\"");
    }
}

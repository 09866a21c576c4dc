package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Station;
import firmperch.part.GearItem;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.shot.SensorFormat;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every check: that it says what it is, and that its number is that of a reckoning by hand or by another way. */
class ChecksTest {
    private static Reading reading(Project project, String check) {
        Study study = Study.of(project);
        return RaisedQuestions.of(study).stream().filter(q -> q.about().id().equals(check)).findFirst().orElseThrow()
                .at(study.set());
    }

    @Test
    void everyQuestionSaysWhatItIs() {
        Situation set = Situation.of(Demo.project());
        for (Question<?> question : RaisedQuestions.of(set.study())) {
            About about = question.about();
            assertThat(question.words()).endsWith("?").doesNotContain("%");
            assertThat(about.formula()).isNotBlank();
            assertThat(about.source()).as("source of %s", about.id()).isNotBlank();
            assertThat(question.weakness()).isNotBlank().doesNotEndWith(".").doesNotContain("%");
            Reading reading = question.at(set);
            assertThat(reading.numbers().get()).matches("(?s).*\\d.*").doesNotContain("NaN");
            if (reading.said() != null) {
                assertThat(reading.said().get()).isNotBlank().doesNotEndWith(".").doesNotContain("NaN");
            }
        }
    }

    @Test
    void idsStandOnce() {
        Set<String> ids = new HashSet<>();
        RaisedQuestions.of(Study.of(Demo.project())).forEach(q -> assertThat(ids.add(q.id())).as(q.id()).isTrue());
    }

    @Test
    void everyStationOfTheLoadPathIsChecked() {
        Assessment now = Assessor.now(Demo.project());
        for (Station station : now.study().assembly().stations()) {
            assertThat(now.at(station)).as("findings at %s", station).isNotEmpty();
        }
        assertThat(now.at(null)).as("findings of the place").isNotEmpty();
    }

    /** Thin lens by hand: 24 mm on APS-C, D = 511 mm: k = 19.29, m = 1/19.24, so 23.5 mm sees 452 mm. */
    @Test
    void pictureByHand() {
        Project p = Demo.with("shot.lens.focalLength", 0.024, "shot.camera.format", SensorFormat.ALL.get("aps-c"));
        double d = Situation.of(p).sensorDistance();
        double k = d / 0.024 - 2;
        double m = 2 / (k + Math.sqrt(k * k - 4));
        assertThat(reading(p, "shot.picture").available()).isCloseTo(0.0235 / m, within(1e-6));
        assertThat(reading(p, "shot.scale").available()).isCloseTo(3840 / (0.0235 / m), within(1e-3));
    }

    /** By the review of the slice: a camera 19 mm off the middle needs 38 mm more picture, and has not got it. */
    @Test
    void aCameraOffTheMiddleNeedsAsMuchMore() {
        Project p = Demo.with("stance.x", Demo.project().stance().x() + 0.019);
        Reading off = reading(p, "shot.picture");
        assertThat(off.asked()).isCloseTo(0.44 + 2 * 0.019, within(2e-3));
        assertThat(off.margin()).isLessThan(1);
        assertThat(Assessor.now(p).sentence()).contains("the camera sees").contains("mm you want");
    }

    @Test
    void tooNearToFocusIsSaid() {
        Reading near = reading(Demo.with("shot.lens.nearestFocus", 0.8), "shot.focus");
        assertThat(near.margin()).isLessThan(1);
        // A lens cannot focus nearer than life size, 4·f, whatever is engraved on it.
        assertThat(reading(Demo.with("shot.lens.focalLength", 0.2, "shot.lens.nearestFocus", 0.1), "shot.focus")
                .asked()).isCloseTo(0.8, within(1e-12));
    }

    /** A long lens needs a surprising height: 100 mm on APS-C for 440 mm wants u + v of 2.08 m over the work (thin lens). */
    @Test
    void aLongLensWantsToBeAboveTheCeiling() {
        Reading height = reading(Demo.with("shot.lens.focalLength", 0.1), "shot.ceiling");
        double m = 0.0235 / 0.44;
        assertThat(height.margin()).isLessThan(1);
        assertThat(height.asked()).isGreaterThan(0.92 + 0.1 * (2 + m + 1 / m));
        assertThat(reading(Demo.project(), "shot.ceiling").margin()).isGreaterThan(1);
    }

    @Test
    void aCameraBelowTheWorkSeesNothing() {
        Project low = Demo.with("place.room.ceiling", 3.0, "place.bench.height", 1.9);
        for (String check : List.of("shot.picture", "shot.focus", "shot.hands", "shot.scale")) {
            assertThat(reading(low, check).margin()).as(check).isZero();
        }
    }

    /** The lens can no longer be set into the bench without being told: what is lower than its top hits it. */
    @Test
    void theLensInTheBenchIsSaidFirst() {
        Project low = Demo.with("stance.joints.carriage.pin", 0.0, "stance.joints.arm.lift", -0.3);
        Assessment now = Assessor.now(low);
        assertThat(now.finding("clear.bench").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(now.sentence()).endsWith("it hits the bench.");
    }

    /** Geometry by hand: the axis stands 0.998 m from the wall, swivels 0.33 m nearer, wheels reach 72 mm past those. */
    @Test
    void walkwayCountsTheWheelsAtTheirWidest() {
        double open = reading(Demo.project(), "place.walkway").available();
        assertThat(open).isCloseTo(0.998 - 0.33 - 0.032 - 0.040, within(2e-3));
        assertThat(reading(Demo.with("stance.x", 0.9), "place.walkway").margin()).isLessThan(1);
    }

    /** IEC 62368-1, from memory: a fifth of the weight, at most 250 N, at 1.5 m or at the top if that is lower. */
    @Test
    void pushAskedFollowsThePolicy() {
        Situation s = Situation.of(Demo.project());
        assertThat(reading(Demo.project(), "tip.push").asked()).isCloseTo(0.2 * s.posed().mass() * 9.80665,
                within(1e-9));
        assertThat(reading(Demo.with("policy.standing.pushMost", 60.0), "tip.push").asked()).isEqualTo(60);
        Situation low = Situation.of(Demo.with("policy.standing.pushHeight", 3.0));
        assertThat(low.pushHeight()).isEqualTo(low.posed().top());
    }

    /** Two questions kept apart: it stands, and resists less than is asked, and the sentence says just that. */
    @Test
    void standingAndStandingFirmlyAreTwoQuestions() {
        Assessment narrow = Assessor.everyPose(Demo.with("perch.box.corners.out", 0.25),
                firmperch.search.Progress.NONE);
        assertThat(narrow.finding("tip.stands").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(narrow.finding("tip.push").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(narrow.sentence()).startsWith("It stands in every pose, but a shove of").contains("kg")
                .contains("tips it")
                .contains("it should take");
        assertThat(narrow.finding("tip.push").reading().numbers().get()).contains("toward the arm").contains("sideways")
                .contains("back");
        assertThat(narrow.finding("tip.lean").reading().numbers().get()).contains("toward the arm").contains("left")
                .contains("right").contains("back");
    }

    /**
     * By hand for a pipe 48.3 × 3.2: whole where it leaves the concrete, under gravity and the whole lever of the push; less a Ø 10.5 hole
     * through both walls at its lowest pin hole, where the push's lever is shorter. The worse of the two.
     */
    @Test
    void uprightByHand() {
        Situation s = Situation.of(Demo.project());
        double hole = 10.5;
        double whole = Math.PI / 64 * (Math.pow(48.3, 4) - Math.pow(41.9, 4));
        double area = Math.PI / 4 * (48.3 * 48.3 - 41.9 * 41.9);
        Station post = s.study().assembly().stations().get(2);
        double floor = 0.108 + 0.018 + 0.018;
        double first = firmperch.param.Path.of("perch.post.row.first").number(Demo.project());
        double gravity = s.posed().momentAt(post);
        double push = 0.2 * s.posed().mass() * 9.80665;
        double weight = s.posed().massFrom(post) * 9.80665;
        double atFoot = (gravity + push * (1.5 - floor - 0.14)) * 1e3 / (whole / 24.15) + weight / area;
        double lost = 2 * hole * 3.2;
        double atHole = (gravity + push * (1.5 - floor - first)) * 1e3 / ((whole - lost * 22.55 * 22.55) / 24.15)
                + weight / (area - lost);
        assertThat(reading(Demo.project(), "upright").asked() / 1e6).isCloseTo(Math.max(atFoot, atHole), within(0.01));
    }

    /** The head holds the gear's weight at its own lever, in any direction, times the slip factor (statics). */
    @Test
    void headHoldsTheGearInEveryDirection() {
        Project one = Demo.project()
                .with(Demo.project().gear()
                        .with(List.of(new GearItem("camera", 2, 0.03, 0, -0.04, GearItem.Size.POINT)))
                        .sparing(0));
        assertThat(reading(one, "rated").asked()).isCloseTo(2 * 9.80665 * 0.05 * 1.5, within(1e-9));
    }

    /** Clearance c over guided height a tilts by c/a (geometry). */
    @Test
    void carriageRocksByItsClearanceOverItsHeight() {
        assertThat(reading(Demo.with("perch.carriage.clearance", 0.002), "rock").asked()).isCloseTo(0.01, within(1e-5));
    }

    /** Statics: a person on the very corner outside a caster loads it with more than their own mass. */
    @Test
    void personOnACornerLoadsItsCasterByLever() {
        double load = reading(Demo.project(), "feet.person").asked();
        double share = reading(Demo.project(), "feet.share").asked();
        assertThat(load).isGreaterThan(100).isLessThan(100 * 1.15 + share);
    }

    /** NIOSH lifting equation: the load constant is 23 kg; what is poured is not lifted. */
    @Test
    void liftLimit() {
        Reading lift = reading(Demo.project(), "lift");
        assertThat(lift.available()).isEqualTo(23);
        assertThat(lift.asked()).isLessThan(25);
        assertThat(reading(Demo.with("perch.box.concrete.height", 0.2), "lift").asked()).isCloseTo(lift.asked(),
                within(1e-9));
    }

    /**
     * Superposition by hand for an arm stiff in itself: the post turns by M·h/EI under the arm's moment, and the camera sinks by
     * that turn times the arm's reach; stiff tyres and sticks still give a little.
     */
    @Test
    void sagOfAStiffArmIsThePostsTurnTimesItsReach() {
        Project p = Demo.with("perch.arm.pivots.measured", 1e6, "perch.arm.links.depth", 0.105,
                "perch.arm.links.thickness", 0.1, "perch.box.caster.tyre", firmperch.stock.Tyre.ALL.get("nylon"),
                "perch.carriage.clearance", 0.0);
        Situation s = Demo.posed(p, 5, 0, 0);
        double seat = 0.108 + 0.018 + 0.018 + 0.7 + 5 * 0.1;
        double height = seat + 0.1 - (0.108 + 0.018 + 0.018 + 0.14);
        double ei = 210e9 * Math.PI / 64 * (Math.pow(0.0483, 4) - Math.pow(0.0419, 4));
        Station carriage = s.study().assembly().stations().get(3);
        double expected = s.posed().momentAt(carriage) * height / ei * s.posed().mount().radius();
        assertThat(RaisedQuestions.of(s.study(), "sag").orElseThrow().at(s).asked()).isBetween(expected,
                expected * 1.15);
    }
}

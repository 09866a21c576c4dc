package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.frame.FrameSolver;
import firmperch.pose.PosedRig;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every check: that it says what it is, and that its number is that of a reckoning by hand or by another way. */
class ChecksTest {
    static List<Check> all() {
        return Checks.ALL;
    }

    private static Reading reading(Project project, String check) {
        return Checks.get(check).at(Situation.of(project));
    }

    @ParameterizedTest
    @MethodSource("all")
    void saysWhatItIs(Check check) {
        About about = check.about();
        assertThat(about.question()).endsWith("?");
        assertThat(about.formula()).isNotBlank();
        assertThat(about.source()).as("source of %s", about.id()).isNotBlank();
        assertThat(about.weakness()).isNotBlank().doesNotEndWith(".");
        assertThat(check.at(Situation.of(Demo.project())).numbers().get()).matches(".*\\d.*").doesNotContain("NaN");
        assertThat(check.remedies(Demo.project())).as("remedies of %s", about.id()).isNotEmpty();
    }

    @Test
    void idsStandOnce() {
        HashSet<String> ids = new HashSet<>();
        Checks.ALL.forEach(c -> assertThat(ids.add(c.about().id())).as(c.about().id()).isTrue());
    }

    @Test
    void everyStationOfTheLoadPathIsChecked() {
        Assessment now = Assessor.now(Demo.project());
        for (Station station : Station.values()) {
            assertThat(now.at(station)).as("findings at %s", station).isNotEmpty();
        }
    }

    /** Thin lens by hand: 24 mm on APS-C, D = 511 mm: k = 19.29, m = 1/19.24, so 23.5 mm sees 452 mm. */
    @Test
    void pictureByHand() {
        Project p = Demo.with("shot.focalLength", 0.024, "shot.format", "aps-c");
        double d = Situation.of(p).sensorDistance();
        double k = d / 0.024 - 2;
        double m = 2 / (k + Math.sqrt(k * k - 4));
        assertThat(reading(p, "shot.picture").available()).isCloseTo(0.0235 / m, within(1e-6));
        assertThat(reading(p, "shot.scale").available()).isCloseTo(3840 / (0.0235 / m), within(1e-3));
    }

    @Test
    void tooNearToFocusIsSaid() {
        Reading near = reading(Demo.with("shot.nearestFocus", 0.8), "shot.focus");
        assertThat(near.margin()).isLessThan(1);
        assertThat(near.numbers().get()).contains("needed");
        // A lens cannot focus nearer than life size, 4·f, whatever is engraved on it.
        assertThat(reading(Demo.with("shot.focalLength", 0.2, "shot.nearestFocus", 0.1), "shot.focus").asked())
                .isCloseTo(0.8, within(1e-12));
    }

    /** A long lens needs a surprising height: 100 mm on APS-C for 450 mm wants u + v of 2.12 m over the work (thin lens). */
    @Test
    void aLongLensWantsToBeAboveTheCeiling() {
        Reading height = reading(Demo.with("shot.focalLength", 0.1), "shot.ceiling");
        assertThat(height.margin()).isLessThan(1);
        double m = 0.0235 / 0.45;
        assertThat(height.asked()).isGreaterThan(0.92 + 0.1 * (2 + m + 1 / m));
        assertThat(reading(Demo.project(), "shot.ceiling").margin()).isGreaterThan(1);
    }

    @Test
    void handsRoomIsFromTheWorkToTheLens() {
        Reading room = reading(Demo.with("shot.lensLength", 0.2), "shot.hands");
        assertThat(room.available()).isCloseTo(Situation.of(Demo.project()).sensorDistance() - 0.2, within(1e-9));
        assertThat(reading(Demo.with("shot.handsRoom", 0.5), "shot.hands").margin()).isLessThan(1);
    }

    @Test
    void aCameraBelowTheWorkSeesNothing() {
        Project low = Demo.with("place.benchHeight", 1.9, "place.ceiling", 3.0);
        for (String check : List.of("shot.picture", "shot.focus", "shot.hands", "shot.scale")) {
            assertThat(reading(low, check).margin()).as(check).isZero();
        }
    }

    /** The board's edge is 612.5 mm from the wall, the wheels turned outward reach 72 mm past their axes: 578 mm. */
    @Test
    void walkwayCountsTheWheelsAtTheirWidest() {
        Reading open = reading(Demo.project(), "place.walkway");
        assertThat(open.available()).isCloseTo(0.97 - 0.32 - 0.032 - 0.040, within(1e-3));
        assertThat(reading(Demo.with("stance.x", 0.9), "place.walkway").margin()).isLessThan(1);
    }

    @Test
    void ceilingAndBenchAreMeasuredFromTheHighestAndNearest() {
        Project p = Demo.project();
        PosedRig posed = Situation.of(p).posed();
        double post = posed.foot().z() + 1.58;
        assertThat(posed.top()).isGreaterThanOrEqualTo(post);
        assertThat(reading(p, "place.ceiling").available()).isCloseTo(2.30 - posed.top(), within(1e-9));
        // The base passes under this bench; a bench on the floor stops it.
        assertThat(reading(p, "place.bench").available()).isCloseTo(1.42 - 0.97 - 0.0483 / 2, within(1e-3));
        assertThat(reading(Demo.with("place.benchTop", 0.8), "place.bench").available()).isLessThan(0.1);
    }

    /** IEC 62368-1, from memory: a fifth of the weight, at most 250 N, at 1.5 m or at the top if that is lower. */
    @Test
    void pushAskedFollowsThePolicy() {
        Situation s = Situation.of(Demo.project());
        assertThat(Checks.get("tip.push").at(s).asked()).isCloseTo(0.2 * s.posed().mass() * 9.80665, within(1e-9));
        assertThat(reading(Demo.with("policy.pushMost", 60.0), "tip.push").asked()).isEqualTo(60);
        Project low = Demo.with("policy.pushHeight", 3.0);
        assertThat(Situation.of(low).pushHeight()).isEqualTo(Situation.of(low).posed().top());
    }

    @Test
    void theFloorsSlopeIsTakenOffTheLean() {
        double level = reading(Demo.with("place.slope", 0.0), "tip.lean").available();
        double sloping = reading(Demo.with("place.slope", Math.toRadians(3)), "tip.lean").available();
        assertThat(level - sloping).isCloseTo(Math.toRadians(3), within(1e-12));
    }

    /** Common practice, no source: four times the gear is hung on, so three times the gear comes on top of it. */
    @Test
    void proofLoadIsFourTimesTheGearOrTheSpareWanted() {
        double gear = Demo.project().gear().mass();
        assertThat(reading(Demo.project(), "tip.proof").asked()).isCloseTo(3 * gear, within(1e-9));
        assertThat(reading(Demo.with("gear.spare", 9.0), "tip.proof").asked()).isEqualTo(9);
    }

    /** Common practice, no source: three casters must carry it all. */
    @Test
    void threeCarryAll() {
        assertThat(reading(Demo.project(), "caster.three").asked())
                .isCloseTo(Situation.of(Demo.project()).posed().mass() / 3, within(1e-9));
    }

    /** Statics: a person on the very corner outside a caster loads it with more than their own mass. */
    @Test
    void personOnACornerLoadsItsCasterByLever() {
        double load = reading(Demo.project(), "caster.person").asked();
        double share = reading(Demo.project(), "caster.share").asked();
        assertThat(load).isGreaterThan(100).isLessThan(100 * 1.15 + share);
        assertThat(reading(Demo.with("policy.person", 0.0), "caster.person").asked()).isCloseTo(share, within(1e-6));
    }

    /** Section modulus by hand for 48.3 × 3.2 less a Ø 10 hole through both walls; M/W for gravity and push. */
    @Test
    void postBendingByHand() {
        Situation s = Situation.of(Demo.project());
        double inertia = Math.PI / 64 * (Math.pow(48.3, 4) - Math.pow(41.9, 4)) - 2 * 10 * 3.2 * Math.pow(22.55, 2);
        double modulus = inertia / 24.15;
        double moment = s.posed().momentAt(Station.UPRIGHT)
                + 0.2 * s.posed().mass() * 9.80665 * (1.5 - s.posed().castHeight());
        double axial = s.posed().massFrom(Station.UPRIGHT) * 9.80665
                / (Math.PI / 4 * (48.3 * 48.3 - 41.9 * 41.9) - 2 * 10 * 3.2);
        assertThat(Checks.get("post.bending").at(s).asked() / 1e6).isCloseTo(moment * 1e3 / modulus + axial,
                within(0.01));
    }

    /** Steel pin Ø 10 of S235 by hand: double shear 2·78.54·136/1.5 = 14 242 N (EN 1993-1-8, from memory). */
    @Test
    void pinByHand() {
        Reading pin = reading(Demo.with("perch.upright.stock", "square-50x3"), "carriage.pin");
        assertThat(pin.available()).isCloseTo(Math.min(14242, 2 * 10 * 3 * 1.5 * 235 / 1.5), within(1.0));
        double carried = Situation.of(Demo.project()).posed().massFrom(Station.CARRIAGE);
        assertThat(reading(Demo.project(), "carriage.pin").asked()).isCloseTo(carried * FrameSolver.GRAVITY,
                within(1e-9));
    }

    /** Clearance c over guided height a tilts by c/a (geometry). */
    @Test
    void carriageRocksByItsClearanceOverItsHeight() {
        Reading rock = reading(Demo.with("perch.carriage.clearance", 0.002, "perch.carriage.height", 0.2),
                "carriage.rock");
        assertThat(rock.asked()).isCloseTo(0.01, within(1e-5));
    }

    /** EN 1995-1-1 table 8.4 and NDS 7D, from memory. */
    @ParameterizedTest
    @CsvSource({"m6, 0.042", "m8, 0.056", "m10, 0.070"})
    void endDistanceIsSevenDiameters(String bolt, double asked) {
        assertThat(reading(Demo.with("perch.arm.bolt", bolt), "arm.distance").asked()).isCloseTo(asked, within(1e-9));
    }

    /** The head holds the gear's weight at its own lever, in any direction, times the slip factor (statics). */
    @Test
    void headHoldsTheGearInEveryDirection() {
        Project one = Demo.project().with(new firmperch.rig.Gear(
                List.of(new firmperch.rig.GearItem("camera", 2, 0.03, 0, -0.04)), 0));
        assertThat(reading(one, "head.hold").asked()).isCloseTo(2 * 9.80665 * 0.05 * 1.5, within(1e-9));
    }

    /** NIOSH lifting equation: the load constant is 23 kg. */
    @Test
    void liftLimit() {
        Reading lift = reading(Demo.project(), "lift.mass");
        assertThat(lift.available()).isEqualTo(23);
        PosedRig posed = Situation.of(Demo.project()).posed();
        assertThat(lift.asked()).isGreaterThanOrEqualTo(posed.massFrom(Station.CARRIAGE));
    }

    /**
     * Superposition by hand for the level arm with one pivot rigid: the post turns by M·h/EI and bends by M·h²/2EI under
     * the arm's moment; the frame's sag with stiff tyres, stiff pivots and sticks is that turn times the arm's reach.
     */
    @Test
    void sagOfAStiffArmIsThePostsTurnTimesItsReach() {
        Project p = Demo.with("perch.arm.pivotStiffness", 1e6, "perch.arm.tightened", 4, "perch.arm.stickDepth", 0.105,
                "perch.arm.stickThickness", 0.1, "perch.base.tyre", "nylon");
        Situation s = Demo.posed(p, 6, 0, 0);
        PosedRig posed = s.posed();
        double height = posed.seat().z() + posed.carriage().height() / 2 - posed.castHeight();
        double ei = 210e9 * posed.post().postStock().section().secondMomentY();
        double moment = posed.momentAt(Station.CARRIAGE);
        double turn = moment * height / ei;
        double expected = turn * posed.mount().radius();
        double found = reading(p, s, "arm.sag");
        // Nylon tyres and the sticks still give a little: the hand reckoning is the lower bound, and close.
        assertThat(found).isBetween(expected, expected * 1.15);
    }

    private static double reading(Project project, Situation s, String check) {
        assertThat(s.project()).isEqualTo(project);
        return Checks.get(check).at(s).asked();
    }
}

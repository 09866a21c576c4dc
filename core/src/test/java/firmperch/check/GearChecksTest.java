package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.part.Cable;
import firmperch.part.GearFacts;
import firmperch.part.GearItem;
import firmperch.part.Mounting;
import firmperch.part.UsualGear;
import firmperch.place.Socket;
import firmperch.place.Spot;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.shot.CameraRoom;
import firmperch.shot.Framing;
import firmperch.stock.PlateFace;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GearChecksTest {
    private static Reading reading(Project project, String id) {
        return Assessor.now(project).finding(id).reading();
    }

    private static Project hanging(GearItem... items) {
        Project demo = Demo.project();
        return demo.with(demo.gear().with(List.of(items)));
    }

    private static GearItem item(String name, double mass, double forward, double left, double up, double high,
            GearFacts.Held held) {
        return new GearItem(name, mass, forward, left, up, new GearItem.Size(0.05, 0.05, high),
                new GearFacts(held, true, false, 0));
    }

    /** ISO 1222 (from memory): 4.5 to 5.5 mm of a 1/4 screw go into the camera; plate and spacer by hand. */
    @ParameterizedTest
    @CsvSource({"0.015, 0.010, true", "0.0144, 0.010, false", "0.0154, 0.010, true", "0.0156, 0.010, false",
            "0.033, 0.028, true", "0.009, 0.010, false"})
    void theScrewGoesSoFarIn(double length, double plate, boolean right) {
        Project project = Demo.with(hanging(item("Plate", 0.1, 0, 0, 0, plate, GearFacts.Held.BETWEEN)),
                "gear.mounting.length", length);
        assertThat(reading(project, "gear.screw").margin() >= 1 - 1e-9).isEqualTo(right);
    }

    /** A 3/8 screw does not go into a 1/4 thread; a 1/4 screw goes into a 3/8 thread with a bush, and without it does not. */
    @ParameterizedTest
    @CsvSource({"SMALL, SMALL, false, true", "LARGE, SMALL, false, false", "SMALL, LARGE, false, false",
            "SMALL, LARGE, true, true", "LARGE, LARGE, true, false", "LARGE, LARGE, false, true"})
    void threads(Mounting.Thread screw, Mounting.Thread camera, boolean bush, boolean fits) {
        Project project = Demo.with("gear.mounting.screw", screw, "gear.mounting.camera", camera, "gear.mounting.bush",
                bush);
        assertThat(reading(project, "gear.thread").margin() >= 1).isEqualTo(fits);
    }

    /**
     * 0.36 kg hung 120 mm to the left of a level screw turn it with 0.36·9.80665·0.12 = 0.4237 N·m. By hand: 0.5 N·m at K = 0.25 on 6.35 mm press with
     * 315 N; a ring of Ø 40 with a hole of 1.1·6.35 acts at ⅔·(20³ − 3.49³)/(20² − 3.49²) = 13.68 mm; bare metal at 0.15: 0.646 N·m.
     */
    @Test
    void friction() {
        Project project = hanging(item("Monitor", 0.36, 0, 0.12, 0, 0.1, GearFacts.Held.ARM));
        project = Demo.with(project, "gear.spare", 0.0, "gear.mounting.torque", 0.5, "gear.mounting.seat.face",
                PlateFace.ALL.get("metal"), "gear.mounting.seat.across", 0.04);
        Reading reading = reading(project, "gear.turns");
        assertThat(reading.asked()).isCloseTo(project.policy().loads().slip() * 0.4237, within(1e-4));
        assertThat(reading.available()).isCloseTo(0.646, within(1e-3));
        assertThat(reading(Demo.with(project, "gear.spare", 0.36), "gear.turns").asked())
                .as("as much again in spare").isCloseTo(2 * reading.asked(), within(1e-9));
        Project upright = Demo.with(project, "gear.mounting.axis", Mounting.Axis.UPRIGHT);
        assertThat(reading(upright, "gear.turns").asked()).as("level, weight does not turn it about an upright screw")
                .isCloseTo(0, within(1e-9));
    }

    /** A door 20 mm beside the screw that swings out 12 mm: under a plate 50 mm wide it is blocked, with a spacer of 30 mm and 18 mm high it is free. */
    @Test
    void aDoorNeedsANarrowSpacer() {
        GearItem plate = item("Plate", 0.1, 0, 0, 0, 0.01, GearFacts.Held.BETWEEN);
        GearItem spacer = new GearItem("Spacer", 0.05, 0, 0, 0, new GearItem.Size(0.03, 0.03, 0.018),
                new GearFacts(GearFacts.Held.BETWEEN, true, false, 0));
        Object[] door = {"gear.mounting.seat.door", 0.02, "gear.mounting.seat.swing", 0.012};
        assertThat(reading(Demo.with(hanging(plate), door), "gear.door").available()).isZero();
        assertThat(reading(Demo.with(hanging(plate, spacer), door), "gear.door").available())
                .isCloseTo(0.018, within(1e-12));
    }

    /** 18 W of 24 W leave a quarter; 20 W of 24 W do not. */
    @ParameterizedTest
    @CsvSource({"18, true", "20, false"})
    void aSupplyKeepsAQuarter(double watts, boolean enough) {
        Project project = Demo.with(hanging(new GearItem("Lamp", 0.2, 0, 0, 0, GearItem.Size.POINT,
                new GearFacts(GearFacts.Held.ARM, true, false, watts))), "gear.supply.watts", 24.0);
        assertThat(reading(project, "gear.power").margin() >= 1).isEqualTo(enough);
    }

    /**
     * Measured by hand along the drawing of the demo, the arm level: 170 mm from the camera's face to the arm's end plate (120 down the head, 50 aside at
     * most), its links 640, 60 to 120 from them to the carriage, then from the carriage at 1.35 m down to the nearest wheel 0.39 aside and 0.39 forward; a loop of
     * 100 mm at each of three joints. To the socket: 0.998 m to the wall, 0.7 m along it and 0.3 m up.
     */
    @Test
    void aCableGoesFromJointToJoint() {
        Project demo = Demo.with("stance.joints.arm.lift", 0.0);
        Project wired = demo.with(demo.gear().wired(List.of(new Cable("Lead", 4, true))))
                .with(demo.place().with(List.of(new Socket("S", new Spot(0, 0.7, 0), 0.3))));
        Situation s = Situation.of(wired);
        double needed = answer(s, "gear.cable@0").asked();
        double socket = s.project().stance().x() + 0.7 + 0.3;
        double carriage = s.posed().mount().z();
        double down = Math.sqrt(Math.pow(carriage - 0.11, 2) + 2 * 0.39 * 0.39);
        assertThat(needed - socket).isCloseTo(0.17 + 0.64 + 0.09 + down + 0.3, within(0.15));
        Project without = wired.with(wired.gear().wired(List.of(new Cable("Lead", 4, false))));
        assertThat(needed - answer(Situation.of(without), "gear.cable@0").asked()).isCloseTo(socket, within(1e-9));
    }

    private static <T> Reading answer(Situation s, String id) {
        return RaisedQuestions.of(s.study(), id).orElseThrow().at(s);
    }

    /** A screen at the work is straight ahead, one behind the worker's back is not seen, and one behind a board is hidden. */
    @Test
    void whatMustBeSeen() {
        Project demo = Demo.project();
        GearFacts seen = new GearFacts(GearFacts.Held.ARM, true, true, 0);
        GearItem low = new GearItem("Screen", 0.3, 0.10, 0, -0.30, GearItem.Size.POINT, seen);
        assertThat(reading(demo.with(demo.gear().with(List.of(low))), "gear.seen@0").asked()).isLessThan(0.6);
        GearItem behind = new GearItem("Screen", 0.3, 0.99, 0, 0.3, GearItem.Size.POINT, seen);
        assertThat(reading(demo.with(demo.gear().with(List.of(behind))), "gear.seen@0").margin()).isLessThan(1);
        GearItem board = new GearItem("Board", 0.3, 0.15, 0, 0, new GearItem.Size(0.01, 0.9, 0.9), GearFacts.PLAIN);
        Reading hidden = reading(demo.with(demo.gear().with(List.of(
                new GearItem("Screen", 0.3, -0.3, 0, 0.0, GearItem.Size.POINT, seen), board))), "gear.seen@0");
        assertThat(hidden.available()).isZero();
        assertThat(hidden.said().get()).isEqualTo("the rig hides “Screen” from where you work");
    }

    /** 200 mm beside the camera nothing hangs by itself; on an arm, beside what hangs there, or at the camera it does. The demos hang on something. */
    @Test
    void whatHangsOnNothing() {
        GearItem far = item("Box", 0.1, 0, 0.3, 0, 0.05, GearFacts.Held.CAMERA);
        GearItem between = item("Bar", 0.1, 0, 0.2, 0, 0.05, GearFacts.Held.ARM);
        CameraRoom room = Demo.project().cameraRoom();
        assertThat(hanging(far).gear().loose(room)).containsExactly(far);
        assertThat(hanging(far, between).gear().loose(room)).isEmpty();
        assertThat(hanging(item("Box", 0.1, 0, 0.3, 0, 0.05, GearFacts.Held.ARM)).gear().loose(room)).isEmpty();
        assertThat(Samples.all()).allSatisfy(p -> assertThat(p.gear().loose(p.cameraRoom())).isEmpty());
        assertThat(UsualGear.ALL).allSatisfy(row -> assertThat(hanging(row.item()).gear().loose(room)).isEmpty());
    }

    /**
     * By hand: a panel of 60 × 40 mm, 300 mm before the lens's own point and square to it, takes (0.06·v/0.3)·(0.04·v/0.3) of a sensor of 23.5 × 13.22 mm with
     * v = 25.3 mm behind the lens: 5.06 by 3.37 mm, 5.5 % of it; beside the picture it takes nothing, and the lamps of the list do not come into it.
     */
    @Test
    void whatHangsAtTheCameraInThePicture() {
        Situation demo = Situation.of(Demo.project());
        Framing lens = demo.shot().framing();
        double v = lens.imageDistance(lens.magnificationAt(demo.sensorDistance()));
        assertThat(v).isCloseTo(0.0253, within(1e-4));
        double front = demo.posed().mount().z() - demo.sensor().z() + v;
        GearItem panel = new GearItem("Panel", 0.1, 0, 0, -(front + 0.3), new GearItem.Size(0.04, 0.06, 1e-4),
                GearFacts.PLAIN);
        Reading reading = reading(hanging(panel), "shot.gear");
        double share = 0.04 * v / 0.3 * 0.06 * v / 0.3 / (0.0235 * 0.01322);
        assertThat(reading.asked()).isCloseTo(share, within(0.02 * share));
        assertThat(reading.said().get()).startsWith("“Panel” comes into the picture and takes ");
        GearItem aside = panel.at(new Vec3(0.4, 0.4, -(front + 0.3)));
        assertThat(reading(hanging(aside), "shot.gear").asked()).isZero();
        for (UsualGear.Row row : UsualGear.ALL) {
            assertThat(reading(hanging(row.item()), "shot.gear").margin()).as(row.item().name())
                    .isGreaterThanOrEqualTo(1);
        }
    }

    /** At least forty common things, each under a name of its own, each guessed; more gear never makes a finding better. */
    @Test
    void theListOfCommonThings() {
        assertThat(UsualGear.ALL).hasSizeGreaterThan(40);
        assertThat(UsualGear.ALL.stream().map(r -> r.item().name()).distinct()).hasSameSizeAs(UsualGear.ALL);
        assertThat(UsualGear.ALL).allSatisfy(r -> assertThat(r.item().facts().weighed()).isFalse());
        assertThat(UsualGear.ALL.getFirst().item().counts()).isCloseTo(0.19 * 1.25, within(1e-12));
        Project demo = Demo.project();
        List<GearItem> more = new ArrayList<>(demo.gear().items());
        more.add(UsualGear.ALL.get(5).item());
        double before = Assessor.now(demo).finding("tip.push").reading().margin();
        assertThat(Assessor.now(demo.with(demo.gear().with(more))).finding("tip.push").reading().margin())
                .isLessThan(before);
    }
}

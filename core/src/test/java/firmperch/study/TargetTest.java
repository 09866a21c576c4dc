package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.part.Perch;
import firmperch.place.Thing;
import firmperch.project.Project;
import firmperch.search.Aim;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.shot.Filmed;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TargetTest {
    private static final Project NONE = Demo.project().with(Demo.project().stance().with(Map.of())).with(Perch.NONE);

    private static Situation held(Project project) {
        return Study.of(Aim.of(project)).shown();
    }

    /** However the rectangle lies, and from wherever it is seen: the camera is held so that its worst corner just reaches the edge. */
    @Test
    void whatIsWantedJustFillsThePicture() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double tilt = i % 3 == 0 ? 0 : Math.toRadians(60) * random.nextDouble();
            double lean = i % 2 == 0 ? 0 : Math.toRadians(50) * (random.nextDouble() - 0.3);
            // The camera looks no higher than it can be tilted.
            Project p = Demo.with(NONE, "shot.wanted.depth", 0.1 + 0.1 * random.nextDouble(), "shot.wanted.width",
                    0.25 + 0.2 * random.nextDouble(), "shot.wanted.tilt", tilt, "shot.wanted.lean", lean,
                    "shot.wanted.turn", Math.PI * (random.nextDouble() - 0.5), "place.bench.from", 1.6);
            Situation s = held(p);
            Sight sight = Sight.of(s);
            assertThat(sight.astray()).as("number %d", i).isLessThan(1e-6);
            assertThat(sight.offMiddle().orElseThrow()).isLessThan(2e-3);
            // 3 mm and what reach is content with, of some 400.
            assertThat(sight.furthest().orElseThrow().out()).isBetween(0.975, 1.0 + 1e-9);
            assertThat(Assessor.now(s.project()).finding("shot.picture").verdict()).isEqualTo(Verdict.HOLDS);
        }
    }

    /**
     * 300 × 160 mm seen 45° from square on through 24 mm on 23.5 × 13.22 mm: the near corners are d − 80·sin 45° before the lens and 150 aside, so
     * that d = v·150/11.75 + 56.57 with v = 24·d/(d − 24) by Gauss. By hand: d = 383.4, v = 25.6, sensor 409.0 mm away.
     */
    @Test
    void atASlantTheNearCornersDecide() {
        Situation s = held(Demo.with(NONE, "shot.wanted.depth", 0.16, "shot.wanted.width", 0.3, "shot.wanted.lean",
                Math.toRadians(45)));
        assertThat(s.distanceWanted() * 1e3).isCloseTo(409.0, within(0.1));
        Vec3 off = s.inRoom(s.sensor()).minus(s.shotCentre());
        assertThat(off.z()).as("as high as it is back").isCloseTo(-off.x(), within(1e-3));
    }

    /** Drillis and Contini 1966 (from memory): of 1.70 m, chin 1.479, shoulders 1.391, hips 0.901 above the floor; sitting 0.884 over a seat at 0.420. */
    @Test
    void aPersonIsInItFromWhereToWhere() {
        double[][] holds = {{1.479, 1.70}, {1.391, 1.70}, {0.02, 1.70}};
        Filmed[] filmed = {Filmed.HEAD_AND_SHOULDERS, Filmed.TO_THE_WAIST, Filmed.WHOLE};
        for (int i = 0; i < filmed.length; i++) {
            Target t = Target.of(Demo.with(NONE, "shot.wanted.filmed", filmed[i], "place.bench.worker", 1.70));
            assertThat(t.centre().z() - t.height() / 2).isLessThan(holds[i][0]);
            assertThat(t.centre().z() + t.height() / 2).isGreaterThan(holds[i][1]);
            assertThat(t.width()).as("wider than the shoulders").isGreaterThan(0.259 * 1.70);
            assertThat(t.normal().x()).as("faces the wall").isCloseTo(-1, within(1e-12));
        }
        Target waist = Target
                .of(Demo.with(NONE, "shot.wanted.filmed", Filmed.TO_THE_WAIST, "place.bench.worker", 1.70));
        assertThat(waist.centre().z() - waist.height() / 2).as("above the hips").isGreaterThan(0.901);
        Target seated = Target.of(Demo.with(NONE, "shot.wanted.filmed", Filmed.TO_THE_WAIST, "place.bench.worker", 1.70,
                "shot.wanted.seated", true));
        assertThat(seated.centre().z() + seated.height() / 2).isBetween(0.884 + 0.420, 0.884 + 0.420 + 0.1);
    }

    /** Looking level at who stands there, from as far as the lens asks, none of the bench before them. */
    @Test
    void aTalkingViewLooksLevel() {
        Situation s = held(Demo.with(NONE, "shot.wanted.filmed", Filmed.HEAD_AND_SHOULDERS));
        assertThat(Sight.of(s).slant()).isCloseTo(Math.PI / 2, within(1e-6));
        assertThat(Assessor.now(s.project()).verdict()).isEqualTo(Verdict.HOLDS);
        Situation down = Study.of(Demo.with(s.project(), "stance.joints.held.tilt", 0.0)).shown();
        assertThat(Assessor.now(down.project()).finding("shot.direction").reading().asked())
                .isCloseTo(Math.PI / 2, within(1e-6));
    }

    /** A head that pans turns the picture to the work as it lies while the arm is swung aside, and the base stays. */
    @Test
    void aHeadPansToTheWork() {
        Project swung = Demo.with("perch.head.sweep", Math.PI, "perch.head.forward", Math.toRadians(90),
                "stance.joints.carriage.swing", Math.toRadians(20));
        Situation before = Study.of(swung).shown();
        Situation after = Study.of(Aim.of(swung)).shown();
        assertThat(Math.abs(heading(before))).isCloseTo(Math.toRadians(20), within(1e-9));
        assertThat(heading(after)).as("as the work lies").isCloseTo(0, within(1e-6));
        assertThat(after.study().assembly().freedoms()).hasSize(5);
        assertThat(Assessor.now(after.project()).findings()).filteredOn(f -> f.id().equals("stays.turn@head.pan"))
                .hasSize(1)
                .allMatch(f -> f.verdict() != Verdict.GIVES);
    }

    /** A head that tilts: 45° forward its gear hangs 45° forward, and the head holds what statics say. */
    @Test
    void aHeadTiltsItsGear() {
        Project tilts = Demo.with("perch.head.forward", Math.toRadians(90), "stance.joints.head.tilt", 0.0);
        assertThat(Study.of(Demo.project()).assembly().freedoms()).hasSize(3);
        assertThat(Study.of(tilts).assembly().freedoms()).hasSize(4);
        Situation level = Study.of(tilts).shown();
        Situation tilted = Study.of(Demo.with(tilts, "stance.joints.head.tilt", Math.toRadians(45))).shown();
        assertThat(Sight.of(tilted).slant()).isCloseTo(Math.toRadians(45), within(1e-9));
        // A sensor 30 mm under the mounting face swings forward and up.
        Vec3 moved = tilted.sensor().minus(level.sensor());
        assertThat(moved.x()).isCloseTo(0.03 * Math.sin(Math.toRadians(45)), within(1e-9));
        assertThat(moved.z()).isCloseTo(0.03 * (1 - Math.cos(Math.toRadians(45))), within(1e-9));
        double moment = 0;
        for (firmperch.part.GearItem g : tilts.gear().items()) {
            double forward = g.forward() * Math.cos(Math.toRadians(45)) - g.up() * Math.sin(Math.toRadians(45));
            moment += g.mass() * 9.80665 * forward;
        }
        double told = Assessor.now(tilted.project()).finding("torque@head.tilt").reading().asked();
        // 1.3 kg of spare more where the gear's middle is, and 1.5 times as much is asked.
        double gear = tilts.gear().mass();
        assertThat(told).isCloseTo(1.5 * Math.abs(moment) * (gear + 1.3) / gear, within(0.02 * told));
    }

    /** A ball rolls about the lens: a rectangle that lies turned is brought upright in the picture, and its weight turns nothing while it is level. */
    @Test
    void aBallBringsATurnedRectangleUpright() {
        Project ball = Demo.with("perch.head.roll", Math.PI, "perch.head.forward", Math.toRadians(60),
                "shot.wanted.turn", Math.toRadians(25));
        Situation after = Study.of(Aim.of(ball)).shown();
        assertThat(after.project().stance().joints().get("head.roll"))
                .isCloseTo(Math.toRadians(25) - turned(after), within(1e-4));
        Vec3 right = after.posed().camera().x().turned(after.project().stance().heading());
        assertThat(Math.abs(right.dot(after.target().right()))).isCloseTo(1, within(1e-6));
        assertThat(Sight.of(after).astray()).isLessThan(1e-6);
        assertThat(Assessor.now(after.project()).finding("shot.picture").verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** By how much its other joints have turned the camera. */
    private static double turned(Situation s) {
        return s.project().stance().joints().getOrDefault("carriage.swing", 0.0);
    }

    /** Moving room, rig and all set-ups together changes nothing that is not about the walls. */
    @Test
    void movedTogetherItIsTheSame() {
        for (Project here : List.of(Samples.wedgingBench(), Samples.all().get(2), Samples.all().getLast())) {
            Project there = Path.of("place.room.depth").with(here, here.place().room().depth() + 0.5);
            there = Path.of("place.bench.from").with(there, here.place().bench().from() + 0.3);
            List<Thing> things = here.place().things().stream()
                    .map(t -> t.at(t.spot().at(t.spot().x() + 0.3, t.spot().y()))).toList();
            there = there.with(there.place().with(things));
            there = there.with(there.setUps().stream()
                    .map(s -> s.with(s.stance().at(s.stance().x() + 0.3, s.stance().y()))).toList(), 0);
            Assessment moved = Assessor.now(there);
            for (Finding f : Assessor.now(here).findings()) {
                boolean walls = f.id().equals("clear.wall") || f.id().equals("place.walkway");
                if (!walls) {
                    assertThat(moved.finding(f.id()).margin()).as("%s %s", here.name(), f.id())
                            .isCloseTo(f.margin(), within(1e-5 * (1 + f.margin())));
                    assertThat(moved.finding(f.id()).setUp()).as(f.id()).isEqualTo(f.setUp());
                }
            }
        }
    }

    /** The way that the camera's forward points in the room, rad. */
    private static double heading(Situation s) {
        Vec3 forward = s.camera().x();
        return Math.atan2(forward.y(), forward.x()) + s.project().stance().heading();
    }
}

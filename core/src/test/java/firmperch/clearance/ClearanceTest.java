package firmperch.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.place.Block;
import firmperch.place.Post;
import firmperch.place.Rooms;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.pose.Pose;
import firmperch.pose.Rig;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.UnitSystem;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** How near a rig is to the room, on a block that slides out on an arm: by hand, and against JTS in the plan. */
class ClearanceTest {
    private static final double LONG = 0.3;
    private static final double WIDE = 0.1;
    private static final double HIGH = 0.06;

    /** A block with its middle 0.5 m out and 1 m up on what turns about the upright; it stands on a plate. */
    private static Rig rig() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("c");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Base", base, Vec3.ZERO);
        out.add(base, Piece.owned("Plate", Solid.Bought.box(0.2, 0.2, 0.02, 5)).at(Placement.at(0, 0, 0.01)));
        for (int i = 0; i < 3; i++) {
            out.contact(new Contact.Foot(out.spot("foot " + i, base,
                    new Vec3(0.1, 0, 0).turned(2 * Math.PI * i / 3), Surface.FLOOR),
                    new Contact.Bearing(1e6, 100)));
        }
        Body turn = out.body("turn", base, Placement.HERE, new Motion.Turn(
                out.freedom("turn", "Turn", Freedom.Kind.SWING, -Math.PI, Math.PI), Vec3.UP));
        Body up = out.body("up", turn, Placement.HERE, new Motion.Slide(
                out.freedom("up", "Height", Freedom.Kind.SLIDE, 0, 1), Vec3.UP, 1));
        out.add(up, Piece.owned("Block", Solid.Bought.box(LONG, WIDE, HIGH, 1)).at(Placement.at(0.5, 0, HIGH / 2)));
        out.mount(up, new Vec3(0.5, 0, 0));
        out.station("top", "Top", up, Vec3.ZERO, out.station());
        return Rig.of(out.build(), 0);
    }

    private static Reading reading(Project project, String id, double turn, double height) {
        Study study = Study.of(project, rig());
        return RaisedQuestions.of(study, id).orElseThrow().told(study.in(Pose.of(turn, height)));
    }

    /** What is enough to compare it. */
    private static Reading compared(Project project, String id, double turn, double height) {
        Study study = Study.of(project, rig());
        return RaisedQuestions.of(study, id).orElseThrow().at(study.in(Pose.of(turn, height)));
    }

    private static final Project ROOM = Demo.with("place.room.depth", 4.0, "place.room.ceiling", 2.5,
            "place.bench.from", 1.6, "place.bench.depth", 0.8, "place.bench.width", 1.2, "place.bench.height", 0.9,
            "place.bench.top", 0.05, "stance.x", 1.0, "stance.y", 0.0, "stance.heading", 0.0);

    /** Along the axes by hand: the block's ends against walls, floor, ceiling and bench. */
    @ParameterizedTest
    @CsvSource({"clear.ceiling, 0, 1, 1.44", "clear.floor, 0, 0.3, 0.3", "clear.wall, 0, 0.5, 0.9",
            "clear.floor, 2, 0.01, 0.01",
            "clear.bench, 0, 1, 0.1", "clear.bench, 0, 0.2, 0.59"})
    void byHand(String id, double turn, double height, double distance) {
        assertThat(reading(ROOM, id, turn, height).available()).isCloseTo(distance, within(1e-6));
    }

    /** Through the ceiling and the wall by how much, not merely through. */
    @Test
    void whatRunsIntoSomethingIsToldByHowMuch() {
        Reading ceiling = reading(Demo.with(ROOM, "place.room.ceiling", 1.0), "clear.ceiling", 0, 1);
        assertThat(ceiling.available()).isCloseTo(-0.06, within(1e-9));
        assertThat(ceiling.said().get()).isEqualTo("it hits the ceiling by 60 mm");
        Reading wall = reading(Demo.with(ROOM, "stance.x", 0.4), "clear.wall", Math.PI, 1);
        assertThat(wall.available()).isCloseTo(0.4 - 0.65, within(1e-9));
        assertThat(reading(ROOM, "clear.bench", 0, 0.86).available()).as("in the bench's top").isZero();
    }

    /** Level with the bench's top, anywhere beside it and turned anyhow, the distance in the plan is JTS's of two polygons. */
    @Test
    void besideTheBenchAgainstJts() {
        GeometryFactory jts = new GeometryFactory();
        Geometry bench = jts.createPolygon(new Coordinate[]{new Coordinate(1.6, -0.6), new Coordinate(2.4, -0.6),
                new Coordinate(2.4, 0.6), new Coordinate(1.6, 0.6), new Coordinate(1.6, -0.6)});
        Geometry block = jts.createPolygon(new Coordinate[]{new Coordinate(0.35, -0.05), new Coordinate(0.65, -0.05),
                new Coordinate(0.65, 0.05), new Coordinate(0.35, 0.05), new Coordinate(0.35, -0.05)});
        Geometry plate = jts.createPolygon(new Coordinate[]{new Coordinate(-0.1, -0.1), new Coordinate(0.1, -0.1),
                new Coordinate(0.1, 0.1), new Coordinate(-0.1, 0.1), new Coordinate(-0.1, -0.1)});
        Random random = new Random(3);
        int far = 0;
        for (int i = 0; i < 400; i++) {
            double x = 1 + 2 * random.nextDouble();
            double y = 2 * random.nextDouble() - 1;
            double heading = Math.PI * (2 * random.nextDouble() - 1);
            double turn = Math.PI * (2 * random.nextDouble() - 1);
            Project project = Demo.with(ROOM, "stance.x", x, "stance.y", y, "stance.heading", heading);
            Geometry there = AffineTransformation.rotationInstance(heading + turn).translate(x, y).transform(block);
            // The plate lies 0.83 m under the bench's top.
            double below = Math.hypot(0.83, AffineTransformation.rotationInstance(heading).translate(x, y)
                    .transform(plate).distance(bench));
            double distance = Math.min(below, there.distance(bench));
            assertThat(reading(project, "clear.bench", turn, 0.86).available()).isCloseTo(distance, within(1e-6));
            double compared = compared(project, "clear.bench", turn, 0.86).available();
            // To compare it, further off than four times what is asked the widest gap along an axis will do: never more than the distance.
            assertThat(compared).isLessThanOrEqualTo(distance + 1e-6);
            if (distance < 0.2) {
                assertThat(compared).isCloseTo(distance, within(1e-6));
            } else if (compared < distance - 1e-3) {
                far++;
            }
        }
        assertThat(far).as("far enough that a bound is another figure").isGreaterThan(60);
    }

    private static Geometry plan(GeometryFactory jts, Block block) {
        Coordinate[] ring = new Coordinate[block.plan().size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Vec3 corner = block.plan().get(i % block.plan().size());
            ring[i] = new Coordinate(corner.x(), corner.y());
        }
        return jts.createPolygon(ring);
    }

    /** In a room of things of every sort, turned anyhow, the distance to each at its own height is JTS's of two polygons; none hides another. */
    @Test
    void besideThingsOfAnyRoomAgainstJts() {
        GeometryFactory jts = new GeometryFactory();
        Geometry block = jts.createPolygon(new Coordinate[]{new Coordinate(0.35, -0.05), new Coordinate(0.65, -0.05),
                new Coordinate(0.65, 0.05), new Coordinate(0.35, 0.05), new Coordinate(0.35, -0.05)});
        Random random = new Random(5);
        int near = 0;
        for (int i = 0; i < 300; i++) {
            Project room = ROOM.with(ROOM.place().with(Rooms.random(random, 30)));
            double heading = Math.PI * (2 * random.nextDouble() - 1);
            Project project = Demo.with(room, "stance.x", 1 + 2 * random.nextDouble(), "stance.heading", heading);
            Study study = Study.of(project, rig());
            Geometry there = AffineTransformation.rotationInstance(heading).translate(project.stance().x(), 0)
                    .transform(block);
            Situation s = study.in(Pose.of(0, 0.4));
            for (Thing thing : project.place().things()) {
                for (Block part : thing.solid(project.place().room())) {
                    boolean level = part.low() < 0.4 && part.high() > 0.4 + HIGH;
                    double distance = there.distance(plan(jts, part));
                    if (level && distance < 0.15) {
                        // The plate it stands on may be nearer.
                        double said = s.clearance().from(part, body -> body.name().contains("up"), 0.2);
                        assertThat(said).as(thing.toString()).isCloseTo(distance, within(1e-6));
                        near++;
                    }
                }
            }
        }
        assertThat(near).as("near enough").isGreaterThan(40);
    }

    /** The corners of what is round lie outside of it by no more than is said, and its sides touch it. */
    @Test
    void whatIsRoundIsKeptClearOfByAtMostAHundredthMore() {
        Block round = new Post("P", new Spot(1, 0, 0.3), 0.2, 0, 2).solid(ROOM.place().room()).getFirst();
        for (int i = 0; i < 360; i++) {
            Vec3 d = Vec3.X.turned(Math.toRadians(i));
            double far = round.furthest(d).minus(new Vec3(1, 0, 0)).dot(d);
            assertThat(far).isBetween(0.1 - 1e-12, 0.101);
        }
    }
}

package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Freedom;
import firmperch.body.Vec3;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.file.Samples;
import firmperch.place.Lamp;
import firmperch.place.Spot;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.study.Situation;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Dragging the camera: where it can be it is brought, where it cannot it stops, and what is in the way is said. */
class DragSolverTest {
    private static final List<Vec3> SIDE = List.of(Vec3.X, Vec3.UP);

    private static DragSolver.Brought drag(Situation from, Vec3 by) {
        DragSolver hand = new DragSolver(from, from.sensorHook());
        return hand.to(new Reach.Goal(from.sensor().plus(by), SIDE, 0.001));
    }

    private static double above(Situation s) {
        return s.inRoom(s.lensFront()).z() - s.project().place().bench().height();
    }

    /** Over the bench the lens stops as far from its top as the policy asks, not in it (geometry). */
    @Test
    void theLensStopsAboveTheBench() {
        Situation set = Situation.of(Demo.project());
        DragSolver.Brought brought = drag(set, new Vec3(0, 0, -0.7));
        double gap = set.policy().distances().gap();
        assertThat(brought.inTheWay()).contains("further on").contains("the bench");
        assertThat(above(set.in(brought.pose()))).isBetween(gap - 1e-9, gap + 0.012);
    }

    /** Along what stands in the way it goes on: pulled down and out, it still comes out as far as it was pulled. */
    @Test
    void itGoesOnAlongWhatIsInTheWay() {
        Situation set = Situation.of(Samples.all().get(2));
        assertThat(set.project().name()).isEqualTo("Glazing table");
        DragSolver.Brought brought = drag(set, new Vec3(-0.25, 0, -0.7));
        Situation there = set.in(brought.pose());
        assertThat(there.sensor().x() - set.sensor().x()).isCloseTo(-0.25, within(0.02));
        assertThat(above(there)).isPositive();
        assertThat(brought.inTheWay()).isNotEmpty();
    }

    @Test
    void aWallStopsItAndIsNamed() {
        Project near = Demo.with(Demo.alone(Samples.all().get(2)), "place.room.depth", 2.5);
        Situation set = Situation.of(near);
        DragSolver.Brought brought = drag(set, new Vec3(2, 0, 0));
        assertThat(brought.inTheWay()).contains("a wall");
        Situation there = set.in(brought.pose());
        double most = there.study().assembly().pieces().stream()
                .mapToDouble(p -> there.inRoom(there.posed().furthest(p, Vec3.X)).x()).max().orElseThrow();
        assertThat(most).isLessThan(2.5).isGreaterThan(2.4);
    }

    /** Already in the bench it can be drawn out of it, and moved about there. */
    @Test
    void whatWasInTheWayBeforeDoesNotHoldIt() {
        Project low = Demo.with("stance.joints.carriage.pin", 0.0, "stance.joints.arm.lift", -0.3);
        Situation set = Situation.of(low);
        assertThat(above(set)).isNegative();
        DragSolver.Brought out = drag(set, new Vec3(0, 0, 0.5));
        assertThat(out.inTheWay()).isEmpty();
        assertThat(set.in(out.pose()).sensor().z() - set.sensor().z()).isCloseTo(0.5, within(0.002));
    }

    /** Where nothing is in the way the hand brings it where it is pulled, in every corner of the studio. */
    @Test
    void whereItIsFreeItComes() {
        Random random = new Random(8);
        for (Project project : Samples.all()) {
            Situation set = Situation.of(project);
            for (int i = 0; i < 20; i++) {
                double[] at = set.study().assembly().freedoms().stream()
                        .mapToDouble(f -> f.nearest(f.from() + (f.to() - f.from()) * random.nextDouble())).toArray();
                Situation other = set.in(Pose.of(at));
                DragSolver.Brought brought = new DragSolver(set, set.sensorHook())
                        .to(new Reach.Goal(other.sensor(), SIDE, 0.001));
                Vec3 left = set.in(brought.pose()).sensor().minus(other.sensor());
                if (Math.hypot(left.x(), left.z()) > 0.002) {
                    assertThat(brought.inTheWay()).as("%s, round %d", project.name(), i).isNotEmpty();
                }
            }
        }
    }

    /** A ceiling arm on rails both ways comes over the whole of the table under it, corners too. */
    @Test
    void railsBothWaysReachEveryCorner() {
        Coverage table = Coverage.of(Situation.of(Demo.alone(Samples.all().get(2))), Progress.NONE);
        assertThat(table.share()).isEqualTo(1);
        // Folded up, every arm at its upper stop, sticks level or 2° down: by the links' closed form, 0.42·sin θ each.
        Situation set = Situation.of(Demo.alone(Samples.all().get(2)));
        double up = 0.42 * (2 * Math.sin(0.2) + Math.sin(0.20008046327506798) - Math.sin(Math.toRadians(2)));
        assertThat(table.highest() - set.lensFront().z()).isCloseTo(up, within(0.002));
        assertThat(table.lowest()).isGreaterThan(set.project().place().bench().height());
        assertThat(table.words()).startsWith("the camera comes over the whole bench, corners too");
    }

    /**
     * Of 100,000 random poses of each corner, wherever one brings the camera over a place of the grid at the height that it may have, with nothing hit, that place is
     * told as reached.
     */
    @Test
    void whereRandomPosesComeItIsReached() {
        Random random = new Random(4);
        int over = 0;
        for (Project corner : List.of(Samples.all().get(0), Samples.all().get(2), Samples.all().get(4))) {
            Situation set = Situation.of(corner);
            Coverage coverage = Coverage.of(set, Progress.NONE);
            double low = set.sensorWanted().z();
            double high = low + 0.25 * set.distanceWanted();
            List<Question<?>> hits = RaisedQuestions.of(set.study()).stream()
                    .filter(q -> q.about().topic() == Topic.HITS).toList();
            List<Freedom> freedoms = set.study().assembly().freedoms();
            boolean[] keeps = Orientation.keeps(set.study());
            for (int i = 0; i < 100_000; i++) {
                double[] at = IntStream.range(0, keeps.length).mapToDouble(f -> keeps[f]
                        ? set.posed().pose().get(f)
                        : freedoms.get(f).nearest(freedoms.get(f).from()
                                + (freedoms.get(f).to() - freedoms.get(f).from()) * random.nextDouble()))
                        .toArray();
                Vec3 sensor = set.inRoom(set.in(Pose.of(at)).sensor());
                for (Coverage.Place p : coverage.places()) {
                    // Nearer than it counts, so that the search's own contentment decides nothing.
                    boolean there = Math.hypot(sensor.x() - p.x(), sensor.y() - p.y()) < 0.015 && sensor.z() > low
                            && sensor.z() < high - 0.005;
                    if (there && !p.reached() && hits.stream().allMatch(q -> q.at(set.in(Pose.of(at)))
                            .verdict(q.about().reserve(), set.policy().near()) != Verdict.GIVES)) {
                        throw new AssertionError(corner.name() + ": " + p + " is reached by " + Pose.of(at));
                    }
                    over += there && p.reached() ? 1 : 0;
                }
            }
        }
        assertThat(over).as("poses over a place").isGreaterThan(300);
    }

    /** What hangs in the way takes a part of the bench, and is named. */
    @Test
    void aLampTakesItsPartAndIsNamed() {
        Project table = Demo.alone(Samples.all().get(2));
        Lamp lamp = new Lamp("Bulb", new Spot(1.7, 0.5, 0), 0.3, 1.5, 0.2);
        Coverage under = Coverage.of(Situation.of(table.with(table.place().with(List.of(lamp)))), Progress.NONE);
        assertThat(under.share()).isBetween(0.5, 0.99);
        assertThat(under.kept()).startsWith("it hits “Bulb” (");
        assertThat(under.places()).filteredOn(p -> Math.hypot(p.x() - 1.7, p.y() - 0.5) < 0.15)
                .noneMatch(Coverage.Place::reached);
    }

    /** A beam that runs in and out over the bench covers one line across it: what lies between its stops (geometry). */
    @Test
    void aSlidingBeamCoversALine() {
        Project shelf = Samples.all().get(3);
        Situation set = Situation.of(shelf);
        double off = shelf.policy().distances().overshoot();
        double nose = set.inRoom(set.sensor()).x() - shelf.stance().joints().get("beam.reach");
        long counted = 0;
        for (Coverage.Place place : Coverage.of(set, Progress.NONE).places()) {
            boolean between = place.x() > nose + 0.40 - off && place.x() < nose + 0.72 + off;
            boolean onLine = Math.abs(place.y() - set.inRoom(set.sensor()).y()) <= off;
            assertThat(place.reached()).as("%.3f, %.3f", place.x(), place.y()).isEqualTo(between && onLine);
            counted += place.reached() ? 1 : 0;
        }
        assertThat(counted).isPositive();
    }
}

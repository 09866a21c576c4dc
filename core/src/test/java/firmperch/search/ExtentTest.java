package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.param.Params;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.Part;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.part.arm.LevelArm;
import firmperch.part.upright.PinRow;
import firmperch.part.upright.PinnedPost;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;

/** How far the joints let the camera come over the bench: against closed forms, and against random poses. */
class ExtentTest {
    private static final GeometryFactory PLANE = new GeometryFactory();

    /** Two links on a post, both turning about upright axes as far as they are let. */
    private record TwoLinks(double first, double second, double sweep) implements Part {
        static final Params<TwoLinks> PARAMS = Params.of(TwoLinks.class).length("first", "First link", 0.1, 2)
                .length("second", "Second link", 0.1, 2).angle("sweep", "Second link turns to either side", 5, 180)
                .done();

        @Override
        public Params<TwoLinks> params() {
            return PARAMS;
        }

        @Override
        public void build(Builder out, List<Port> on) {
            Body base = out.body("base", null, on.getFirst().at(), new Motion.Fixed());
            out.station("", "Post", base, Vec3.ZERO);
            for (Vec3 foot : List.of(new Vec3(0.4, 0, 0), new Vec3(-0.2, 0.3, 0), new Vec3(-0.2, -0.3, 0))) {
                out.contact(new Contact.Foot(out.spot("foot at " + foot.x() + ", " + foot.y(), base, foot,
                        Surface.FLOOR), new Contact.Bearing(1e6, 200)));
            }
            Body shoulder = out.body("shoulder", base, Placement.at(0, 0, 1.5),
                    new Motion.Turn(out.swing("shoulder", "Shoulder", Math.PI), Vec3.UP));
            Body elbow = out.body("elbow", shoulder, Placement.at(first, 0, 0),
                    new Motion.Turn(out.swing("elbow", "Elbow", sweep), Vec3.DOWN));
            out.station("first", "First link", shoulder, Vec3.ZERO, out.station());
            out.station("second", "Second link", elbow, Vec3.ZERO, out.station());
            out.offer("end", new Port.Plate(0.03), elbow, Placement.at(second, 0, 0), null);
        }
    }

    /** A large bench, so that nothing of it is cut off. */
    private static Project wide(Project project) {
        return Demo.with(project, "place.room.depth", 12.0, "place.bench.from", 1.0, "place.bench.depth", 10.0,
                "place.bench.width", 10.0).with(project.stance().at(6, 0));
    }

    private static Project twoLinks(double first, double second, double sweep) {
        Part head = Demo.kind("cast-box-post").start().get().parts().getLast().part();
        Project demo = Demo.project();
        return wide(demo.with(demo.stance().with(Map.of())).with(new Perch(List.of(
                new Mounted("links", new TwoLinks(first, second, sweep), List.of(Perch.FLOOR)),
                new Mounted("head", head, List.of("links.end"))))));
    }

    private static double area(Project project, double near) {
        Situation s = Situation.of(project);
        double height = s.inRoom(s.sensor()).z();
        return Extent.of(s, height - 0.01, height + 0.01, near).orElseThrow().share() * 100;
    }

    /** A ring from |a − b| to a + b (the workspace of two links in a plane: Craig, <i>Introduction to Robotics</i>, ch. 4). */
    @Test
    void twoLinksReachARing() {
        double far = Situation.of(twoLinks(0.6, 0.35, Math.PI)).sensor().radius();
        // The head hangs the camera a little aside of the last pivot.
        double second = far - 0.6;
        assertThat(area(twoLinks(0.6, 0.35, Math.PI), 0)).isCloseTo(
                Math.PI * (far * far - (0.6 - second) * (0.6 - second)), within(0.002));
    }

    /** An elbow that only bends to a right angle: the inner circle is where it is bent as far as it goes (law of cosines). */
    @Test
    void anElbowThatStopsLeavesALargerHole() {
        Project bent = twoLinks(0.6, 0.35, Math.PI / 2);
        double far = Situation.of(bent).sensor().radius();
        double second = far - 0.6;
        assertThat(area(bent, 0)).isCloseTo(Math.PI * (far * far - 0.36 - second * second), within(0.002));
    }

    /** A post on a swing and one link that lifts, at a height all but fixed: a narrow ring from each of its two pin holes (circles). */
    @Test
    void aSwingGoesRoundInCircles() {
        Project one = Demo.with(wide(Demo.project()), "perch.post.row.count", 2);
        one = one.with(one.stance().with(Map.of("carriage.pin", 0.0, "arm.lift", 0.3)));
        PinRow row = ((PinnedPost) one.perch().branch("post")).row();
        double length = ((LevelArm) one.perch().branch("arm")).links().length();
        // From the post to where the camera would be with the link upright.
        double beside = Situation.of(one).sensor().radius() - length * Math.cos(0.3);
        double sum = 0;
        for (double lower : new double[]{0, row.height(1) - row.height(0)}) {
            double far = beside + out(length, length * Math.sin(0.3) - lower - 0.01);
            double near = beside + out(length, length * Math.sin(0.3) - lower + 0.01);
            sum += Math.PI * (far * far - near * near);
        }
        assertThat(area(one, 0)).isCloseTo(sum, within(0.001));
    }

    /** How far out a link's end is as it is that high. */
    private static double out(double length, double high) {
        return Math.sqrt(length * length - high * high);
    }

    /** A beam that runs in and out covers a line; what is within a distance of it is a band with round ends. */
    @Test
    void aBeamRunsAlongALine() {
        Project shelf = wide(Demo.alone(Samples.all().get(3)));
        assertThat(area(shelf, 0)).isZero();
        double length = 0.72 - 0.40;
        assertThat(area(shelf, 0.05)).isCloseTo(2 * 0.05 * length + Math.PI * 0.05 * 0.05, within(1e-5));
    }

    /** Whatever kind has a closed form: none of 100,000 random poses at such heights lies outside, and reach finds each of a hundred places inside. */
    @Test
    void randomPosesLieInsideAndWhatLiesInsideIsReached() {
        Random random = new Random(11);
        int kinds = 0;
        for (Kind kind : Parts.kinds()) {
            Project project = wide(Demo.of(kind));
            Situation s;
            try {
                s = Situation.of(project);
            } catch (InvalidValue doesNotStandThere) {
                continue;
            }
            double low = s.inRoom(s.sensor()).z() - 0.05;
            double high = low + 0.15;
            Optional<Extent> extent = Extent.of(s, low, high, 1e-3);
            if (extent.isEmpty()) {
                continue;
            }
            kinds++;
            Geometry area = area(extent.get());
            IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(area);
            for (int i = 0; i < 20_000; i++) {
                Vec3 at = s.inRoom(s.in(random(s, random)).sensor());
                if (at.z() > low && at.z() < high) {
                    assertThat(inside.locate(new Coordinate(at.x(), at.y()))).as(kind.id())
                            .isNotEqualTo(Location.EXTERIOR);
                }
            }
            reached(s, area, inside, (low + high) / 2, high - low, random);
        }
        assertThat(kinds).isGreaterThan(4);
    }

    private static void reached(Situation s, Geometry area, IndexedPointInAreaLocator inside, double height,
            double window, Random random) {
        boolean[] keeps = Orientation.keeps(s.study());
        for (int i = 0; i < 100;) {
            double x = area.getEnvelopeInternal().getMinX() + area.getEnvelopeInternal().getWidth()
                    * random.nextDouble();
            double y = area.getEnvelopeInternal().getMinY() + area.getEnvelopeInternal().getHeight()
                    * random.nextDouble();
            if (inside.locate(new Coordinate(x, y)) != Location.INTERIOR) {
                continue;
            }
            i++;
            double least = Double.POSITIVE_INFINITY;
            for (int start = 0; start < 40 && least > 0.004; start++) {
                double z = height + window * (random.nextDouble() - 0.5);
                Pose pose = Reach.to(s.study().rig(), random(s, random), s.sensorHook(),
                        new Reach.Goal(s.inPerch(new Vec3(x, y, z)),
                                List.of(Vec3.X, Vec3.Y, Vec3.UP), 1e-3),
                        f -> !keeps[f]);
                Vec3 at = s.inRoom(s.in(pose).sensor());
                boolean high = Math.abs(at.z() - height) < window / 2 + 1e-3;
                least = Math.min(least, high ? Math.hypot(at.x() - x, at.y() - y) : least);
            }
            assertThat(least).as("%.3f, %.3f", x, y).isLessThan(0.004);
        }
    }

    /** All but what turns the view aside anywhere in its travel. */
    private static Pose random(Situation s, Random random) {
        boolean[] keeps = Orientation.keeps(s.study());
        List<Freedom> freedoms = s.study().assembly().freedoms();
        return Pose.of(IntStream.range(0, keeps.length).mapToDouble(f -> keeps[f]
                ? s.posed().pose().get(f)
                : freedoms.get(f).nearest(freedoms.get(f).from()
                        + (freedoms.get(f).to() - freedoms.get(f).from()) * random.nextDouble()))
                .toArray());
    }

    private static Geometry area(Extent extent) {
        Geometry area = PLANE.createPolygon();
        for (List<Vec3> ring : extent.outlines()) {
            area = area.symDifference(PLANE.createPolygon(ring.stream().map(p -> new Coordinate(p.x(), p.y()))
                    .toArray(Coordinate[]::new)));
        }
        return area;
    }

    /** What lifts in three places has no closed form: it is sampled. */
    @Test
    void threeArmsHaveNone() {
        assertThat(Extent.of(Situation.of(Samples.all().get(2)), 1, 2, 0.02)).isEmpty();
        assertThat(Coverage.of(Situation.of(Samples.all().get(2)), Progress.NONE).words()).contains("sampled")
                .doesNotContain("exact");
    }

    /** Where a chain has a closed form, what is sampled agrees with it: each place of the demo that is told as beyond its reach lies outside. */
    @Test
    void whatIsSampledAgrees() {
        Coverage coverage = Coverage.of(Situation.of(Demo.project()), Progress.NONE);
        IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(area(coverage.extent().orElseThrow()));
        assertThat(coverage.places()).filteredOn(p -> p.kept().contains("at its stop"))
                .isNotEmpty()
                .allMatch(p -> inside.locate(new Coordinate(p.x(), p.y())) == Location.EXTERIOR);
        assertThat(coverage.places()).filteredOn(Coverage.Place::reached).isNotEmpty()
                .allMatch(p -> inside.locate(new Coordinate(p.x(), p.y())) != Location.EXTERIOR);
        assertThat(coverage.words()).matches(
                "its joints let the camera over 2\\d % of the bench \\(exact\\), and with nothing hit it comes over .*");
    }
}

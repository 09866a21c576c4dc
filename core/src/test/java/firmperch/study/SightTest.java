package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Facets;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.file.Samples;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.shot.Framing;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the camera sees against the geometry of central projection: a triangle worked by hand, a homography, rays against faces. */
class SightTest {
    private static final int RAYS = 1500;

    /** A clamp rolled on its bar: its camera looks at a slant. */
    private static Situation tilted(double tilt, Object... changes) {
        Study study = Study.of(Demo.with(Samples.all().get(4), changes));
        Pose set = study.set().posed().pose();
        return study.in(set.with(study.assembly(), study.assembly().indexOf("clamp.roll"), tilt));
    }

    private static Reading reading(Situation s, String id) {
        return RaisedQuestions.of(s.study(), id).orElseThrow().at(s);
    }

    /**
     * Tilted by τ the middle of the picture meets the plane h·tan τ before the lens, its near and far edge h·tan(τ ± φ), tan φ half the
     * sensor over the image distance (right-angled triangles); the far edge is cos(τ − φ)/cos(τ + φ) times as long as the near one.
     */
    @Test
    void theCoveredQuadrilateralByHand() {
        Situation s = tilted(0.2);
        Sight sight = Sight.of(s);
        Framing framing = s.shot().framing();
        assertThat(sight.slant()).isCloseTo(0.2, within(1e-9));
        double v = framing.imageDistance(framing.magnificationAt(sight.distance()));
        double h = sight.eye().z() - s.shotCentre().z();
        assertThat(sight.distance() - v).as("lens to plane on the axis").isCloseTo(h / Math.cos(0.2), within(1e-9));
        double half = s.shot().wanted().alongArm() ? framing.sensorWidth() : framing.sensorHeight();
        double phi = Math.atan(half / 2 / v);
        List<Vec3> corners = sight.covered(s.shotCentre().z());
        Vec3 ahead = s.camera().x().turned(s.project().stance().heading());
        Vec3 forward = new Vec3(ahead.x(), ahead.y(), 0).unit();
        double near = corners.stream().mapToDouble(c -> c.minus(sight.eye()).dot(forward)).min().orElseThrow();
        double far = corners.stream().mapToDouble(c -> c.minus(sight.eye()).dot(forward)).max().orElseThrow();
        double way = Math.signum(near + far);
        assertThat(near).isCloseTo(h * Math.tan(way * 0.2 - phi), within(1e-9));
        assertThat(far).isCloseTo(h * Math.tan(way * 0.2 + phi), within(1e-9));
        assertThat(sight.keystone()).isCloseTo(Math.cos(0.2 - phi) / Math.cos(0.2 + phi), within(1e-9));
    }

    /** Four corners and where they are seen fix a homography; every other point of the plane is seen where that says (Hartley and Zisserman). */
    @ParameterizedTest
    @ValueSource(doubles = {-0.3, 0, 0.15, 0.33})
    void pointsAreSeenWhereTheHomographyOfFourSays(double tilt) {
        Situation s = tilted(tilt);
        Sight sight = Sight.of(s);
        double z = s.shotCentre().z();
        List<Vec3> corners = sight.covered(z);
        double[][] seen = {{1, 1}, {-1, 1}, {-1, -1}, {1, -1}};
        DMatrixRMaj a = new DMatrixRMaj(8, 8);
        DMatrixRMaj b = new DMatrixRMaj(8, 1);
        for (int i = 0; i < 4; i++) {
            double x = corners.get(i).x();
            double y = corners.get(i).y();
            double[][] rows = {{x, y, 1, 0, 0, 0, -seen[i][0] * x, -seen[i][0] * y},
                    {0, 0, 0, x, y, 1, -seen[i][1] * x, -seen[i][1] * y}};
            for (int k = 0; k < 8; k++) {
                a.set(2 * i, k, rows[0][k]);
                a.set(2 * i + 1, k, rows[1][k]);
            }
            b.set(2 * i, seen[i][0]);
            b.set(2 * i + 1, seen[i][1]);
        }
        DMatrixRMaj h = new DMatrixRMaj(8, 1);
        CommonOps_DDRM.solve(a, b, h);
        Random random = new Random(1);
        for (int i = 0; i < 200; i++) {
            double x = s.shotCentre().x() + 0.4 * (random.nextDouble() - 0.5);
            double y = s.shotCentre().y() + 0.4 * (random.nextDouble() - 0.5);
            double w = h.get(6) * x + h.get(7) * y + 1;
            Sight.Seen place = sight.seen(new Vec3(x, y, z)).orElseThrow();
            assertThat(place.x()).isCloseTo((h.get(0) * x + h.get(1) * y + h.get(2)) / w, within(1e-7));
            assertThat(place.y()).isCloseTo((h.get(3) * x + h.get(4) * y + h.get(5)) / w, within(1e-7));
            assertThat(sight.at(place).orElseThrow().minus(new Vec3(x, y, z)).length()).isLessThan(1e-9);
        }
    }

    /** The finding holds exactly where all that is wanted lies in the covered quadrilateral (half-planes of its sides). */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 4})
    void whatIsSeenContainsWhatIsWantedExactlyWhenTheFindingSaysSo(int sample) {
        Random random = new Random(19);
        int held = 0;
        for (int i = 0; i < 150; i++) {
            double width = 0.05 + 0.6 * random.nextDouble();
            Project project = Demo.with(Samples.all().get(sample), "shot.wanted.depth", 0.02, "shot.wanted.width",
                    width,
                    "shot.wanted.depth", width * (0.3 + 0.7 * random.nextDouble()));
            Study study = Study.of(project);
            Pose set = study.set().posed().pose();
            double[] at = new double[set.size()];
            for (int f = 0; f < at.length; f++) {
                Freedom freedom = study.assembly().freedoms().get(f);
                at[f] = freedom.nearest(set.get(f)
                        + 0.1 * (random.nextDouble() - 0.5)
                                * (freedom.continuous() ? freedom.to() - freedom.from() : 0));
            }
            Situation s = study.in(Pose.of(at));
            Sight sight = Sight.of(s);
            List<Vec3> quad = sight.covered(s.shotCentre().z());
            boolean inside = !quad.isEmpty() && sight.sees();
            for (int k = 0; k < quad.size(); k++) {
                Vec3 from = quad.get(k);
                Vec3 side = quad.get((k + 1) % 4).minus(from);
                Vec3 in = quad.get((k + 2) % 4).minus(from);
                for (Vec3 corner : sight.wanted()) {
                    double sense = side.cross(in).z() * side.cross(corner.minus(from)).z();
                    inside &= sense >= -1e-12;
                }
            }
            assertThat(reading(s, "shot.picture").margin() >= 1).isEqualTo(inside);
            held += inside ? 1 : 0;
        }
        assertThat(held).isBetween(5, 145);
    }

    /** Bench, work, perch and wall's distance moved together: what is seen stays. */
    @Test
    void roomAndRigMovedTogetherChangeNothing() {
        Situation here = tilted(0.1);
        Project project = here.project();
        Situation there = tilted(0.1, "place.bench.from", project.place().bench().from() + 0.2, "stance.x",
                project.stance().x() + 0.2);
        for (String id : List.of("shot.picture", "shot.focus", "shot.sharp", "shot.scale", "shot.centre", "shot.own")) {
            assertThat(reading(there, id).asked()).as(id).isCloseTo(reading(here, id).asked(), within(1e-9));
            assertThat(reading(there, id).available()).as(id).isCloseTo(reading(here, id).available(), within(1e-9));
        }
    }

    /** What hides a place of the work is what a ray from it to the lens hits (Möller and Trumbore, on the faces' triangles). */
    @Test
    void whatHidesTheWorkIsWhatARayHits() {
        // A picture so wide that the post comes into it, and work that is wanted at its foot.
        Situation s = Study.of(Demo.with("shot.lens.focalLength", 0.006, "shot.wanted.fromEdge", -0.25)).set();
        Sight sight = Sight.of(s);
        double z = s.shotCentre().z();
        List<InPicture> shown = InPicture.of(s, sight, Sight.Before.above(z + 0.001));
        assertThat(shown).isNotEmpty();
        double nearest = s.shot().lens().length() - sight.image() + 0.001;
        Random random = new Random(3);
        int hidden = 0;
        for (int i = 0; i < 700; i++) {
            Vec3 c = s.shotCentre();
            Vec3 point = new Vec3(c.x() + 0.4 * (random.nextDouble() - 0.5), c.y() + 0.2 * (random.nextDouble() - 0.5),
                    z);
            Sight.Seen place = sight.seen(point).orElseThrow();
            if (place.out() > 0.999) {
                continue;
            }
            boolean hides = shown.stream().anyMatch(piece -> hides(piece, place));
            assertThat(hides).as("%s", point).isEqualTo(hit(s, point, sight, nearest));
            hidden += hides ? 1 : 0;
        }
        assertThat(hidden).isBetween(8, 690);
        InPicture.Hidden told = InPicture.hidden(s);
        assertThat(told.most()).isNotNull();
        // What two pieces hide counts twice; three standard deviations of so many rays.
        double counted = share(s, sight, nearest);
        assertThat(told.share()).isBetween(counted - 3 * Math.sqrt(counted / RAYS), 1.5 * counted);
    }

    private static boolean hides(InPicture piece, Sight.Seen place) {
        return Stream.concat(piece.faces().stream(), piece.round().stream()).anyMatch(face -> {
            Path2D outline = new Path2D.Double();
            outline.moveTo(face.getFirst().x(), face.getFirst().y());
            face.forEach(corner -> outline.lineTo(corner.x(), corner.y()));
            outline.closePath();
            return outline.contains(place.x(), place.y());
        });
    }

    /** Of the wanted rectangle, by rays from places thrown evenly over it. */
    private static double share(Situation s, Sight sight, double nearest) {
        Random random = new Random(5);
        List<Vec3> c = sight.wanted();
        int hit = 0;
        for (int i = 0; i < RAYS; i++) {
            Vec3 point = c.get(2).plus(c.get(3).minus(c.get(2)).times(random.nextDouble()))
                    .plus(c.get(1).minus(c.get(2)).times(random.nextDouble()));
            Sight.Seen place = sight.seen(point).orElseThrow();
            hit += place.out() < 1 && hit(s, point, sight, nearest) ? 1 : 0;
        }
        return hit / (double) RAYS;
    }

    /** Whether a ray from a point to the lens meets a face that is a millimetre above the plane and farther than that from the lens. */
    private static boolean hit(Situation s, Vec3 from, Sight sight, double nearest) {
        Vec3 ray = sight.eye().minus(from);
        for (int i = 0; i < s.study().assembly().pieces().size(); i++) {
            Piece piece = s.study().assembly().pieces().get(i);
            if (!piece.takesRoom()) {
                continue;
            }
            Facets facets = s.study().rig().facets(i);
            List<Vec3> at = facets.corners().stream().map(c -> s.inRoom(s.posed().place(piece).point(c))).toList();
            for (Facets.Facet face : facets.faces()) {
                for (int k = 2; k < face.corners().size(); k++) {
                    double t = met(from, ray, at.get(face.corners().get(0)), at.get(face.corners().get(k - 1)),
                            at.get(face.corners().get(k)));
                    Vec3 there = from.plus(ray.times(t));
                    if (t > 0 && t < 1 && there.z() > from.z() + 0.001 && sight.depth(there) > nearest) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static double met(Vec3 from, Vec3 ray, Vec3 a, Vec3 b, Vec3 c) {
        Vec3 one = b.minus(a);
        Vec3 other = c.minus(a);
        Vec3 p = ray.cross(other);
        double det = one.dot(p);
        if (Math.abs(det) < 1e-15) {
            return -1;
        }
        Vec3 t = from.minus(a);
        double u = t.dot(p) / det;
        Vec3 q = t.cross(one);
        double v = ray.dot(q) / det;
        return u >= 0 && v >= 0 && u + v <= 1 ? other.dot(q) / det : -1;
    }
}

package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Facets;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.part.GearItem;
import firmperch.place.Lamp;
import firmperch.place.Spot;
import firmperch.project.Project;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ShadowTest {
    private static Situation under(double x, double y, double low) {
        Project demo = Demo.project();
        return Situation.of(demo.with(demo.place().with(List.of(new Lamp("Lamp", new Spot(x, y, 0), 0.3, low, 0.2)))));
    }

    /** Of the demo's gear only the camera's body, so that one shadow is seen alone; the room of camera and lens below it throw theirs too. */
    private static Situation body(double x, double y, double low) {
        Situation s = under(x, y, low);
        Project project = s.project();
        return Situation.of(project.with(project.gear().with(project.gear().items().subList(0, 1))));
    }

    /**
     * Similar triangles by hand: a box of 130 × 80 × 70 mm whose upper side is h over the work under a light at height l right above it throws a rectangle l / (l − h) as
     * large; all of it on what is wanted, and nothing else throws beyond it.
     */
    @Test
    void straightAboveItCoversTheEnlargedBox() {
        Situation there = body(1.8, 0, 1.9);
        Vec3 sensor = there.inRoom(there.sensor());
        Situation s = body(sensor.x(), sensor.y(), 2.25);
        Shadow shadow = Shadow.of(s).getFirst();
        Piece camera = s.study().assembly().pieces().stream().filter(p -> p.name().equals("Camera body")).findFirst()
                .orElseThrow();
        double work = s.shotCentre().z();
        double top = s.posed().reach(camera, Vec3.UP) - work;
        double larger = (2.25 - work) / (2.25 - work - top);
        double box = larger * larger * 0.13 * 0.08;
        assertThat(shadow.share() * 0.44 * 0.24).isGreaterThanOrEqualTo(box * 0.99);
        assertThat(shadow.outlines()).hasSize(1).first().satisfies(outline -> assertThat(outline).allSatisfy(p -> {
            assertThat(p.z()).isCloseTo(work, within(1e-12));
            assertThat(s.target().corners().stream().mapToDouble(Vec3::x).min().orElseThrow())
                    .isLessThanOrEqualTo(p.x() + 1e-9);
        }));
        assertThat(Shadow.words(s)).startsWith("“Lamp” throws shadow on about ").contains("of what you film");
    }

    /** From beside the camera's body a corner at height h falls l / (l − h) times as far from under the light, by hand for its nearest upper corner. */
    @Test
    void cornersFallAsSimilarTrianglesSay() {
        Situation s = body(1.95, 0.18, 1.85);
        Piece camera = s.study().assembly().pieces().stream().filter(p -> p.name().equals("Camera body")).findFirst()
                .orElseThrow();
        double work = s.shotCentre().z();
        double top = s.posed().reach(camera, Vec3.UP) - work;
        double left = s.posed().reach(camera, Vec3.Y);
        double low = -s.posed().reach(camera, Vec3.DOWN) - work;
        double light = 1.85 - work;
        // Of the side toward the lamp the lower edge falls nearest to it.
        double nearest = 0.18 + light / (light - low) * (left - 0.18);
        assertThat(nearest).isGreaterThan(0.18 + light / (light - top) * (left - 0.18));
        double found = Shadow.of(s).getFirst().outlines().stream().flatMap(List::stream).mapToDouble(Vec3::y).max()
                .orElseThrow();
        // The room of the lens hangs lower still, and its nearest point may fall nearer.
        assertThat(found).isGreaterThanOrEqualTo(nearest - 1e-9);
    }

    /** Against rays: from 4,000 places of what is wanted toward the lamp, those count that meet a triangle of any piece's faces (Möller and Trumbore 1997). */
    @Test
    void theShareIsThatOfRaysThatAreStopped() {
        Situation s = under(1.95, 0.1, 1.85);
        Vec3 light = s.project().place().lamps().getFirst().light();
        Random random = new Random(6);
        int stopped = 0;
        for (int i = 0; i < 4000; i++) {
            Vec3 from = s.target().centre().plus(s.target().right().times(0.44 * (random.nextDouble() - 0.5)))
                    .plus(s.target().up().times(0.24 * (random.nextDouble() - 0.5)));
            stopped += stopped(s, from, light.minus(from)) ? 1 : 0;
        }
        assertThat(Shadow.of(s).getFirst().share()).isBetween(0.1, 0.9).isCloseTo(stopped / 4000.0, within(0.025));
    }

    private static boolean stopped(Situation s, Vec3 from, Vec3 way) {
        for (int i = 0; i < s.study().assembly().pieces().size(); i++) {
            Piece piece = s.study().assembly().pieces().get(i);
            if (!piece.takesRoom()) {
                continue;
            }
            Facets facets = s.study().rig().facets(i);
            List<Vec3> corners = facets.corners().stream().map(c -> s.inRoom(s.posed().place(piece).point(c)))
                    .toList();
            for (Facets.Facet face : facets.faces()) {
                List<Vec3> edge = face.corners().stream().map(corners::get).toList();
                for (int k = 1; k + 1 < edge.size(); k++) {
                    if (meets(from, way, edge.get(0), edge.get(k), edge.get(k + 1))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static boolean meets(Vec3 from, Vec3 way, Vec3 a, Vec3 b, Vec3 c) {
        Vec3 p = way.cross(c.minus(a));
        double det = b.minus(a).dot(p);
        if (Math.abs(det) < 1e-15) {
            return false;
        }
        Vec3 off = from.minus(a);
        double u = off.dot(p) / det;
        Vec3 q = off.cross(b.minus(a));
        double v = way.dot(q) / det;
        double t = c.minus(a).dot(q) / det;
        return u >= 0 && v >= 0 && u + v <= 1 && t > 0 && t < 1;
    }

    /** What two pieces shade counts once: with a second camera body in the first one's place nothing changes. */
    @Test
    void whatTwoPiecesShadeCountsOnce() {
        Situation one = body(1.95, 0.18, 1.85);
        Project project = one.project();
        GearItem camera = project.gear().items().getFirst();
        Situation two = Situation.of(project.with(project.gear().with(List.of(camera, camera.named("Another")))));
        assertThat(Shadow.of(two).getFirst().share()).isCloseTo(Shadow.of(one).getFirst().share(), within(1e-6));
    }

    /** From beside the picture no shadow reaches it, and from below the work there is none. */
    @Test
    void fromFarAsideOrBelowNothingFallsOnIt() {
        assertThat(Shadow.of(under(1.8, 2.0, 1.2))).isEmpty();
        assertThat(Shadow.of(under(1.8, 0.4, 0.5))).isEmpty();
        assertThat(Shadow.words(under(1.8, 0.4, 0.5))).isEmpty();
    }
}

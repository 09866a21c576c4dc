package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.place.Lamp;
import firmperch.place.Spot;
import firmperch.project.Project;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShadowTest {
    private static Situation under(double x, double y, double low) {
        Project demo = Demo.project();
        return Situation.of(demo.with(demo.place().with(List.of(new Lamp("Lamp", new Spot(x, y, 0), 0.3, low, 0.2)))));
    }

    /** Similar triangles by hand: a corner at height h over the work under a light at height l is thrown l / (l − h) as far aside. */
    @Test
    void cornersFallAsSimilarTrianglesSay() {
        Situation s = under(1.95, 0.18, 1.85);
        double work = s.shotCentre().z();
        List<Shadow> all = Shadow.of(s);
        assertThat(all).extracting(shadow -> shadow.piece().name()).contains("Camera body");
        Shadow camera = all.stream().filter(x -> x.piece().name().equals("Camera body")).findFirst().orElseThrow();
        double widest = camera.outline().stream().mapToDouble(Vec3::y).max().orElseThrow()
                - camera.outline().stream().mapToDouble(Vec3::y).min().orElseThrow();
        double wide = s.posed().reach(camera.piece(), Vec3.Y) + s.posed().reach(camera.piece(), Vec3.Y.negated());
        double top = s.posed().reach(camera.piece(), Vec3.UP) - work;
        double low = -s.posed().reach(camera.piece(), Vec3.DOWN) - work;
        double light = 1.85 - work;
        double mine = 0.18 + s.posed().reach(camera.piece(), Vec3.Y.negated());
        // Its far edge falls farthest from its upper corners, its near edge from its lower ones.
        double expected = light / (light - top) * mine - light / (light - low) * (mine - wide);
        assertThat(widest).isCloseTo(expected, within(1e-9));
        assertThat(camera.outline()).allSatisfy(p -> assertThat(p.z()).isCloseTo(work, within(1e-12)));
        assertThat(Shadow.words(s)).startsWith("“Lamp” throws shadow on about ").contains("of what you film");
    }

    /** From beside the picture no shadow reaches it, and from below the work there is none. */
    @Test
    void fromFarAsideOrBelowNothingFallsOnIt() {
        assertThat(Shadow.of(under(1.8, 2.0, 1.2))).isEmpty();
        assertThat(Shadow.of(under(1.8, 0.4, 0.5))).isEmpty();
        assertThat(Shadow.words(under(1.8, 0.4, 0.5))).isEmpty();
    }

    /** A lamp straight above the camera: the shadow of its box lies around the middle, and covers as much as the enlarged box does. */
    @Test
    void straightAboveItCoversTheEnlargedBox() {
        Situation there = under(1.8, 0, 1.9);
        Vec3 sensor = there.inRoom(there.sensor());
        Situation s = under(sensor.x(), sensor.y(), 2.25);
        Shadow camera = Shadow.of(s).stream().filter(x -> x.piece().name().equals("Camera body")).findFirst()
                .orElseThrow();
        double work = s.shotCentre().z();
        double top = s.posed().reach(camera.piece(), Vec3.UP) - work;
        double larger = (2.25 - work) / (2.25 - work - top);
        double deep = s.posed().reach(camera.piece(), Vec3.X) + s.posed().reach(camera.piece(), Vec3.X.negated());
        double wide = s.posed().reach(camera.piece(), Vec3.Y) + s.posed().reach(camera.piece(), Vec3.Y.negated());
        double share = larger * larger * deep * wide / (0.44 * 0.24);
        assertThat(camera.share(s.target())).isCloseTo(share, within(0.01 * share));
    }
}

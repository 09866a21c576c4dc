package firmperch.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import org.junit.jupiter.api.Test;

/** Depth of field against usual tables and the meaning of the hyperfocal distance. */
class DepthOfFieldTest {
    /** 50 mm at f/8, 0.03 mm: hyperfocal 10.5 m; at 3 m sharp from 2.34 to 4.19 m (usual tables for 36 × 24, from memory). */
    @Test
    void fiftyMillimetresAtEight() {
        DepthOfField d = new DepthOfField(0.05, 8, 0.00003);
        assertThat(d.hyperfocal()).isCloseTo(10.47, within(0.005));
        assertThat(d.near(3)).isCloseTo(2.34, within(0.005));
        assertThat(d.far(3)).isCloseTo(4.19, within(0.005));
    }

    /** Focused on the hyperfocal distance all is sharp from half of it on. */
    @Test
    void fromHalfTheHyperfocalDistanceOn() {
        DepthOfField d = new DepthOfField(0.024, 5.6, 0.00002);
        double h = d.hyperfocal();
        assertThat(d.near(h)).isCloseTo(h / 2, within(1e-9));
        assertThat(d.far(h)).isInfinite();
    }

    /**
     * A point at the near limit makes a disc as wide as the circle of confusion: the cone from the aperture f/N to the image v′, cut at the
     * sensor v: f/N·(v′ − v)/v′ (similar triangles, 1/f = 1/u + 1/v).
     */
    @Test
    void atTheLimitsThePointIsAsWideAsTheCircle() {
        DepthOfField d = new DepthOfField(0.035, 4, 0.000025);
        double s = 1.2;
        double v = 1 / (1 / 0.035 - 1 / s);
        for (double u : new double[]{d.near(s), d.far(s)}) {
            double image = 1 / (1 / 0.035 - 1 / u);
            assertThat(0.035 / 4 * Math.abs(image - v) / image).isCloseTo(0.000025, within(1e-10));
        }
    }

    /** Never finer than the picture's elements: full HD from a large sensor tells less apart than the format's usual circle. */
    @Test
    void nothingSmallerThanAPixelIsToldApart() {
        Shot fine = Demo.with("shot.camera.format", SensorFormat.ALL.get("full-frame")).shot();
        assertThat(fine.depthOfField().circle()).isCloseTo(Math.hypot(0.036, 0.036 * 9 / 16) / 1500, within(1e-6));
        Shot coarse = Demo
                .with("shot.camera.format", SensorFormat.ALL.get("full-frame"), "shot.camera.pixels.high", 720,
                        "shot.camera.pixels.wide", 1280)
                .shot();
        assertThat(coarse.depthOfField().circle()).isCloseTo(0.036 / 1280, within(1e-9));
    }
}

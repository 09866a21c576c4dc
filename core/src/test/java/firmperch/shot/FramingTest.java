package firmperch.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.units.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FramingTest {
    private static final Framing FULL_FRAME_50 = new Framing(0.036, 0.024, 0.050);

    /** Worked example: 36 mm sensor, f = 50 mm, W = 600 mm gives u 883.3, v 53.0, together 936.3 mm (thin lens). */
    @Test
    void workedExampleOfTheThinLens() {
        double m = FULL_FRAME_50.magnificationFor(0.600, 0.100);
        assertThat(FULL_FRAME_50.subjectDistance(m)).isCloseTo(0.8833, within(5e-5));
        assertThat(FULL_FRAME_50.imageDistance(m)).isCloseTo(0.0530, within(5e-5));
        assertThat(FULL_FRAME_50.sensorDistance(m)).isCloseTo(0.9363, within(5e-5));
    }

    /** Gauss's lens equation, 1/f = 1/u + 1/v, at any magnification. */
    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.06, 0.3, 1.0})
    void keepsTheLensEquation(double m) {
        double sum = 1 / FULL_FRAME_50.subjectDistance(m) + 1 / FULL_FRAME_50.imageDistance(m);
        assertThat(1 / sum).isCloseTo(0.050, within(1e-12));
    }

    @Test
    void theStricterSideDecides() {
        // 600 × 500 on 36 × 24: the short side needs m = 24/500 = 0.048, the long one only 0.06.
        assertThat(FULL_FRAME_50.magnificationFor(0.600, 0.500)).isCloseTo(0.048, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.21, 0.3, 0.5, 0.9363, 2, 10})
    void distanceAndMagnificationAreInverse(double distance) {
        double m = FULL_FRAME_50.magnificationAt(distance);
        assertThat(m).isLessThanOrEqualTo(1);
        assertThat(FULL_FRAME_50.sensorDistance(m)).isCloseTo(distance, within(1e-9));
    }

    /** At life size u = v = 2f, so the sensor is 4f away: nothing nearer can be focused (thin lens). */
    @Test
    void lifeSizeIsTheNearestThereIs() {
        assertThat(FULL_FRAME_50.nearestPossible()).isCloseTo(0.200, within(1e-12));
        assertThat(FULL_FRAME_50.magnificationAt(0.200)).isCloseTo(1, within(1e-9));
        assertThat(FULL_FRAME_50.magnificationAt(0.050)).isEqualTo(1);
    }

    /** Common practice, no source: 16:9 video uses the whole width of a 3:2 sensor and 27/32 of its height. */
    @Test
    void videoUsesTheWidthAndLosesHeight() {
        Framing video = Framing.cropped(SensorFormat.ALL.get("full-frame"), 1, 16.0 / 9, 0.05);
        assertThat(video.sensorWidth()).isCloseTo(0.036, within(1e-12));
        assertThat(video.sensorHeight() / 0.024).isCloseTo(27.0 / 32, within(1e-12));
    }

    /** A square picture on a 3:2 sensor is limited by the height. */
    @Test
    void aSquarePictureUsesTheHeight() {
        Framing square = Framing.cropped(SensorFormat.ALL.get("full-frame"), 2, 1, 0.05);
        assertThat(square.sensorWidth()).isCloseTo(0.012, within(1e-12));
        assertThat(square.sensorHeight()).isCloseTo(0.012, within(1e-12));
    }

    /**
     * Worked by hand: 26 mm equivalent on 7.00 × 5.25 mm, whose diagonal is 8.75 mm, is a lens of 26 · 8.75 / 43.27 = 5.26 mm (CIPA
     * DCG-001, from memory); 440 mm wide it sees at m = 7/440 from 5.26 · (2 + m + 1/m) = 341 mm. On a sensor of 36 × 24 mm the same
     * picture would want 43 mm more.
     */
    @Test
    void phonesAreReckonedOnTheirOwnSensor() {
        SensorFormat phone = SensorFormat.ALL.get("phone");
        assertThat(phone.focalLength(0.026)).isCloseTo(0.00526, within(5e-6));
        Framing framing = Framing.cropped(phone, 1, 4.0 / 3, 0.026);
        assertThat(framing.sensorDistance(framing.magnificationFor(0.44, 0.2))).isCloseTo(0.341, within(5e-4));
        assertThat(SensorFormat.ALL.get("aps-c").focalLength(0.024)).isEqualTo(0.024);
    }

    @Test
    void refusesAPictureThatIsDeeperThanWide() {
        assertThatThrownBy(() -> new Wanted(0.3, 0.4, true, 0.05, 0.3, 0)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("at most the long side");
    }
}

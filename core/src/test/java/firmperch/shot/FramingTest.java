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

    /** The diagonal of 36 × 24 mm, to which equivalent focal lengths refer, is 43.27 mm. */
    @Test
    void phonesAreReckonedOnTheFullFrameDiagonal() {
        SensorFormat phone = SensorFormat.ALL.get("phone");
        assertThat(Math.hypot(phone.width(), phone.height())).isCloseTo(0.04327, within(5e-6));
    }

    @Test
    void refusesAPictureThatIsDeeperThanWide() {
        assertThatThrownBy(() -> new Wanted(0.3, 0.4, true, 0.05, 0.3, 0)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("at most the long side");
    }
}

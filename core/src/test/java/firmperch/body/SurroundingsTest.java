package firmperch.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the surfaces of a place lie for what is built on them. */
class SurroundingsTest {
    private static final Surroundings PLACE = new Surroundings(0.9, 2.4, OptionalDouble.of(0.7),
            OptionalDouble.of(0.06));

    /** A port's axes are right-handed, its z away from the surface. */
    @ParameterizedTest
    @EnumSource(Surface.class)
    void portsLookAwayFromTheirSurface(Surface surface) {
        Placement port = PLACE.on(surface);
        assertThat(port.x().cross(port.y()).minus(port.z()).length()).isCloseTo(0, within(1e-12));
        assertThat(port.z()).isEqualTo(surface.normal());
        assertThat(port.inverse().of(port).origin().length()).isCloseTo(0, within(1e-12));
    }

    /** What is 0.3 m off each of them lies 0.3 m nearer to the middle of the room. */
    @Test
    void offThemIsIntoTheRoom() {
        Vec3 off = new Vec3(0, 0, 0.3);
        assertThat(PLACE.on(Surface.FLOOR).point(off).z()).isCloseTo(0.3, within(1e-12));
        assertThat(PLACE.on(Surface.BENCH).point(off).z()).isCloseTo(1.2, within(1e-12));
        assertThat(PLACE.on(Surface.TABLE).point(off).z()).isCloseTo(1.0, within(1e-12));
        assertThat(PLACE.on(Surface.CEILING).point(off).z()).isCloseTo(2.1, within(1e-12));
        assertThat(PLACE.on(Surface.WALL).point(off).x()).isCloseTo(0.3, within(1e-12));
        assertThat(PLACE.on(Surface.POST).point(off).x()).isCloseTo(0.3, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Surface.class)
    void onlyWhatLiesLevelCarriesByWeightAlone(Surface surface) {
        assertThat(surface.carries()).isEqualTo(List.of(Surface.FLOOR, Surface.BENCH, Surface.TABLE).contains(surface));
    }
}

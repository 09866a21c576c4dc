package firmperch.stability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** The sure support against statics by hand and against an independent geometry library (JTS). */
class SupportPolygonTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    private static Footing foot(double x, double y, double roam) {
        return new Footing(new Vec3(x, y, 0), new Vec3(x, y, 0), roam, 1e5, 100);
    }

    /** Legs evenly spread on radius r: the nearest edge is r·cos(π/n) from the middle; with three legs r/2 (geometry). */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 8})
    void evenlySpreadLegs(int legs) {
        List<Footing> feet = new ArrayList<>();
        for (int i = 0; i < legs; i++) {
            double a = 2 * Math.PI * i / legs;
            feet.add(foot(0.5 * Math.cos(a), 0.5 * Math.sin(a), 0));
        }
        SupportPolygon support = SupportPolygon.of(feet);
        assertThat(support.clearance(Vec3.ZERO)).isCloseTo(0.5 * Math.cos(Math.PI / legs), within(1e-12));
        assertThat(support.corners()).hasSize(legs);
        // A leg lies under the load in its own direction: there it reaches all of r.
        assertThat(support.along(Vec3.ZERO, 2 * Math.PI / legs)).isCloseTo(0.5, within(1e-9));
    }

    /** Equal trails move every edge inward by the trail: JTS's own inward buffer with mitred corners finds the same. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void equalTrailsShrinkTheHullAsJtsDoes(long seed) {
        Random random = new Random(seed);
        double trail = 0.02 + 0.03 * random.nextDouble();
        List<Footing> feet = new ArrayList<>();
        int count = 3 + random.nextInt(4);
        for (int i = 0; i < count; i++) {
            double a = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / count;
            double r = 0.3 + 0.15 * random.nextDouble();
            feet.add(foot(r * Math.cos(a), r * Math.sin(a), trail));
        }
        Geometry hull = hull(feet.stream().map(f -> new Coordinate(f.point().x(), f.point().y())).toList());
        Geometry shrunk = BufferOp.bufferOp(hull, -trail,
                new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 20));
        Geometry found = hull(SupportPolygon.of(feet).corners().stream().map(c -> new Coordinate(c.x(), c.y()))
                .toList());
        assertThat(found.getArea()).isCloseTo(shrunk.getArea(), within(1e-6));
        assertThat(found.symDifference(shrunk).getArea()).isLessThan(1e-5);
    }

    /**
     * Mixed trails, by brute force: whatever places the wheels take, the hull of them holds the whole of the sure
     * support; and just outside each of its edges there are places that leave a point unsupported.
     */
    @Test
    void holdsForEveryPlacementAndIsNoSmallerThanItMustBe() {
        List<Footing> feet = List.of(foot(0.3, 0.3, 0.05), foot(-0.3, 0.3, 0), foot(-0.3, -0.3, 0.03),
                foot(0.3, -0.3, 0.01));
        SupportPolygon support = SupportPolygon.of(feet);
        Geometry sure = hull(support.corners().stream().map(c -> new Coordinate(c.x(), c.y())).toList());
        Geometry tight = sure.buffer(-1e-7);
        Random random = new Random(42);
        Geometry common = null;
        for (int trial = 0; trial < 4000; trial++) {
            List<Coordinate> places = new ArrayList<>();
            for (Footing foot : feet) {
                double a = 2 * Math.PI * random.nextInt(360) / 360;
                places.add(new Coordinate(foot.point().x() + foot.roam() * Math.cos(a),
                        foot.point().y() + foot.roam() * Math.sin(a)));
            }
            Geometry hull = hull(places);
            assertThat(hull.contains(tight)).as("placement %d", trial).isTrue();
            common = common == null ? hull : common.intersection(hull);
        }
        assertThat(common.getArea() - sure.getArea()).as("what random placements leave").isLessThan(0.004);
    }

    private static Geometry hull(List<Coordinate> points) {
        return new ConvexHull(points.toArray(Coordinate[]::new), JTS).getConvexHull();
    }

    @Test
    void aPointOutsideHasNegativeClearanceInEveryDirection() {
        SupportPolygon square = SupportPolygon.of(List.of(foot(0.2, 0.2, 0), foot(-0.2, 0.2, 0), foot(-0.2, -0.2, 0),
                foot(0.2, -0.2, 0)));
        assertThat(square.clearance(new Vec3(0.3, 0, 0.5))).isCloseTo(-0.1, within(1e-12));
        assertThat(square.along(new Vec3(0.3, 0, 0.5), Math.PI)).isNegative();
        assertThat(square.along(new Vec3(0.05, 0, 0.5), 0)).isCloseTo(0.15, within(1e-12));
        assertThat(square.along(new Vec3(0, 0, 0.5), Math.PI / 4)).isCloseTo(0.2 * Math.sqrt(2), within(1e-12));
    }

    @Test
    void twoFeetOrWildSwivelsSupportNothingForSure() {
        assertThat(SupportPolygon.of(List.of(foot(0.2, 0, 0), foot(-0.2, 0, 0))).corners()).isEmpty();
        SupportPolygon wild = SupportPolygon.of(List.of(foot(0.1, 0.1, 0.2), foot(-0.1, 0.1, 0.2), foot(0, -0.1, 0.2)));
        assertThat(wild.corners()).isEmpty();
        assertThat(wild.clearance(Vec3.ZERO)).isNegative();
        assertThat(new Tipping(10, new Vec3(0, 0, 0.5), wild, Slope.anyWay(0)).leastLean()).isNegative();
        assertThat(new Tipping(10, new Vec3(0, 0, 0.5), wild, Slope.anyWay(0)).tippingMass(Vec3.ZERO, 0)).isZero();
    }
}

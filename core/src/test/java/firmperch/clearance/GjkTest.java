package firmperch.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Outline;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.stock.Section;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Distances between pieces, against JTS and closed forms. */
class GjkTest {
    private static final double FINE = 1e-6;

    private static double distance(Solid a, Placement placeA, Solid b, Placement placeB, double limit) {
        return Gjk.distance(d -> placeA.point(a.furthest(placeA.inward(d))),
                d -> placeB.point(b.furthest(placeB.inward(d))), Vec3.X, limit);
    }

    private static double distance(Solid a, Placement placeA, Solid b, Placement placeB) {
        return distance(a, placeA, b, placeB, Double.POSITIVE_INFINITY);
    }

    /** Two plates of any convex outline lying in one plane are as far apart as their outlines: JTS is the reference. */
    @RepeatedTest(60)
    void platesInOnePlaneAreAsFarApartAsTheirOutlines(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Geometry a = hull(random, 0, 0);
        Geometry b = hull(random, 2 * random.nextDouble(), 1.5 * random.nextDouble());
        // Seen from any side: the pair is turned as one.
        Placement place = Placement.along(new Vec3(0.3, -2, 1), new Vec3(random.nextGaussian(), 1, 0.4).unit(),
                Vec3.UP);
        assertThat(distance(plate(a), place, plate(b), place)).isCloseTo(a.distance(b), within(FINE));
    }

    private static Geometry hull(Random random, double x, double y) {
        Coordinate[] points = new Coordinate[9];
        Arrays.setAll(points, i -> new Coordinate(x + random.nextDouble(), y + random.nextDouble()));
        return new GeometryFactory().createMultiPointFromCoords(points).convexHull();
    }

    private static Solid plate(Geometry hull) {
        Coordinate[] around = hull.reverse().getCoordinates();
        Outline.Point[] corners = new Outline.Point[around.length - 1];
        Arrays.setAll(corners, i -> new Outline.Point(around[i].x, around[i].y));
        return new Solid.Sheet(Outline.of(Outline.polygon(corners)), 0.02);
    }

    /** Crossed pipes: the distance of their axes less both radii (geometry). */
    @Test
    void crossedPipesAreApartByTheirAxesLessTheirRadii() {
        Solid pipe = new Solid.Bar(new Section.RoundTube(0.05, 0.003), 1);
        Placement along = Placement.along(new Vec3(-0.5, 0, 0), Vec3.X, Vec3.UP);
        Placement across = Placement.along(new Vec3(0, -0.4, 0.11), Vec3.Y, Vec3.UP);
        assertThat(distance(pipe, along, pipe, across)).isCloseTo(0.11 - 0.05, within(FINE));
    }

    /** Corner to corner of two blocks: the space diagonal between them (geometry). */
    @Test
    void blocksMeetCornerToCorner() {
        Solid block = Solid.Bought.box(0.2, 0.2, 0.2, 1);
        assertThat(distance(block, Placement.HERE, block, Placement.at(0.3, 0.4, 0.5)))
                .isCloseTo(Math.sqrt(0.01 + 0.04 + 0.09), within(FINE));
    }

    @Test
    void whatOverlapsIsNotApart() {
        Solid block = Solid.Bought.box(0.2, 0.2, 0.2, 1);
        assertThat(distance(block, Placement.HERE, block, Placement.at(0.15, 0.1, 0.02))).isZero();
    }

    /** Past the limit what is said lies between the limit and the truth: never too far. */
    @Test
    void pastTheLimitItIsNeverSaidToBeFurtherThanItIs() {
        Solid block = Solid.Bought.box(0.2, 0.2, 0.2, 1);
        double said = distance(block, Placement.HERE, block, Placement.at(0.9, 0.4, 0.1), 0.05);
        assertThat(said).isBetween(0.05, Math.hypot(0.7, 0.2) + FINE);
    }
}

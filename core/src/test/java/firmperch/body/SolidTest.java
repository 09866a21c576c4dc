package firmperch.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.stock.Section;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Mass, centre and inertia of every solid against the closed forms of the handbooks (Beer and Johnston, appendix; Roark A.1). */
class SolidTest {
    private static final double RHO = 700;

    private static void is(MassProperties m, double mass, Vec3 centre, double xx, double yy, double zz) {
        assertThat(m.mass()).isCloseTo(mass, within(1e-9 * mass));
        assertThat(m.centre().minus(centre).length()).isLessThan(1e-12);
        assertThat(m.xx()).isCloseTo(xx, within(1e-9 * Math.abs(xx) + 1e-15));
        assertThat(m.yy()).isCloseTo(yy, within(1e-9 * Math.abs(yy) + 1e-15));
        assertThat(m.zz()).isCloseTo(zz, within(1e-9 * Math.abs(zz) + 1e-15));
    }

    /** A box: m(b² + c²)/12 about each axis. */
    @Test
    void bar() {
        double m = RHO * 0.8 * 0.045 * 0.018;
        is(new Solid.Bar(new Section.Rectangle(0.045, 0.018), 0.8).massAt(RHO), m, new Vec3(0.4, 0, 0),
                m * (0.045 * 0.045 + 0.018 * 0.018) / 12, m * (0.8 * 0.8 + 0.045 * 0.045) / 12,
                m * (0.8 * 0.8 + 0.018 * 0.018) / 12);
    }

    /** A hollow cylinder: m(R² + r²)/2 about its axis, m(3(R² + r²) + L²)/12 across. */
    @Test
    void tube() {
        double ro = 0.02415;
        double ri = 0.02095;
        double m = 7850 * Math.PI * (ro * ro - ri * ri) * 1.5;
        double across = m * (3 * (ro * ro + ri * ri) + 1.5 * 1.5) / 12;
        is(new Solid.Bar(new Section.RoundTube(0.0483, 0.0032), 1.5).massAt(7850), m, new Vec3(0.75, 0, 0),
                m * (ro * ro + ri * ri) / 2, across, across);
    }

    /** A disc with a hole out of its middle, and a square with a quarter cut away, by subtraction. */
    @Test
    void sheet() {
        Solid.Sheet ring = new Solid.Sheet(Outline.of(Outline.circle(0, 0, 0.2)).less(Outline.circle(0, 0, 0.05)),
                0.03);
        double m = RHO * Math.PI * (0.04 - 0.0025) * 0.03;
        double flat = m * (3 * (0.04 + 0.0025) + 0.03 * 0.03) / 12;
        is(ring.massAt(RHO), m, Vec3.ZERO, flat, flat, m * (0.04 + 0.0025) / 2);
        Solid.Sheet notched = new Solid.Sheet(
                Outline.rectangle(0, 0, 0.2, 0.2).less(Outline.rectangle(0.1, 0.1, 0.2, 0.2).loop()), 0.01);
        // L-shape: centroid 5/12 of the side (handbook).
        assertThat(notched.massAt(1).centre().x()).isCloseTo(0.2 * 5 / 12, within(1e-12));
        assertThat(notched.massAt(1).centre().y()).isCloseTo(0.2 * 5 / 12, within(1e-12));
    }

    /** A half disc's centroid lies 4r/3π from its diameter (Roark A.1): a rounded end moves the bar's middle so. */
    @Test
    void roundedEnd() {
        double r = 0.03;
        Solid.Bar bar = new Solid.Bar(new Section.Rectangle(2 * r, 0.02), 0.5, Solid.End.SQUARE, Solid.End.ROUND);
        double straight = 2 * r * (0.5 - r);
        double half = Math.PI * r * r / 2;
        MassProperties m = bar.massAt(RHO);
        assertThat(m.mass()).isCloseTo(RHO * 0.02 * (straight + half), within(1e-12));
        assertThat(m.centre().x()).isCloseTo(
                (straight * (0.5 - r) / 2 + half * (0.5 - r + 4 * r / (3 * Math.PI))) / (straight + half),
                within(1e-12));
    }

    /** A slanted end adds nothing and moves the middle: a trapezium's centroid by parts. */
    @Test
    void mitredEnd() {
        double h = 0.04;
        double slant = Math.toRadians(45);
        Solid.Bar bar = new Solid.Bar(new Section.Rectangle(h, 0.02), 0.3, Solid.End.SQUARE, new Solid.Mitre(slant));
        // A rectangle up to the shorter side and a right triangle of h × h on it.
        double rectangle = (0.3 - h / 2) * h;
        double triangle = h * h / 2;
        double x = (rectangle * (0.3 - h / 2) / 2 + triangle * (0.3 - h / 2 + h / 3)) / (rectangle + triangle);
        MassProperties m = bar.massAt(1);
        assertThat(m.mass()).isCloseTo(0.3 * h * 0.02, within(1e-15));
        assertThat(m.centre().x()).isCloseTo(x, within(1e-12));
        assertThat(m.centre().z()).isCloseTo(triangle * (h / 2 - h / 3) / (rectangle + triangle), within(1e-12));
    }

    /** A cone: centroid h/4, 3mr²/10 about its axis, 3m(4r² + h²)/80 across; a sphere: 2mr²/5 (by many rings). */
    @Test
    void round() {
        double r = 0.1;
        double h = 0.3;
        Solid.Round cone = new Solid.Round(
                List.of(new Outline.Point(0, 0), new Outline.Point(r, 0), new Outline.Point(0, h)));
        double m = RHO * Math.PI * r * r * h / 3;
        double across = 3 * m * (4 * r * r + h * h) / 80;
        is(cone.massAt(RHO), m, new Vec3(0, 0, h / 4), across, across, 3 * m * r * r / 10);
        double d = 0.05;
        double rod = 7850 * Math.PI / 4 * d * d * 0.4;
        is(Solid.Round.cylinder(d, 0, 0.4).massAt(7850), rod, new Vec3(0, 0, 0.2), rod * (3 * d * d / 4 + 0.16) / 12,
                rod * (3 * d * d / 4 + 0.16) / 12, rod * d * d / 8);
    }

    /** A filling is its hollow less what stands in it: a square with a round post by hand. */
    @Test
    void filling() {
        Solid.Sheet hollow = new Solid.Sheet(Outline.rectangle(-0.2, -0.2, 0.2, 0.2), 0.12);
        Solid.Filling filling = new Solid.Filling(hollow, List.of(new Solid.Filling.Placed(
                Solid.Round.cylinder(0.05, 0, 0.12), Placement.at(0.1, 0, -0.06))));
        double post = Math.PI / 4 * 0.0025 * 0.12;
        double volume = 0.16 * 0.12 - post;
        MassProperties m = filling.massAt(2350);
        assertThat(m.mass()).isCloseTo(2350 * volume, within(1e-9));
        assertThat(m.centre().x()).isCloseTo(-post * 0.1 / volume, within(1e-12));
        // Inertia about z: the square's less the cylinder's with Steiner's part, about the new centre.
        double square = 0.16 * 0.12 * (0.16 + 0.16) / 12;
        double cylinder = post * 0.0025 / 8 + post * 0.01;
        double zz = 2350 * (square - cylinder - volume * m.centre().x() * m.centre().x());
        assertThat(m.zz()).isCloseTo(zz, within(1e-9));
    }

    @Test
    void boughtThingsHaveTheMassThatIsSaid() {
        is(Solid.Bought.box(0.3, 0.2, 0.1, 6).massAt(1), 6, Vec3.ZERO, 6 * (0.04 + 0.01) / 12, 6 * (0.09 + 0.01) / 12,
                6 * (0.09 + 0.04) / 12);
        assertThat(new Solid.Bought(new Solid.Sheet(Outline.rectangle(0, 0, 0, 0), 0), 2).massAt(1).mass())
                .isEqualTo(2);
    }

    /** Turned and moved, the inertia about any fixed axis is that of the same points summed one by one (definition). */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void placedInertiaIsThatOfThePoints(long seed) {
        Random random = new Random(seed);
        MassProperties sum = MassProperties.NONE;
        Placement place = Placement.turned(new Vec3(random.nextGaussian(), random.nextGaussian(), 1).unit(), 1.1);
        place = new Placement(new Vec3(0.3, -0.2, 0.5), place.x(), place.y(), place.z());
        double direct = 0;
        Vec3 axis = new Vec3(1, 2, -1).unit();
        for (int i = 0; i < 40; i++) {
            Vec3 p = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            double mass = random.nextDouble();
            sum = sum.plus(MassProperties.point(mass, p));
        }
        MassProperties placed = sum.placed(place);
        random = new Random(seed);
        random.nextGaussian();
        random.nextGaussian();
        for (int i = 0; i < 40; i++) {
            Vec3 p = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            double mass = random.nextDouble();
            Vec3 off = place.point(p).minus(placed.centre());
            direct += mass * axis.cross(off).dot(axis.cross(off));
        }
        assertThat(placed.aboutAxis(axis)).isCloseTo(direct, within(1e-9 * direct));
    }

    /** The furthest point of a solid is none of its corners' less, and no corner of its faces lies beyond it. */
    @Test
    void facesLieWithinTheFurthestPoint() {
        Random random = new Random(5);
        List<Solid> solids = List.of(new Solid.Bar(new Section.RoundTube(0.05, 0.003), 0.7),
                new Solid.Bar(new Section.Rectangle(0.05, 0.02), 0.7, Solid.End.ROUND, new Solid.Mitre(0.4)),
                new Solid.Sheet(Outline.of(Outline.circle(0.1, 0, 0.2)), 0.02), Solid.Round.cylinder(0.1, 0, 0.3),
                Solid.Bought.box(0.1, 0.2, 0.3, 1));
        for (Solid solid : solids) {
            for (int i = 0; i < 50; i++) {
                Vec3 d = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
                double faces = solid.faces().stream().flatMap(f -> f.corners().stream()).mapToDouble(c -> c.dot(d))
                        .max()
                        .orElseThrow();
                assertThat(faces).isLessThanOrEqualTo(solid.reach(d) + 1e-9);
                assertThat(faces).isGreaterThan(solid.reach(d) - 0.005);
            }
            for (Solid.Face face : solid.faces()) {
                // Faces look outward: away from the solid's own middle (all of these are convex).
                assertThat(face.normal().dot(face.corners().getFirst().minus(solid.massAt(1).centre()))).isPositive();
            }
        }
    }
}

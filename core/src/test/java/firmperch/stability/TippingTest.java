package firmperch.stability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.check.RaisedQuestions;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolver;
import firmperch.param.Path;
import firmperch.place.Ground;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.units.Gravity;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tipping against a worked example, against statics by summing moments, and against the space frame lifting off. */
class TippingTest {
    private static SupportPolygon square(double half) {
        List<Footing> feet = new ArrayList<>();
        for (double[] s : new double[][]{{1, 1}, {-1, 1}, {-1, -1}, {1, -1}}) {
            Vec3 at = new Vec3(s[0] * half, s[1] * half, 0);
            feet.add(new Footing(at, at, 0, 1e5, 100));
        }
        return SupportPolygon.of(feet);
    }

    /** Worked example (rigid statics): 60 kg, d = 230 mm, h = 700 mm leans 18.19° and takes 90.2 N at 1.5 m. */
    @Test
    void workedExample() {
        Tipping tipping = new Tipping(60, new Vec3(0, 0, 0.7), square(0.23), Slope.anyWay(0));
        assertThat(Math.toDegrees(tipping.leastLean())).isCloseTo(18.19, within(0.005));
        assertThat(tipping.push(1.5)).isCloseTo(90.2, within(0.05));
    }

    /** The floor's slope by the review of the slice: a push of 148 N on the level is about 142 at 2°, 123 at 8°, 82 at 20°. */
    @ParameterizedTest
    @CsvSource({"2, 142.0", "8, 123.5", "20, 82.5"})
    void theSlopeTakesItsPart(double degrees, double push) {
        // 73.9 kg, d = 306 mm, h = 343 mm: the slice's own sample, whose level push is 148 N.
        Tipping t = new Tipping(73.9, new Vec3(0, 0, 0.343), square(0.3063), Slope.anyWay(Math.toRadians(degrees)));
        assertThat(t.push(1.5)).isCloseTo(push, within(0.9));
    }

    @Test
    void aMassOutsideTipsWhenItsMomentReachesTheWeights() {
        Tipping tipping = new Tipping(60, new Vec3(0.03, 0, 0.7), square(0.23), Slope.anyWay(0));
        // Moments about the edge x = 0.23: 60·0.20 against m·0.60.
        assertThat(tipping.tippingMass(new Vec3(0.83, 0, 1.2), 0)).isCloseTo(20, within(1e-9));
        assertThat(tipping.tippingMass(new Vec3(0.1, 0.1, 1), 0)).isInfinite();
    }

    /**
     * A mass on a floor that slopes, by another way: rig and mass are one body, which stands as long as the plumb line of
     * their common centre meets the floor between the feet, whichever way the floor falls (statics of a body on a slope).
     */
    @ParameterizedTest
    @CsvSource({"2, 0.5, 0.1, 0.9", "5, 0.9, 0, 1.5", "8, 0.26, -0.3, 0.4", "8, 0.1, 0.05, 3.5", "12, -0.6, 0.6, 0"})
    void aMassTipsItOnASlopeWhenTheirCommonCentreLeavesTheFeet(double degrees, double x, double y, double z) {
        double half = 0.23;
        double mass = 60;
        Vec3 centre = new Vec3(0.03, -0.02, 0.5);
        Vec3 point = new Vec3(x, y, z);
        double slope = Math.toRadians(degrees);
        double stands = 0;
        double tips = 1e4;
        for (int i = 0; i < 80; i++) {
            double put = (stands + tips) / 2;
            Vec3 both = centre.times(mass).plus(point.times(put)).times(1 / (mass + put));
            boolean between = true;
            for (int way = 0; way < 360; way++) {
                double fall = Math.toRadians(way);
                double plumbX = both.x() + both.z() * Math.tan(slope) * Math.cos(fall);
                double plumbY = both.y() + both.z() * Math.tan(slope) * Math.sin(fall);
                between &= Math.abs(plumbX) <= half && Math.abs(plumbY) <= half;
            }
            if (between) {
                stands = put;
            } else {
                tips = put;
            }
        }
        assertThat(new Tipping(mass, centre, square(half), Slope.anyWay(slope)).tippingMass(point, 0))
                .isCloseTo(stands, withinPercentage(1e-6));
    }

    /**
     * A floor that falls one way, by the plumb line of the centre: it stands as long as that meets the floor between the feet; and a push by summing
     * the moments of weight and push as vectors about each edge (statics).
     */
    @ParameterizedTest
    @CsvSource({"3, 0", "3, 70", "8, 135", "8, -90", "15, 200", "20, 10"})
    void aFloorThatFallsOneWay(double degrees, double way) {
        double half = 0.23;
        double slope = Math.toRadians(degrees);
        Vec3 down = new Vec3(Math.cos(Math.toRadians(way)), Math.sin(Math.toRadians(way)), 0);
        for (double high = 0.1; high < 1.5; high += 0.07) {
            Vec3 centre = new Vec3(0.05, -0.03, high);
            Tipping t = new Tipping(40, centre, square(half), new Slope(slope, down, 0));
            Vec3 plumb = centre.plus(down.times(high * Math.tan(slope)));
            boolean between = Math.abs(plumb.x()) < half && Math.abs(plumb.y()) < half;
            assertThat(t.stands().inside() > t.stands().needed()).as("standing, %s high", high).isEqualTo(between);
            assertThat(t.leastLean() > 0).isEqualTo(between);
            Vec3 weight = new Vec3(down.x() * Math.sin(slope), down.y() * Math.sin(slope), -Math.cos(slope))
                    .times(40 * Gravity.STANDARD);
            double least = Double.POSITIVE_INFINITY;
            for (Vec3 out : List.of(Vec3.X, Vec3.Y, Vec3.X.negated(), Vec3.Y.negated())) {
                Vec3 axis = Vec3.UP.cross(out);
                Vec3 edge = out.times(half);
                double held = -centre.minus(edge).cross(weight).dot(axis);
                double arm = Vec3.UP.times(1.2).cross(out).dot(axis);
                least = Math.min(least, held / arm);
            }
            assertThat(t.push(1.2)).isCloseTo(least, within(1e-9));
        }
    }

    /** Whichever way it falls, the worst way is the bound that is told where nobody has said which. */
    @Test
    void theWorstWayIsTheBound() {
        double slope = Math.toRadians(6);
        Vec3 centre = new Vec3(0.06, 0.02, 0.8);
        double worst = Double.POSITIVE_INFINITY;
        for (int way = 0; way < 360; way++) {
            Vec3 down = new Vec3(Math.cos(Math.toRadians(way)), Math.sin(Math.toRadians(way)), 0);
            worst = Math.min(worst, new Tipping(50, centre, square(0.3), new Slope(slope, down, 0)).push(1.5));
        }
        assertThat(new Tipping(50, centre, square(0.3), Slope.anyWay(slope)).push(1.5)).isCloseTo(worst, within(1e-9));
    }

    /** Two feet stand 5 mm higher than two others 460 mm off: it leans by atan(5/460) = 0.6227° less. */
    @Test
    void anUnevenFloorTakesItsPart() {
        Tipping even = new Tipping(60, new Vec3(0, 0, 0.7), square(0.23), Slope.anyWay(0));
        Tipping uneven = new Tipping(60, new Vec3(0, 0, 0.7), square(0.23),
                new Slope(0, Vec3.ZERO, Math.atan2(0.005, 0.46)));
        assertThat(Math.toDegrees(even.leastLean() - uneven.leastLean())).isCloseTo(0.6227, within(1e-4));
        // In the rig: the demo's base is asked with what its room says, and it rolls, so the way the floor falls is nothing to it.
        Project rough = Demo.with("place.room.ground.uneven", 0.005);
        double deep = Situation.of(rough).support().corners().stream().mapToDouble(Vec3::x).max().orElseThrow()
                - Situation.of(rough).support().corners().stream().mapToDouble(Vec3::x).min().orElseThrow();
        assertThat(Situation.of(Demo.project()).tipping().leastLean() - Situation.of(rough).tipping().leastLean())
                .isCloseTo(Math.atan2(0.005, deep), within(1e-6));
        assertThat(Situation.of(Demo.with("place.room.ground.falls", Ground.Falls.LEFT)).tipping().leastLean())
                .isEqualTo(Situation.of(Demo.project()).tipping().leastLean());
    }

    /** Direction by direction: a push along an edge's own normal is the least that tips over that edge (statics). */
    @Test
    void thePushDependsOnItsDirection() {
        Tipping t = new Tipping(60, new Vec3(0.1, 0, 0.7), square(0.23), Slope.anyWay(0));
        double weight = 60 * Gravity.STANDARD;
        assertThat(t.push(1, 0)).isCloseTo(weight * 0.13, within(1e-9));
        assertThat(t.push(1, Math.PI)).isCloseTo(weight * 0.33, within(1e-9));
        assertThat(t.push(1, Math.PI / 2)).isCloseTo(weight * 0.23, within(1e-9));
    }

    /** The same perch on the frame solver's feet that only push: it stands under 99 % of the push and not under 101 %. */
    @ParameterizedTest
    @CsvSource({"5, 0, 0", "2, 40, 30", "4, 133, -20", "0, -90, 45"})
    void theSpaceFrameTipsAtThePredictedPush(int pin, double swing, double lift) {
        Situation s = Demo.posed(Demo.with("place.room.slope", 0.0), pin, swing, lift);
        SupportPolygon.Edge edge = s.support().nearest(s.posed().centre());
        double push = s.tipping().push(s.posed().mount().z());
        assertThat(standsUnder(s, edge, 0.99 * push)).isTrue();
        assertThat(standsUnder(s, edge, 1.01 * push)).isFalse();
    }

    /** A rigid lump with the perch's own mass on the perch's own feet, pushed sideways at the mount's height. */
    private static boolean standsUnder(Situation s, SupportPolygon.Edge edge, double push) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int lump = frame.node(s.posed().centre());
        for (Footing c : s.feet().all(false)) {
            // Stiff feet: what is asked is where a rigid body tips, not how far tyres give before.
            frame.support(new FrameModel.Support(lump, c.point().minus(frame.at(lump)), Vec3.UP, 1e9, 1e9, true));
        }
        frame.mass(lump, s.posed().centre(), s.posed().mass());
        FrameModel model = frame.build();
        Vec3 at = new Vec3(s.posed().centre().x(), s.posed().centre().y(), s.posed().mount().z());
        FrameModel pushed = model.with(model.masses(), List.of(new FrameModel.PointForce(lump,
                at.minus(model.nodes().get(lump)), new Vec3(edge.nx() * push, edge.ny() * push, 0))));
        return FrameSolver.solve(pushed).isPresent();
    }

    /** A leaning perch by turning it: at the predicted lean its centre of mass stands just over the edge (statics). */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.4, 1.2, 2.5, 4, 5.5})
    void atTheLeanTheCentreStandsOverTheEdge(double direction) {
        Situation s = Demo.posed(Demo.with("place.room.slope", 0.0), 4, 25, 10);
        double lean = s.tipping().lean(direction);
        Vec3 centre = s.posed().centre();
        // Gravity seen from the leaning floor has a part along it: the line of action meets the floor shifted by h·tan θ.
        Vec3 foot = new Vec3(centre.x() + centre.z() * Math.tan(lean) * Math.cos(direction),
                centre.y() + centre.z() * Math.tan(lean) * Math.sin(direction), 0);
        assertThat(s.support().clearance(foot)).isCloseTo(0, within(1e-9));
    }

    /**
     * Rolling leaves all wheels trailing one way, and locked so a rig stands no firmer than as it rolls: with all of them trailing straight
     * away from an edge that edge is nearer by the trail. Turned straight outward before, the edges of a square lie further out by
     * trail / √2. Both by hand.
     */
    @Test
    void lockedAsRolledItIsAsRolledAndOutwardItIsFirmer() {
        Project base = Demo.with("place.room.slope", 0.0);
        Situation out = Demo.posed(Demo.with(base, "perch.box.corners.outward", true), 4, 0, 0);
        Situation left = Demo.posed(Demo.with(base, "perch.box.corners.outward", false), 4, 0, 0);
        Situation free = Demo.posed(Demo.with(base, "perch.box.corners.locked", false), 4, 0, 0);
        double square = Path.of("perch.box.corners.out").number(base);
        double trail = Path.of("perch.box.caster.trail").number(base);
        assertThat(out.support().clearance(Vec3.ZERO)).isCloseTo(square + trail / Math.sqrt(2), within(1e-9));
        assertThat(left.support().clearance(Vec3.ZERO)).isCloseTo(square - trail, within(1e-9));
        assertThat(left.tipping().leastLean()).isCloseTo(free.tipping().leastLean(), within(0.002));
        for (String id : List.of("tip.rolling", "tip.rolling.stands", "tip.rolling.person", "tip.rolling.blocked")) {
            assertThat(RaisedQuestions.of(out.study(), id)).as(id).isPresent();
            assertThat(RaisedQuestions.of(left.study(), id)).as("the same as locked").isEmpty();
            assertThat(RaisedQuestions.of(free.study(), id)).as("asked where there are brakes").isEmpty();
        }
        assertThat(RaisedQuestions.of(out.study(), "tip.rolling.person").orElseThrow().at(out).available())
                .isLessThan(RaisedQuestions.of(out.study(), "tip.person").orElseThrow().at(out).available());
    }

    /** Toward the corner of a square, 45° from the edges that meet there, a push is √2 times what it is over an edge (F = W·d/(z·cos α)). */
    @Test
    void aBlockedWheelIsPushedOverItsCorner() {
        SupportPolygon square = SupportPolygon.of(List.of(foot(0.3, 0.3), foot(-0.3, 0.3), foot(-0.3, -0.3),
                foot(0.3, -0.3)));
        Tipping t = new Tipping(80, new Vec3(0, 0, 0.7), square, Slope.anyWay(0));
        assertThat(t.push(1.5, Math.PI / 4)).isCloseTo(t.push(1.5) * Math.sqrt(2), within(1e-9));
    }

    private static Footing foot(double x, double y) {
        return new Footing(new Vec3(x, y, 0), new Vec3(x, y, 0), 0.03, 1e5, 100);
    }
}

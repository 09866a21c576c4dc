package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.FourBar;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is said of a cell of poses against poses of it, drawn at random, corners and middle included: on mechanisms with turns in
 * turns, slides on what turns, equal and unequal four-bars, bodies that one freedom moves twice, and springs.
 */
class CellBoundsTest {
    /** A mechanism with a name. */
    private record Named(String name, Rig rig) {
        @Override
        public String toString() {
            return name;
        }
    }

    /** Puts a mechanism together; every body gets a weight of its own. */
    private static final class Maker {
        private final Builder out = new Builder(UnitSystem.METRIC);
        private final List<Body> bodies = new ArrayList<>();
        private final Station station;

        Maker() {
            out.part("m");
            bodies.add(out.body("base", null, Placement.HERE, new Motion.Fixed()));
            station = out.station("", "Mechanism", bodies.getFirst(), Vec3.ZERO);
            weigh(bodies.getFirst(), Vec3.ZERO, 3);
        }

        Freedom freedom(String name, Freedom.Kind kind, double from, double to) {
            return out.freedom(name, name, kind, from, to);
        }

        Body on(Body parent, Vec3 at, Motion motion, Vec3 weightAt, double mass) {
            Body body = out.body("b" + bodies.size(), parent, Placement.at(at), motion);
            bodies.add(body);
            weigh(body, weightAt, mass);
            return body;
        }

        Body base() {
            return bodies.getFirst();
        }

        private void weigh(Body body, Vec3 at, double mass) {
            out.add(body, Piece.owned("w", Solid.Bought.box(0.04, 0.06, 0.05, mass)).at(Placement.at(at)));
        }

        Rig done() {
            out.back(station);
            out.mount(bodies.getLast(), Vec3.ZERO);
            return Rig.of(out.build(), 0);
        }
    }

    private static final Vec3 LEVEL = Vec3.Y.negated();

    static Stream<Named> mechanisms() {
        return Stream.of(new Named("turn on turn", turns()), new Named("slide on a short turn", slideOnTurn()),
                new Named("weight that goes down as another goes up", rope()),
                new Named("equal four-bar", fourBar(FourBar.level(0.6, 0.12))),
                new Named("unequal four-bar", fourBar(new FourBar(0, 0.12, 0.6, 0.59, 0.01, 0.125))),
                new Named("one freedom turns two in a row", twice()), new Named("spring", spring()));
    }

    private static Rig turns() {
        Maker m = new Maker();
        Freedom swing = m.freedom("swing", Freedom.Kind.SWING, -Math.PI, Math.PI);
        Freedom lift = m.freedom("lift", Freedom.Kind.HINGE, -1, 1);
        Body a = m.on(m.base(), Vec3.UP, new Motion.Turn(swing, Vec3.UP), new Vec3(0.1, 0.05, 0), 1);
        m.on(a, new Vec3(0.2, 0, 0.1), new Motion.Turn(lift, LEVEL), new Vec3(0.5, 0, 0.1), 2);
        return m.done();
    }

    /** The turn's own parts are 0.1 m long: what slides on it still moves by a metre for each metre. */
    private static Rig slideOnTurn() {
        Maker m = new Maker();
        Freedom tilt = m.freedom("tilt", Freedom.Kind.HINGE, -1, 1);
        Freedom out = m.freedom("out", Freedom.Kind.SLIDE, 0, 0.1);
        Body a = m.on(m.base(), Vec3.UP, new Motion.Turn(tilt, LEVEL), new Vec3(0.02, 0, 0), 0.5);
        m.on(a, Vec3.ZERO, new Motion.Slide(out, Vec3.X, 1), new Vec3(0.03, 0, 0.01), 2);
        return m.done();
    }

    private static Rig rope() {
        Maker m = new Maker();
        Freedom up = m.freedom("up", Freedom.Kind.SLIDE, 0, 0.8);
        Freedom swing = m.freedom("swing", Freedom.Kind.HINGE, -1, 1);
        m.on(m.base(), new Vec3(-0.2, 0, 1.5), new Motion.Slide(up, Vec3.UP, -1), Vec3.ZERO, 4);
        Body carriage = m.on(m.base(), new Vec3(0, 0, 0.5), new Motion.Slide(up, Vec3.UP, 1), Vec3.ZERO, 2);
        m.on(carriage, new Vec3(0.1, 0, 0), new Motion.Turn(swing, Vec3.UP), new Vec3(0.6, 0, 0), 1.5);
        return m.done();
    }

    private static Rig fourBar(FourBar law) {
        Maker m = new Maker();
        Freedom lift = m.freedom("lift", Freedom.Kind.HINGE, -0.7, 0.6);
        assertThat(law.meets(-0.7, 0.6)).isTrue();
        Vec3 foot = new Vec3(0.1, 0, 1);
        m.on(m.base(), foot, new Motion.Linked(lift, law, Motion.Bar.FIRST), new Vec3(0.3, 0, 0), 0.8);
        m.on(m.base(), foot, new Motion.Linked(lift, law, Motion.Bar.SECOND), new Vec3(0.3, 0, 0), 0.8);
        m.on(m.base(), foot, new Motion.Linked(lift, law, Motion.Bar.COUPLER), new Vec3(0.1, 0.02, 0.05), 2);
        return m.done();
    }

    private static Rig twice() {
        Maker m = new Maker();
        Freedom curl = m.freedom("curl", Freedom.Kind.HINGE, -0.8, 0.8);
        Body a = m.on(m.base(), Vec3.UP, new Motion.Turn(curl, LEVEL), new Vec3(0.2, 0, 0), 1);
        m.on(a, new Vec3(0.4, 0, 0), new Motion.Turn(curl, LEVEL), new Vec3(0.3, 0, 0), 1);
        return m.done();
    }

    private static Rig spring() {
        Maker m = new Maker();
        Freedom lift = m.freedom("lift", Freedom.Kind.HINGE, -1.2, 1.2);
        Body arm = m.on(m.base(), Vec3.ZERO, new Motion.Turn(lift, LEVEL), new Vec3(0.5, 0, 0), 2);
        m.out.tie(new Tie.Spring("s", "spring", m.station, List.of(new Tie.Hook(m.base(), new Vec3(0, 0, 0.2)),
                new Tie.Hook(arm, new Vec3(0.15, 0, 0))), 350, 0.08, 1));
        return m.done();
    }

    private static double[] middle(Rig rig, Random random, double[] half) {
        double[] middle = new double[half.length];
        for (int f = 0; f < half.length; f++) {
            Freedom freedom = rig.assembly().freedoms().get(f);
            double width = freedom.to() - freedom.from();
            half[f] = width / 2 * Math.pow(10, -3 * random.nextDouble());
            middle[f] = freedom.from() + half[f] + (width - 2 * half[f]) * random.nextDouble();
        }
        return middle;
    }

    @ParameterizedTest
    @MethodSource("mechanisms")
    void nothingOfACellIsFurtherOffThanItsBoundSays(Named named) {
        Rig rig = named.rig;
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            double[] half = new double[rig.assembly().freedoms().size()];
            double[] middle = middle(rig, random, half);
            Posed there = Posed.of(rig, Pose.of(middle));
            CellBounds spread = CellBounds.of(there, half);
            for (int k = 0; k < 12; k++) {
                double[] at = middle.clone();
                for (int f = 0; f < at.length; f++) {
                    at[f] += half[f] * (k < 4 ? (k >> f % 2 & 1) * 2 - 1 : 2 * random.nextDouble() - 1);
                }
                compare(named.name, there, spread, Posed.of(rig, Pose.of(at)));
            }
        }
    }

    private static void compare(String name, Posed there, CellBounds spread, Posed near) {
        Vec3 moved = near.centre().minus(there.centre());
        for (Vec3 n : new Vec3[]{Vec3.X, Vec3.Y, Vec3.UP, new Vec3(0.6, 0.48, 0.64)}) {
            assertThat(Math.abs(moved.dot(n))).as("centre of mass, %s", name)
                    .isLessThanOrEqualTo(spread.centreAlong(n) + 1e-12);
        }
        for (Piece piece : there.rig().assembly().pieces()) {
            for (Vec3 d : new Vec3[]{new Vec3(1, 1, 1), new Vec3(-1, 1, -1), new Vec3(1, -1, -1)}) {
                Vec3 corner = piece.at().point(piece.solid().furthest(d));
                Vec3 off = near.point(piece.body(), corner).minus(there.point(piece.body(), corner));
                assertThat(off.length()).as("a corner, %s", name)
                        .isLessThanOrEqualTo(spread.of(piece.body()) + 1e-12);
                assertThat(Math.abs(off.z())).as("its height, %s", name)
                        .isLessThanOrEqualTo(spread.rise(piece.body()) + 1e-12);
            }
        }
        for (int f = 0; f < there.pose().size(); f++) {
            assertThat(Math.abs(near.potentialSlope(f) - there.potentialSlope(f)))
                    .as("moment about a freedom, %s", name)
                    .isLessThanOrEqualTo(spread.slope(f) + 1e-9);
        }
        Station station = there.rig().assembly().stations().getFirst();
        assertThat(Math.abs(near.momentAt(station) - there.momentAt(station)))
                .isLessThanOrEqualTo(there.weight() * spread.lever(station) + 1e-9);
    }

    /** Bounds that were as loose as they liked would hold too: as a cell shrinks to a tenth, its second-order rest to a hundredth. */
    @Test
    void theBoundIsOfSecondOrder() {
        Posed there = Posed.of(turns(), Pose.of(0.4, 0.3));
        Vec3 across = there.centreVelocity(0).cross(there.centreVelocity(1)).unit();
        double wide = CellBounds.of(there, new double[]{0.1, 0.1}).centreAlong(across);
        double narrow = CellBounds.of(there, new double[]{0.01, 0.01}).centreAlong(across);
        assertThat(wide).isBetween(1e-4, 0.01);
        assertThat(narrow / wide).isBetween(0.0099, 0.0101);
    }

    /** An unequal four-bar's own moment has no derived bound: it says so and is not made up. */
    @Test
    void whatIsNotDerivedIsInfinite() {
        Posed uneven = Posed.of(fourBar(new FourBar(0, 0.12, 0.6, 0.59, 0.01, 0.125)), Pose.of(0.1));
        assertThat(CellBounds.of(uneven, new double[]{0.01}).slope(0)).isInfinite();
        assertThat(CellBounds.of(uneven, new double[]{0.01}).centreAlong(Vec3.UP)).isFinite();
    }

    /** What turns about an upright axis lifts nothing, whatever it carries; what slides level neither. */
    @Test
    void anUprightTurnChangesNoHeight() {
        Rig turns = turns();
        assertThat(turns.lifts(0)).isFalse();
        assertThat(turns.lifts(1)).isTrue();
        assertThat(turns.feltBy(1, 0)).as("moment of the lift as it swings").isFalse();
        Rig rope = rope();
        assertThat(rope.lifts(0)).isTrue();
        assertThat(slideOnTurn().lifts(1)).as("level only as it is set").isTrue();
    }
}

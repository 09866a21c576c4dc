package firmperch.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Situation;
import firmperch.draw.Shape.Point;
import firmperch.project.Project;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The drawing is true to scale: what is measured in it is what was decided (geometry). */
class DrawingTest {
    private static final Project DEMO = Demo.project();

    private static Drawing side(Situation s) {
        return SideView.of(s, Optional.empty(), false);
    }

    private static Stream<Shape> of(Drawing drawing, Ink ink) {
        return drawing.shapes().stream().filter(s -> s.ink() == ink);
    }

    private static double width(Shape.Area area) {
        return area.points().stream().mapToDouble(Point::x).max().orElseThrow()
                - area.points().stream().mapToDouble(Point::x).min().orElseThrow();
    }

    private static double height(Shape.Area area) {
        return area.points().stream().mapToDouble(Point::y).max().orElseThrow()
                - area.points().stream().mapToDouble(Point::y).min().orElseThrow();
    }

    private static boolean says(Drawing drawing, String words) {
        return drawing.shapes().stream().anyMatch(s -> s instanceof Shape.Label l && l.text().contains(words)
                || s instanceof Shape.Dimension d && d.text().contains(words));
    }

    @Test
    void theSideViewMeasuresWhatWasDecided() {
        Drawing drawing = side(Situation.of(DEMO));
        assertThat(of(drawing, Ink.POST).filter(Shape.Area.class::isInstance).map(Shape.Area.class::cast))
                .anySatisfy(post -> {
                    assertThat(height(post)).isCloseTo(1.58, within(1e-9));
                    assertThat(width(post)).isCloseTo(0.0483, within(1e-9));
                });
        assertThat(of(drawing, Ink.BOX).map(Shape.Area.class::cast)).singleElement().satisfies(box -> {
            assertThat(width(box)).isCloseTo(0.44, within(1e-9));
            assertThat(height(box)).isCloseTo(0.26, within(1e-9));
        });
        assertThat(of(drawing, Ink.CONCRETE).map(Shape.Area.class::cast)).singleElement()
                .satisfies(c -> assertThat(height(c)).isCloseTo(0.12, within(1e-9)));
        assertThat(of(drawing, Ink.WHEEL)).hasSize(4)
                .allSatisfy(w -> assertThat(((Shape.Disc) w).radius()).isEqualTo(0.04));
        assertThat(of(drawing, Ink.HOLE).filter(Shape.Disc.class::isInstance)).hasSize(7);
        assertThat(of(drawing, Ink.STICK)).hasSize(2);
        assertThat(of(drawing, Ink.PIVOT)).hasSize(4);
    }

    @Test
    void theDimensionsSayWhatTheyMeasure() {
        Situation s = Situation.of(DEMO);
        Drawing drawing = side(s);
        List<Shape.Dimension> dimensions = drawing.shapes().stream().filter(Shape.Dimension.class::isInstance)
                .map(Shape.Dimension.class::cast).toList();
        assertThat(dimensions).hasSize(3).allSatisfy(d -> {
            double measured = Math.hypot(d.to().x() - d.from().x(), d.to().y() - d.from().y());
            assertThat(measured * 1000).isCloseTo(Double.parseDouble(d.text()), within(0.51));
        });
        assertThat(says(drawing, "sees 452 × 254 mm")).isTrue();
        assertThat(says(drawing, "41.4°")).isTrue();
    }

    /** What the lens sees is drawn as wide on the work as the thin lens says. */
    @Test
    void theSeenRectangleIsDrawnOnTheWork() {
        Situation s = Situation.of(DEMO);
        Shape.Path seen = (Shape.Path) of(side(s), Ink.SIGHT_EDGE).filter(Shape.Path.class::isInstance).findFirst()
                .orElseThrow();
        double expected = DEMO.shot().framing().widthAt(s.sensorDistance());
        assertThat(seen.points().getLast().x() - seen.points().getFirst().x()).isCloseTo(expected, within(1e-9));
        assertThat(seen.points()).allSatisfy(p -> assertThat(p.y()).isCloseTo(0.92, within(1e-9)));
        Shape.Area fromAbove = (Shape.Area) of(PlanView.of(s, Optional.empty()), Ink.SIGHT).findFirst().orElseThrow();
        assertThat(width(fromAbove)).isCloseTo(expected, within(1e-9));
        Situation across = Situation.of(Demo.with("shot.alongArm", false));
        Shape.Area turned = (Shape.Area) of(PlanView.of(across, Optional.empty()), Ink.SIGHT).findFirst().orElseThrow();
        assertThat(height(turned)).isCloseTo(expected, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "3, 90, 20", "6, 180, -30", "2, -75, 45"})
    void everyPoseCanBeDrawnWithoutHoles(int pin, double swing, double lift) {
        Situation s = Demo.posed(DEMO, pin, swing, lift);
        for (Drawing drawing : List.of(side(s), SideView.of(s, Optional.of(new Ghost(s, "worst")), true),
                PlanView.of(s, Optional.of(new Ghost(s, "worst"))), LeanRose.of(s))) {
            assertThat(drawing.width()).isPositive();
            assertThat(drawing.height()).isPositive();
            assertThat(drawing.shapes()).allSatisfy(shape -> {
                switch (shape) {
                    case Shape.Area area -> assertThat(area.points()).allSatisfy(DrawingTest::finite);
                    case Shape.Path path -> assertThat(path.points()).allSatisfy(DrawingTest::finite);
                    case Shape.Disc disc -> assertThat(disc.radius()).isFinite();
                    case Shape.Balance balance -> finite(balance.centre());
                    case Shape.Label label -> assertThat(label.text()).doesNotContain("NaN");
                    case Shape.Dimension dimension -> assertThat(dimension.text()).doesNotContain("NaN");
                }
            });
        }
    }

    private static void finite(Point p) {
        assertThat(p.x()).isFinite();
        assertThat(p.y()).isFinite();
    }

    @Test
    void theWholeRoomShowsTheCeilingWhereItIs() {
        Drawing room = SideView.of(Situation.of(DEMO), Optional.empty(), true);
        assertThat(room.top()).isGreaterThan(2.30);
        assertThat(says(room, "ceiling 2300 mm")).isTrue();
        assertThat(says(room, "walkway 550 mm")).isTrue();
        assertThat(says(room, "floor slopes 0.6°")).isTrue();
        assertThat(says(side(Situation.of(DEMO)), "ceiling")).isFalse();
    }

    @Test
    void theGhostIsTheOtherPose() {
        Situation worst = Demo.posed(DEMO, 5, 0, -30);
        Drawing drawing = SideView.of(Situation.of(DEMO), Optional.of(new Ghost(worst, "worst: it tips over")), false);
        assertThat(says(drawing, "worst: it tips over")).isTrue();
        Shape.Disc camera = (Shape.Disc) of(drawing, Ink.GHOST).filter(Shape.Disc.class::isInstance).findFirst()
                .orElseThrow();
        assertThat(camera.centre().y()).isCloseTo(worst.posed().mount().z(), within(1e-9));
    }

    @Test
    void thePlanSaysWhetherTheWalkwayStaysOpen() {
        assertThat(says(PlanView.of(Situation.of(DEMO), Optional.empty()), "walkway stays open")).isTrue();
        Drawing closed = PlanView.of(Situation.of(Demo.with("stance.x", 0.8)), Optional.empty());
        assertThat(says(closed, "walkway closes")).isTrue();
        assertThat(of(closed, Ink.LEAN_SHORT)).isNotEmpty();
    }

    /** The support's corners lie where the wheels stand: 320 mm out and the trail at 45° further. */
    @Test
    void theSupportIsDrawnBetweenTheWheels() {
        Shape.Area support = (Shape.Area) of(PlanView.of(Situation.of(DEMO), Optional.empty()), Ink.SUPPORT).findFirst()
                .orElseThrow();
        assertThat(width(support)).isCloseTo(2 * (0.32 + 0.032 * Math.sqrt(0.5)), within(1e-9));
    }

    /** The rose's petals grow with the lean and turn colour where less is left than is wanted. */
    @Test
    void theRoseTellsGoodFromShort() {
        assertThat(of(LeanRose.of(Situation.of(DEMO)), Ink.LEAN_SHORT)).isEmpty();
        Situation tall = Demo.posed(
                Demo.with("perch.base.fill", 0.0, "perch.base.casterOut", 0.2, "perch.base.side", 0.3),
                6, 0, 0);
        Drawing rose = LeanRose.of(tall);
        assertThat(of(rose, Ink.LEAN_GOOD)).as("away from the arm").isNotEmpty();
        assertThat(of(rose, Ink.LEAN_GOOD).count() + of(rose, Ink.LEAN_SHORT).count()).isEqualTo(36);
    }

    @Test
    void inchesAreDrawnInInches() {
        Drawing drawing = side(Situation.of(Demo.with("units", UnitSystem.IMPERIAL)));
        assertThat(says(drawing, "17 13/16 × 10\"")).isTrue();
        assertThat(says(drawing, "68")).isTrue();
    }
}

package firmperch.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The view at an angle (descriptive geometry: a parallel projection). */
class AngleViewTest {
    private static final Situation SET = Study.of(Demo.project()).set();

    private static Stream<Shape.Area> areas(View view, Ink ink) {
        return AngleView.of(SET, view).shapes().stream().filter(Shape.Area.class::isInstance)
                .map(Shape.Area.class::cast)
                .filter(a -> a.ink() == ink);
    }

    private static double area(List<Point> points) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            sum += a.x() * b.y() - a.y() * b.x();
        }
        return Math.abs(sum) / 2;
    }

    /** A level area looks smaller by the sine of the eye's height: what the camera sees on the work, from anywhere round it. */
    @ParameterizedTest
    @CsvSource({"0, 0.3", "1.1, 0.5", "-2.5, 0.9", "3.1, 1.4"})
    void levelThingsForeshortenByTheSine(double turn, double height) {
        double wide = SET.shot().framing().widthAt(SET.sensorDistance());
        double deep = SET.shot().framing().depthAt(SET.sensorDistance());
        assertThat(areas(View.at(turn, height), Ink.SIGHT)).singleElement()
                .satisfies(a -> assertThat(area(a.points())).isCloseTo(wide * deep * Math.sin(height), within(1e-9)));
    }

    /** Of an upright block three faces are seen, and together they cover what it covers: Σ A·|n·view| over all six, halved. */
    @ParameterizedTest
    @CsvSource({"0.4, 0.3", "-1.2, 0.7"})
    void ofTheBenchsTopThreeFacesAreSeen(double turn, double height) {
        View view = View.at(turn, height);
        var bench = SET.project().place().bench();
        double x = bench.depth() * bench.width() * Math.abs(view.toward().z());
        double y = bench.depth() * bench.top() * Math.abs(view.toward().y());
        double z = bench.width() * bench.top() * Math.abs(view.toward().x());
        List<Double> seen = areas(view, Ink.BENCH).map(a -> area(a.points())).toList();
        // Four legs and the top, three faces each.
        assertThat(seen).hasSize(15);
        assertThat(seen.subList(12, 15).stream().mapToDouble(a -> a).sum()).isCloseTo(x + y + z, within(1e-9));
    }

    /** Once round it is the same again; and from the other side the far becomes the near. */
    @Test
    void onceRoundItIsTheSame() {
        Drawing here = AngleView.of(SET, View.at(0.6, 0.4));
        Drawing round = AngleView.of(SET, View.at(0.6 + 2 * Math.PI, 0.4));
        assertThat(round.shapes()).hasSameSizeAs(here.shapes());
        View front = View.at(0.6, 0);
        View back = View.at(0.6 + Math.PI, 0);
        Vec3 a = new Vec3(1, 0.3, 0.2);
        Vec3 b = new Vec3(0.2, -0.5, 0.9);
        assertThat(front.depth(a) - front.depth(b)).isCloseTo(back.depth(b) - back.depth(a), within(1e-12));
        assertThat(front.at(a).y()).isCloseTo(back.at(a).y(), within(1e-12));
    }

    /** From straight in front and from above it is the side view's and the plan's own projection. */
    @Test
    void itEndsInTheOtherViews() {
        Vec3 p = new Vec3(0.7, -0.3, 1.2);
        assertThat(View.at(0, 0).at(p)).isEqualTo(View.SIDE.at(p));
        Point above = View.at(0, Math.PI / 2).at(p);
        assertThat(above.x()).isCloseTo(View.ABOVE.at(p).x(), within(1e-12));
        assertThat(above.y()).isCloseTo(View.ABOVE.at(p).y(), within(1e-12));
    }
}

package firmperch.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.draw.Shape.Point;
import firmperch.project.Project;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the camera sees, straight down: a central projection, to scale on the filmed plane (similar triangles). */
class LensViewTest {
    private static final Situation SET = Study.of(Demo.project()).set();

    private static <T extends Shape> Stream<T> of(Situation s, Class<T> shape, Ink ink) {
        return LensView.of(s).shapes().stream().filter(shape::isInstance).map(shape::cast).filter(a -> a.ink() == ink);
    }

    private static double width(List<Point> points) {
        DoubleSummaryStatistics x = points.stream().mapToDouble(Point::x).summaryStatistics();
        return x.getMax() - x.getMin();
    }

    private static double height(List<Point> points) {
        DoubleSummaryStatistics y = points.stream().mapToDouble(Point::y).summaryStatistics();
        return y.getMax() - y.getMin();
    }

    @Test
    void whatIsWantedAndTheWorkAreToScale() {
        assertThat(of(SET, Shape.Path.class, Ink.WANTED)).singleElement().satisfies(wanted -> {
            assertThat(width(wanted.points())).isCloseTo(SET.shot().wanted().width(), within(1e-9));
            assertThat(height(wanted.points())).isCloseTo(SET.shot().wanted().depth(), within(1e-9));
        });
        // From straight above only the top of the work is seen, but for a sliver at an edge that the camera stands off.
        assertThat(of(SET, Shape.Area.class, Ink.WORK)).last()
                .satisfies(top -> assertThat(width(top.points())).isCloseTo(0.22, within(1e-9)));
        Drawing drawn = LensView.of(SET);
        assertThat(drawn.width()).isCloseTo(SET.shot().framing().widthAt(SET.sensorDistance()), within(1e-9));
    }

    /** The bench lies 60 mm below the work: its depth looks smaller by the ratio of the two distances from the lens. */
    @Test
    void whatIsFartherLooksSmaller() {
        // So wide a lens that both edges of the bench are in the picture.
        Situation wide = Study.of(Demo.with("shot.lens.focalLength", 0.008)).set();
        Sight sight = Sight.of(wide);
        double far = sight.eye().z() - wide.project().place().bench().height();
        double near = sight.eye().z() - wide.shotCentre().z();
        assertThat(of(wide, Shape.Area.class, Ink.BENCH)).singleElement().satisfies(
                bench -> assertThat(width(bench.points()))
                        .isCloseTo(wide.project().place().bench().depth() * near / far, within(1e-9)));
    }

    /** Its ticks are as far apart as its words say. */
    @Test
    void theScaleAtTheEdgeIsTrue() {
        List<Shape.Label> words = of(SET, Shape.Label.class, Ink.HINT).toList();
        assertThat(words).hasSizeBetween(5, 9);
        assertThat(words.getFirst().text()).isEqualTo("0 mm");
        for (Shape.Label word : words) {
            assertThat(word.at().x() - words.getFirst().at().x())
                    .isCloseTo(Double.parseDouble(word.text().replace(" mm", "")) * 1e-3, within(1e-9));
        }
    }

    /** The rig's post comes into a picture that is wide enough, and what is cut off is said with how much. */
    @Test
    void theRigAndWhatIsCutOffAreShown() {
        Situation wide = Study.of(Demo.with("shot.lens.focalLength", 0.008)).set();
        assertThat(overTheBench(SET)).isEmpty();
        assertThat(overTheBench(wide)).contains(Ink.POST);
        Project more = Demo.with("shot.wanted.width", 0.5);
        Situation cut = Study.of(more).set();
        double seen = Sight.of(cut).wide();
        double off = Sight.of(cut).offMiddle().orElseThrow();
        assertThat(of(cut, Shape.Label.class, Ink.LIMIT)).singleElement().satisfies(label -> assertThat(label.text())
                .isEqualTo(cut.length((0.5 - seen) / 2 + off) + " cut off here"));
    }

    /** What of the rig is drawn after the bench and the hand, and so is before them. */
    private static List<Ink> overTheBench(Situation s) {
        List<Ink> inks = LensView.of(s).shapes().stream().filter(Shape.Area.class::isInstance).map(Shape::ink).toList();
        return inks.subList(inks.lastIndexOf(Ink.HAND) + 1, inks.size());
    }

    @Test
    void aCameraThatLooksAwaySaysSo() {
        Situation below = Study.of(Demo.with("shot.wanted.height", 1.2)).set();
        assertThat(of(below, Shape.Label.class, Ink.HINT)).singleElement()
                .satisfies(label -> assertThat(label.text()).contains("does not look at the work"));
    }
}

package firmperch.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Station;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawingTest {
    private static final Situation SET = Situation.of(Demo.project());

    private static <T extends Shape> List<T> of(Drawing drawing, Class<T> type) {
        return drawing.shapes().stream().filter(type::isInstance).map(type::cast).toList();
    }

    /** A view keeps lengths that lie across it and its axes are square (descriptive geometry). */
    @ParameterizedTest
    @CsvSource({"0, 0", "0.7, 0.3", "-2, 1.2", "3, 1.5"})
    void aViewIsARotation(double turn, double height) {
        View view = View.at(turn, height);
        assertThat(view.right().dot(view.up())).isCloseTo(0, within(1e-12));
        assertThat(view.right().cross(view.up()).minus(view.toward()).length()).isLessThan(1e-12);
        assertThat(View.at(0, 0).toward().minus(View.SIDE.toward()).length()).isLessThan(1e-12);
    }

    /** True to scale: the distance between the two ends of the reach's dimension is what it says. */
    @Test
    void dimensionsAreAsLongAsTheySay() {
        for (Shape.Dimension d : of(SideView.of(Scene.of(SET)), Shape.Dimension.class)) {
            double drawn = Math.hypot(d.to().x() - d.from().x(), d.to().y() - d.from().y());
            assertThat(drawn * 1000).isCloseTo(Double.parseDouble(d.text()), within(0.51));
        }
    }

    /** The chosen part's measures stand in the drawing with the path of the value that they set. */
    @Test
    void theChosenPartsMeasuresCanBeEdited() {
        Station arm = SET.study().assembly().stations().get(4);
        Scene scene = new Scene(SET, List.of(), Optional.of(arm), false, false);
        List<Shape.Dimension> measures = of(SideView.of(scene), Shape.Dimension.class).stream()
                .filter(d -> !d.path().isEmpty()).toList();
        assertThat(measures).extracting(Shape.Dimension::path).contains("perch.arm.links.length");
        for (Shape.Dimension d : measures) {
            double drawn = Math.hypot(d.to().x() - d.from().x(), d.to().y() - d.from().y());
            assertThat(drawn).isCloseTo(Path.of(d.path()).number(SET.project()), within(1e-9));
        }
    }

    /** What is seen at a place is the nearest piece there, and what is above nothing is nothing. */
    @Test
    void thePieceUnderTheHandIsFound() {
        Vec3 middle = SET
                .inRoom(SET.posed().point(SET.study().assembly().stations().get(3).body(), new Vec3(0, 0, 0.1)));
        assertThat(Pick.piece(SET, View.SIDE, middle.x() + 0.02, middle.z()).orElseThrow().name())
                .isEqualTo("Carriage block");
        assertThat(Pick.piece(SET, View.SIDE, middle.x(), 0.8).orElseThrow().name()).isEqualTo("Post");
        assertThat(Pick.piece(SET, View.SIDE, 0.1, 1.9)).isEmpty();
    }

    /** Nearer pieces lie over farther ones: from the side the near stick is drawn after the far one. */
    @Test
    void nearerPiecesAreDrawnLater() {
        List<Shape> shapes = SideView.of(Scene.of(SET)).shapes();
        int block = -1;
        int post = -1;
        for (int i = 0; i < shapes.size(); i++) {
            if (shapes.get(i) instanceof Shape.Area area && area.ink() == Ink.POST && tall(area)) {
                post = i;
            }
            if (shapes.get(i) instanceof Shape.Area area && area.ink() == Ink.PLATE && area.points().stream()
                    .anyMatch(p -> Math.abs(p.y() - SET.posed().top()) < 0.15)) {
                block = i;
            }
        }
        assertThat(post).isPositive().isLessThan(block);
    }

    private static boolean tall(Shape.Area area) {
        return area.points().stream().mapToDouble(Shape.Point::y).max().orElse(0)
                - area.points().stream().mapToDouble(Shape.Point::y).min().orElse(0) > 1;
    }

    /** The line over the edge that it tips about does not run through the words about the picture. */
    @Test
    void theWordsAboutThePictureStandClear() {
        for (Project project : Samples.all()) {
            Drawing side = SideView.of(Scene.of(Situation.of(project)));
            Shape.Point words = of(side, Shape.Label.class).stream().filter(l -> l.text().startsWith("sees"))
                    .map(Shape.Label::at).findFirst().orElseThrow();
            assertThat(of(side, Shape.Path.class)).as(project.name()).filteredOn(p -> p.ink() == Ink.SUPPORT)
                    .noneMatch(p -> p.points().get(0).x() > words.x() + 1e-9
                            && p.points().get(0).x() < words.x() + 0.3 && p.points().get(0).y() <= words.y()
                            && p.points().get(1).y() >= words.y());
        }
    }

    @Test
    void aGhostShowsOnlyWhatMoves() {
        Situation other = SET.in(Pose.of(2, 0, -0.3));
        Drawing with = SideView
                .of(new Scene(SET, List.of(new Ghost(other, "worst", Ink.GHOST)), Optional.empty(), false, false));
        assertThat(of(with, Shape.Path.class)).anySatisfy(p -> assertThat(p.ink()).isEqualTo(Ink.GHOST));
        assertThat(of(with, Shape.Label.class)).anySatisfy(l -> assertThat(l.text()).isEqualTo("worst", Ink.GHOST));
        Drawing same = SideView
                .of(new Scene(SET, List.of(new Ghost(SET, "worst", Ink.GHOST)), Optional.empty(), false, false));
        assertThat(of(same, Shape.Path.class)).noneSatisfy(p -> assertThat(p.ink()).isEqualTo(Ink.GHOST));
    }

    /** The plan shows the support polygon of the feet, and the rectangle that is wanted at its size. */
    @Test
    void thePlanIsToScale() {
        Drawing plan = PlanView.of(Scene.of(SET));
        Shape.Area wanted = of(plan, Shape.Area.class).stream().filter(a -> a.ink() == Ink.WANTED).findFirst()
                .orElseThrow();
        double side = Math.hypot(wanted.points().get(1).x() - wanted.points().get(0).x(),
                wanted.points().get(1).y() - wanted.points().get(0).y());
        assertThat(side).isCloseTo(0.44, within(1e-9));
        assertThat(of(plan, Shape.Area.class)).anySatisfy(a -> assertThat(a.ink()).isEqualTo(Ink.SUPPORT));
    }

    @Test
    void theRoseIsRedWhereItLeansTooLittle() {
        assertThat(of(LeanRose.of(SET), Shape.Area.class))
                .allSatisfy(a -> assertThat(a.ink()).isEqualTo(Ink.LEAN_GOOD));
        Situation strict = Study.of(Demo.with("policy.standing.lean", 0.78)).set();
        assertThat(of(LeanRose.of(strict), Shape.Area.class)).anySatisfy(
                a -> assertThat(a.ink()).isEqualTo(Ink.LEAN_SHORT));
    }

    /** Who works there is drawn as tall as is set, from the floor up, at the bench's far edge; not where it is not wanted. */
    @Test
    void aPersonStandsBesideItAtTrueSize() {
        Situation tall = Study.of(Demo.with("place.bench.worker", 1.9)).set();
        Drawing drawn = SideView
                .of(new Scene(tall, List.of(), Optional.empty(), false, true));
        List<Point> body = drawn.shapes().stream().filter(shape -> shape.ink() == Ink.PERSON)
                .flatMap(shape -> switch (shape) {
                    case Shape.Area area -> area.points().stream();
                    case Shape.Disc disc -> Stream.of(
                            new Point(disc.centre().x(), disc.centre().y() + disc.radius()));
                    default -> Stream.<Point>empty();
                }).toList();
        assertThat(body.stream().mapToDouble(Point::y).max().orElseThrow()).isCloseTo(1.9, within(1e-9));
        assertThat(body.stream().mapToDouble(Point::y).min().orElseThrow()).isCloseTo(0, within(0.01));
        double edge = tall.project().place().bench().from() + tall.project().place().bench().depth();
        assertThat(drawn.right()).isGreaterThan(edge + 0.3);
        assertThat(SideView.of(Scene.of(tall)).shapes()).noneMatch(shape -> shape.ink() == Ink.PERSON);
    }
}

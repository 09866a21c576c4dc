package firmperch.draw;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.body.Freedom;
import firmperch.body.Station;
import firmperch.file.Samples;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Choosing;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Words in drawings: none over another, none beyond the edge, each where it is wanted as long as there is room. */
class LetteringTest {
    /** Panes as the window has them at 1280 × 800 and at 1100 × 640, px. */
    private static final double[][] PANES = {{640, 560}, {420, 560}, {200, 230}, {500, 400}, {180, 170}};
    private static final double HIGH = 16;
    /** About the mean letter of the drawings' typeface at 12 px. */
    private static final double LETTER = 6.3;

    private static Lettering.Paper paper(Drawing drawing, double width, double height) {
        double scale = Math.max(1, Math.min((width - 60) / drawing.width(), (height - 60) / drawing.height()));
        double x0 = (width - drawing.width() * scale) / 2 - drawing.left() * scale;
        double y0 = height - (height - drawing.height() * scale) / 2 + drawing.bottom() * scale;
        return new Lettering.Paper(p -> x0 + p.x() * scale, p -> y0 - p.y() * scale, t -> LETTER * t.length(), HIGH, 1,
                4, 4, width - 4, height - 4);
    }

    private static void apart(String what, Drawing drawing, double[] pane) {
        Lettering.Paper paper = paper(drawing, pane[0], pane[1]);
        Map<Shape, Lettering.Placed> placed = Lettering.of(drawing, paper);
        List<Map.Entry<Shape, Lettering.Placed>> all = new ArrayList<>(placed.entrySet());
        for (int i = 0; i < all.size(); i++) {
            Lettering.Placed a = all.get(i).getValue();
            if (!seen(a, pane)) {
                continue;
            }
            assertThat(a.y() - HIGH / 2 >= 4 - 1e-9 && a.y() + HIGH / 2 <= pane[1] - 4 + 1e-9).as("%s: %s", what,
                    all.get(i).getKey()).isTrue();
            assertThat(a.x() - a.width() / 2 >= 4 - 1e-9 && a.x() + a.width() / 2 <= pane[0] - 4 + 1e-9
                    || a.width() > pane[0] - 8).as("%s: %s", what, all.get(i).getKey()).isTrue();
            for (int j = 0; j < i; j++) {
                Lettering.Placed b = all.get(j).getValue();
                boolean over = seen(b, pane) && Math.abs(a.x() - b.x()) < (a.width() + b.width()) / 2 - 1e-9
                        && Math.abs(a.y() - b.y()) < HIGH - 1e-9;
                assertThat(over).as("%s: %s over %s", what, all.get(i).getKey(), all.get(j).getKey()).isFalse();
            }
        }
    }

    /** False for what lies beyond the view, as what it is about does. */
    private static boolean seen(Lettering.Placed words, double[] pane) {
        return words.x() + words.width() / 2 > 4 && words.x() - words.width() / 2 < pane[0] - 4
                && words.y() + HIGH / 2 > 4 && words.y() - HIGH / 2 < pane[1] - 4;
    }

    private static List<Drawing> views(Situation s, Optional<Station> chosen) {
        Scene scene = new Scene(s, List.of(), chosen, true, true);
        return List.of(SideView.of(scene), PlanView.of(scene), RoomPlan.of(s, 0, Optional.empty()), LensView.of(s),
                HeadView.of(s, HeadView.From.SIDE, 0));
    }

    /** All kinds, 200 random poses in all, their parts chosen in turn; all samples as they are set. */
    @Test
    void noWordsStandOverOthersOrLeaveTheirView() {
        Random random = new Random(5);
        for (Kind kind : Parts.kinds()) {
            Project project = Choosing.of(Samples.wedgingBench(), kind);
            Situation set = Study.of(project).shown();
            List<Station> stations = set.study().assembly().stations();
            for (int i = 0; i < 20; i++) {
                Pose pose = Pose.of(set.study().assembly().freedoms().stream().mapToDouble((Freedom f) -> f
                        .nearest(f.from() + (f.to() - f.from()) * random.nextDouble())).toArray());
                List<Drawing> views = views(set.in(pose), Optional.of(stations.get(i % stations.size())));
                for (Drawing drawing : views.subList(0, i < 5 ? views.size() : 2)) {
                    apart(kind.id(), drawing, PANES[i % PANES.length]);
                }
            }
        }
        for (Project sample : Samples.all()) {
            for (Drawing drawing : views(Situation.of(sample), Optional.empty())) {
                for (double[] pane : PANES) {
                    apart(sample.name(), drawing, pane);
                }
            }
        }
    }

    /** The rose of leans stands in a corner of the window, in the smallest at 190 px: its words are whole there, each in its line. */
    @Test
    void theRoseOfLeansFitsItsCorner() {
        double[] corner = {190, 190};
        for (Project sample : Samples.all()) {
            Drawing rose = LeanRose.of(Situation.of(sample));
            apart(sample.name(), rose, corner);
            assertThat(Lettering.of(rose, paper(rose, corner[0], corner[1])).values()).hasSize(4)
                    .allSatisfy(words -> assertThat(words.width()).isLessThan(corner[0] - 8))
                    .noneMatch(Lettering.Placed::led);
        }
    }

    private static Drawing of(Shape... shapes) {
        return new Drawing(List.of(shapes), 0, 0, 4, 4);
    }

    private static Shape.Label label(double x, double y, String text) {
        return new Shape.Label(Ink.HINT, new Shape.Point(x, y), Shape.Anchor.RIGHT, text);
    }

    /** The first in its place, the next beside it, one at the edge within it, one that has to go far with a line back. */
    @Test
    void wordsGoNoFurtherThanTheyMust() {
        Shape first = label(2, 2, "first");
        Shape same = label(2, 2, "second");
        Shape edge = label(4.3, 3, "at the edge");
        Map<Shape, Lettering.Placed> placed = Lettering.of(of(first, same, edge), paper(of(first), 300, 300));
        assertThat(placed.get(first).led()).isFalse();
        assertThat(placed.get(same).x()).isBetween(placed.get(first).x() - 20, placed.get(first).x() + 20);
        assertThat(Math.abs(placed.get(same).y() - placed.get(first).y())).isBetween(HIGH, 1.6 * HIGH);
        assertThat(placed.get(edge).x() + placed.get(edge).width() / 2).isLessThanOrEqualTo(296);
        List<Shape> many = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            many.add(label(2, 2, "one of many, " + i));
        }
        Map<Shape, Lettering.Placed> crowd = Lettering.of(of(many.toArray(Shape[]::new)), paper(of(first), 300, 300));
        assertThat(crowd).hasSize(9);
        assertThat(crowd.values()).anyMatch(Lettering.Placed::led);
    }

    /** A dimension's words go along its line before they leave it. */
    @Test
    void dimensionsKeepToTheirLine() {
        Shape.Dimension one = new Shape.Dimension(Ink.DIMENSION, new Shape.Point(0.5, 2), new Shape.Point(3.5, 2),
                Shape.Side.ON, "3000", "");
        Shape.Dimension other = new Shape.Dimension(Ink.DIMENSION, new Shape.Point(2, 0.5), new Shape.Point(2, 3.5),
                Shape.Side.ON, "2999", "");
        Map<Shape, Lettering.Placed> placed = Lettering.of(of(one, other), paper(of(one), 300, 300));
        assertThat(placed.get(one).x()).isEqualTo(150);
        assertThat(placed.get(other).x()).isEqualTo(placed.get(one).x());
        assertThat(placed.get(other).y()).isNotEqualTo(placed.get(one).y());
        assertThat(placed.get(other).led()).isFalse();
    }
}

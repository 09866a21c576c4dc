package firmperch.draw;

import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.place.Bench;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Taped;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * What the camera sees of the bench's top, from above, to be laid there: the picture's edge, what is wanted, the middle, and the bench's own
 * edges where they come into it. The edge nearest the perch is at the left, the bench's left end above.
 */
public final class MatView {
    private static final double BORDER = 0.006;
    private static final double CROSS = 0.01;

    private MatView() {
    }

    /** Draws it for every set-up; nothing where the camera sees nothing of the bench in any. */
    public static Optional<Drawing> of(List<Situation> setUps) {
        List<Seen> seen = new ArrayList<>();
        for (Situation s : setUps) {
            Bench bench = s.project().place().bench();
            Taped.of(s).map(taped -> taped.onBench(bench)).filter(corners -> corners.size() > 2)
                    .ifPresent(corners -> seen.add(new Seen(s, corners.stream().map(View.ABOVE::at).toList())));
        }
        // What is large lies under what is small.
        seen.sort(Comparator.comparingDouble(one -> -one.size()));
        return seen.isEmpty() ? Optional.empty() : Optional.of(drawn(seen));
    }

    /** What is seen of the bench in a set-up, round. */
    private record Seen(Situation s, List<Point> round) {
        double size() {
            return (most(Point::x) - least(Point::x)) * (most(Point::y) - least(Point::y));
        }

        double least(ToDoubleFunction<Point> along) {
            return round.stream().mapToDouble(along).min().orElseThrow();
        }

        double most(ToDoubleFunction<Point> along) {
            return round.stream().mapToDouble(along).max().orElseThrow();
        }
    }

    private static Drawing drawn(List<Seen> seen) {
        Drawing.Builder out = new Drawing.Builder();
        Bench bench = seen.getFirst().s.project().place().bench();
        double left = seen.stream().mapToDouble(one -> one.least(Point::x)).min().orElseThrow() - BORDER;
        double right = seen.stream().mapToDouble(one -> one.most(Point::x)).max().orElseThrow() + BORDER;
        double low = seen.stream().mapToDouble(one -> one.least(Point::y)).min().orElseThrow() - BORDER;
        double high = seen.stream().mapToDouble(one -> one.most(Point::y)).max().orElseThrow() + BORDER;
        for (Seen one : seen) {
            out.area(Ink.FLOOR, one.round);
        }
        for (double x : new double[]{bench.from(), bench.from() + bench.depth()}) {
            edge(out, x > left && x < right, new Point(x, low), new Point(x, high));
        }
        for (double y : new double[]{-bench.width() / 2, bench.width() / 2}) {
            edge(out, y > low && y < high, new Point(left, y), new Point(right, y));
        }
        for (Seen one : seen) {
            wanted(out, one.s);
            if (one.s.project().setUps().size() > 1) {
                out.label(Ink.HINT, new Point(one.least(Point::x), one.most(Point::y) - CROSS), Anchor.RIGHT,
                        one.s.project().setUp().name());
            }
        }
        return out.build(left, low, right, high);
    }

    private static void wanted(Drawing.Builder out, Situation s) {
        out.area(Ink.WANTED, Sight.of(s).wanted().stream().map(View.ABOVE::at).toList());
        Point middle = View.ABOVE.at(s.shotCentre());
        out.path(Ink.DIMENSION, new Point(middle.x() - CROSS, middle.y()), new Point(middle.x() + CROSS, middle.y()));
        out.path(Ink.DIMENSION, new Point(middle.x(), middle.y() - CROSS), new Point(middle.x(), middle.y() + CROSS));
        out.label(Ink.HINT, new Point(middle.x(), middle.y() + CROSS), Anchor.ABOVE, "middle of the work");
    }

    private static void edge(Drawing.Builder out, boolean within, Point from, Point to) {
        if (within) {
            out.path(Ink.SIGHT_EDGE, from, to);
        }
    }
}

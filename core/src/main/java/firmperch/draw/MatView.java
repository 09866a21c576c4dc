package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.project.Bench;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Taped;
import java.util.List;
import java.util.Optional;

/**
 * What the camera sees of the bench's top, from above, to be laid there: the picture's edge, what is wanted, the middle, and the bench's own
 * edges where they come into it. The edge nearest the perch is at the left, the bench's left end above.
 */
public final class MatView {
    private static final double BORDER = 0.006;
    private static final double CROSS = 0.01;

    private MatView() {
    }

    /** Draws it; nothing where the camera sees nothing of the bench. */
    public static Optional<Drawing> of(Situation s) {
        Bench bench = s.project().place().bench();
        return Taped.of(s).map(taped -> taped.onBench(bench)).filter(corners -> corners.size() > 2)
                .map(corners -> drawn(s, corners, bench));
    }

    private static Drawing drawn(Situation s, List<Vec3> corners, Bench bench) {
        Drawing.Builder out = new Drawing.Builder();
        List<Point> round = corners.stream().map(View.ABOVE::at).toList();
        double left = round.stream().mapToDouble(Point::x).min().orElseThrow() - BORDER;
        double right = round.stream().mapToDouble(Point::x).max().orElseThrow() + BORDER;
        double low = round.stream().mapToDouble(Point::y).min().orElseThrow() - BORDER;
        double high = round.stream().mapToDouble(Point::y).max().orElseThrow() + BORDER;
        out.area(Ink.FLOOR, round);
        for (double x : new double[]{bench.from(), bench.from() + bench.depth()}) {
            edge(out, x > left && x < right, new Point(x, low), new Point(x, high));
        }
        for (double y : new double[]{-bench.width() / 2, bench.width() / 2}) {
            edge(out, y > low && y < high, new Point(left, y), new Point(right, y));
        }
        out.area(Ink.WANTED, Sight.of(s).wanted().stream().map(View.ABOVE::at).toList());
        Point middle = View.ABOVE.at(s.shotCentre());
        out.path(Ink.DIMENSION, new Point(middle.x() - CROSS, middle.y()), new Point(middle.x() + CROSS, middle.y()));
        out.path(Ink.DIMENSION, new Point(middle.x(), middle.y() - CROSS), new Point(middle.x(), middle.y() + CROSS));
        out.label(Ink.HINT, new Point(middle.x(), middle.y() + CROSS), Anchor.ABOVE, "middle of the work");
        return out.build(left, low, right, high);
    }

    private static void edge(Drawing.Builder out, boolean within, Point from, Point to) {
        if (within) {
            out.path(Ink.SIGHT_EDGE, from, to);
        }
    }
}

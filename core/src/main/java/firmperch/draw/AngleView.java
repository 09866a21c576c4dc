package firmperch.draw;

import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.place.Bench;
import firmperch.study.Sight;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.List;

/** The bench and the rig from any angle, without perspective. */
public final class AngleView {
    private static final double LEG = 0.06;

    private final Situation s;
    private final View view;
    private final Drawing.Builder out = new Drawing.Builder();
    private final List<Point> all = new ArrayList<>();

    private AngleView(Situation s, View view) {
        this.s = s;
        this.view = view;
    }

    /** Draws it. */
    public static Drawing of(Situation s, View view) {
        return of(s, view, false);
    }

    /** Draws it, with who works at the bench or without. */
    public static Drawing of(Situation s, View view, boolean person) {
        AngleView drawn = new AngleView(s, view);
        Bench b = s.project().place().bench();
        boolean rigBehind = view.depth(new Vec3(s.project().stance().x(), s.project().stance().y(), 0)) < view
                .depth(new Vec3(b.from() + b.depth() / 2, 0, 0));
        boolean personBehind = view.toward().x() < 0;
        if (person) {
            drawn.all.addAll(Person.extent(s, view));
        }
        if (person && personBehind) {
            Person.draw(drawn.out, s, view);
        }
        if (rigBehind) {
            new Projection(s, view).draw(drawn.out);
            drawn.bench();
        } else {
            drawn.bench();
            new Projection(s, view).draw(drawn.out);
        }
        if (person && !personBehind) {
            Person.draw(drawn.out, s, view);
        }
        drawn.sight();
        s.study().assembly().pieces().stream().filter(Piece::takesRoom).forEach(p -> {
            for (Vec3 d : new Vec3[]{view.right(), view.right().times(-1), view.up(), view.up().times(-1)}) {
                drawn.all.add(view.at(s.inRoom(s.posed().furthest(p, s.turnedBack(d)))));
            }
        });
        double left = drawn.all.stream().mapToDouble(Point::x).min().orElse(0);
        double right = drawn.all.stream().mapToDouble(Point::x).max().orElse(1);
        double low = drawn.all.stream().mapToDouble(Point::y).min().orElse(0);
        double high = drawn.all.stream().mapToDouble(Point::y).max().orElse(1);
        return drawn.out.build(left - 0.05, low - 0.05, right + 0.05, high + 0.05);
    }

    private void bench() {
        Bench b = s.project().place().bench();
        double x1 = b.from() + b.depth();
        double y = b.width() / 2;
        for (double x : new double[]{b.from() + LEG, x1 - 2 * LEG}) {
            for (double side : new double[]{-y + LEG, y - 2 * LEG}) {
                block(new Vec3(x, side, 0), new Vec3(x + LEG, side + LEG, b.under()));
            }
        }
        block(new Vec3(b.from(), -y, b.under()), new Vec3(x1, y, b.height()));
    }

    /** A block along the room's axes: its faces that look toward the eye. */
    private void block(Vec3 low, Vec3 high) {
        Vec3[] normals = {Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.UP,
                Vec3.DOWN};
        for (Vec3 n : normals) {
            if (n.dot(view.toward()) > 0.01) {
                List<Point> corners = new ArrayList<>();
                for (int[] c : new int[][]{{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
                    double x = n.x() != 0 ? n.x() > 0 ? high.x() : low.x() : c[0] == 0 ? low.x() : high.x();
                    double y = n.y() != 0
                            ? n.y() > 0 ? high.y() : low.y()
                            : n.x() != 0 ? c[0] == 0 ? low.y() : high.y() : c[1] == 0 ? low.y() : high.y();
                    double z = n.z() != 0 ? n.z() > 0 ? high.z() : low.z() : c[1] == 0 ? low.z() : high.z();
                    corners.add(view.at(new Vec3(x, y, z)));
                }
                out.area(Ink.BENCH, corners);
                all.addAll(corners);
            }
        }
    }

    /** What the camera sees, on the work. */
    private void sight() {
        List<Vec3> covered = Sight.of(s).covered();
        if (!covered.isEmpty()) {
            out.area(Ink.SIGHT, covered.stream().map(view::at).toList());
        }
    }
}

package firmperch.draw;

import firmperch.body.Assembly.Measure;
import firmperch.body.Vec3;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import firmperch.param.Path;
import firmperch.study.Situation;
import firmperch.units.Quantity;

/** The lengths of the chosen part that can be seen square on, as dimensions by which they are edited. */
final class Measures {
    private static final double SEEN = 0.6;
    private static final double NEAR = 0.05;

    private Measures() {
    }

    static void draw(Drawing.Builder out, Scene scene, View view) {
        Situation s = scene.situation();
        scene.chosen().ifPresent(station -> {
            for (Measure m : s.study().assembly().measures()) {
                if (m.part().equals(station.part())) {
                    draw(out, s, view, m);
                }
            }
        });
    }

    private static void draw(Drawing.Builder out, Situation s, View view, Measure m) {
        Vec3 from = s.inRoom(s.posed().point(m.from().body(), m.from().at()));
        Vec3 to = s.inRoom(s.posed().point(m.to().body(), m.to().at()));
        Point a = view.at(from);
        Point b = view.at(to);
        double seen = Math.hypot(b.x() - a.x(), b.y() - a.y());
        // One that follows from others is not edited.
        String path = m.path().isEmpty() ? "" : "perch." + m.part() + "." + m.path();
        double value = path.isEmpty() ? to.minus(from).length() : Path.of(path).number(s.project());
        if (seen > SEEN * to.minus(from).length() && seen > 0.03) {
            boolean upright = Math.abs(b.y() - a.y()) > Math.abs(b.x() - a.x());
            // The camera and what it sees stay free.
            double camera = view.at(s.inRoom(s.sensor())).x();
            boolean over = camera > Math.min(a.x(), b.x()) - NEAR && camera < Math.max(a.x(), b.x()) + NEAR;
            out.dimension(a, b, upright ? Side.RIGHT : over ? Side.ABOVE : Side.BELOW,
                    Quantity.LENGTH.bare(value, s.project().units()), path);
        }
    }
}

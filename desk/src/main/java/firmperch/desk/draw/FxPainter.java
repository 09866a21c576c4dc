package firmperch.desk.draw;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.draw.Lettering;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** Paints a drawing on a canvas. */
final class FxPainter {
    private static final double TEXT_SIZE = 12;
    /** A line of words is so high, and words keep so far from the canvas's edge, px. */
    private static final double LINE = 16;
    private static final double EDGE = 4;

    private final GraphicsContext g;
    private final Viewport view;
    private final Palette palette;
    private static final Font SMALL = Font.font("IBM Plex Sans", TEXT_SIZE);

    private final Text measure = new Text();

    FxPainter(GraphicsContext g, Viewport view, Palette palette) {
        this.g = g;
        this.view = view;
        this.palette = palette;
        measure.setFont(SMALL);
    }

    /** Where on the canvas a value stands that can be edited there, px. */
    record Spot(String path, double x, double y, double width, double height) {
        boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }
    }

    private final List<Spot> spots = new ArrayList<>();

    /** Where values stand that can be edited in the drawing painted last. */
    List<Spot> spots() {
        return spots;
    }

    void paint(Drawing drawing) {
        g.setFont(SMALL);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.CENTER);
        Lettering.Paper paper = new Lettering.Paper(this::x, this::y, this::width, LINE, 1, EDGE, EDGE,
                g.getCanvas().getWidth() - EDGE, g.getCanvas().getHeight() - EDGE);
        Map<Shape, Lettering.Placed> words = Lettering.of(drawing, paper);
        List<Shape> shapes = drawing.shapes();
        for (int i = 0; i < shapes.size(); i++) {
            Shape shape = shapes.get(i);
            style(shape.ink());
            switch (shape) {
                case Shape.Area petal when isPetal(petal.ink()) -> i = petals(shapes, i);
                case Shape.Area area -> polygon(area.ink(), area.points());
                case Shape.Path path -> line(path.ink(), path.points());
                case Shape.Disc disc -> disc(disc);
                case Shape.Balance balance -> balance(balance.centre());
                case Shape.Label label -> label(label, words.get(label));
                case Shape.Dimension dimension -> dimension(dimension, paper, words.get(dimension));
            }
        }
        g.setLineDashes();
    }

    private void style(Ink ink) {
        g.setFill(palette.fill(ink));
        g.setStroke(palette.stroke(ink));
        g.setLineWidth(switch (ink) {
            case SIGHT_EDGE -> 3;
            case CHOSEN -> 2;
            case LEAN_GOOD, LEAN_SHORT, GHOST, TIE -> 1.5;
            default -> 1;
        });
        if (dashed(ink)) {
            g.setLineDashes(5, 4);
        } else {
            g.setLineDashes();
        }
    }

    private static boolean dashed(Ink ink) {
        return switch (ink) {
            case GHOST, OTHER, SWING, SUPPORT, LIMIT, WANTED, OVERHEAD -> true;
            default -> false;
        };
    }

    private double x(Point p) {
        return view.x(p.x());
    }

    private double y(Point p) {
        return view.y(p.y());
    }

    private double[] xs(List<Point> points) {
        return points.stream().mapToDouble(this::x).toArray();
    }

    private double[] ys(List<Point> points) {
        return points.stream().mapToDouble(this::y).toArray();
    }

    private void polygon(Ink ink, List<Point> points) {
        double[] xs = xs(points);
        double[] ys = ys(points);
        if (upright(xs, ys) && !dashed(ink)) {
            rectangle(ink, xs, ys);
            return;
        }
        if (seen(palette.fill(ink))) {
            g.fillPolygon(xs, ys, xs.length);
        }
        g.strokePolygon(xs, ys, xs.length);
    }

    private static boolean isPetal(Ink ink) {
        return ink == Ink.LEAN_GOOD || ink == Ink.LEAN_SHORT;
    }

    /** Petals of one ink are filled together, as they come dozens at a time; returns the last one's place in the list. */
    private int petals(List<Shape> shapes, int first) {
        Ink ink = shapes.get(first).ink();
        int next = first;
        g.beginPath();
        while (next < shapes.size() && shapes.get(next) instanceof Shape.Area petal && petal.ink() == ink) {
            List<Point> points = petal.points();
            g.moveTo(x(points.getFirst()), y(points.getFirst()));
            points.forEach(p -> g.lineTo(x(p), y(p)));
            g.closePath();
            next++;
        }
        g.fill();
        return next - 1;
    }

    /** What cannot be seen need not be painted, and painting it takes as long. */
    private static boolean seen(Color colour) {
        return colour.getOpacity() > 0;
    }

    /** True for a rectangle along the axes. Software rendering fills those many times faster than any other polygon. */
    private static boolean upright(double[] xs, double[] ys) {
        return xs.length == 4 && (same(xs[0], xs[1]) && same(ys[1], ys[2]) && same(xs[2], xs[3]) && same(ys[3], ys[0])
                || same(ys[0], ys[1]) && same(xs[1], xs[2]) && same(ys[2], ys[3]) && same(xs[3], xs[0]));
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < 0.01;
    }

    private void rectangle(Ink ink, double[] xs, double[] ys) {
        double left = Math.round(Math.min(xs[0], xs[2]));
        double right = Math.max(left + 1, Math.round(Math.max(xs[0], xs[2])));
        double top = Math.round(Math.min(ys[0], ys[2]));
        double bottom = Math.max(top + 1, Math.round(Math.max(ys[0], ys[2])));
        if (seen(palette.fill(ink))) {
            g.fillRect(left, top, right - left, bottom - top);
        }
        if (seen(palette.stroke(ink))) {
            g.setFill(palette.stroke(ink));
            segment(left, top, right, top);
            segment(left, bottom, right, bottom);
            segment(left, top, left, bottom);
            segment(right, top, right, bottom);
        }
    }

    private void line(Ink ink, List<Point> points) {
        double[] xs = xs(points);
        double[] ys = ys(points);
        if (xs.length == 2 && !dashed(ink) && (same(xs[0], xs[1]) || same(ys[0], ys[1]))) {
            g.setFill(palette.stroke(ink));
            segment(xs[0], ys[0], xs[1], ys[1]);
        } else {
            g.strokePolyline(xs, ys, xs.length);
        }
    }

    /** A line along an axis, on whole pixels, in the colour set for filling: sharper and quicker than a stroke. */
    private void segment(double ax, double ay, double bx, double by) {
        double width = Math.max(1, Math.round(g.getLineWidth()));
        double left = Math.round(Math.min(ax, bx) - width / 2);
        double top = Math.round(Math.min(ay, by) - width / 2);
        g.fillRect(left, top, Math.round(Math.abs(bx - ax)) + width, Math.round(Math.abs(by - ay)) + width);
    }

    private void disc(Shape.Disc disc) {
        double r = Math.max(2, disc.radius() * view.scale());
        if (seen(palette.fill(disc.ink()))) {
            g.fillOval(x(disc.centre()) - r, y(disc.centre()) - r, 2 * r, 2 * r);
        }
        boolean dark = switch (disc.ink()) {
            case HOLE, WHEEL -> true;
            default -> false;
        };
        if (!dark) {
            g.strokeOval(x(disc.centre()) - r, y(disc.centre()) - r, 2 * r, 2 * r);
        }
    }

    private void balance(Point centre) {
        double r = 7;
        double x = x(centre) - r;
        double y = y(centre) - r;
        g.setFill(Color.WHITE);
        g.fillOval(x, y, 2 * r, 2 * r);
        g.setFill(Color.web("#20282c"));
        g.fillArc(x, y, 2 * r, 2 * r, 0, 90, ArcType.ROUND);
        g.fillArc(x, y, 2 * r, 2 * r, 180, 90, ArcType.ROUND);
        g.setStroke(Color.web("#20282c"));
        g.strokeOval(x, y, 2 * r, 2 * r);
    }

    private void label(Shape.Label label, Lettering.Placed words) {
        if (words != null) {
            led(words);
            g.setFill(palette.stroke(label.ink()));
            g.fillText(label.text(), words.x(), words.y());
        }
    }

    /** A line to what words are about that had to go elsewhere. */
    private void led(Lettering.Placed words) {
        if (words.led()) {
            g.setLineDashes();
            g.strokeLine(Math.clamp(words.toX(), words.x() - words.width() / 2, words.x() + words.width() / 2),
                    Math.clamp(words.toY(), words.y() - words.height() / 2, words.y() + words.height() / 2),
                    words.toX(),
                    words.toY());
        }
    }

    private double width(String text) {
        measure.setText(text);
        return measure.getLayoutBounds().getWidth();
    }

    private void dimension(Shape.Dimension d, Lettering.Paper paper, Lettering.Placed words) {
        Lettering.Line line = Lettering.line(d, paper);
        double tick = line.tick(paper);
        g.setFill(palette.stroke(d.ink()));
        g.setStroke(palette.stroke(d.ink()));
        line(line.ax(), line.ay(), line.bx(), line.by());
        line(line.ax() - tick * line.outX(), line.ay() - tick * line.outY(), line.ax() + tick * line.outX(),
                line.ay() + tick * line.outY());
        line(line.bx() - tick * line.outX(), line.by() - tick * line.outY(), line.bx() + tick * line.outX(),
                line.by() + tick * line.outY());
        if (words == null) {
            return;
        }
        led(words);
        double width = words.width();
        double left = words.x() - width / 2;
        g.setFill(palette.ground());
        g.fillRect(left, words.y() - LINE / 2, width, LINE);
        g.setFill(palette.text());
        g.fillText(d.text(), words.x(), words.y());
        if (!d.path().isEmpty()) {
            // A value that can be typed here is underlined.
            g.setFill(palette.stroke(Ink.SIGHT_EDGE));
            g.fillRect(left + 3, words.y() + LINE / 2, width - 6, 1);
            spots.add(new Spot(d.path(), left - 3, words.y() - 10, width + 6, 20));
        }
    }

    private void line(double ax, double ay, double bx, double by) {
        if (Math.abs(ax - bx) < 0.5 || Math.abs(ay - by) < 0.5) {
            segment(ax, ay, bx, by);
        } else {
            g.strokeLine(ax, ay, bx, by);
        }
    }
}

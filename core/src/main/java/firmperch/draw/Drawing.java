package firmperch.draw;

import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import java.util.ArrayList;
import java.util.List;

/**
 * Shapes, the first drawn first.
 *
 * @param left least x that must be in view, m
 * @param bottom least y, m
 * @param right greatest x, m
 * @param top greatest y, m
 */
public record Drawing(List<Shape> shapes, double left, double bottom, double right, double top) {
    public Drawing {
        shapes = List.copyOf(shapes);
    }

    /** Width that must be in view, m. */
    public double width() {
        return right - left;
    }

    /** Height that must be in view, m. */
    public double height() {
        return top - bottom;
    }

    /** Collects shapes. */
    static final class Builder {
        private final List<Shape> shapes = new ArrayList<>();

        void add(Shape shape) {
            shapes.add(shape);
        }

        void area(Ink ink, Point... points) {
            shapes.add(new Shape.Area(ink, List.of(points)));
        }

        void area(Ink ink, List<Point> points) {
            shapes.add(new Shape.Area(ink, points));
        }

        void box(Ink ink, double x0, double y0, double x1, double y1) {
            area(ink, new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1));
        }

        /** A bar of some width around the line between two points, running on past both ends. */
        void bar(Ink ink, Point a, Point b, double width, double past) {
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (length < 1e-9) {
                return;
            }
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            double w = width / 2;
            Point p = new Point(a.x() - ux * past, a.y() - uy * past);
            Point q = new Point(b.x() + ux * past, b.y() + uy * past);
            area(ink, new Point(p.x() - uy * w, p.y() + ux * w), new Point(q.x() - uy * w, q.y() + ux * w),
                    new Point(q.x() + uy * w, q.y() - ux * w), new Point(p.x() + uy * w, p.y() - ux * w));
        }

        void path(Ink ink, Point... points) {
            shapes.add(new Shape.Path(ink, List.of(points)));
        }

        void disc(Ink ink, Point centre, double radius) {
            shapes.add(new Shape.Disc(ink, centre, radius));
        }

        void balance(Point centre) {
            shapes.add(new Shape.Balance(Ink.BALANCE, centre));
        }

        void label(Ink ink, Point at, Anchor anchor, String text) {
            shapes.add(new Shape.Label(ink, at, anchor, text));
        }

        void dimension(Point from, Point to, Side side, String text) {
            dimension(from, to, side, text, "");
        }

        void dimension(Point from, Point to, Side side, String text, String path) {
            shapes.add(new Shape.Dimension(Ink.DIMENSION, from, to, side, text, path));
        }

        Drawing build(double left, double bottom, double right, double top) {
            return new Drawing(shapes, left, bottom, right, top);
        }
    }
}

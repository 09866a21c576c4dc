package firmperch.desk.draw;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.draw.Shape;
import firmperch.draw.Shape.Point;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** Paints a drawing on a canvas. */
final class FxPainter {
    private static final double DIMENSION_OFF = 20;
    private static final double TEXT_SIZE = 12;

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

    void paint(Drawing drawing) {
        g.setFont(SMALL);
        g.setTextBaseline(VPos.CENTER);
        for (Shape shape : drawing.shapes()) {
            style(shape.ink());
            switch (shape) {
                case Shape.Area area -> polygon(area.ink(), area.points());
                case Shape.Path path -> line(path.points());
                case Shape.Disc disc -> disc(disc);
                case Shape.Balance balance -> balance(balance.centre());
                case Shape.Label label -> label(label);
                case Shape.Dimension dimension -> dimension(dimension);
            }
        }
        g.setLineDashes();
    }

    private void style(Ink ink) {
        g.setFill(palette.fill(ink));
        g.setStroke(palette.stroke(ink));
        g.setLineWidth(switch (ink) {
            case SIGHT_EDGE -> 3;
            case LEAN_GOOD, LEAN_SHORT, GHOST -> 1.5;
            default -> 1;
        });
        switch (ink) {
            case GHOST, SWING, SUPPORT, LIMIT, WANTED -> g.setLineDashes(5, 4);
            default -> g.setLineDashes();
        }
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
        g.fillPolygon(xs, ys, xs.length);
        if (ink != Ink.LEAN_GOOD && ink != Ink.LEAN_SHORT) {
            g.strokePolygon(xs, ys, xs.length);
        }
    }

    private void line(List<Point> points) {
        double[] xs = xs(points);
        g.strokePolyline(xs, ys(points), xs.length);
    }

    private void disc(Shape.Disc disc) {
        double r = Math.max(1.5, disc.radius() * view.scale());
        g.fillOval(x(disc.centre()) - r, y(disc.centre()) - r, 2 * r, 2 * r);
        g.strokeOval(x(disc.centre()) - r, y(disc.centre()) - r, 2 * r, 2 * r);
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

    private void label(Shape.Label label) {
        double dx = switch (label.anchor()) {
            case LEFT -> -6;
            case RIGHT -> 8;
            default -> 0;
        };
        double dy = switch (label.anchor()) {
            case ABOVE -> -9;
            case BELOW -> 10;
            default -> 0;
        };
        double width = width(label.text());
        double x = x(label.at()) + dx - switch (label.anchor()) {
            case LEFT -> width;
            case RIGHT -> 0;
            case ABOVE, BELOW -> width / 2;
        };
        // Words stay on the canvas even where their point is near its edge.
        x = Math.clamp(x, 4, Math.max(4, g.getCanvas().getWidth() - width - 4));
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(palette.stroke(label.ink()));
        g.fillText(label.text(), x, y(label.at()) + dy);
    }

    private double width(String text) {
        measure.setText(text);
        return measure.getLayoutBounds().getWidth();
    }

    private void dimension(Shape.Dimension d) {
        double dx = switch (d.side()) {
            case LEFT -> -DIMENSION_OFF;
            case RIGHT -> DIMENSION_OFF;
            default -> 0;
        };
        double dy = switch (d.side()) {
            case ABOVE -> -DIMENSION_OFF;
            case BELOW -> DIMENSION_OFF;
            default -> 0;
        };
        double ax = x(d.from()) + dx;
        double ay = y(d.from()) + dy;
        double bx = x(d.to()) + dx;
        double by = y(d.to()) + dy;
        double tickX = Math.abs(by - ay) > Math.abs(bx - ax) ? 4 : 0;
        double tickY = 4 - tickX;
        g.strokeLine(ax, ay, bx, by);
        g.strokeLine(ax - tickX, ay - tickY, ax + tickX, ay + tickY);
        g.strokeLine(bx - tickX, by - tickY, bx + tickX, by + tickY);
        double width = width(d.text());
        double mx = (ax + bx) / 2;
        double my = (ay + by) / 2;
        g.setFill(palette.ground());
        g.fillRect(mx - width / 2 - 3, my - 8, width + 6, 16);
        g.setFill(palette.text());
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(d.text(), mx, my);
    }
}

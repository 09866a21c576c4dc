package firmperch.draw;

import firmperch.draw.Shape.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * Where the words of a drawing stand on screen or paper: as near as they can be to what they are about, none over another, none beyond the edge.
 * Dimensions take their places first, along their lines, then labels in their order; what had to go far is led back by a line.
 */
public final class Lettering {
    /** How far words lie from their point, as a share of a line's height: beside it, above or below it. */
    private static final double BESIDE = 0.42;
    private static final double OVER = 0.6;
    /** How far a dimension's line lies from what it measures, and how long its ticks are, as shares of a line's height. */
    private static final double OFF = 1.25;
    private static final double TICK = 0.25;
    /** Words keep so far from each other and from the edge, as a share of a line's height. */
    private static final double GAP = 0.12;
    /** Steps in which a place is looked for, and directions tried at each. */
    private static final double STEP = 0.25;
    private static final int WAYS = 16;
    /** From so far on a line leads back, in lines' heights. */
    private static final double FAR = 1.7;

    /**
     * What is drawn on, in its own units: px or pt.
     *
     * @param x of a point of the drawing
     * @param y of it
     * @param wide how wide words are
     * @param high how high a line of words is
     * @param down 1 if y grows downward, −1 if it grows upward
     */
    public record Paper(ToDoubleFunction<Point> x, ToDoubleFunction<Point> y, ToDoubleFunction<String> wide,
            double high,
            double down, double left, double top, double right, double bottom) {}

    /**
     * Words in their place.
     *
     * @param x of their middle
     * @param y of their middle
     * @param led true if they had to go so far that a line is to lead from them to {@code toX}, {@code toY}
     */
    public record Placed(double x, double y, double width, double height, boolean led, double toX, double toY) {
        private boolean over(double ox, double oy, double w, double h) {
            return Math.abs(ox - x) < (w + width) / 2 && Math.abs(oy - y) < (h + height) / 2;
        }
    }

    /** A dimension's line, and the way square to it on which it lies from what it measures. */
    public record Line(double ax, double ay, double bx, double by, double outX, double outY) {
        /** Half as long as a tick is. */
        public double tick(Paper paper) {
            return TICK * paper.high;
        }
    }

    private final Paper paper;
    private final Map<Shape, Placed> placed = new HashMap<>();
    private final List<Placed> all = new ArrayList<>();

    private Lettering(Paper paper) {
        this.paper = paper;
    }

    /** All words of a drawing, by the label or the dimension that they belong to. */
    public static Map<Shape, Placed> of(Drawing drawing, Paper paper) {
        Lettering lettering = new Lettering(paper);
        drawing.shapes().forEach(shape -> {
            if (shape instanceof Shape.Dimension dimension) {
                lettering.dimension(dimension);
            }
        });
        drawing.shapes().forEach(shape -> {
            if (shape instanceof Shape.Label label) {
                lettering.label(label);
            }
        });
        return lettering.placed;
    }

    /** Where a dimension's line lies: square to what it measures, on the side that is asked for. */
    public static Line line(Shape.Dimension d, Paper paper) {
        double fromX = paper.x.applyAsDouble(d.from());
        double fromY = paper.y.applyAsDouble(d.from());
        double alongX = paper.x.applyAsDouble(d.to()) - fromX;
        double alongY = paper.y.applyAsDouble(d.to()) - fromY;
        double length = Math.max(1, Math.hypot(alongX, alongY));
        double outX = -alongY / length;
        double outY = alongX / length;
        boolean turned = switch (d.side()) {
            case LEFT -> outX > 0;
            case RIGHT -> outX < 0;
            case ABOVE -> outY * paper.down > 0;
            case BELOW -> outY * paper.down < 0;
            case ON -> false;
        };
        double sign = turned ? -1 : 1;
        double off = d.side() == Shape.Side.ON ? 0 : sign * OFF * paper.high;
        double ax = fromX + off * outX;
        double ay = fromY + off * outY;
        return new Line(ax, ay, ax + alongX, ay + alongY, sign * outX, sign * outY);
    }

    private void dimension(Shape.Dimension d) {
        Line line = line(d, paper);
        double length = Math.max(1, Math.hypot(line.bx - line.ax, line.by - line.ay));
        double width = paper.wide.applyAsDouble(d.text());
        boolean upright = Math.abs(line.by - line.ay) > Math.abs(line.bx - line.ax);
        // Words longer than what they measure stand beside it.
        double beside = (upright ? OFF * paper.high : width + paper.high / 2) < length
                ? 0
                : (TICK + GAP) * paper.high + (upright ? width / 2 : OVER * paper.high);
        double x = (line.ax + line.bx) / 2;
        double y = (line.ay + line.by) / 2;
        place(d, x + beside * line.outX, y + beside * line.outY, width + paper.high / 3, x, y,
                (line.bx - line.ax) / length, (line.by - line.ay) / length, length / 2);
    }

    private void label(Shape.Label label) {
        double width = paper.wide.applyAsDouble(label.text());
        double x = paper.x.applyAsDouble(label.at());
        double y = paper.y.applyAsDouble(label.at());
        double dx = switch (label.anchor()) {
            case LEFT -> -BESIDE * paper.high - width / 2;
            case RIGHT -> BESIDE * paper.high + width / 2;
            case ABOVE, BELOW -> 0;
        };
        double dy = switch (label.anchor()) {
            case ABOVE -> -OVER * paper.high * paper.down;
            case BELOW -> OVER * paper.high * paper.down;
            case LEFT, RIGHT -> 0;
        };
        place(label, x + dx, y + dy, width, x, y, 0, 1, 0);
    }

    /** First along a way, as far as that goes, then around, the nearest place that is free. */
    private void place(Shape shape, double wantedX, double wantedY, double width, double toX, double toY, double alongX,
            double alongY, double along) {
        double gap = GAP * paper.high;
        double height = paper.high;
        if (placed.containsKey(shape)) {
            // The same words at the same place are told once.
            return;
        }
        if (!inside(toX, toY, 0, 0) && !touches(wantedX, wantedY, width, height)) {
            // What it is about is not on this sheet, nor are its words.
            placed.put(shape, new Placed(wantedX, wantedY, width, height, false, toX, toY));
            return;
        }
        double x = Math.clamp(wantedX, low(paper.left, paper.right, width), high(paper.left, paper.right, width));
        double y = Math.clamp(wantedY, low(paper.top, paper.bottom, height), high(paper.top, paper.bottom, height));
        double[] at = {x, y};
        boolean found = free(x, y, width + gap, height + gap);
        double step = STEP * height;
        for (double far = step; !found && far < along - height / 2; far += step) {
            for (int sign = 1; sign >= -1 && !found; sign -= 2) {
                at = new double[]{x + sign * far * alongX, y + sign * far * alongY};
                found = inside(at[0], at[1], width, height) && free(at[0], at[1], width + gap, height + gap);
            }
        }
        double most = Math.hypot(paper.right - paper.left, paper.bottom - paper.top);
        for (double far = step; !found && far < most; far += step) {
            for (int way = 0; way < WAYS && !found; way++) {
                // Up and down first: a line of words is low.
                double angle = Math.PI / 2 + (way % 2 == 0 ? way : -way - 1) * Math.PI / WAYS;
                at = new double[]{x + far * Math.cos(angle), y - far * Math.sin(angle) * paper.down};
                found = inside(at[0], at[1], width, height) && free(at[0], at[1], width + gap, height + gap);
            }
        }
        if (found) {
            double aside = along > 0
                    ? Math.abs((at[0] - x) * alongY - (at[1] - y) * alongX)
                    : Math.hypot(at[0] - x, at[1] - y);
            boolean led = aside > FAR * height;
            Placed words = new Placed(at[0], at[1], width, height, led, toX, toY);
            placed.put(shape, words);
            all.add(words);
        }
    }

    private static double low(double from, double to, double size) {
        return Math.min(from + size / 2, (from + to) / 2);
    }

    private static double high(double from, double to, double size) {
        return Math.max(to - size / 2, (from + to) / 2);
    }

    private boolean inside(double x, double y, double width, double height) {
        return x - width / 2 >= paper.left && x + width / 2 <= paper.right && y - height / 2 >= paper.top
                && y + height / 2 <= paper.bottom;
    }

    private boolean touches(double x, double y, double width, double height) {
        return x + width / 2 > paper.left && x - width / 2 < paper.right && y + height / 2 > paper.top
                && y - height / 2 < paper.bottom;
    }

    private boolean free(double x, double y, double width, double height) {
        for (Placed other : all) {
            if (other.over(x, y, width, height)) {
                return false;
            }
        }
        return true;
    }
}

package firmperch.draw;

import java.util.List;

/** A piece of a drawing, in metres on the drawing plane: x to the right, y up. */
public sealed interface Shape {
    Ink ink();

    /** A point of the drawing plane, m. */
    record Point(double x, double y) {}

    /** A polygon, filled as its ink says. */
    record Area(Ink ink, List<Point> points) implements Shape {
        public Area {
            points = List.copyOf(points);
        }
    }

    /** A line through points. */
    record Path(Ink ink, List<Point> points) implements Shape {
        public Path {
            points = List.copyOf(points);
        }
    }

    /** A disc or circle, radius in m. */
    record Disc(Ink ink, Point centre, double radius) implements Shape {}

    /** The sign of the centre of mass; its size does not depend on the scale. */
    record Balance(Ink ink, Point centre) implements Shape {}

    /** Words beside a point. */
    record Label(Ink ink, Point at, Anchor anchor, String text) implements Shape {}

    /**
     * A dimension between two points, its line drawn to one side of them.
     *
     * @param path of the project's value that it shows and by which it can be edited; empty if by none
     */
    record Dimension(Ink ink, Point from, Point to, Side side, String text, String path) implements Shape {}

    /** Where a label's words lie from its point. */
    enum Anchor {
        LEFT, RIGHT, ABOVE, BELOW
    }

    /** On which side of its points a dimension's line lies; how far is the painter's choice. */
    enum Side {
        ABOVE, BELOW, LEFT, RIGHT, ON
    }
}

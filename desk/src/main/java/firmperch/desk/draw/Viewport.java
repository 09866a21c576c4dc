package firmperch.desk.draw;

import firmperch.draw.Drawing;

/**
 * Where metres of a drawing lie on a canvas.
 *
 * @param scale pixels in a metre
 * @param originX pixel column of the drawing's x = 0
 * @param originY pixel row of the drawing's y = 0
 */
record Viewport(double scale, double originX, double originY) {
    /** The largest scale at which a drawing fits, in the middle. */
    static Viewport fit(Drawing drawing, double width, double height, double margin) {
        double scale = Math.max(1, Math.min((width - 2 * margin) / drawing.width(),
                (height - 2 * margin) / drawing.height()));
        double x = (width - drawing.width() * scale) / 2 - drawing.left() * scale;
        double y = height - (height - drawing.height() * scale) / 2 + drawing.bottom() * scale;
        return new Viewport(scale, x, y);
    }

    double x(double metres) {
        return originX + metres * scale;
    }

    double y(double metres) {
        return originY - metres * scale;
    }

    double metresX(double pixel) {
        return (pixel - originX) / scale;
    }

    double metresY(double pixel) {
        return (originY - pixel) / scale;
    }
}

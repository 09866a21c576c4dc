package firmperch.make;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.draw.Shape;
import firmperch.draw.Shape.Point;
import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Paints a drawing on paper at a stated scale. */
final class PdfPainter {
    /** Points in a metre of paper. */
    static final double POINTS = 72 / 0.0254;

    private static final float TEXT = 7.5f;
    private static final float KAPPA = 0.5523f;

    private final PDPageContentStream page;
    private final PDFont font;
    private final double scale;
    private final double x0;
    private final double y0;

    /** A painter whose drawing origin lies at x0, y0 on the page, pt, at 1 : scale. */
    PdfPainter(PDPageContentStream page, PDFont font, double scale, double x0, double y0) {
        this.page = page;
        this.font = font;
        this.scale = scale;
        this.x0 = x0;
        this.y0 = y0;
    }

    /** A typeface of the program's own, put into a document. */
    static PDFont font(PDDocument document, String name) throws IOException {
        try (InputStream in = PdfPainter.class.getResourceAsStream("/firmperch/fonts/" + name)) {
            return PDType0Font.load(document, in);
        }
    }

    void paint(Drawing drawing) throws IOException {
        for (Shape shape : drawing.shapes()) {
            style(shape.ink());
            switch (shape) {
                case Shape.Area area -> {
                    trace(area.points());
                    page.closePath();
                    finish(area.ink());
                }
                case Shape.Path path -> {
                    trace(path.points());
                    page.stroke();
                }
                case Shape.Disc disc -> {
                    circle(x(disc.centre()), y(disc.centre()), (float) (disc.radius() / scale * POINTS));
                    finish(disc.ink());
                }
                case Shape.Balance balance -> balance(balance.centre());
                case Shape.Label label -> label(label);
                case Shape.Dimension dimension -> dimension(dimension);
            }
        }
        page.setLineDashPattern(new float[0], 0);
    }

    private float x(Point p) {
        return (float) (x0 + p.x() / scale * POINTS);
    }

    private float y(Point p) {
        return (float) (y0 + p.y() / scale * POINTS);
    }

    private void trace(List<Point> points) throws IOException {
        page.moveTo(x(points.getFirst()), y(points.getFirst()));
        for (Point p : points.subList(1, points.size())) {
            page.lineTo(x(p), y(p));
        }
    }

    private void circle(float x, float y, float r) throws IOException {
        float k = KAPPA * r;
        page.moveTo(x + r, y);
        page.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        page.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        page.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        page.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        page.closePath();
    }

    private void style(Ink ink) throws IOException {
        page.setLineDashPattern(switch (ink) {
            case GHOST, SWING, SUPPORT, LIMIT, WANTED -> new float[]{3, 2};
            default -> new float[0];
        }, 0);
        page.setLineWidth(switch (ink) {
            case GRID -> 0.2f;
            case SIGHT_EDGE -> 1.6f;
            default -> 0.6f;
        });
        page.setStrokingColor(switch (ink) {
            case GRID -> new Color(0xdddddd);
            case GHOST, HINT -> new Color(0x777777);
            case SIGHT, SIGHT_EDGE, WANTED -> new Color(0x0b5f78);
            case LEAN_GOOD -> new Color(0x1f6b47);
            case LEAN_SHORT -> new Color(0x9a3412);
            default -> new Color(0x333333);
        });
        page.setNonStrokingColor(switch (ink) {
            case STICK, PLATE -> new Color(0xf1dfc0);
            case BENCH, WORK -> new Color(0xf4eee6);
            case CONCRETE, POST -> new Color(0xd5d8da);
            case WHEEL, DARK, ROOM -> new Color(0x444b50);
            case SIGHT -> new Color(0xe3f0f4);
            case LEAN_GOOD -> new Color(0x8fbca3);
            case LEAN_SHORT -> new Color(0xe0a37e);
            case WALKWAY -> new Color(0xf3f7f3);
            case FLOOR -> new Color(0xf7f7f5);
            default -> Color.WHITE;
        });
    }

    private void finish(Ink ink) throws IOException {
        switch (ink) {
            case SWING, SUPPORT, LIMIT, GHOST, WANTED -> page.stroke();
            default -> page.fillAndStroke();
        }
    }

    private void balance(Point centre) throws IOException {
        float r = 4;
        page.setNonStrokingColor(Color.WHITE);
        circle(x(centre), y(centre), r);
        page.fillAndStroke();
        page.setNonStrokingColor(Color.BLACK);
        for (int quarter : new int[]{0, 2}) {
            int sign = quarter == 0 ? 1 : -1;
            page.moveTo(x(centre), y(centre));
            page.lineTo(x(centre) + sign * r, y(centre));
            page.curveTo(x(centre) + sign * r, y(centre) + sign * KAPPA * r, x(centre) + sign * KAPPA * r,
                    y(centre) + sign * r, x(centre), y(centre) + sign * r);
            page.fill();
        }
    }

    private void label(Shape.Label label) throws IOException {
        float w = font.getStringWidth(label.text()) / 1000 * TEXT;
        float dx = switch (label.anchor()) {
            case LEFT -> -w - 2;
            case RIGHT -> 3;
            case ABOVE, BELOW -> label.at().x() < 0.1 ? 0 : -w / 2;
        };
        float dy = switch (label.anchor()) {
            case LEFT, RIGHT -> -TEXT / 3;
            case ABOVE -> 2;
            case BELOW -> -TEXT - 1;
        };
        text(x(label.at()) + dx, y(label.at()) + dy, label.text());
    }

    private void dimension(Shape.Dimension d) throws IOException {
        float off = 12;
        float dx = switch (d.side()) {
            case LEFT -> -off;
            case RIGHT -> off;
            default -> 0;
        };
        float dy = switch (d.side()) {
            case ABOVE -> off;
            case BELOW -> -off;
            default -> 0;
        };
        float ax = x(d.from()) + dx;
        float ay = y(d.from()) + dy;
        float bx = x(d.to()) + dx;
        float by = y(d.to()) + dy;
        boolean upright = Math.abs(by - ay) > Math.abs(bx - ax);
        page.moveTo(ax, ay);
        page.lineTo(bx, by);
        for (float[] end : new float[][]{{ax, ay}, {bx, by}}) {
            page.moveTo(end[0] - (upright ? 3 : 0), end[1] - (upright ? 0 : 3));
            page.lineTo(end[0] + (upright ? 3 : 0), end[1] + (upright ? 0 : 3));
        }
        page.stroke();
        float w = font.getStringWidth(d.text()) / 1000 * TEXT;
        float mx = (ax + bx) / 2;
        float my = (ay + by) / 2;
        page.setNonStrokingColor(Color.WHITE);
        page.addRect(mx - w / 2 - 2, my - TEXT / 2, w + 4, TEXT);
        page.fill();
        text(mx - w / 2, my - TEXT / 3, d.text());
    }

    private void text(float x, float y, String text) throws IOException {
        page.setNonStrokingColor(new Color(0x222222));
        page.beginText();
        page.setFont(font, TEXT);
        page.newLineAtOffset(x, y);
        page.showText(text);
        page.endText();
    }
}

package firmperch.make;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.draw.Lettering;
import firmperch.draw.Shape;
import firmperch.draw.Shape.Point;
import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Paints a drawing on paper at a stated scale. */
final class PdfPainter {
    /** Points in a metre of paper. */
    static final double POINTS = 72 / 0.0254;

    private static final float TEXT = 7.5f;
    /** A line of words is so high, pt. */
    private static final double LINE = 9.6;
    private static final float KAPPA = 0.5523f;

    private final PDPageContentStream page;
    private final PDFont font;
    private final double scale;
    private final double x0;
    private final double y0;
    private final PDRectangle room;

    /**
     * A painter whose drawing origin lies at x0, y0 on the page, pt, at 1 : scale.
     *
     * @param room that words keep to, pt
     */
    PdfPainter(PDPageContentStream page, PDFont font, double scale, double x0, double y0, PDRectangle room) {
        this.room = room;
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
        Lettering.Paper paper = new Lettering.Paper(this::x, this::y, this::width, LINE, -1,
                room.getLowerLeftX(), room.getLowerLeftY(), room.getUpperRightX(), room.getUpperRightY());
        Map<Shape, Lettering.Placed> words = Lettering.of(drawing, paper);
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
                case Shape.Label label -> words(label.text(), words.get(label));
                case Shape.Dimension dimension -> dimension(dimension, paper, words.get(dimension));
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
            case GHOST, OTHER, SWING, SUPPORT, LIMIT, WANTED -> new float[]{3, 2};
            default -> new float[0];
        }, 0);
        page.setLineWidth(switch (ink) {
            case GRID -> 0.2f;
            case SIGHT_EDGE -> 1.6f;
            default -> 0.6f;
        });
        page.setStrokingColor(switch (ink) {
            case GRID -> new Color(0xdddddd);
            case GHOST, OTHER, HINT -> new Color(0x777777);
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
            case SWING, SUPPORT, LIMIT, GHOST, OTHER, WANTED -> page.stroke();
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

    private double width(String text) {
        try {
            return font.getStringWidth(text) / 1000 * TEXT;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void words(String text, Lettering.Placed words) throws IOException {
        if (words == null) {
            return;
        }
        if (words.led()) {
            page.moveTo((float) words.x(), (float) words.y());
            page.lineTo((float) words.toX(), (float) words.toY());
            page.stroke();
            page.setNonStrokingColor(Color.WHITE);
            page.addRect((float) (words.x() - words.width() / 2), (float) words.y() - TEXT / 2, (float) words.width(),
                    TEXT);
            page.fill();
        }
        text((float) (words.x() - width(text) / 2), (float) words.y() - TEXT / 3, text);
    }

    private void dimension(Shape.Dimension d, Lettering.Paper paper, Lettering.Placed words) throws IOException {
        Lettering.Line line = Lettering.line(d, paper);
        float dx = (float) (line.tick(paper) * line.outX());
        float dy = (float) (line.tick(paper) * line.outY());
        page.moveTo((float) line.ax(), (float) line.ay());
        page.lineTo((float) line.bx(), (float) line.by());
        for (double[] end : new double[][]{{line.ax(), line.ay()}, {line.bx(), line.by()}}) {
            page.moveTo((float) end[0] - dx, (float) end[1] - dy);
            page.lineTo((float) end[0] + dx, (float) end[1] + dy);
        }
        page.stroke();
        if (words != null) {
            page.setNonStrokingColor(Color.WHITE);
            page.addRect((float) (words.x() - words.width() / 2), (float) words.y() - TEXT / 2, (float) words.width(),
                    TEXT);
            page.fill();
            words(d.text(), words);
        }
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

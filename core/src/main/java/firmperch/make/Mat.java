package firmperch.make;

import firmperch.draw.Drawing;
import firmperch.draw.MatView;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import firmperch.study.Taped;
import firmperch.units.UnitSystem;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * A mat of what the camera sees, to lay on the bench: full size, on as many sheets as it takes, A4 or, where one works in inches, Letter.
 * Neighbouring sheets repeat a strip of each other, with a line to cut or lay them by; each has a bar to check the print by.
 */
final class Mat {
    /** Words stand where they stand on the whole mat, so that its sheets agree where they overlap: far beyond any sheet, pt. */
    private static final PDRectangle WHOLE = new PDRectangle(-1e5f, -1e5f, 2e5f, 2e5f);
    /** What no printer reaches, and the strip that two sheets share, m. */
    private static final double MARGIN = 0.012;
    private static final double SHARED = 0.010;
    /** Room for words under the mat, m. */
    private static final double WORDS = 0.016;

    private final PDDocument document;
    private final PDFont font;
    private final Situation s;
    private final List<Situation> each;
    private final Drawing mat;
    private final double wide;
    private final double high;
    private final int columns;
    private final int rows;

    private Mat(PDDocument document, Assessment assessment, Drawing mat) throws IOException {
        this.document = document;
        s = assessment.situation();
        each = assessment.study().inEach();
        this.mat = mat;
        font = PdfPainter.font(document, "IBMPlexSans_400Regular.ttf");
        PDRectangle paper = paper();
        double shorter = paper.getWidth() / PdfPainter.POINTS;
        double longer = paper.getHeight() / PdfPainter.POINTS;
        boolean upright = sheets(mat.width(), shorter - 2 * MARGIN)
                * sheets(mat.height(), longer - 2 * MARGIN - WORDS) <= sheets(mat.width(), longer - 2 * MARGIN)
                        * sheets(mat.height(), shorter - 2 * MARGIN - WORDS);
        wide = upright ? shorter : longer;
        high = upright ? longer : shorter;
        columns = sheets(mat.width(), wide - 2 * MARGIN);
        rows = sheets(mat.height(), high - 2 * MARGIN - WORDS);
    }

    private PDRectangle paper() {
        return s.project().units() == UnitSystem.METRIC ? PDRectangle.A4 : PDRectangle.LETTER;
    }

    /** How many sheets of so much room a length takes. */
    private static int sheets(double length, double room) {
        return Math.max(1, (int) Math.ceil((length - SHARED) / (room - SHARED) - 1e-9));
    }

    /** The mat of a project as it is set; a sheet that says so where the camera sees nothing of the bench. */
    static byte[] content(Assessment assessment) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(assessment.project().name() + ": mat");
            document.getDocumentInformation().setCreator("Firm Perch");
            Drawing nothing = new Drawing(List.of(), 0, 0, 0.1, 0.1);
            Mat mat = new Mat(document, assessment, MatView.of(assessment.study().inEach()).orElse(nothing));
            for (int row = 0; row < mat.rows; row++) {
                for (int column = 0; column < mat.columns; column++) {
                    mat.sheet(row, column);
                }
            }
            ByteArrayOutputStream whole = new ByteArrayOutputStream();
            document.save(whole);
            return whole.toByteArray();
        }
    }

    /** One sheet: rows from above, columns from the left. */
    private void sheet(int row, int column) throws IOException {
        PDPage sheet = new PDPage(new PDRectangle((float) points(wide), (float) points(high)));
        document.addPage(sheet);
        double across = wide - 2 * MARGIN;
        double up = high - 2 * MARGIN - WORDS;
        // What of the mat lies at the sheet's lower left corner within the margins.
        double x = mat.left() + column * (across - SHARED);
        double y = mat.top() - up - row * (up - SHARED);
        try (PDPageContentStream page = new PDPageContentStream(document, sheet)) {
            page.saveGraphicsState();
            page.addRect((float) points(MARGIN), (float) points(MARGIN + WORDS), (float) points(across),
                    (float) points(up));
            page.clip();
            new PdfPainter(page, font, 1, points(MARGIN - x), points(MARGIN + WORDS - y), WHOLE).paint(mat);
            page.restoreGraphicsState();
            joins(page, row, column, across, up);
            words(page, row, column);
        }
    }

    private static double points(double metres) {
        return metres * PdfPainter.POINTS;
    }

    /** Lines to lay the neighbours to. */
    private void joins(PDPageContentStream page, int row, int column, double across, double up) throws IOException {
        page.setStrokingColor(new Color(0x777777));
        page.setLineWidth(0.4f);
        page.setLineDashPattern(new float[]{2, 2}, 0);
        double low = MARGIN + WORDS;
        if (column > 0) {
            line(page, MARGIN + SHARED, low, MARGIN + SHARED, low + up);
        }
        if (row > 0) {
            line(page, MARGIN, low + up - SHARED, MARGIN + across, low + up - SHARED);
        }
        page.setLineDashPattern(new float[0], 0);
    }

    private static void line(PDPageContentStream page, double x0, double y0, double x1, double y1) throws IOException {
        page.moveTo((float) points(x0), (float) points(y0));
        page.lineTo((float) points(x1), (float) points(y1));
        page.stroke();
    }

    private String name(int row, int column) {
        return (char) ('A' + row) + String.valueOf(column + 1);
    }

    private void words(PDPageContentStream page, int row, int column) throws IOException {
        double bar = s.project().units() == UnitSystem.METRIC ? 0.1 : 4 * 0.0254;
        double y = MARGIN + 0.002;
        page.setStrokingColor(Color.BLACK);
        page.setLineWidth(0.8f);
        line(page, MARGIN, y, MARGIN + bar, y);
        for (double x : new double[]{MARGIN, MARGIN + bar}) {
            line(page, x, y - 0.0015, x, y + 0.0015);
        }
        text(page, MARGIN + bar + 0.003, y - 0.001, s.length(bar) + ": print at 100 %, not fitted to the page. Sheet "
                + name(row, column) + " of A1 to " + name(rows - 1, columns - 1)
                + (columns * rows > 1 ? "; lay its neighbours to the dashed lines." : "."));
        text(page, MARGIN, MARGIN + 0.008, mat.shapes().isEmpty()
                ? "The camera sees nothing of the bench as it stands."
                : "What the camera sees of the bench, the edge nearest the perch at the left. "
                        + each.stream().map(one -> (each.size() > 1 ? one.project().setUp().name() + ": " : "")
                                + Taped.of(one).map(t -> t.words(one)).orElse("nothing of it") + ".")
                                .collect(Collectors.joining(" ")));
    }

    private void text(PDPageContentStream page, double x, double y, String text) throws IOException {
        float size = 7;
        double room = points(wide - MARGIN - x);
        float set = font.getStringWidth(text) / 1000 * size;
        page.setNonStrokingColor(new Color(0x222222));
        page.beginText();
        page.setFont(font, set > room ? (float) (size * room / set) : size);
        page.newLineAtOffset((float) points(x), (float) points(y));
        page.showText(text);
        page.endText();
    }
}

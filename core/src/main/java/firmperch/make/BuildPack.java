package firmperch.make;

import firmperch.check.Finding;
import firmperch.cost.Shopping;
import firmperch.draw.Drawing;
import firmperch.draw.PlanView;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.project.Purse;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * The build pack as PDF on A4: the verdict and the drawing to scale with a bar to check the print by, the lists, the
 * order of work and the cautions.
 */
final class BuildPack {
    private static final double[] SCALES = {5, 8, 10, 12, 15, 20, 25, 30, 40, 50};
    private static final float MARGIN = 42;
    private static final float LEADING = 12.2f;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;

    private final PDDocument document;
    private final PDFont regular;
    private final PDFont bold;
    private final Assessment assessment;
    private final MakingPlan plan;
    private PDPageContentStream page;
    private float y;
    private String section = "";

    private BuildPack(PDDocument document, Assessment assessment) throws IOException {
        this.document = document;
        this.assessment = assessment;
        this.plan = MakingPlan.of(assessment);
        regular = PdfPainter.font(document, "IBMPlexSans_400Regular.ttf");
        bold = PdfPainter.font(document, "IBMPlexSans_600SemiBold.ttf");
    }

    /** The pack of an assessed project. */
    static byte[] content(Assessment assessment) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(assessment.project().name() + ": build pack");
            document.getDocumentInformation().setCreator("Firm Perch");
            BuildPack pack = new BuildPack(document, assessment);
            pack.drawingPage();
            pack.listsPage();
            pack.workPage();
            pack.number();
            ByteArrayOutputStream whole = new ByteArrayOutputStream();
            document.save(whole);
            return whole.toByteArray();
        }
    }

    private UnitSystem units() {
        return assessment.project().units();
    }

    private void newPage(String title) throws IOException {
        PDPage sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        page = new PDPageContentStream(document, sheet);
        y = PDRectangle.A4.getHeight() - MARGIN;
        line(bold, 15, title);
        // Room for the line that says which of how many pages this is, known when all are there.
        y -= 20;
        section = title;
    }

    /** Goes on overleaf where that much room is not left, pt. */
    private void need(float room) throws IOException {
        if (y - room < MARGIN - 4) {
            page.close();
            newPage(section.endsWith(", continued") ? section : section + ", continued");
        }
    }

    private void number() throws IOException {
        int all = document.getNumberOfPages();
        for (int i = 0; i < all; i++) {
            try (PDPageContentStream more = new PDPageContentStream(document, document.getPage(i),
                    PDPageContentStream.AppendMode.APPEND, true)) {
                page = more;
                String which = " · page " + (i + 1) + " of " + all;
                String whose = cut(regular, 9, assessment.project().studio() + " · " + assessment.project().name(),
                        WIDTH - 90);
                text(regular, 9, MARGIN, PDRectangle.A4.getHeight() - MARGIN - 31, whose + which);
            }
        }
    }

    private void drawingPage() throws IOException {
        newPage("Build pack");
        paragraph(bold, 12, assessment.sentence());
        if (!assessment.cureSentence().isEmpty()) {
            paragraph(regular, 10, "Cheapest cure: " + assessment.cureSentence());
        }
        y -= 6;
        // Its own: the window draws with the other.
        Scene scene = Scene.of(assessment.study().set());
        Drawing side = SideView.of(scene);
        double scale = scaleFor(side, WIDTH, 360);
        place(side, scale, "Side");
        Drawing plan = PlanView.of(scene);
        place(plan, scaleFor(plan, WIDTH, y - MARGIN - 50), "Above");
        scaleBar(scale);
        page.close();
    }

    private static double scaleFor(Drawing drawing, double width, double height) {
        for (double scale : SCALES) {
            if (drawing.width() / scale * PdfPainter.POINTS <= width - 30
                    && drawing.height() / scale * PdfPainter.POINTS <= height) {
                return scale;
            }
        }
        return SCALES[SCALES.length - 1] * 2;
    }

    private void place(Drawing drawing, double scale, String name) throws IOException {
        line(bold, 10, name + "   1 : " + (int) scale + "   (all dimensions in " + units().label() + ")");
        double height = drawing.height() / scale * PdfPainter.POINTS;
        double bottom = y - height - 4;
        new PdfPainter(page, regular, scale, MARGIN + 20 - drawing.left() / scale * PdfPainter.POINTS,
                bottom - drawing.bottom() / scale * PdfPainter.POINTS,
                new PDRectangle(MARGIN, (float) bottom - 12, WIDTH, y - (float) bottom + 10)).paint(drawing);
        y = (float) bottom - 14;
    }

    /** A bar of 100 mm on the paper, to check that the printer has kept the scale. */
    private void scaleBar(double scale) throws IOException {
        float length = (float) (0.1 * PdfPainter.POINTS);
        float at = MARGIN - 8;
        page.setStrokingColor(Color.BLACK);
        page.setLineWidth(1);
        page.moveTo(MARGIN, at);
        page.lineTo(MARGIN + length, at);
        for (float x : new float[]{MARGIN, MARGIN + length / 2, MARGIN + length}) {
            page.moveTo(x, at - 3);
            page.lineTo(x, at + 3);
        }
        page.stroke();
        text(regular, 8, MARGIN + length + 8, at - 3, "100 mm if printed at full size; in the side view "
                + Quantity.LENGTH.show(0.1 * scale, units()));
    }

    private void listsPage() throws IOException {
        newPage("Cut, buy, pour");
        line(bold, 11, "Cut list (saw cuts of " + Quantity.LENGTH.show(MakingPlan.KERF, units())
                + " come off the stock, not off the piece)");
        float[] cutColumns = {0, 82, 104, 182, 216, 250, 282};
        row(bold, cutColumns, "Part", "No.", "Material", "Length", "Width", "Thick", "Holes");
        for (CutPiece piece : plan.cuts()) {
            row(regular, cutColumns, piece.part(), "" + piece.count(), piece.material().label(), bare(piece.length()),
                    bare(piece.width()), bare(piece.thickness()), piece.notes(units()));
        }
        y -= 8;
        line(bold, 11, "Hardware list");
        float[] columns = {0, 300, 330};
        row(bold, columns, "Item", "No.", "For");
        for (HardwareItem item : plan.hardware()) {
            row(regular, columns, item.item(), "" + item.count(), item.use());
        }
        y -= 8;
        for (Pour pour : plan.pours()) {
            line(bold, 11, pour.name());
            paragraph(regular, 9, Quantity.MASS.show(pour.mass(), units()) + ", "
                    + Quantity.VOLUME.show(pour.volume(), units()) + ": " + pour.bag().many(pour.bags())
                    + ", "
                    + Quantity.VOLUME.show(pour.water(), units()) + " of water.");
        }
        y -= 8;
        line(bold, 11, "Shopping list");
        float[] bought = {0, 300, 360, 430};
        row(bold, bought, "Item", "How much", "Price", "Is there already");
        Purse purse = plan.project().purse();
        for (Shopping.Line one : plan.shopping().lines()) {
            row(regular, bought, one.item(), one.much(units()), purse.words(purse.here(one.price())),
                    one.there(purse) ? "yes" : "");
        }
        paragraph(regular, 9, plan.totals());
        paragraph(regular, 9, "These lists for a spreadsheet are files of their own: " + Exporters.ALL.stream()
                .filter(e -> e.ending().equals(".csv")).map(e -> e.label() + " (" + e.fileName() + ")")
                .collect(Collectors.joining(", ")) + ".");
        page.close();
    }

    private String bare(double metres) {
        return Quantity.LENGTH.bare(metres, units());
    }

    private void workPage() throws IOException {
        newPage("Order of work, set-ups, cautions, figures");
        for (WorkStep step : plan.order()) {
            String after = step.after().isEmpty()
                    ? ""
                    : " (after "
                            + String.join(", ", step.after().stream().map(String::valueOf).toList()) + ")";
            paragraph(regular, 9.5f, step.number() + ".  " + step.what() + after
                    + (step.pause().isEmpty() ? "" : "  Wait – " + step.pause() + "."));
            if (!step.caution().isEmpty()) {
                paragraph(bold, 8.5f, "      Caution: " + step.caution());
            }
        }
        y -= 4;
        line(bold, 11, "Set-ups");
        for (String setUp : SetUpWords.of(assessment)) {
            paragraph(regular, 9, setUp);
        }
        y -= 4;
        line(bold, 11, "Cautions");
        for (String caution : MakingPlan.cautions()) {
            paragraph(regular, 9, "–  " + caution);
        }
        y -= 4;
        line(bold, 11, "Figures, the gravest first");
        float[] columns = {0, 240, 370, 420};
        row(bold, columns, "Question", "", "left over", "verdict");
        List<Finding> findings = new ArrayList<>(assessment.told());
        findings.sort(Assessment.WEAKEST_FIRST);
        for (Finding f : findings) {
            String in = f.in(assessment.project());
            row(regular, columns, f.question().words() + (in.isEmpty() ? "" : " · " + in),
                    f.figures(units()), f.leftText(), f.verdict().word());
        }
        page.close();
    }

    private void row(PDFont font, float[] columns, String... cells) throws IOException {
        List<List<String>> wrapped = new ArrayList<>();
        int lines = 1;
        for (int i = 0; i < cells.length; i++) {
            float width = (i + 1 < columns.length ? columns[i + 1] : WIDTH) - columns[i] - 4;
            wrapped.add(wrap(font, 8, cells[i], width));
            lines = Math.max(lines, wrapped.get(i).size());
        }
        need(9.4f * lines + 4);
        for (int i = 0; i < cells.length; i++) {
            for (int k = 0; k < wrapped.get(i).size(); k++) {
                text(font, 8, MARGIN + columns[i], y - 8 - k * 9.4f, wrapped.get(i).get(k));
            }
        }
        y -= 2.8f + 9.4f * lines;
    }

    private void line(PDFont font, float size, String text) throws IOException {
        text(font, size, MARGIN, y - size, text);
        y -= size * 1.35f;
    }

    private void paragraph(PDFont font, float size, String text) throws IOException {
        List<String> parts = wrap(font, size, text, WIDTH);
        need(LEADING * size / 9.5f * parts.size());
        for (String part : parts) {
            text(font, size, MARGIN, y - size, part);
            y -= LEADING * size / 9.5f;
        }
    }

    private static List<String> wrap(PDFont font, float size, String text, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder current = new StringBuilder();
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ", -1)) {
            words.addAll(broken(font, size, word, width));
        }
        for (String word : words) {
            String longer = current.isEmpty() ? word : current + " " + word;
            if (!current.isEmpty() && font.getStringWidth(printable(font, longer)) / 1000 * size > width) {
                lines.add(current.toString());
                current = new StringBuilder(word);
            } else {
                current = new StringBuilder(longer);
            }
        }
        lines.add(current.toString());
        return lines;
    }

    /** A word that is wider than its line, in pieces that are not. */
    private static List<String> broken(PDFont font, float size, String word, float width) throws IOException {
        List<String> pieces = new ArrayList<>();
        String rest = word;
        while (font.getStringWidth(printable(font, rest)) / 1000 * size > width) {
            int fits = rest.length();
            while (fits > 1 && font.getStringWidth(printable(font, rest.substring(0, fits))) / 1000 * size > width) {
                fits = rest.offsetByCodePoints(fits, -1);
            }
            pieces.add(rest.substring(0, fits));
            rest = rest.substring(fits);
        }
        pieces.add(rest);
        return pieces;
    }

    /** As much of a text as fits into one line, told to go on. */
    private static String cut(PDFont font, float size, String text, float width) throws IOException {
        if (font.getStringWidth(printable(font, text)) / 1000 * size <= width) {
            return text;
        }
        return broken(font, size, text, width - size).getFirst() + "…";
    }

    private void text(PDFont font, float size, float x, float at, String text) throws IOException {
        page.setNonStrokingColor(new Color(0x1d2529));
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, at);
        page.showText(printable(font, text));
        page.endText();
    }

    /** Names are the user's own; a sign that the typeface lacks becomes a box's stand-in. */
    private static String printable(PDFont font, String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().forEach(c -> {
            String sign = Character.toString(c);
            try {
                font.encode(sign);
                kept.append(sign);
            } catch (IOException | IllegalArgumentException e) {
                kept.append('?');
            }
        });
        return kept.toString();
    }
}

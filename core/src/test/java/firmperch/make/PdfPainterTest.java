package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.draw.Shape;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** Words on paper: where they are drawn by what reads them back. */
class PdfPainterTest {
    /** A sheet that lies across, wider than A4 stands. */
    private static final PDRectangle ACROSS = new PDRectangle(842, 595);

    /** Where a word that belongs to a point 700 pt from the left is printed, pt from the left; keeps to that room. */
    private static List<Float> printed(PDRectangle room) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage sheet = new PDPage(ACROSS);
            document.addPage(sheet);
            Shape label = new Shape.Label(Ink.HINT, new Shape.Point(700 / PdfPainter.POINTS, 300 / PdfPainter.POINTS),
                    Shape.Anchor.RIGHT, "edge");
            try (PDPageContentStream page = new PDPageContentStream(document, sheet)) {
                new PdfPainter(page, PdfPainter.font(document, "IBMPlexSans_400Regular.ttf"), 1, 0, 0, room)
                        .paint(new Drawing(List.of(label), 0, 0, 1, 1));
            }
            List<Float> from = new ArrayList<>();
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    from.add(text.getX());
                }
            }.getText(document);
            return from;
        }
    }

    /** Beside its point on a sheet that is wide enough; drawn in to where the room ends on one that is not. */
    @Test
    void wordsStandBesideTheirPointOrWithinTheRoom() throws IOException {
        assertThat(printed(ACROSS)).hasSize(4).allMatch(x -> x > 700 && x < 740);
        assertThat(printed(new PDRectangle(705, 595))).hasSize(4).allMatch(x -> x > 670 && x < 705);
    }
}

package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.place.Bench;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.shot.Framing;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Taped;
import firmperch.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The mat for the bench, measured on its sheets. */
class MatTest {
    /** So that a pixel is a tenth of a millimetre. */
    private static final int DPI = 254;

    private static PDDocument mat(Project project) throws IOException {
        return Loader.loadPDF(Exporters.MAT.content().of(Assessor.now(project)));
    }

    /** Seen straight down the bench is covered sensor · h / v wide, h from the lens to the bench (similar triangles). */
    @Test
    void theFourDistancesByHand() {
        Situation s = Study.of(Demo.project()).set();
        Bench bench = s.project().place().bench();
        Framing framing = s.shot().framing();
        double v = framing.imageDistance(framing.magnificationAt(s.sensorDistance()));
        double h = s.sensor().z() - v - bench.height();
        double off = s.inRoom(s.sensor()).x();
        double wide = framing.sensorWidth() * h / v;
        Taped taped = Taped.of(s).orElseThrow();
        assertThat(taped.near()).isCloseTo(off - wide / 2 - bench.from(), within(1e-9));
        assertThat(taped.far()).isCloseTo(bench.from() + bench.depth() - off - wide / 2, within(1e-9));
        assertThat(taped.left() + taped.right()).isCloseTo(bench.width() - framing.sensorHeight() * h / v,
                within(1e-9));
        assertThat(taped.words(s)).startsWith(s.length(taped.near()) + " from the edge nearest the perch");
    }

    /** The bar is 100 mm on the print, and the mat's edge lies where the margin and its border end, 18 mm from the sheet's. */
    @Test
    void itIsFullSize() throws IOException {
        try (PDDocument sheets = mat(Demo.project())) {
            BufferedImage first = new PDFRenderer(sheets).renderImageWithDPI(0, DPI);
            int bar = first.getHeight() - 140;
            int length = 0;
            int run = 0;
            for (int x = 0; x < first.getWidth(); x++) {
                run = dark(first, x, bar) ? run + 1 : 0;
                length = Math.max(length, run);
            }
            assertThat(length).isBetween(998, 1006);
            int edge = 0;
            while (!dark(first, edge, first.getHeight() / 2)) {
                edge++;
            }
            assertThat(edge).isBetween(177, 181);
        }
    }

    private static boolean dark(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xff) < 0x90;
    }

    /** With what two sheets share it is as wide as what is seen; they are few, and of the paper that is usual there. */
    @Test
    void itTakesAsManySheetsAsItMust() throws IOException {
        try (PDDocument sheets = mat(Demo.project())) {
            // 501 × 284 mm on sheets that print 273 × 170 mm of it: two by two.
            assertThat(sheets.getNumberOfPages()).isEqualTo(4);
            assertThat(sheets.getPage(0).getMediaBox().getWidth()).isCloseTo(841.89f, within(0.1f));
            assertThat(new PDFTextStripper().getText(sheets)).contains("print at 100 %")
                    .contains("Sheet B2 of A1 to B2")
                    .contains("from the left end");
        }
        try (PDDocument letter = mat(Demo.with("units", UnitSystem.IMPERIAL))) {
            assertThat(letter.getPage(0).getMediaBox().getWidth() + letter.getPage(0).getMediaBox().getHeight())
                    .isCloseTo(612f + 792f, within(0.1f));
        }
        try (PDDocument close = mat(Demo.with("shot.lens.focalLength", 0.1))) {
            assertThat(close.getNumberOfPages()).isEqualTo(1);
        }
    }

    /** A camera in the bench sees nothing of it: one sheet that says so. */
    @Test
    void whereNothingIsSeenItSaysSo() throws IOException {
        Project below = Demo.with("place.bench.height", 1.7, "shot.wanted.height", 0.0);
        assertThat(Sight.of(Study.of(below).set()).sees()).isFalse();
        try (PDDocument sheet = mat(below)) {
            assertThat(sheet.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(sheet)).contains("sees nothing of the bench");
        }
    }
}

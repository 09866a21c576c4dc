package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.Known;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BuildTest {
    private static final Assessment DEMO = Known.full(Demo.project());
    private static final MakingPlan PLAN = MakingPlan.of(DEMO);

    @TempDir
    private Path folder;

    private static MakingPlan plan(Project project) {
        return MakingPlan.of(Assessor.now(project));
    }

    private static CutPiece cut(MakingPlan plan, String part) {
        return plan.cuts().stream().filter(c -> c.part().equals(part)).findFirst().orElseThrow();
    }

    /** The box closes: short sides and floor fit between the long sides' walls (geometry). */
    @Test
    void thePanelsFitTogether() {
        CutPiece longSide = cut(PLAN, "Box side, long");
        CutPiece shortSide = cut(PLAN, "Box side, short");
        assertThat(shortSide.length() + 2 * longSide.thickness()).isCloseTo(longSide.length(), within(1e-12));
        assertThat(cut(PLAN, "Box floor").length()).isCloseTo(shortSide.length(), within(1e-12));
        assertThat(cut(PLAN, "Board").length()).isGreaterThanOrEqualTo(longSide.length());
    }

    @Test
    void sticksAreLongEnoughForTheirEndsAndSayWhereTheHolesGo() {
        CutPiece stick = cut(PLAN, "Stick");
        assertThat(stick.count()).isEqualTo(4);
        assertThat(stick.length()).isCloseTo(0.640 + 2 * 0.045, within(1e-12));
        assertThat(stick.notes(UnitSystem.METRIC)).contains("45 mm and 685 mm from one end").contains("13 mm")
                .contains("clamped together");
        assertThat(cut(plan(Demo.with("perch.arm.links.count", 1)), "Stick").count()).isEqualTo(2);
    }

    /** What the slice told three ways: the inner plate is 200 mm from the block's back to past the pivots, and only that. */
    @Test
    void theInnerPlateIsOneSize() {
        CutPiece plate = cut(PLAN, "Inner plate");
        assertThat(plate.width()).isCloseTo(0.05 + 0.105 + 0.045, within(1e-12));
        assertThat(plate.length()).isCloseTo(0.11 + 2 * 0.045, within(1e-12));
        Project oak = Demo.with("perch.carriage.material", firmperch.stock.Material.ALL.get("oak-d30"));
        assertThat(cut(plan(oak), "Carriage block").material().label()).as("an oak carriage is cut from oak")
                .isEqualTo("oak D30");
    }

    /** A bore that goes through block and plate at once is no opening to be sawn into either: across the plate it would halve it. */
    @Test
    void whatIsBoredOnceJoinedIsNotCutOutBefore() {
        assertThat(cut(PLAN, "Inner plate").notes(UnitSystem.METRIC)).doesNotContain("opening")
                .contains("bored with it");
        assertThat(cut(PLAN, "Carriage block").notes(UnitSystem.METRIC)).doesNotContain("with a hole")
                .contains("then bore Ø 48.4 mm");
    }

    @Test
    void thePostListsItsHolesFromTheFoot() {
        CutPiece post = cut(PLAN, "Post");
        assertThat(post.length()).isEqualTo(1.5);
        assertThat(post.notes(UnitSystem.METRIC)).startsWith("6 × Ø 10.5 mm").contains("700 mm from one end")
                .contains("every 100 mm")
                .contains("cross-bars");
    }

    @Test
    void everyJointGetsItsHardware() {
        List<HardwareItem> list = PLAN.hardware();
        assertThat(count(list, "Bolt M12 × 75 mm")).isEqualTo(4);
        assertThat(count(list, "knob Ø 60") + count(list, "Lock nut M12")).as("a nut or knob a pivot").isEqualTo(4);
        assertThat(count(list, "Caster")).isEqualTo(4);
        assertThat(count(list, "washer and lock nut")).as("four a caster").isEqualTo(16);
        assertThat(count(list, "tether")).isEqualTo(1);
        assertThat(list).allSatisfy(item -> assertThat(item.use()).isNotBlank());
        assertThat(count(plan(Demo.with("perch.arm.pivots.tightened", 2)).hardware(), "Lock nut M12")).isEqualTo(2);
    }

    private static int count(List<HardwareItem> list, String what) {
        return list.stream().filter(i -> i.item().contains(what)).mapToInt(HardwareItem::count).sum();
    }

    /** Wheels that are to be turned outward before they are locked are a step, with what it gains; left as they rolled they are none. */
    @Test
    void turningTheWheelsOutwardIsAStep() {
        assertThat(OrderOfWork.of(Known.everyPose(Demo.project()))).extracting(WorkStep::what)
                .anyMatch(w -> w.contains("wheel straight outward") && w.contains("so a push of 165 N")
                        && w.contains("of 135 N with the wheels as rolling"));
        assertThat(OrderOfWork.of(Assessor.now(Demo.with("perch.box.corners.outward", false))))
                .extracting(WorkStep::what)
                .noneMatch(w -> w.contains("outward"));
    }

    /** Common practice, no source: casters before concrete, post plumb and braced before the pour, proof before camera. */
    @Test
    void theOrderOfWorkKeepsWhatMustComeFirst() {
        List<WorkStep> order = PLAN.order();
        int pour = number(order, "pour to");
        assertThat(number(order, "casters to the board")).isLessThan(pour);
        assertThat(number(order, "plumb both ways")).isLessThan(pour);
        assertThat(pour).isLessThan(number(order, "Hang a bag"));
        assertThat(number(order, "Hang a bag")).isLessThan(number(order, "Hang the camera"));
        assertThat(order.get(pour - 1).pause()).contains("concrete");
        assertThat(order.get(pour - 1).caution()).contains("gloves");
    }

    private static int number(List<WorkStep> order, String words) {
        return order.stream().filter(s -> s.what().contains(words)).findFirst().orElseThrow().number();
    }

    /** The proof never makes the arm fall: no more is hung on than what goes first lets, and the step says how to prop it. */
    @Test
    void theProofIsNoMoreThanItClaimsToHold() {
        assertThat(PLAN.order()).anySatisfy(s -> assertThat(s.what()).startsWith("Hang a bag of 5.96 kg"));
        Assessment weak = Assessor.everyPose(Demo.with("perch.arm.pivots.tightened", 2), Progress.NONE);
        double holds = weak.project().gear().mass() + weak.finding("load.first").reading().available();
        assertThat(holds).isLessThan(5.96);
        WorkStep hang = MakingPlan.of(weak).order().stream().filter(s -> s.what().startsWith("Hang a bag")).findFirst()
                .orElseThrow();
        assertThat(hang.what()).contains("the pivots slip first").contains("prop its end");
        double hung = Double.parseDouble(hang.what().replaceFirst("Hang a bag of ([0-9.]+) kg.*", "$1"));
        assertThat(hung).isLessThanOrEqualTo(holds);
    }

    @Test
    void concreteIsBoughtInWholeBags() {
        Pour concrete = PLAN.pours().getFirst();
        assertThat(concrete.bags() * concrete.bag().yield()).isGreaterThanOrEqualTo(concrete.volume());
        assertThat((concrete.bags() - 1) * concrete.bag().yield()).isLessThan(concrete.volume());
        assertThat(plan(Demo.with("units", UnitSystem.IMPERIAL)).pours().getFirst().bag().id()).isEqualTo("bag-80lb");
        assertThat(plan(Demo.with("perch.box.concrete.height", 0.0)).pours()).isEmpty();
    }

    @Test
    void listsAreCsvThatReadsBack() throws IOException {
        Path cuts = folder.resolve("cuts.csv");
        Path hardware = folder.resolve("hardware.csv");
        Exporters.CUTS.write(DEMO, cuts);
        Exporters.HARDWARE.write(DEMO, hardware);
        List<CSVRecord> rows = read(cuts);
        assertThat(rows).hasSize(PLAN.cuts().size());
        CSVRecord stick = rows.stream().filter(r -> r.get("Part").equals("Stick")).findFirst().orElseThrow();
        assertThat(Double.parseDouble(stick.get("Length (mm)"))).isEqualTo(730);
        assertThat(read(hardware).getLast().get("Item")).startsWith("Concrete mix");
        Exporters.CUTS.write(Assessor.now(Demo.with("units", UnitSystem.IMPERIAL)), cuts);
        assertThat(read(cuts)).anySatisfy(
                r -> assertThat(Double.parseDouble(r.get("Length (in)"))).isCloseTo(0.73 / 0.0254, within(5e-4)));
    }

    private static List<CSVRecord> read(Path file) throws IOException {
        try (Reader reader = Files.newBufferedReader(file)) {
            // The mark by which spreadsheets know UTF-8 comes first.
            assertThat(reader.read()).isEqualTo(0xFEFF);
            return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader).getRecords();
        }
    }

    @Test
    void theBuildPackSaysItAll() throws IOException {
        Path file = folder.resolve("pack.pdf");
        Exporters.PACK.write(DEMO, file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text).contains(DEMO.sentence()).contains("1 : 20").contains("100 mm if printed")
                    .contains("45 mm and 685 mm from one end").contains("knob Ø 60").contains("Caution")
                    .contains("local codes").contains("2 bags of 25 kg")
                    .contains("page 1 of " + pdf.getNumberOfPages());
            assertThat(DEMO.told()).allSatisfy(f -> assertThat(text).contains(f.question().words()));
            assertThat(text).doesNotContain("NaN");
            Lowest lowest = new Lowest();
            lowest.getText(pdf);
            assertThat(lowest.fromTop).as("nothing runs off the sheet, pt").isLessThan(842 - 20);
        }
    }

    /** How far down any page the lowest letter stands, pt. */
    private static final class Lowest extends PDFTextStripper {
        private float fromTop;

        @Override
        protected void processTextPosition(TextPosition letter) {
            fromTop = Math.max(fromTop, letter.getYDirAdj());
            super.processTextPosition(letter);
        }
    }

    @Test
    void namesWithSignsTheTypefaceLacksDoNotStopThePack() throws IOException {
        Path file = folder.resolve("pack.pdf");
        Exporters.PACK.write(Assessor.now(Demo.with("name", "Töpferei \uD83C\uDFFA 陶芸")), file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Töpferei");
        }
    }

    /** The print is to scale: the bar that says 100 mm is 100 mm long on the page, rendered at ten dots a millimetre. */
    @Test
    void theScaleBarIsAsLongAsItSays() throws IOException {
        Path file = folder.resolve("pack.pdf");
        Exporters.PACK.write(DEMO, file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 254);
            assertThat(page.getWidth()).as("A4 is 210 mm wide").isBetween(2098, 2102);
            int longest = 0;
            // The bar lies below everything else: look only at the foot of the page.
            for (int y = page.getHeight() - 160; y < page.getHeight() - 100; y++) {
                longest = Math.max(longest, longestDark(page, y));
            }
            assertThat(longest / 10.0).isCloseTo(100, within(0.6));
        }
    }

    private static int longestDark(BufferedImage page, int y) {
        int longest = 0;
        int run = 0;
        for (int x = 0; x < page.getWidth(); x++) {
            boolean dark = (page.getRGB(x, y) & 0xff) < 128;
            run = dark ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    /** Names as long as they may be, without a blank in them, stay on their page, and what does not fit goes on overleaf. */
    @Test
    void longNamesStayOnThePage() throws IOException {
        Path file = folder.resolve("long.pdf");
        String name = "W".repeat(199);
        Project project = Demo.with("name", name, "studio", "M".repeat(200));
        Exporters.PACK.write(Assessor.now(project), file);
        float[] right = {0};
        float[] low = {1000};
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper() {
                @Override
                protected void writeString(String words, java.util.List<org.apache.pdfbox.text.TextPosition> at)
                        throws IOException {
                    for (org.apache.pdfbox.text.TextPosition sign : at) {
                        right[0] = Math.max(right[0], sign.getXDirAdj() + sign.getWidthDirAdj());
                        low[0] = Math.min(low[0], sign.getPageHeight() - sign.getYDirAdj());
                    }
                    super.writeString(words, at);
                }
            }.getText(pdf);
            assertThat(text).contains("…").contains("page " + pdf.getNumberOfPages() + " of " + pdf.getNumberOfPages());
            assertThat(right[0]).isLessThan(pdf.getPage(0).getMediaBox().getWidth() - 20);
        }
        assertThat(low[0]).isGreaterThan(15);
        assertThat(Printable.missing(project)).isEmpty();
        assertThat(Printable.missing(Demo.with("name", "Ζωή и мир"))).as("Greek and Cyrillic").isEmpty();
        assertThat(Printable.missing(Demo.with("name", "名前", "studio", "שלום"))).contains("“名前”").contains("“שלום”");
    }
}

package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Situation;
import firmperch.pose.Body;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BuildTest {
    private static final Project DEMO = Demo.project();

    @TempDir
    private Path folder;

    private static CutPiece cut(Project project, String part) {
        return BuildPlan.of(project).cuts().stream().filter(c -> c.part().equals(part)).findFirst().orElseThrow();
    }

    private static double mass(CutPiece piece, double density) {
        return piece.count() * piece.length() * piece.width() * piece.thickness() * density;
    }

    /** What is cut weighs what the statics reckon with: box, board and sticks, piece by piece. */
    @Test
    void thePiecesWeighWhatTheRigWeighs() {
        double box = mass(cut(DEMO, "Box side, long"), 680) + mass(cut(DEMO, "Box side, short"), 680)
                + mass(cut(DEMO, "Box floor"), 680);
        assertThat(box).isCloseTo(body("box"), within(1e-9));
        assertThat(mass(cut(DEMO, "Board"), 680)).isCloseTo(body("board"), within(1e-9));
        assertThat(mass(cut(DEMO, "Stick"), 660)).isCloseTo(body("upper links") + body("lower links"), within(1e-9));
    }

    private static double body(String name) {
        return Situation.of(DEMO).posed().bodies().stream().filter(b -> b.name().equals(name)).mapToDouble(Body::mass)
                .sum();
    }

    /** The box closes: short sides and floor fit between the long sides' walls (geometry). */
    @Test
    void thePanelsFitTogether() {
        CutPiece longSide = cut(DEMO, "Box side, long");
        CutPiece shortSide = cut(DEMO, "Box side, short");
        assertThat(shortSide.length() + 2 * longSide.thickness()).isCloseTo(longSide.length(), within(1e-12));
        assertThat(cut(DEMO, "Box floor").length()).isCloseTo(shortSide.length(), within(1e-12));
        assertThat(cut(DEMO, "Board").length()).isGreaterThanOrEqualTo(longSide.length());
    }

    @Test
    void sticksAreLongEnoughForTheirEndsAndSayWhereTheHolesGo() {
        CutPiece stick = cut(DEMO, "Stick");
        assertThat(stick.count()).isEqualTo(4);
        assertThat(stick.length()).isCloseTo(0.680 + 2 * 0.060, within(1e-12));
        assertThat(stick.holes()).contains("60 mm and 740 mm from one end").contains("8.5 mm")
                .contains("clamped together");
        assertThat(cut(Demo.with("perch.arm.sticksPerLink", 1), "Stick").count()).isEqualTo(2);
    }

    @Test
    void thePostListsItsHolesFromTheFoot() {
        CutPiece post = cut(DEMO, "Post");
        assertThat(post.length()).isEqualTo(1.58);
        assertThat(post.holes()).startsWith("7 × Ø 10.5 mm").contains("700 mm from the foot")
                .contains("every 100 mm").contains("40 mm and, square to it, 80 mm");
    }

    @Test
    void everyJointGetsItsHardware() {
        List<HardwareItem> list = BuildPlan.of(DEMO).hardware();
        assertThat(count(list, "Bolt M8 × 75 mm")).isEqualTo(4);
        assertThat(count(list, "Wide washer")).isEqualTo(8);
        assertThat(count(list, "knob Ø 60") + count(list, "Lock nut M8")).as("a nut or knob a pivot").isEqualTo(4);
        assertThat(count(list, "Caster")).isEqualTo(4);
        assertThat(count(list, "Bolt M8 × 45 mm with washer")).as("four a caster").isEqualTo(16);
        assertThat(count(list, "tether")).isEqualTo(1);
        assertThat(list).allSatisfy(item -> assertThat(item.use()).isNotBlank());
        assertThat(count(BuildPlan.of(Demo.with("perch.arm.tightened", 4)).hardware(), "Lock nut M8")).isZero();
    }

    /** The pivot bolt passes sticks, plate, washers and nut: 2·18 + 18 + 2·2 + 12 mm, and up to the next 5 mm. */
    @Test
    void pivotBoltsAreLongEnough() {
        double grip = 2 * 0.018 + 0.018 + 2 * 0.002 + 0.012;
        assertThat(0.075).isBetween(grip, grip + 0.010);
        assertThat(BuildPlan.of(DEMO).hardware()).anySatisfy(i -> assertThat(i.item()).isEqualTo("Bolt M8 × 75 mm"));
    }

    private static int count(List<HardwareItem> list, String what) {
        return list.stream().filter(i -> i.item().contains(what)).mapToInt(HardwareItem::count).sum();
    }

    /** Common practice, no source: casters before concrete, post plumb and braced before the pour, proof before camera. */
    @Test
    void theOrderOfWorkKeepsWhatMustComeFirst() {
        List<WorkStep> order = BuildPlan.of(DEMO).order();
        Set<Integer> done = new HashSet<>();
        for (WorkStep step : order) {
            assertThat(done).as("before: %s", step.what()).containsAll(step.after());
            done.add(step.number());
        }
        int casters = number(order, "casters to the board");
        int pour = number(order, "pour to");
        int proof = number(order, "Hang a bag");
        int camera = number(order, "Hang the camera");
        assertThat(casters).isLessThan(pour);
        assertThat(number(order, "plumb both ways")).isLessThan(pour);
        assertThat(pour).isLessThan(proof);
        assertThat(proof).isLessThan(camera);
        assertThat(order.get(pour - 1).pause()).contains("concrete");
        assertThat(order.get(pour - 1).caution()).contains("gloves");
    }

    private static int number(List<WorkStep> order, String words) {
        return order.stream().filter(s -> s.what().contains(words)).findFirst().orElseThrow().number();
    }

    @Test
    void concreteIsBoughtInWholeBags() {
        Concrete concrete = BuildPlan.of(DEMO).concrete();
        assertThat(concrete.bags() * concrete.bag().yield()).isGreaterThanOrEqualTo(concrete.volume());
        assertThat((concrete.bags() - 1) * concrete.bag().yield()).isLessThan(concrete.volume());
        Concrete imperial = BuildPlan.of(Demo.with("units", UnitSystem.IMPERIAL)).concrete();
        assertThat(imperial.bag().id()).isEqualTo("bag-80lb");
    }

    @Test
    void listsAreCsvThatReadsBack() throws IOException {
        Path cuts = folder.resolve("cuts.csv");
        Path hardware = folder.resolve("hardware.csv");
        Lists.writeCuts(BuildPlan.of(DEMO), cuts);
        Lists.writeHardware(BuildPlan.of(DEMO), hardware);
        List<CSVRecord> rows = read(cuts);
        assertThat(rows).hasSize(BuildPlan.of(DEMO).cuts().size());
        assertThat(rows.get(1).get("Part")).isEqualTo("Stick");
        assertThat(Double.parseDouble(rows.get(1).get("Length (mm)"))).isEqualTo(800);
        assertThat(rows.get(0).get("Holes")).contains(",");
        List<CSVRecord> bought = read(hardware);
        assertThat(bought.getLast().get("Item")).startsWith("Concrete mix");
        assertThat(bought.stream().mapToDouble(r -> Double.parseDouble(r.get("Rough price"))).sum())
                .isLessThan(BuildPlan.of(DEMO).price());
    }

    @Test
    void inchesAreDecimalInTheList() throws IOException {
        Path cuts = folder.resolve("cuts.csv");
        Lists.writeCuts(BuildPlan.of(Demo.with("units", UnitSystem.IMPERIAL)), cuts);
        assertThat(Double.parseDouble(read(cuts).get(1).get("Length (in)"))).isCloseTo(0.8 / 0.0254, within(5e-4));
    }

    private static List<CSVRecord> read(Path file) throws IOException {
        try (Reader reader = Files.newBufferedReader(file)) {
            return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader).getRecords();
        }
    }

    @Test
    void theBuildPackSaysItAllInThreePages() throws IOException {
        Assessment assessment = Assessor.full(DEMO, Progress.NONE);
        Path file = folder.resolve("pack.pdf");
        BuildPack.write(assessment, file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(3);
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text).contains(assessment.sentence()).contains("1 : 20").contains("100 mm if printed")
                    .contains("60 mm and 740 mm from one end").contains("knob Ø 60").contains("Caution")
                    .contains("local codes").contains("2 × 25 kg bag");
            assertThat(assessment.findings()).allSatisfy(f -> assertThat(text).contains(f.about().question()));
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
        BuildPack.write(Assessor.everyPose(Demo.with("name", "Töpferei \uD83C\uDFFA 陶芸"), Progress.NONE), file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Töpferei");
        }
    }

    /** The print is to scale: the bar that says 100 mm is 100 mm long on the page, rendered at ten dots a millimetre. */
    @Test
    void theScaleBarIsAsLongAsItSays() throws IOException {
        Path file = folder.resolve("pack.pdf");
        BuildPack.write(Assessor.everyPose(DEMO, Progress.NONE), file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            var page = new org.apache.pdfbox.rendering.PDFRenderer(pdf).renderImageWithDPI(0, 254);
            assertThat(page.getWidth()).as("A4 is 210 mm wide").isBetween(2098, 2102);
            int longest = 0;
            // The bar lies below everything else: look only at the foot of the page.
            for (int y = page.getHeight() - 160; y < page.getHeight() - 100; y++) {
                longest = Math.max(longest, longestDark(page, y));
            }
            assertThat(longest / 10.0).isCloseTo(100, within(0.6));
        }
    }

    private static int longestDark(java.awt.image.BufferedImage page, int y) {
        int longest = 0;
        int run = 0;
        for (int x = 0; x < page.getWidth(); x++) {
            boolean dark = (page.getRGB(x, y) & 0xff) < 128;
            run = dark ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    @Test
    void inchesGoThroughTheWholePack() throws IOException {
        Path file = folder.resolve("inches.pdf");
        BuildPack.write(Assessor.everyPose(Demo.with("units", UnitSystem.IMPERIAL), Progress.NONE), file);
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("(all dimensions in in)").contains("31 1/2").contains("80 lb bag")
                    .contains("lbf");
        }
    }
}

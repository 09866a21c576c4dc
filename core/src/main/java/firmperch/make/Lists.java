package firmperch.make;

import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The cut list and the hardware list as CSV (RFC 4180), lengths in the project's units. */
public final class Lists {
    private Lists() {
    }

    /** Writes the cut list; lengths as decimals, so that a spreadsheet can add them up. */
    public static void writeCuts(MakingPlan plan, Path file) throws IOException {
        UnitSystem system = plan.project().units();
        String unit = " (" + system.label() + ")";
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = printer(text, "Part", "Count", "Material", "Length" + unit, "Width" + unit,
                "Thickness" + unit, "Holes")) {
            for (CutPiece piece : plan.cuts()) {
                csv.printRecord(piece.part(), piece.count(), piece.material(), decimal(piece.length(), system),
                        decimal(piece.width(), system), decimal(piece.thickness(), system), piece.holes());
            }
        }
        WholeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Writes the hardware list, the concrete's bags as its last row. */
    public static void writeHardware(MakingPlan plan, Path file) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = printer(text, "Item", "Count", "Rough price", "For")) {
            for (HardwareItem item : plan.hardware()) {
                csv.printRecord(item.item(), item.count(), price(item.price()), item.use());
            }
            for (Pour pour : plan.pours()) {
                csv.printRecord(pour.name() + " mix, " + pour.bag().label(), pour.bags(), price(pour.price()),
                        Quantity.MASS.show(pour.mass(), plan.project().units()) + " to pour, "
                                + Quantity.VOLUME.show(pour.water(), plan.project().units()) + " of water");
            }
        }
        WholeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static CSVPrinter printer(StringWriter text, String... header) throws IOException {
        return new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(header).get());
    }

    private static String decimal(double metres, UnitSystem system) {
        return String.format(Locale.ROOT, system == UnitSystem.IMPERIAL ? "%.3f" : "%.1f",
                metres / Quantity.LENGTH.size(system));
    }

    private static String price(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}

package firmperch.make;

import firmperch.disk.WholeFile;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The cut list and the hardware list as CSV (RFC 4180), lengths in the project's units; with the mark by which spreadsheets know
 * that it is UTF-8, or Ø and × would come out as something else.
 */
public final class Lists {
    private static final String MARK = "\uFEFF";

    private Lists() {
    }

    /** Writes the cut list; lengths as decimals, so that a spreadsheet can add them up. */
    public static void writeCuts(MakingPlan plan, Path file) throws IOException {
        UnitSystem system = plan.project().units();
        String unit = " (" + system.label() + ")";
        StringBuilder text = new StringBuilder(MARK);
        row(text, "Part", "Count", "Material", "Length" + unit, "Width" + unit, "Thickness" + unit, "Grain",
                "Holes and shape");
        for (CutPiece piece : plan.cuts()) {
            row(text, piece.part(), piece.count(), piece.material().label(), decimal(piece.length(), system),
                    decimal(piece.width(), system), decimal(piece.thickness(), system), piece.piece().grain().words(),
                    piece.notes(system));
        }
        WholeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Writes the hardware list, the concrete's bags as its last row. */
    public static void writeHardware(MakingPlan plan, Path file) throws IOException {
        StringBuilder text = new StringBuilder(MARK);
        row(text, "Item", "Count", "Rough price", "For");
        for (HardwareItem item : plan.hardware()) {
            row(text, item.item(), item.count(), price(item.price()), item.use());
        }
        for (Pour pour : plan.pours()) {
            row(text, pour.name() + " mix, " + pour.bag().label(), pour.bags(), price(pour.price()),
                    Quantity.MASS.show(pour.mass(), plan.project().units()) + " to pour, "
                            + Quantity.VOLUME.show(pour.water(), plan.project().units()) + " of water");
        }
        WholeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static void row(StringBuilder text, Object... cells) {
        text.append(Arrays.stream(cells).map(c -> cell(c.toString())).collect(Collectors.joining(","))).append("\r\n");
    }

    /** In quotes where it needs them. */
    private static String cell(String text) {
        boolean quoted = text.chars().anyMatch(c -> c == ',' || c == '"' || c == '\n' || c == '\r')
                || !text.equals(text.strip());
        return quoted ? '"' + text.replace("\"", "\"\"") + '"' : text;
    }

    private static String decimal(double metres, UnitSystem system) {
        return String.format(Locale.ROOT, system == UnitSystem.IMPERIAL ? "%.3f" : "%.1f",
                metres / Quantity.LENGTH.size(system));
    }

    private static String price(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}

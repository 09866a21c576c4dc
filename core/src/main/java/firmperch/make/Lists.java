package firmperch.make;

import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The cut list and the hardware list as CSV (RFC 4180), lengths in the project's units; with the mark by which spreadsheets know
 * that it is UTF-8, or Ø and × would come out as something else.
 */
final class Lists {
    private static final String MARK = "\uFEFF";

    private Lists() {
    }

    /** The cut list; lengths as decimals, so that a spreadsheet can add them up. */
    static byte[] cuts(MakingPlan plan) {
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
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** The hardware list, the concrete's bags as its last row. */
    static byte[] hardware(MakingPlan plan) {
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
        return text.toString().getBytes(StandardCharsets.UTF_8);
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

package firmperch.make;

import firmperch.cost.Shopping;
import firmperch.project.Purse;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The cut list and the shopping list as CSV (RFC 4180), lengths in the project's units; with the mark by which spreadsheets know
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

    /** The shopping list: all that is bought, the concrete's bags as its last row; prices in the maker's money, tax and all. */
    static byte[] hardware(MakingPlan plan) {
        Purse purse = plan.project().purse();
        StringBuilder text = new StringBuilder(MARK);
        row(text, "Item", "How much", "Rough price (" + purse.currency().id() + ")", "To pay", "For");
        for (Shopping.Line line : plan.shopping().lines()) {
            row(text, line.item(), line.much(plan.project().units()), price(purse.here(line.price())),
                    price(purse.here(line.toPay(purse))), use(plan, line));
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String use(MakingPlan plan, Shopping.Line line) {
        return line.sort() == Shopping.Sort.BAG
                ? plan.pours().stream().map(pour -> pour.name() + ", "
                        + Quantity.MASS.show(pour.mass(), plan.project().units()) + " to pour, "
                        + Quantity.VOLUME.show(pour.water(), plan.project().units()) + " of water")
                        .collect(Collectors.joining("; "))
                : plan.hardware().stream().filter(item -> item.item().equals(line.item())).map(HardwareItem::use)
                        .distinct().collect(Collectors.joining("; "));
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

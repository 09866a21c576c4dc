package firmperch.file;

import firmperch.disk.DiskTrouble;
import firmperch.part.GearFacts;
import firmperch.part.GearItem;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A list of gear from a spreadsheet, as CSV with the columns' names in its first line: <i>name</i> and <i>mass</i>, and as far as known <i>forward</i>,
 * <i>left</i>, <i>up</i>, <i>long</i>, <i>wide</i>, <i>high</i>, <i>watts</i>. Figures are read as they are typed anywhere else ("0.51", "510 g", "2 lb"). Commas or
 * semicolons stand between them.
 */
public final class GearCsv {
    private static final int MOST_LINES = 5000;

    private GearCsv() {
    }

    /**
     * What came out of a list.
     *
     * @param items that could be read, in their order
     * @param refused a sentence for each line that could not, with its number
     */
    public record Read(List<GearItem> items, List<String> refused) {
        public Read {
            items = List.copyOf(items);
            refused = List.copyOf(refused);
        }
    }

    /**
     * Reads a list.
     *
     * @throws UnusableFile if it is no such list at all
     */
    public static Read read(Path file, UnitSystem units) throws UnusableFile {
        try {
            return read(file, new String(ProjectFile.content(file), StandardCharsets.UTF_8), units);
        } catch (UnusableFile e) {
            throw e;
        } catch (IOException e) {
            throw new UnusableFile(file, DiskTrouble.words(e) + ".");
        }
    }

    static Read read(Path file, String content, UnitSystem units) throws UnusableFile {
        String text = content.startsWith("\uFEFF") ? content.substring(1) : content;
        String first = text.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(first.contains(";") ? ';' : ',')
                .setIgnoreEmptyLines(true).setTrim(true).get();
        List<GearItem> items = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            Map<String, Integer> columns = null;
            for (CSVRecord line : parser) {
                if (columns == null) {
                    columns = columns(file, line);
                } else if (parser.getCurrentLineNumber() > MOST_LINES) {
                    refused.add("After line " + MOST_LINES + " nothing was read.");
                    break;
                } else {
                    try {
                        items.add(item(new Line(line, columns, units)));
                    } catch (InvalidValue e) {
                        refused.add("Line " + parser.getCurrentLineNumber() + ": " + e.getMessage());
                    }
                }
            }
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new UnusableFile(file,
                    "it is no list with commas or semicolons between its columns; expected is a CSV "
                            + "whose first line names them.");
        }
        return new Read(items, refused);
    }

    private static Map<String, Integer> columns(Path file, CSVRecord head) throws UnusableFile {
        Map<String, Integer> columns = new TreeMap<>();
        for (int i = 0; i < head.size(); i++) {
            columns.put(head.get(i).toLowerCase(Locale.ROOT), i);
        }
        if (!columns.containsKey("name") || !columns.containsKey("mass")) {
            throw new UnusableFile(file,
                    "its first line does not name the columns; expected are “name” and “mass”, and as far "
                            + "as you know them “forward”, “left”, “up”, “long”, “wide”, “high”, “watts”.");
        }
        return columns;
    }

    /** One line by its columns. */
    private record Line(CSVRecord cells, Map<String, Integer> columns, UnitSystem units) {
        String text(String column) {
            Integer at = columns.get(column);
            return at == null || at >= cells.size() ? "" : cells.get(at);
        }

        /** What is not there is 0; what is there must be a figure. */
        double figure(String column, Quantity quantity) {
            String text = text(column);
            return text.isEmpty() ? 0 : quantity.parse(column, text, units);
        }
    }

    private static GearItem item(Line line) {
        if (line.text("mass").isEmpty()) {
            throw new InvalidValue("mass", "nothing", "what it weighs");
        }
        return new GearItem(line.text("name"), line.figure("mass", Quantity.MASS),
                line.figure("forward", Quantity.LENGTH), line.figure("left", Quantity.LENGTH),
                line.figure("up", Quantity.LENGTH),
                new GearItem.Size(line.figure("long", Quantity.LENGTH), line.figure("wide", Quantity.LENGTH),
                        line.figure("high", Quantity.LENGTH)),
                new GearFacts(GearFacts.Held.CAMERA, true, false, line.figure("watts", Quantity.POWER)));
    }
}

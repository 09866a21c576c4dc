package firmperch.stock;

import firmperch.units.InvalidValue;
import java.util.List;

/**
 * A list of rows found by their id. A new row is added to the list in the row's own class and nowhere else.
 *
 * @param name what the rows are, such as "material"
 * @param rows the rows, in the order they are offered
 */
public record Catalogue<T extends Catalogue.Row>(String name, List<T> rows) {
    /** A row of a catalogue. */
    public interface Row {
        /** The name in files; never changes. */
        String id();

        /** The name on the screen. */
        String label();

        /** Where the values come from. */
        String source();
    }

    public Catalogue {
        rows = List.copyOf(rows);
    }

    /**
     * The row of that id.
     *
     * @throws InvalidValue if there is none; the message lists what there is
     */
    public T get(String id) {
        for (T row : rows) {
            if (row.id().equals(id)) {
                return row;
            }
        }
        throw new InvalidValue(Character.toUpperCase(name.charAt(0)) + name.substring(1),
                id == null ? "nothing" : "“" + id + "”",
                "one of " + String.join(", ", rows.stream().map(Row::id).toList()));
    }
}

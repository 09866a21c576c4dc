package firmperch.stock;

import firmperch.units.InvalidValue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** A list of rows found by their id. A new row is added to the list in the row's own class and nowhere else. */
public final class Catalogue<T extends Catalogue.Row> {
    /** A row of a catalogue. */
    public interface Row {
        /** The name in files; never changes. */
        String id();

        /** The name on the screen. */
        String label();

        /** Where the values come from. */
        String source();
    }

    private final String name;
    private final List<T> rows;
    private final Map<String, T> byId = new LinkedHashMap<>();

    /**
     * A catalogue.
     *
     * @param name what the rows are, such as "material"
     * @param rows the rows, in the order they are offered
     */
    public Catalogue(String name, List<T> rows) {
        this.name = name;
        this.rows = List.copyOf(rows);
        rows.forEach(row -> byId.put(row.id(), row));
    }

    /** The rows, in the order they are offered. */
    public List<T> rows() {
        return rows;
    }

    /** Only those rows that a test lets pass. */
    public Catalogue<T> only(Predicate<T> kept) {
        return new Catalogue<>(name, rows.stream().filter(kept).toList());
    }

    /** What the rows are, such as "material". */
    public String name() {
        return name;
    }

    /**
     * The row of that id.
     *
     * @throws InvalidValue if there is none; the message lists what there is
     */
    public T get(String id) {
        T row = byId.get(id);
        if (row == null) {
            throw new InvalidValue(Character.toUpperCase(name.charAt(0)) + name.substring(1),
                    id == null ? "nothing" : "“" + id + "”", "one of " + String.join(", ", byId.keySet()));
        }
        return row;
    }
}

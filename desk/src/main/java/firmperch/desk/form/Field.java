package firmperch.desk.form;

import firmperch.stock.Catalogue;
import firmperch.units.Quantity;

/**
 * A value of the project that can be edited in a form.
 *
 * @param label as in the messages about it
 * @param path where it is in the project
 * @param kind how it is typed or chosen
 */
public record Field(String label, String path, Kind kind) {
    /** How a value is typed or chosen. */
    public sealed interface Kind {
    }

    /** Typed, with or without its unit. */
    public record Typed(Quantity quantity) implements Kind {}

    /** Chosen from a catalogue by its row's id. */
    public record Chosen(Catalogue<?> catalogue) implements Kind {}

    /** One of two; the words for true and false. */
    public record Either(String yes, String no) implements Kind {}

    /** Any words. */
    public record Words() implements Kind {}

    static Field length(String label, String path) {
        return of(label, path, Quantity.LENGTH);
    }

    static Field of(String label, String path, Quantity quantity) {
        return new Field(label, path, new Typed(quantity));
    }

    static Field chosen(String label, String path, Catalogue<?> catalogue) {
        return new Field(label, path, new Chosen(catalogue));
    }
}

package firmperch.param;

import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A value described: the record's refusals, the form, the file format, the help, the search for cures and the tests read
 * this and nothing else.
 *
 * @param name of the record's component
 * @param label on the screen and in refusals
 * @param help one sentence more where the label does not say it all; may be empty
 * @param kind what it may be
 * @param varied true if it may be changed to cure something
 * @param brings other values of the same record that follow from choosing a row, by their names
 * @param before what a file has that was saved before there was this value; nothing if every file has it
 * @param judged true for a figure that nobody can look up
 */
public record Param(String name, String label, String help, Kind kind, boolean varied,
        Map<String, Function<Catalogue.Row, Object>> brings, Optional<Object> before, boolean judged) {
    /** What a value may be. */
    public sealed interface Kind {
    }

    /** A number with its range in SI; changed by steps of that size where it may be varied. */
    public record Measure(Quantity quantity, double least, double most, double step) implements Kind {}

    /** A whole number with its range. */
    public record Whole(int least, int most) implements Kind {}

    /** A row of a catalogue. */
    public record Choice(Catalogue<?> catalogue) implements Kind {}

    /** One of two, with the words for true and for false. */
    public record Either(String yes, String no) implements Kind {}

    /** One of an enum's constants. */
    public record OneOf(Class<? extends Enum<?>> type) implements Kind {}

    /** Words; required ones may not be blank. */
    public record Text(int most, boolean required) implements Kind {}

    /** A day. */
    public record Day() implements Kind {}

    /** Values of its own. */
    public record Group(Params<?> params) implements Kind {}

    /** A list of things alike. */
    public record Many(Params<?> each, int most) implements Kind {}

    /** A list of things of different sorts. */
    public record Mixed(List<Variant> variants, int most) implements Kind {
        public Mixed {
            variants = List.copyOf(variants);
        }

        /** Of which sort a thing is. */
        public Variant of(Described thing) {
            return variants.stream().filter(v -> v.params() == thing.params()).findFirst().orElseThrow();
        }
    }

    /**
     * A sort of thing in a list of different ones.
     *
     * @param id in files
     * @param label on the screen
     */
    public record Variant(String id, String label, Params<?> params) {}

    /** Numbers by name: a setting for each joint. */
    public record Settings() implements Kind {}

    /** Something described elsewhere, such as a perch by its parts. */
    public record Other(Class<?> type) implements Kind {}

    /** A measure as near to 0 as that is a slip, not a measure: what is divided by it is no number. */
    private static final double NOTHING = 1e-30;

    /** A value of which nothing more is said. */
    public Param(String name, String label, Kind kind) {
        this(name, label, "", kind, false, Map.of(), Optional.empty(), false);
    }

    /** The same, to be varied to cure something; a measure by the steps of its kind. */
    Param varied(Kind steps) {
        return new Param(name, label, help, steps, true, brings, before, judged);
    }

    /** The same, a figure that nobody can look up. */
    Param asJudged() {
        return new Param(name, label, help, kind, varied, brings, before, true);
    }

    /** The same with one sentence more. */
    Param helped(String sentence) {
        return new Param(name, label, sentence, kind, varied, brings, before, judged);
    }

    /** The same, bringing another value too. */
    Param bringing(String other, Function<Catalogue.Row, Object> follows) {
        Map<String, Function<Catalogue.Row, Object>> all = new HashMap<>(brings);
        all.put(other, follows);
        return new Param(name, label, help, kind, varied, Map.copyOf(all), before, judged);
    }

    /** The same, that value standing for it in files of before. */
    Param orElse(Object value) {
        return new Param(name, label, help, kind, varied, brings, Optional.of(value), judged);
    }

    /**
     * Refuses what cannot be.
     *
     * @throws InvalidValue with the label, what was given and what is expected
     */
    void check(Object value) {
        switch (kind) {
            case Measure m -> {
                double number = (double) value;
                if (!(number >= m.least && number <= m.most)) {
                    throw refused(shown(number, m.quantity));
                }
                if (number != 0 && Math.abs(number) < NOTHING) {
                    throw refused("next to nothing, and not 0");
                }
            }
            case Whole w -> {
                int number = (int) value;
                if (number < w.least || number > w.most) {
                    throw refused(Integer.toString(number));
                }
            }
            case Choice c -> {
                boolean known = value instanceof Catalogue.Row row
                        && c.catalogue.rows().stream().anyMatch(r -> r.id().equals(row.id()));
                if (!known) {
                    throw refused(value instanceof Catalogue.Row row ? "“" + row.label() + "”" : "nothing");
                }
            }
            case Text t -> {
                String text = (String) value;
                if (text == null || t.required && text.isBlank() || text.length() > t.most) {
                    throw refused(text == null || text.isBlank() ? "nothing" : text.length() + " characters");
                }
                if (!Require.whole(text)) {
                    throw refused("half of a character");
                }
                Require.steering(text).ifPresent(c -> {
                    throw refused(String.format("a line break or another control character (U+%04X)", c));
                });
            }
            case Day _ -> {
                if (!(value instanceof LocalDate day) || day.getYear() < 1990 || day.getYear() > 2200) {
                    throw refused(String.valueOf(value));
                }
            }
            case Many m -> {
                if (((List<?>) value).size() > m.most) {
                    throw refused(((List<?>) value).size() + " of them");
                }
            }
            case Mixed m -> {
                if (((List<?>) value).size() > m.most) {
                    throw refused(((List<?>) value).size() + " of them");
                }
            }
            case Settings _ -> ((Map<?, ?>) value).values().forEach(v -> {
                if (!(Math.abs(((Number) v).doubleValue()) <= 1e3)) {
                    throw refused(String.valueOf(v));
                }
            });
            case OneOf _,Group _,Other _ -> {
                if (value == null) {
                    throw refused("nothing");
                }
            }
            case Either _ -> {
            }
        }
    }

    private InvalidValue refused(String given) {
        return new InvalidValue(label, given, expected());
    }

    private static String shown(double value, Quantity quantity) {
        return Double.isNaN(value) ? "no number" : quantity.show(value, UnitSystem.METRIC);
    }

    /** What is accepted, in words. */
    public String expected() {
        return switch (kind) {
            case Measure m -> shown(m.least, m.quantity) + " to " + shown(m.most, m.quantity);
            case Whole w -> "a whole number from " + w.least + " to " + w.most;
            case Choice c -> "one of " + c.catalogue.rows().stream().map(Catalogue.Row::label)
                    .collect(Collectors.joining(", "));
            case Either e -> e.yes + " or " + e.no;
            case OneOf o -> "one of " + Stream.of(o.type.getEnumConstants()).map(c -> c.name().toLowerCase())
                    .collect(Collectors.joining(", "));
            case Text t ->
                t.required ? "a name of 1 to " + t.most + " characters" : "at most " + t.most + " characters";
            case Day _ -> "a day such as 2026-11-23";
            case Many m -> "at most " + m.most;
            case Mixed m -> "at most " + m.most;
            case Settings _ -> "numbers from −1000 to 1000";
            case Group _,Other _ -> "something";
        };
    }
}

package firmperch.units;

import java.util.OptionalInt;

/** What the constructors of the model ask of their values; every refusal is an {@link InvalidValue}. */
public final class Require {
    private Require() {
    }

    /** Returns the value if it is a number from least to most, both included. */
    public static double between(String field, double value, double least, double most, Quantity quantity) {
        if (!(value >= least && value <= most)) {
            throw new InvalidValue(field, given(value, quantity), range(least, most, quantity));
        }
        return value;
    }

    /** Returns the value if it is a whole number from least to most, both included. */
    public static int between(String field, int value, int least, int most) {
        if (value < least || value > most) {
            throw new InvalidValue(field, Integer.toString(value), "a whole number from " + least + " to " + most);
        }
        return value;
    }

    /** Refuses with the given words unless the condition, usually between two fields, is met. */
    public static void that(boolean met, String field, double value, Quantity quantity, String expected) {
        if (!met) {
            throw new InvalidValue(field, given(value, quantity), expected);
        }
    }

    /** Returns the text if there is something in it and it is at most 200 characters long. */
    public static String text(String field, String value) {
        if (value == null || value.isBlank() || value.length() > 200) {
            throw new InvalidValue(field, value == null || value.isBlank() ? "nothing" : value.length() + " characters",
                    "a name of 1 to 200 characters");
        }
        return value;
    }

    /** True if a text can be written and read again as it is: no half of a character stands by itself. */
    public static boolean whole(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isHighSurrogate(c) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))) {
                i++;
            } else if (Character.isSurrogate(c)) {
                return false;
            }
        }
        return true;
    }

    /**
     * The first sign of a text that would break a line or steer what shows it: a control character, a line or paragraph separator, a
     * mark that turns the direction of writing. A name with one could forge lines of a report.
     *
     * @return its code point, or nothing if there is none
     */
    public static OptionalInt steering(String text) {
        return text.codePoints()
                .filter(c -> Character.isISOControl(c) || Character.getType(c) == Character.LINE_SEPARATOR
                        || Character.getType(c) == Character.PARAGRAPH_SEPARATOR || c >= 0x202a && c <= 0x202e
                        || c >= 0x2066 && c <= 0x2069)
                .findFirst();
    }

    private static String given(double value, Quantity quantity) {
        return Double.isNaN(value) ? "no number" : quantity.show(value, UnitSystem.METRIC);
    }

    private static String range(double least, double most, Quantity quantity) {
        return quantity.show(least, UnitSystem.METRIC) + " to " + quantity.show(most, UnitSystem.METRIC);
    }
}

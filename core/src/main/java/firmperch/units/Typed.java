package firmperch.units;

import java.text.Normalizer;
import java.util.Map;

/** What a person typed for a quantity, read once from left to right: a sign, then numbers with or without their units. */
final class Typed {
    /** Nobody types more for one value. */
    private static final int MOST = 100;

    private final Quantity quantity;
    private final String field;
    private final String given;
    private final UnitSystem system;
    private String text;
    private int at;

    Typed(Quantity quantity, String field, String given, UnitSystem system) {
        this.quantity = quantity;
        this.field = field;
        this.given = given;
        this.system = system;
    }

    /** The value in SI. */
    double value() {
        text = plain(given == null ? "" : given);
        if (text.isEmpty() || text.length() > MOST) {
            throw unreadable();
        }
        boolean negative = text.charAt(0) == '-';
        at = negative || text.charAt(0) == '+' ? 1 : 0;
        double sum = 0;
        String unit = "";
        boolean first = true;
        do {
            blanks();
            double number = number();
            blanks();
            String before = unit;
            unit = unit();
            if (unit.isEmpty() && !first && !(feet(before) && at == text.length())) {
                throw unreadable();
            }
            // After feet come inches, said or not.
            sum += number * (!unit.isEmpty()
                    ? quantity.typed().get(unit)
                    : first ? quantity.size(system) : quantity.typed().get("in"));
            first = false;
            blanks();
        } while (at < text.length());
        if (!Double.isFinite(sum)) {
            throw unreadable();
        }
        return negative ? -sum : sum;
    }

    private boolean feet(String unit) {
        return quantity == Quantity.LENGTH && !unit.isEmpty()
                && quantity.typed().get(unit).equals(quantity.typed().get("ft"));
    }

    /** One way to write what there are many for: fractions, blanks, quotes, minus signs, digits of other scripts. */
    private static String plain(String typed) {
        if (typed.length() > MOST * 1000) {
            return "";
        }
        StringBuilder parted = new StringBuilder();
        for (char c : typed.strip().toCharArray()) {
            // “1½” is one and a half, not eleven halves.
            boolean fraction = c >= '¼' && c <= '¾' || c >= '⅐' && c <= '⅞';
            parted.append(fraction ? " " : "").append(c);
        }
        StringBuilder text = new StringBuilder();
        for (char c : Normalizer.normalize(parted, Normalizer.Form.NFKC).toCharArray()) {
            text.append(switch (c) {
                case '−', '–' -> '-';
                case '⁄' -> '/';
                case '”', '“' -> '"';
                case '’', '‘', '′' -> '\'';
                case '⋅', '∙', '•' -> '·';
                default -> Character.isDigit(c)
                        ? (char) ('0' + Character.digit(c, 10))
                        : Character.isWhitespace(c) || Character.isSpaceChar(c) ? ' ' : c;
            });
        }
        return text.toString().strip().replace("''", "\"");
    }

    private void blanks() {
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
    }

    private char next() {
        return at < text.length() ? text.charAt(at) : 0;
    }

    private static boolean digit(char c) {
        return c >= '0' && c <= '9';
    }

    /** A decimal number, a fraction, or a whole number with a fraction. */
    private double number() {
        int start = at;
        while (digit(next()) || next() == '.' || next() == ',') {
            at++;
        }
        String figures = text.substring(start, at);
        if (figures.endsWith(".") && figures.length() > 1 && figures.indexOf('.') == figures.length() - 1) {
            figures = figures.substring(0, figures.length() - 1);
        }
        if (figures.isEmpty()) {
            throw unreadable();
        }
        boolean whole = figures.chars().allMatch(c -> digit((char) c));
        if (whole) {
            int here = at;
            blanks();
            if (next() == '/') {
                at++;
                return over(Double.parseDouble(figures));
            }
            boolean parted = at > here;
            if (next() == '-') {
                at++;
                parted = true;
                blanks();
            }
            int upper = at;
            while (digit(next())) {
                at++;
            }
            if (parted && at > upper) {
                double above = Double.parseDouble(text.substring(upper, at));
                blanks();
                if (next() == '/') {
                    at++;
                    return Double.parseDouble(figures) + over(above);
                }
            }
            at = here;
        }
        return decimal(figures);
    }

    private double over(double above) {
        blanks();
        int start = at;
        while (digit(next())) {
            at++;
        }
        double below = at > start ? Double.parseDouble(text.substring(start, at)) : 0;
        if (below == 0) {
            throw unreadable();
        }
        return above / below;
    }

    /** Commas before a point, or more than one, part thousands; a single one is a decimal comma. */
    private double decimal(String figures) {
        String[] groups = figures.split(",", -1);
        if (groups.length == 1) {
            return figures(figures);
        }
        boolean thousands = groups[0].length() >= 1 && groups[0].length() <= 3 && groups[0].charAt(0) != '0';
        for (int i = 1; i < groups.length; i++) {
            String group = i == groups.length - 1 && groups[i].indexOf('.') >= 0
                    ? groups[i].substring(0, groups[i].indexOf('.'))
                    : groups[i];
            thousands &= group.length() == 3 && group.chars().allMatch(c -> digit((char) c));
        }
        boolean comma = groups.length == 2 && figures.indexOf('.') < 0;
        if (thousands && comma) {
            throw new InvalidValue(field, "“" + given.strip() + "”", "a number that can be read one way only: "
                    + groups[0] + groups[1] + " or " + groups[0] + "." + groups[1]);
        }
        if (!thousands && !comma) {
            throw unreadable();
        }
        return figures(thousands ? figures.replace(",", "") : figures.replace(',', '.'));
    }

    private double figures(String figures) {
        boolean plain = figures.chars().filter(c -> c == '.').count() <= 1
                && figures.chars().anyMatch(c -> digit((char) c));
        if (!plain) {
            throw unreadable();
        }
        return Double.parseDouble(figures);
    }

    /** The longest name of a unit that stands here; empty if none does. */
    private String unit() {
        String found = "";
        for (Map.Entry<String, Double> unit : quantity.typed().entrySet()) {
            String name = unit.getKey();
            if (name.length() > found.length() && text.regionMatches(true, at, name, 0, name.length())) {
                char after = at + name.length() < text.length() ? text.charAt(at + name.length()) : 0;
                boolean ends = !Character.isLetter(name.charAt(name.length() - 1)) || !Character.isLetter(after);
                if (ends) {
                    found = name;
                }
            }
        }
        at += found.length();
        // “in.” is an abbreviation.
        if (!found.isEmpty() && next() == '.' && (at + 1 == text.length() || text.charAt(at + 1) == ' ')) {
            at++;
        }
        return found;
    }

    private InvalidValue unreadable() {
        String said = given == null || given.isBlank()
                ? "nothing"
                : "“" + (given.strip().length() > MOST ? given.strip().substring(0, MOST) + "…" : given.strip()) + "”";
        return new InvalidValue(field, said, quantity.wanted());
    }
}

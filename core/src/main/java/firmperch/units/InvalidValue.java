package firmperch.units;

/**
 * A value that cannot be used. Its message is a sentence for the person at the desk: which field, what was given, what
 * is expected.
 */
public final class InvalidValue extends IllegalArgumentException {
    private static final int MOST = 120;

    private final String field;
    private final String given;
    private final String expected;

    /**
     * @param field the field's name as the person knows it, such as "Link length"
     * @param given what was given, in words or as typed
     * @param expected what would be accepted
     */
    public InvalidValue(String field, String given, String expected) {
        super(field + ": " + brief(given) + " was given; expected is " + expected + ".");
        this.field = field;
        this.given = brief(given);
        this.expected = expected;
    }

    /** What was given may be pages long; its beginning tells enough. */
    private static String brief(String given) {
        return given.length() <= MOST ? given : given.substring(0, given.offsetByCodePoints(MOST - 20, 0)) + "…”";
    }

    /** The same refusal, told with what the field belongs to: "The room: Ceiling". */
    public InvalidValue in(String what) {
        return new InvalidValue(field.startsWith(what) ? field : what + ": " + field, given, expected);
    }

    public String field() {
        return field;
    }

    public String given() {
        return given;
    }

    public String expected() {
        return expected;
    }
}

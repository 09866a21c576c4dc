package firmperch.shot;

/**
 * What is filmed: an area, or as much of whoever works there. Where a body ends is told in shares of its height: chin 0.870, shoulders 0.818, hips
 * 0.530, shoulders 0.259 wide (Drillis and Contini 1966, from memory); the room around it is our own judgement.
 */
public enum Filmed {
    AREA("an area", 0, 0, 0), HEAD_AND_SHOULDERS("head and shoulders", 0.72, 1.04, 0.42), TO_THE_WAIST("to the waist",
            0.57, 1.05, 0.48), WHOLE("the whole person", -0.02, 1.06, 0.50);

    private final String words;
    private final double from;
    private final double to;
    private final double width;

    Filmed(String words, double from, double to, double width) {
        this.words = words;
        this.from = from;
        this.to = to;
        this.width = width;
    }

    /** In a maker's words. */
    @Override
    public String toString() {
        return words;
    }

    /** True if it is a person. */
    public boolean person() {
        return this != AREA;
    }

    /** Lowest of what is filmed of a person, as a share of their height. */
    public double from() {
        return from;
    }

    /** Highest of it, above the head. */
    public double to() {
        return to;
    }

    /** How wide it is. */
    public double width() {
        return width;
    }
}

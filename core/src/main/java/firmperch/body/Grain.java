package firmperch.body;

/** Which way the grain of wood runs in a piece, of a panel the grain of its faces. */
public enum Grain {
    /** Along the longer side; of a bar along the bar. */
    LENGTHWISE("along its length"),
    /** Across the longer side. */
    CROSSWISE("across its length"),
    /** Whichever way it comes: metal, or a piece that is as long as it is wide. */
    ANY("either way");

    private final String words;

    Grain(String words) {
        this.words = words;
    }

    /** As in "grain along its length". */
    public String words() {
        return words;
    }
}

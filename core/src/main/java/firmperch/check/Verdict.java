package firmperch.check;

/** How a thing stands: firmly, just about, or not. */
public enum Verdict {
    HOLDS("holds"), NEAR("near"), GIVES("gives");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    /** The word shown beside the mark, and in files. */
    public String word() {
        return word;
    }
}

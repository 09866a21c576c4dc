package firmperch.check;

/** The verdict on a thing: it holds, it is near its limit, or it gives. */
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

package firmperch.shot;

/** Who presses record: what touches the camera shakes the first seconds of the picture. */
public enum Recording {
    REMOTE("a remote or phone"), HAND("a hand at the camera"), TIMER("a timer"), SECOND_PERSON("somebody else");

    private final String words;

    Recording(String words) {
        this.words = words;
    }

    /** True if the camera is touched while it films: whoever does it with a hand at it, even somebody else. */
    public boolean touches() {
        return this == HAND || this == SECOND_PERSON;
    }

    /** In a maker's words. */
    @Override
    public String toString() {
        return words;
    }
}

package firmperch.study;

/** What hangs at the camera: everything that must hold is asked with each of them, as a camera also comes off. */
public enum Loading {
    /** Nothing. */
    BARE(" with the camera off"),
    /** The gear as it is listed. */
    GEAR(" with the gear as it is"),
    /** The gear and its spare. */
    SPARE("");

    private final String words;

    Loading(String words) {
        this.words = words;
    }

    /** For the end of a clause; nothing for what is the rule. */
    public String words() {
        return words;
    }
}

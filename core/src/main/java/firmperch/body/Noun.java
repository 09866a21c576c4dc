package firmperch.body;

import java.util.regex.Pattern;

/**
 * What something is called in a sentence, and whether it is one thing or many: "the fork holds", "the jaws hold".
 *
 * @param many true if it takes the plural
 */
public record Noun(String text, boolean many) {
    private static final Pattern CHOICE = Pattern.compile("\\[([^|\\]]*)\\|([^\\]]*)]");

    /** One thing. */
    public static Noun one(String text) {
        return new Noun(text, false);
    }

    /** Several things told as one, as bearings. */
    public static Noun many(String text) {
        return new Noun(text, true);
    }

    /** The word that goes with it: the first for one, the second for many. */
    public String with(String singular, String plural) {
        return many ? plural : singular;
    }

    /**
     * A sentence about it.
     *
     * @param sentence %s stands for its name, [Does|Do] for a word that depends on its number
     */
    public String in(String sentence) {
        return CHOICE.matcher(sentence).replaceAll(many ? "$2" : "$1").replace("%s", text);
    }

    @Override
    public String toString() {
        return text;
    }
}

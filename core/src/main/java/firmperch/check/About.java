package firmperch.check;

import firmperch.units.Quantity;

/**
 * The fixed facts of a check, the same for every subject and pose.
 *
 * @param id in files, such as "friction"
 * @param question in the user's words, made with the subject's name and number ({@link firmperch.body.Noun#in})
 * @param unit of asked and available
 * @param scope which poses it is asked in
 * @param reserve true if a thing that just holds is called near; false where just enough is enough
 * @param weakness what happens where it is short, as in "… first"; made in the same way
 * @param formula in the letters of its source
 * @param symbols what its letters stand for, in words; empty where it has none
 * @param most true if what is asked comes about by itself and may be as much as what is available, as a sag; false if so much is wanted at least
 * @param source of the formula and of what is asked
 */
public record About(String id, Topic topic, String question, Quantity unit, Scope scope, boolean reserve,
        String weakness, String formula, String symbols, boolean most, String source) {
    /** One whose formula is in words. */
    public About(String id, Topic topic, String question, Quantity unit, Scope scope, boolean reserve, String weakness,
            String formula, String source) {
        this(id, topic, question, unit, scope, reserve, weakness, formula, "", !topic.wants(), source);
    }

    /** The same with what its letters stand for. */
    public About where(String letters) {
        return new About(id, topic, question, unit, scope, reserve, weakness, formula, letters, most, source);
    }

    /** The same where what is asked comes about by itself, and may be as much as what is available. */
    public About atMost() {
        return new About(id, topic, question, unit, scope, reserve, weakness, formula, symbols, true, source);
    }

    /** Which poses a check is asked in. */
    public enum Scope {
        /** Asked over the whole travel of every joint; the worst pose counts. */
        EVERY_POSE,
        /** Asked in the pose that is set. */
        SET_POSE,
        /** Does not depend on how the joints are set. */
        NO_POSE
    }
}

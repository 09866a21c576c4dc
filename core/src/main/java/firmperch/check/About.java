package firmperch.check;

import firmperch.units.Quantity;

/**
 * What does not change about a check.
 *
 * @param id in files, such as "friction"
 * @param question in the user's words, made with the subject's name and number ({@link firmperch.body.Noun#in})
 * @param unit of asked and available
 * @param scope which poses it is asked in
 * @param reserve true if a thing that just holds is called near; false where just enough is enough
 * @param weakness what happens where it is short, as in "… first"; made in the same way
 * @param formula in the letters of its source
 * @param source of the formula and of what is asked
 */
public record About(String id, Topic topic, String question, Quantity unit, Scope scope, boolean reserve,
        String weakness, String formula, String source) {
    /** Which poses a check is asked in. */
    public enum Scope {
        /** Over the whole travel of every joint; the worst pose counts. */
        EVERY_POSE,
        /** As the joints are set now. */
        SET_POSE,
        /** However the joints are set: it does not depend on them. */
        NO_POSE
    }
}

package firmperch.body;

/**
 * How a joint gives before anything slips.
 *
 * @param stiffness against turning about its axis, N·m/rad: 0 turns freely, infinity is stiff
 * @param slack how far it moves before it bears
 */
public record Give(double stiffness, Slack slack) {
    /** Stiff and without play. */
    public static final Give NONE = new Give(Double.POSITIVE_INFINITY, new Slack.None());

    /** Turns freely on its bolt, without play. */
    public static final Give TURNS = new Give(0, new Slack.None());

    /** How far a joint moves before it bears. */
    public sealed interface Slack {
        /** Not at all: pressed or glued. */
        record None() implements Slack {}

        /** A bolt in a hole wider by that much, m. */
        record Hole(double clearance) implements Slack {}

        /** A sleeve wider by that much than what it slides on, over the length that guides it, m: tilts by c/h. */
        record Guide(double clearance, double length) implements Slack {}
    }
}

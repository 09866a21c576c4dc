package firmperch.body;

/**
 * How far a joint yields before anything in it slips: on a spring about its axis, and through its play.
 *
 * @param rotational stiffness against turning about the joint's axis, N·m/rad: 0 turns freely, infinity is rigid. All other ways
 *     in which the joint could move are taken as rigid
 * @param slack how far it moves before it bears
 */
public record JointStiffness(double rotational, Slack slack) {
    /** Rigid and without play. */
    public static final JointStiffness RIGID = new JointStiffness(Double.POSITIVE_INFINITY, new Slack.None());

    /** Turns freely on its bolt, without play. */
    public static final JointStiffness PINNED = new JointStiffness(0, new Slack.None());

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

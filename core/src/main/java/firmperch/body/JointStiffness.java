package firmperch.body;

/**
 * How far a joint yields before anything in it slips: on a spring about its axis, on its bolt across that, and through its play. All other
 * ways in which it could move are taken as rigid.
 *
 * @param rotational stiffness against turning about the joint's axis, N·m/rad: 0 turns freely, infinity is rigid
 * @param bearing stiffness of its bolt against being pressed sideways into each bar that it goes through, N/m; infinity is rigid
 * @param slack how far it moves before it bears
 */
public record JointStiffness(Stiffness rotational, Stiffness bearing, Slack slack) {
    /** Rigid and without play. */
    public static final JointStiffness RIGID = new JointStiffness(Double.POSITIVE_INFINITY, new Slack.None());

    /** Turns freely on its bolt, without play. */
    public static final JointStiffness PINNED = new JointStiffness(0, new Slack.None());

    /** Of a rotational stiffness that is known, N·m/rad, and rigid else. */
    public JointStiffness(double rotational, Slack slack) {
        this(Stiffness.exactly(rotational, "as given"), Stiffness.RIGID, slack);
    }

    /** Gives about its axis, and is rigid else. */
    public static JointStiffness turning(Stiffness rotational) {
        return new JointStiffness(rotational, Stiffness.RIGID, new Slack.None());
    }

    /** How far a joint moves before it bears. */
    public sealed interface Slack {
        /** Not at all: pressed or glued. */
        record None() implements Slack {}

        /** A bolt in a hole wider by that much, m. */
        record Hole(double clearance) implements Slack {}

        /** A sleeve wider by that much than what it slides on, over the length that guides it, m: tilts by c/h. */
        record Guide(double clearance, double length) implements Slack {}

        /**
         * Wheels or balls that may lift by that much before they bear the other way, that far apart, m: tilts by c/b, but only where they do
         * not all bear the same way.
         */
        record Lift(double clearance, double base) implements Slack {}
    }
}

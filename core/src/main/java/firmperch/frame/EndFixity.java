package firmperch.frame;

/**
 * How a member's end is held to its node against rotation about the member's own axes, N·m/rad: 0 turns freely,
 * infinity is rigid.
 *
 * @param aboutX twist
 * @param aboutY bending in the member's x-z plane
 * @param aboutZ bending in the member's x-y plane
 */
public record EndFixity(double aboutX, double aboutY, double aboutZ) {
    private static final double INF = Double.POSITIVE_INFINITY;

    /** Held in every way. */
    public static final EndFixity RIGID = new EndFixity(INF, INF, INF);
    /** A hinge whose pin lies along the member's y axis. */
    public static final EndFixity HINGE_Y = new EndFixity(INF, 0, INF);

    public EndFixity {
        if (!(aboutX >= 0 && aboutY >= 0 && aboutZ >= 0)) {
            throw new IllegalArgumentException(
                    "fixity is a stiffness of 0 or more, not " + aboutX + ", " + aboutY + ", " + aboutZ);
        }
    }

    /** A hinge about y with a rotational spring, N·m/rad. */
    public static EndFixity springY(double stiffness) {
        return new EndFixity(INF, stiffness, INF);
    }
}

package firmperch.body;

/**
 * A chain of four bars in a plane, x to the right and z up: from a ground pivot A a first link to B, from a ground pivot D
 * a second link to C, and a coupler from B to C. Solved exactly, whatever the lengths: C lies where the circle about D
 * with the second link's length meets that about B with the coupler's, on the side on which it lies with the links level.
 *
 * @param groundX from A to D, m
 * @param groundZ from A to D, m
 * @param first length of the link from A, m
 * @param second length of the link from D, m
 * @param couplerX from B to C in the coupler's own axes, m
 * @param couplerZ from B to C in the coupler's own axes, m
 */
public record FourBar(double groundX, double groundZ, double first, double second, double couplerX,
        double couplerZ) {
    /** Two equal links and two equal spacings, straight up: the coupler keeps its angle. */
    public static FourBar level(double link, double spacing) {
        return new FourBar(0, spacing, link, link, 0, spacing);
    }

    /**
     * How it stands with the first link at an angle above level, rad.
     *
     * @param second angle of the second link above level, rad; NaN where the bars cannot meet
     * @param coupler turn of the coupler from its own axes, rad
     * @param secondRate how fast the second link turns with the first
     * @param couplerRate how fast the coupler turns with the first link
     */
    public record State(double second, double coupler, double secondRate, double couplerRate) {}

    /** How it stands with the first link at that angle, rad. */
    public State at(double angle) {
        if (level()) {
            return new State(angle, 0, 1, 0);
        }
        double bx = first * Math.cos(angle);
        double bz = first * Math.sin(angle);
        double span = Math.hypot(groundX - bx, groundZ - bz);
        double ux = (groundX - bx) / span;
        double uz = (groundZ - bz) / span;
        double bar = Math.hypot(couplerX, couplerZ);
        double along = (bar * bar - second * second + span * span) / (2 * span);
        double aside = Math.sqrt(bar * bar - along * along);
        // Two circles meet twice: the bars are not crossed where C lies nearer to where equal links would have it.
        double side = missed(bx + along * ux - aside * uz, bz + along * uz + aside * ux, angle) < missed(
                bx + along * ux + aside * uz, bz + along * uz - aside * ux, angle) ? 1 : -1;
        double cx = bx + along * ux - side * aside * uz;
        double cz = bz + along * uz + side * aside * ux;
        double turn = Math.atan2(cz - bz, cx - bx) - Math.atan2(couplerZ, couplerX);
        // C moves as part of the coupler and as part of the second link: ⊥B + t·⊥(C − B) = s·⊥(C − D).
        double det = cross(cx - bx, cz - bz, cx - groundX, cz - groundZ);
        double couplerRate = -cross(bx, bz, cx - groundX, cz - groundZ) / det;
        double secondRate = -cross(bx, bz, cx - bx, cz - bz) / det;
        return new State(Math.atan2(cz - groundZ, cx - groundX), Math.IEEEremainder(turn, 2 * Math.PI), secondRate,
                couplerRate);
    }

    /** True if its pairs are equal: the coupler keeps its angle. */
    public boolean level() {
        return first == second && groundX == couplerX && groundZ == couplerZ;
    }

    /** How fast the coupler turns with the first link at most between two angles: no more than a/(c·sin μ). */
    public double mostCouplerRate(double from, double to) {
        return level() ? 0 : first / (Math.hypot(couplerX, couplerZ) * leastTransmission(from, to));
    }

    /** How fast the second link turns with the first at most between two angles: no more than a/(d·sin μ). */
    public double mostSecondRate(double from, double to) {
        return level() ? 1 : first / (second * leastTransmission(from, to));
    }

    /**
     * Least sine of the transmission angle μ, between coupler and second link: by the law of cosines it follows from the
     * distance of B from D alone, which is greatest and least at the ends of the travel or where the first link lies along the
     * ground (Hartenberg and Denavit, <i>Kinematic Synthesis of Linkages</i>, ch. 10).
     */
    private double leastTransmission(double from, double to) {
        double ground = Math.hypot(groundX, groundZ);
        double along = Math.atan2(groundZ, groundX);
        double least = Math.min(transmission(from, ground, along), transmission(to, ground, along));
        for (double straight : new double[]{along - 2 * Math.PI, along - Math.PI, along, along + Math.PI}) {
            if (straight > from && straight < to) {
                least = Math.min(least, transmission(straight, ground, along));
            }
        }
        return least;
    }

    private double transmission(double angle, double ground, double along) {
        double bar = Math.hypot(couplerX, couplerZ);
        double span = first * first + ground * ground - 2 * first * ground * Math.cos(angle - along);
        double cosine = (bar * bar + second * second - span) / (2 * bar * second);
        return Math.sqrt(Math.max(0, 1 - cosine * cosine));
    }

    /** How far a meeting point lies from where equal links would have it, m. */
    private double missed(double x, double z, double angle) {
        return Math.hypot(x - groundX - second * Math.cos(angle), z - groundZ - second * Math.sin(angle));
    }

    private static double cross(double ax, double az, double bx, double bz) {
        return ax * bz - az * bx;
    }

    /** True if the bars can meet at every angle between two, tried at a hundred of them and both ends. */
    public boolean meets(double from, double to) {
        for (int i = 0; i <= 100; i++) {
            if (Double.isNaN(at(from + (to - from) * i / 100).second())) {
                return false;
            }
        }
        return true;
    }
}

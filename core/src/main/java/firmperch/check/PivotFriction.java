package firmperch.check;

import firmperch.rig.LevelArm;

/**
 * What a pivot holds by friction when it is tightened by hand.
 *
 * @param clampForce F = T/(K·d), N, with K = 0.20 for dry threads (Shigley, bolt torque)
 * @param effectiveRadius r_e = ⅔·(R_o³ − R_i³)/(R_o² − R_i²), m, for uniform pressure (Shigley, clutches)
 * @param moment M = n·μ·F·r_e of one pivot, N·m
 */
public record PivotFriction(double clampForce, double effectiveRadius, double moment) {
    /** K of T = K·F·d, dry. */
    public static final double NUT_FACTOR = 0.20;

    /** The friction of a pivot: hand torque (N·m), bolt, ring-shaped faces (outer and inner diameter, m), n faces, μ. */
    public static PivotFriction of(double torque, double boltDiameter, double outer, double inner, int faces,
            double friction) {
        double force = torque / (NUT_FACTOR * boltDiameter);
        double ro = outer / 2;
        double ri = inner / 2;
        double radius = 2.0 / 3 * (ro * ro * ro - ri * ri * ri) / (ro * ro - ri * ri);
        return new PivotFriction(force, radius, faces * friction * force * radius);
    }

    /** One tightened pivot of an arm; its faces are as wide as its washers, which press on them. */
    static PivotFriction of(LevelArm arm) {
        return of(arm.handTorque(), arm.boltSize().diameter(), arm.boltSize().washer(), arm.boltSize().hole(),
                arm.facesPerPivot(), arm.facePair().friction());
    }
}

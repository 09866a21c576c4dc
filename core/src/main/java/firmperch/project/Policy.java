package firmperch.project;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.FORCE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.MASS;
import static firmperch.units.Quantity.NUMBER;
import static firmperch.units.Quantity.PICTURE_SCALE;
import static firmperch.units.Require.between;

import firmperch.units.Quantity;

/**
 * What is asked of every perch; the user may change each. SI.
 *
 * @param lean angle it must lean before it goes, rad
 * @param pushShare sideways push it must take, as a share of its weight
 * @param pushMost but no more than this, N
 * @param pushHeight the push is at its top, but no higher than this, m
 * @param slope of an ordinary floor, rad
 * @param proof how many times the gear is hung on to prove it
 * @param slip how many times the load a friction joint must hold
 * @param sag of the camera, m
 * @param tilt of the camera under load, rad
 * @param rock of the carriage in its clearance, rad
 * @param fold kept between the arm's stops and the angle at which its links break out, rad
 * @param person who steps on a corner, kg
 * @param lift one person lifts, kg
 * @param scale picture elements per m of the work plane
 * @param overshoot how far the camera may stand off the middle of the shot, m
 * @param gap to the ceiling and the bench, m
 * @param near margin under which a thing that holds is called near
 */
public record Policy(double lean, double pushShare, double pushMost, double pushHeight, double slope, double proof,
        double slip, double sag, double tilt, double rock, double fold, double person, double lift, double scale,
        double overshoot, double gap, double near) {
    /** Where each threshold comes from; the ones not named are our own judgement of common practice. */
    public static final String SOURCE_LEAN = "IEC 62368-1 cl. 8.6, IEC 60601-1 cl. 9.4 (10°), from memory";
    public static final String SOURCE_PUSH = "IEC 62368-1 (20 % of the weight, at most 250 N, at 1.5 m or less), from memory";
    public static final String SOURCE_LIFT = "NIOSH lifting equation, load constant 23 kg";

    /** What is asked where the user has not changed it. */
    public static final Policy STANDARD = new Policy(Math.toRadians(10), 0.20, 250, 1.5, Math.toRadians(5), 4, 1.5,
            0.003, Math.toRadians(1), Math.toRadians(0.5), Math.toRadians(15), 100, 23, 2000, 0.02, 0.05, 1.25);

    public Policy {
        between("Lean wanted", lean, Math.toRadians(1), Math.toRadians(45), ANGLE);
        between("Push wanted, of the weight", pushShare, 0.01, 1, NUMBER);
        between("Push wanted, at most", pushMost, 1, 5000, FORCE);
        between("Push height, at most", pushHeight, 0.1, 3, LENGTH);
        between("Slope of an ordinary floor", slope, 0, Math.toRadians(30), ANGLE);
        between("Times the gear hung on", proof, 1, 20, NUMBER);
        between("Times the load before slip", slip, 1, 10, NUMBER);
        between("Sag allowed", sag, 1e-4, 0.2, LENGTH);
        between("Tilt allowed", tilt, Math.toRadians(0.05), Math.toRadians(20), ANGLE);
        between("Rock allowed", rock, Math.toRadians(0.05), Math.toRadians(20), ANGLE);
        between("Kept from folding", fold, 0, Math.toRadians(60), ANGLE);
        between("Person on a corner", person, 0, 300, MASS);
        between("Lift of one person", lift, 1, 100, MASS);
        between("Picture scale wanted", scale, 10, 1e6, PICTURE_SCALE);
        between("Off the middle, at most", overshoot, 0.001, 1, LENGTH);
        between("Gap to ceiling and bench", gap, 0.001, 1, LENGTH);
        between("Called near under", near, 1, 3, Quantity.NUMBER);
    }
}

package firmperch.part.head;

import firmperch.body.JointStiffness;
import firmperch.body.Stiffness;

/**
 * How far a head gives about its tilt before it slips.
 *
 * <p>Left out: what it gives about its pan and its third axis, about which gravity does not turn it.
 */
final class HeadStiffness {
    /** Turn at which a head slips, rad: a bit more than half a degree. Our own judgement. */
    private static final double SLIPS_AT = 0.01;
    private static final String BASIS = "heads";

    private HeadStiffness() {
    }

    /** Of a head that holds that torque, N·m. */
    static JointStiffness of(double torque) {
        return torque > 0 ? JointStiffness.turning(Stiffness.judged(torque / SLIPS_AT, BASIS)) : JointStiffness.RIGID;
    }
}

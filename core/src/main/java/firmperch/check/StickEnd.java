package firmperch.check;

import firmperch.frame.FrameSolver;
import firmperch.pose.PosedRig;
import firmperch.rig.LevelArm;
import firmperch.stock.Material;

/**
 * What the end of one stick takes along the grain before it breaks out at its pivot hole, N: the least of shear-out
 * 2·e·t·f_v, bearing d·t·f_b and net section (w − d_hole)·t·f_t (mechanics of bolted timber; strengths of EN 338).
 */
public record StickEnd(double shearOut, double bearing, double netSection) {
    /** The strength of a rectangular stick's end: all in m. */
    public static StickEnd of(Material material, double depth, double thickness, double endDistance, double bolt,
            double hole) {
        return new StickEnd(2 * endDistance * thickness * material.allowedShearing(),
                bolt * thickness * material.allowedBearing(bolt),
                (depth - hole) * thickness * material.allowedTension());
    }

    static StickEnd of(LevelArm arm) {
        return of(arm.stickMaterial(), arm.stickDepth(), arm.stickThickness(), arm.endDistance(),
                arm.boltSize().diameter(), arm.boltSize().hole());
    }

    /** The least of the three. */
    public double strength() {
        return Math.min(shearOut, Math.min(bearing, netSection));
    }

    /**
     * Pull on one stick's end with the arm at that angle, N. The overhang of the end load is a couple W·b that runs along
     * the links as ±W·b/s, s = a·cos θ being the distance between the link lines; the load's own part along the links,
     * W·|sin θ|, is counted on one link in full, as either may be the tightened one that takes it.
     */
    static double pull(PosedRig posed, double angle) {
        LevelArm arm = posed.arm();
        double weight = posed.endMass() * FrameSolver.GRAVITY;
        double couple = weight * Math.abs(posed.endLever()) / (arm.plateSpacing() * Math.cos(angle));
        return (couple + weight * Math.abs(Math.sin(angle))) / arm.sticksPerLink();
    }

    /** The angle from level at which the pull reaches the strength, rad, at most a right angle. */
    static double breakingAngle(PosedRig posed) {
        double strength = of(posed.arm()).strength();
        double low = 0;
        double high = Math.PI / 2;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (pull(posed, middle) < strength) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}

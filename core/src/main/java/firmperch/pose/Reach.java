package firmperch.pose;

import firmperch.frame.Vec3;
import firmperch.rig.Freedom;
import firmperch.rig.LevelArm;
import firmperch.rig.Rig;

/** Inverse kinematics: how to set the joints so that the camera comes to a place. */
public final class Reach {
    private Reach() {
    }

    /**
     * The pose nearest to the given one that has the sensor at that height: the arm lifts within its stops; where that is
     * not enough, the carriage goes to the nearest pin hole from which it is, or comes closest.
     *
     * @param height of the sensor above the floor, m
     */
    public static Pose toHeight(Rig rig, Pose from, double height) {
        Freedom pins = rig.freedoms().get(rig.indexOf(Rig.PIN));
        double now = from.get(rig, Rig.PIN);
        Pose best = null;
        double least = Double.POSITIVE_INFINITY;
        for (double pin = pins.from(); pin <= pins.to(); pin++) {
            Pose candidate = lifted(rig, from.with(rig, Rig.PIN, pin), height);
            double miss = Math.abs(PosedRig.of(rig, candidate).sensor().z() - height);
            double cost = Math.max(miss, 0.0005) + 1e-6 * Math.abs(pin - now);
            if (cost < least) {
                least = cost;
                best = candidate;
            }
        }
        return best;
    }

    private static Pose lifted(Rig rig, Pose from, double height) {
        PosedRig level = PosedRig.of(rig, from.with(rig, Rig.LIFT, 0));
        double rise = height - level.sensor().z() + riseAt(level);
        LevelArm arm = level.arm();
        return from.with(rig, Rig.LIFT, Math.asin(Math.clamp(rise / arm.linkLength(), -1, 1)));
    }

    /** Rise of the outer pivots over the inner in that pose, m: not zero where level lies outside the stops. */
    private static double riseAt(PosedRig posed) {
        return posed.outerMiddle().z() - posed.innerMiddle().z();
    }

    /** The pose with the arm swung toward a point in the perch's own axes. */
    public static Pose toward(Rig rig, Pose from, Vec3 point) {
        return point.radius() < 1e-9 ? from : from.with(rig, Rig.SWING, Math.atan2(point.y(), point.x()));
    }
}

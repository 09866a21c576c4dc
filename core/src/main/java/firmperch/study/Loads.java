package firmperch.study;

import firmperch.body.Joint;
import firmperch.body.Station;
import firmperch.body.Vec3;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import firmperch.pose.Wrench;
import firmperch.units.Gravity;

/**
 * What the freedoms of a posed rig feel with each {@link Loading}: the camera off, the gear on, all that can hang there. Rigid statics; in a cell of poses what is
 * said to be held is the most of it.
 */
public final class Loads {
    private final Posed posed;
    private final CellBounds cell;

    /** @param cell of poses around it; null for the one */
    Loads(Posed posed, CellBounds cell) {
        this.posed = posed;
        this.cell = cell;
    }

    /** Which loading makes what holds a freedom hold most. */
    public Loading hardest(int freedom) {
        Loading hardest = Loading.SPARE;
        for (Loading loading : Loading.values()) {
            if (Math.abs(slope(freedom, loading)) > Math.abs(slope(freedom, hardest)) * (1 + 1e-9)) {
                hardest = loading;
            }
        }
        return hardest;
    }

    /** |∂V/∂q| of a freedom with whichever loading is hardest: what holds it must hold, N·m or N. */
    public double potentialSlope(int freedom) {
        return Math.abs(slope(freedom, hardest(freedom))) + (cell == null ? 0 : cell.slope(freedom));
    }

    /** ∂V/∂q of a freedom in this pose, N·m or N: positive where gravity and springs drive it back. */
    public double slope(int freedom, Loading loading) {
        double off = off(loading);
        return posed.potentialSlope(freedom)
                - (off > 0 ? off * Gravity.STANDARD * posed.velocity(payload().body(), hangs(), freedom).z() : 0);
    }

    /** Σ m·v² of all that moves for each unit of a freedom, kg·m² or kg. */
    public double inertia(int freedom, Loading loading) {
        double speed = posed.velocity(payload().body(), hangs(), freedom).length();
        return posed.inertia(freedom) - off(loading) * speed * speed;
    }

    /** Force and moment, about a joint, from everything beyond it, with what hangs at the camera then. */
    public Wrench onto(Joint joint, Loading loading) {
        Vec3 less = new Vec3(0, 0, off(loading) * Gravity.STANDARD);
        return posed.onto(joint).plus(new Wrench(less, hangs().minus(posed.at(joint)).cross(less)));
    }

    private Station payload() {
        return posed.rig().assembly().payload();
    }

    /** Where the weight of all that hangs at the camera acts. */
    Vec3 hangs() {
        return posed.centreFrom(payload());
    }

    /** What is not there of all that can hang at the camera, kg. */
    double off(Loading loading) {
        return switch (loading) {
            case BARE -> posed.massFrom(payload());
            case GEAR -> posed.rig().spare();
            case SPARE -> 0;
        };
    }
}

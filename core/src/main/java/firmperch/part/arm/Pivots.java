package firmperch.part.arm;

import firmperch.body.Hold;
import firmperch.body.JointStiffness;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.units.Quantity;

/**
 * The four pivots of a level-keeping arm.
 *
 * @param faces rubbing faces in one pivot
 * @param pair what they are
 * @param closure on the tightened pivots
 * @param torque what the hand gets onto it, N·m
 * @param tightened how many of the four have the closure; the others turn freely on lock nuts
 * @param measured stiffness of one tightened pivot as it was measured, N·m/rad; 0 where it was not
 */
public record Pivots(Bolt bolt, int faces, FacePair pair, Closure closure, double torque, int tightened,
        double measured) implements Described {
    public static final Params<Pivots> PARAMS = Params.of(Pivots.class).choice("bolt", "Pivot bolts", Bolt.ALL).varied()
            .whole("faces", "Rubbing faces in a pivot", 1, 12).varied().choice("pair", "Faces", FacePair.ALL).varied()
            .choice("closure", "Closed by", Closure.ALL).varied().bringing("torque", Closure.class, Closure::torque)
            .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).judged()
            .help("Choosing a closure brings what a hand gets with it, no more than bolt and wood bear.")
            .whole("tightened", "Tightened pivots", 1, 4)
            .varied().measure("measured", "Measured stiffness of a pivot", Quantity.ROTATIONAL_STIFFNESS, 0, 1e6)
            .orElse(0.0)
            .help("0: worked out from faces, washers and wood, with its range. What was measured replaces that.")
            .done();

    /** Pivots of a level-keeping arm. */
    static final int COUNT = 4;

    public Pivots {
        PARAMS.check(bolt, faces, pair, closure, torque, tightened, measured);
    }

    @Override
    public Params<Pivots> params() {
        return PARAMS;
    }

    /** The same, tightened no further than bolt and wood bear, where another closure or bolt has been chosen than before. */
    Pivots fitting(Pivots before, Material pressed) {
        if (closure.equals(before.closure) && bolt.equals(before.bolt)
                || !(hold(0, pressed) instanceof Hold.Friction friction)) {
            return this;
        }
        return new Pivots(bolt, faces, pair, closure, Math.min(torque, friction.tightest()), tightened, measured);
    }

    /** How pivot number i is held, its washers pressing on that material. */
    Hold hold(int i, Material pressed) {
        return i < tightened
                ? new Hold.Friction(faces, pair, bolt.washer(), bolt.hole(), bolt, closure, torque, pressed)
                : new Hold.Free();
    }

    /** How pivot number i gives, the sticks lying on plates of that material and thickness, m. */
    JointStiffness stiffness(int i, Links links, Material plate, double thickness) {
        return PivotStiffness.of(this, i < tightened, links, plate, thickness);
    }
}

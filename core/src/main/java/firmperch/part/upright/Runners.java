package firmperch.part.upright;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.JointStiffness;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * Two sets of bearings around a pair of tubes, and a brake: six bearings, each with one against it so that it may press or pull.
 *
 * @param apart between the two sets, m
 * @param plate thickness of the plates that they sit on, m
 * @param rating what one bearing may carry, kg
 * @param slack how far it moves in its bearings, m
 * @param torque what a hand gets onto the brake, N·m
 */
public record Runners(double apart, double plate, double rating, double slack, FacePair pair, Closure closure,
        double torque) implements Described {
    public static final Params<Runners> PARAMS = Params.of(Runners.class)
            .length("apart", "Between the bearings", 0.05, 0.8)
            .varied(0.02).length("plate", "Thickness of the plates", 0.003, 0.03)
            .mass("rating", "Rating of a bearing", 1, 500).varied(10)
            .length("slack", "Play in the bearings", 0, 0.003).judged().varied(0.0001)
            .help("Set by eccentric bolts: none is too tight to run, more rocks.")
            .choice("pair", "Brake on the tube", FacePair.ALL)
            .varied().choice("closure", "Brake closed by", Closure.ALL).varied()
            .bringing("torque", Closure.class, c -> Math.min(c.torque(), Hold.Friction.tightest(Bolt.ALL.get("m8"))))
            .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).judged().done();

    /** From the back of a mast to a rope that runs down behind it, m. */
    static final double ROPE = 0.015;
    private static final double BEARING = 0.022;
    private static final double WIDE = 0.007;
    /** A ball bearing 8 × 22 × 7, kg (its makers). */
    private static final double MASS = 0.012;
    /** Bearings to the plates beside them, m. */
    private static final double PAST = 0.012;
    /** Mean diameter and wall of an aluminium spacer tube; leg and width of a bearing's bracket of 2 mm steel, m. */
    private static final double SPACER = 0.0105;
    private static final double SPACER_WALL = 0.0015;
    private static final double ANGLE = 0.03;
    private static final double ANGLE_WIDE = 0.02;
    /** Length of an eccentric bolt, m. */
    private static final double ECCENTRIC = 0.03;
    /** Middle of a bearing's bracket to each of its bolts, and their holes, m. */
    private static final double BRACKET = 0.012;
    private static final double BRACKET_HOLE = 0.0053;

    public Runners {
        PARAMS.check(apart, plate, rating, slack, pair, closure, torque);
    }

    @Override
    public Params<Runners> params() {
        return PARAMS;
    }

    /** How far two tubes corner to corner reach from their middle, m. */
    public static double reach(Port.Track track) {
        Vec3 first = track.bars().getFirst().at().origin();
        Vec3 second = track.bars().getLast().at().origin();
        return second.minus(first).length() / 2 / Math.sqrt(2) + track.section().depth() / 2;
    }

    /** What the plates are cut from. */
    public Material material() {
        return Material.ALL.get("aluminium-6060-t66");
    }

    public JointStiffness stiffness() {
        return new JointStiffness(Double.POSITIVE_INFINITY,
                slack > 0 ? new JointStiffness.Slack.Guide(slack, apart) : new JointStiffness.Slack.None());
    }

    /** A pad pressed on the tube. */
    public Hold brake() {
        Bolt bolt = Bolt.ALL.get("m8");
        return new Hold.Friction(2, pair, bolt.washer(), bolt.hole(), bolt, closure, torque, null);
    }

    /** Middles of the bearings: at either end one from the side and two from the front or above, that far from the middle, m. */
    public List<Hold.Roller> rollers(Vec3 along, double out) {
        List<Hold.Roller> rollers = new ArrayList<>();
        double holds = rating * Gravity.STANDARD;
        Vec3 side = Vec3.Y;
        Vec3 front = along.cross(side);
        for (int end = -1; end <= 1; end += 2) {
            Vec3 at = along.times(end * apart / 2);
            rollers.add(new Hold.Roller(at.plus(side.times(out)), side.times(-1), holds, holds));
            for (int beside = -1; beside <= 1; beside += 2) {
                rollers.add(
                        new Hold.Roller(at.plus(front.times(out)).plus(side.times(beside * out / 2)), front.times(-1),
                                holds, holds));
            }
        }
        return rollers;
    }

    /**
     * What is drilled into a plate beside the tubes, in its own axes.
     *
     * @param upright true if it runs along the plate's y, false if along its x
     * @param across from the middle to the bearings' bolts, m
     */
    public List<Hole> plateHoles(boolean upright, double across) {
        List<Hole> holes = new ArrayList<>();
        double half = apart / 2;
        double bolt = Bolt.ALL.get("m8").hole();
        for (int end = -1; end <= 1; end += 2) {
            for (int side = -1; side <= 1; side += 2) {
                holes.add(hole(upright, end * half, side * across, bolt, "eccentric bolts of the bearings"));
                holes.add(hole(upright, end * half / 2, side * across, bolt, "bolts with spacer tubes"));
                holes.add(hole(upright, end * half, side * BRACKET, BRACKET_HOLE, "brackets of the other bearings"));
            }
        }
        holes.add(hole(upright, 0, 0, bolt, "brake"));
        return holes;
    }

    private Hole hole(boolean upright, double along, double across, double diameter, String purpose) {
        return new Hole(new Vec3(upright ? across : along, upright ? along : across, -plate / 2), Vec3.UP, diameter,
                purpose, "both plates clamped together");
    }

    /**
     * Each bearing and the one against it, on a body, and what else is bought.
     *
     * @param along the way it runs, in the body's axes
     * @param reach from the middle to the bearings, m
     * @param bars what the bearings run on
     */
    public void making(Builder out, Body body, Vec3 along, double reach, List<Piece> bars, String use) {
        for (Hold.Roller roller : rollers(along, reach)) {
            for (int way = 1; way >= -1; way -= 2) {
                Vec3 at = roller.at().minus(roller.normal().times(way > 0 ? 0 : -2 * reach));
                Vec3 axle = along.cross(roller.normal());
                Piece bearing = out.add(body, Piece
                        .ready("Bearing", new Solid.Bought(Solid.Round.cylinder(BEARING, 0.008, WIDE),
                                MASS + HexBolt.ALL.get("m8").set(ECCENTRIC, 1)),
                                new Supply.Ready("Ball bearing 8 × 22 × 7 on an eccentric bolt, rated "
                                        + out.show(Quantity.MASS, rating), 1.6, use))
                        .at(new Placement(at.minus(axle.times(WIDE / 2)), along, axle.cross(along), axle)));
                out.nested(List.of(bearing), bars);
            }
        }
        HexBolt m8 = HexBolt.ALL.get("m8");
        Vec3 side = Vec3.Y.times(reach);
        out.fit(body, side, 1, new Fitting(closure.label() + " M8 with a brake pad", closure.mass() + m8.bolt(0.05),
                closure.price() + 1), "brake of the " + use);
        double between = Math.ceil((2 * (reach + PAST + plate) + 0.012) * 200) / 200;
        double spacer = material().density() * Math.PI * SPACER * SPACER_WALL * 2 * (reach + PAST);
        for (int end = -1; end <= 1; end += 2) {
            out.fit(body, along.times(end * apart / 4), 2, new Fitting("Bolt M8 × " + out.length(between)
                    + " with spacer tube and lock nut", m8.set(between, 0) + spacer, 0.9), "plates of the " + use);
            out.fit(body, along.times(end * apart / 2), 2, new Fitting("Angle bracket for a bearing with two bolts M5",
                    Material.steel().density() * 2 * ANGLE * ANGLE_WIDE * 0.002
                            + 2 * HexBolt.ALL.get("m5").set(0.02, 0),
                    1.2),
                    "plates of the " + use);
        }
    }
}

package firmperch.part.balance;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * A bag of sand that hangs from a hook, plumb however what carries it is turned. It hangs still: that it swings when the rig is moved is left out (a
 * bag that may swing adds at most its weight times the tangent of how far it swings, at the height of its hook), so it is to touch the floor or be
 * strapped. The hook is taken as strong as a usual one for 25 kg.
 *
 * @param mass kg
 * @param drop from the hook to the bag's top, m
 */
public record HungBag(double mass, double drop) implements Part {
    public static final Params<HungBag> PARAMS = Params.of(HungBag.class).mass("mass", "Sand in the bag", 0.5, 25)
            .varied(0.5).length("drop", "Hangs below its hook by", 0.05, 1.5).done();
    /** Sand as it is poured, kg/m³; width to thickness to height of a full bag; price of a bag and of a kilogram: common practice, no source. */
    private static final double SAND = 1600;
    private static final double THICK = 0.5;
    private static final double HIGH = 1.3;
    private static final double BAG = 4;
    private static final double KILOGRAM = 0.15;

    public HungBag {
        PARAMS.check(mass, drop);
    }

    @Override
    public Params<HungBag> params() {
        return PARAMS;
    }

    @Override
    public List<String> weights() {
        return List.of("mass");
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port hook = on.getFirst();
        hook.fitting("Bag of sand", Port.Eye.class, "a hook or an eye");
        Vec3 eye = hook.at().origin();
        Body plumb = plumb(out, hook.body(), eye);
        out.station("", "Bag of " + out.show(Quantity.MASS, mass), plumb, Vec3.ZERO, hook.station());
        out.joint("hook", "hook of the bag",
                new Joint.Side(hook.body(), eye, hook.piece() == null ? List.of() : List.of(hook.piece())),
                Joint.Side.of(plumb, Vec3.ZERO), null, Vec3.UP, new Hold.Fixed(), JointStiffness.RIGID);
        double wide = Math.cbrt(mass / (SAND * THICK * HIGH));
        out.add(plumb, Piece.ready("Bag", Solid.Bought.box(THICK * wide, wide, HIGH * wide, mass),
                new Supply.Ready("Bag with a strap, filled with " + out.show(Quantity.MASS, mass) + " of sand",
                        BAG + KILOGRAM * mass, "weighs it down").weighing())
                .at(Placement.at(0, 0, -drop - HIGH * wide / 2)));
        out.work("bag " + out.part(), "Hang the bag of " + out.show(Quantity.MASS, mass) + " on its hook.", List.of(),
                "", "Let a bag just touch the floor, or strap it: one that swings pulls sideways.");
    }

    /**
     * A body at a point of another that stays upright: each turn about an axis that lies on the way down to the place is undone, the last first.
     *
     * @throws InvalidValue if it is carried by what tilts as a four-bar does
     */
    private static Body plumb(Builder out, Body carrier, Vec3 at) {
        List<Motion.Turn> turns = new ArrayList<>();
        int tilts = 0;
        for (Body body = carrier; body != null; body = body.parent()) {
            if (body.motion() instanceof Motion.Linked && body.motion().most().turn() > 1e-9) {
                throw new InvalidValue("Bag of sand", "on what tilts as it is lifted",
                        "a hook on what keeps level, or turns about one axis");
            }
            if (body.motion() instanceof Motion.Turn turn) {
                turns.add(back(carrier, body, turn));
                // A swing about an upright axis need not be undone unless what carries it tilts.
                tilts = body.home().direction(turn.axis()).radius() > 1e-9 ? turns.size() : tilts;
            }
        }
        List<Motion.Turn> undone = turns.subList(0, tilts);
        Body plumb = out.body("plumb", carrier, Placement.at(at),
                undone.isEmpty() ? new Motion.Fixed() : undone.getFirst());
        for (int i = 1; i < undone.size(); i++) {
            plumb = out.body("plumb-" + (i + 1), plumb, Placement.HERE, undone.get(i));
        }
        return plumb;
    }

    /** The turn the other way, about the same axis as the carrier has it unmoved. */
    private static Motion.Turn back(Body carrier, Body body, Motion.Turn turn) {
        Freedom freedom = turn.freedom();
        Vec3 axis = carrier.home().inverse().of(body.home()).direction(turn.axis());
        return new Motion.Turn(freedom, axis.negated());
    }
}

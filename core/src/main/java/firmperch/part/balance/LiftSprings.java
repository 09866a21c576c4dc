package firmperch.part.balance;

import static firmperch.units.Quantity.FORCE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.STIFFNESS;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.units.InvalidValue;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * Two tension springs, one on each side of a level-keeping arm, from its upper pivot near by to its lower pivot at the far end: they lengthen as the arm
 * goes down, and so carry of its load what the pivots need not hold. They run from bolt end to bolt end on washers that turn.
 *
 * <p>They are taut wherever the arm may be, so a spring wound with pretension pulls as one without that is shorter by pretension over rate. Half of them
 * moves with each end. How their eyes bend the ends of the pivots' bolts is asked. Left out: the room that they take beside the sticks.
 *
 * @param rate of each, N/m
 * @param length of each unloaded, hook to hook, m
 * @param pretension of each: with how much it begins to open, N
 * @param longest that each may be pulled, hook to hook, m
 */
public record LiftSprings(double rate, double length, double pretension, double longest) implements Part {
    public static final Params<LiftSprings> PARAMS = Params.of(LiftSprings.class)
            .measure("rate", "Rate of each spring", STIFFNESS, 50, 20000).varied(50)
            .help("N/mm as its maker gives it: how much more it pulls for each millimetre.")
            .length("length", "Unloaded, hook to hook", 0.05, 2).varied(0.01)
            .measure("pretension", "Begins to open at", FORCE, 0, 500)
            .help("0 N for a spring that is wound open.")
            .length("longest", "May be pulled to", 0.06, 4).varied(0.05).done();
    /** Shear modulus of spring wire, and shear in it at its longest, N/m²: patented wire, EN 10270-1 and EN 13906-2, from memory. */
    private static final double SHEAR = 81.5e9;
    private static final double STRESS = 700e6;
    private static final double STEEL = 7850;
    /** Hooks, as a share of the coils; price of a spring and of a kilogram of it: common practice, no source. */
    private static final double HOOKS = 1.15;
    private static final double EACH = 5;
    private static final double KILOGRAM = 30;
    private static final int PAIR = 2;
    /** From the nut to the middle of an eye, m: a washer and half a hook, our own judgement; and so much longer are the bolts at each end. */
    private static final double OUT = 0.01;
    private static final double LONGER = 0.05;
    private static final String WHO = "Springs along an arm";

    public LiftSprings {
        PARAMS.check(rate, length, pretension, longest);
        Require.that(longest > length, "May be pulled to", longest, LENGTH,
                "more than its length unloaded, " + LENGTH.show(length, UnitSystem.METRIC));
        Require.that(pretension <= rate * length, "Begins to open at", pretension, FORCE,
                "at most its rate times its length unloaded, " + FORCE.show(rate * length, UnitSystem.METRIC));
    }

    @Override
    public Params<LiftSprings> params() {
        return PARAMS;
    }

    @Override
    public List<String> eases() {
        return List.of("rate");
    }

    /** Mass of one, kg: of the wire that takes up the work of pulling it to its longest, ½·F²/R = V·τ²/(4·G). */
    double mass() {
        double most = pretension + rate * (longest - length);
        return STEEL * HOOKS * 4 * SHEAR * (most * most / (2 * rate)) / (STRESS * STRESS);
    }

    @Override
    public void build(Builder out, List<Port> on) {
        if (on.size() != PAIR) {
            throw new InvalidValue(WHO, "on " + on.size() + " pivots", "two of one arm");
        }
        Port near = on.getFirst();
        Port far = on.getLast();
        Bolt bolt = near.fitting(WHO, Port.Pivot.class, "the pivots of an arm").bolt();
        far.fitting(WHO, Port.Pivot.class, "the pivots of an arm");
        if (far.body().parent() != near.body() || !(far.body().motion() instanceof Motion.Linked arm)) {
            throw new InvalidValue(WHO, "between pivots that are not of one arm",
                    "its upper pivot near by, and the lower one at its end");
        }
        double up = apart(near, far, arm.freedom().to());
        double down = apart(near, far, arm.freedom().from());
        Require.that(length <= Math.min(up, down), "Unloaded, hook to hook", length, LENGTH,
                "at most as long as they are at the arm's stop, " + LENGTH.show(Math.min(up, down), UnitSystem.METRIC)
                        + ", so that they never hang slack");
        String called = "Springs of " + out.show(STIFFNESS, rate);
        out.station("", called, near.body(), near.at().origin(), near.station());
        out.tie(new Tie.Spring(out.id("springs"), "pair of springs", out.station(),
                List.of(new Tie.Hook(near.body(), near.at().origin()), new Tie.Hook(far.body(), far.at().origin())),
                PAIR * rate, length - pretension / rate, longest, new Tie.Spring.Eyes(bolt, PAIR, OUT)));
        Fitting spring = new Fitting("Tension spring " + out.show(STIFFNESS, rate) + ", " + out.length(length)
                + " long unloaded, to be pulled to " + out.length(longest), mass(), EACH + KILOGRAM * mass());
        // Of two springs half is at either end: as much as one.
        out.fit(near.body(), near.at().origin(), 1, spring, "carry the arm");
        out.fit(far.body(), far.at().origin(), 1, spring, "carry the arm");
        Fitting nut = new Fitting("Lock nut " + bolt.label(), HexBolt.of(bolt).nut(), 0.2);
        out.fit(near.body(), near.at().origin(), PAIR, nut, "keep the springs' eyes on the pivots' bolts");
        out.fit(far.body(), far.at().origin(), PAIR, nut, "keep the springs' eyes on the pivots' bolts");
        out.work("springs " + out.part(),
                "Take the bolts of these pivots " + out.length(LONGER)
                        + " longer. Hook the springs on with the arm at its highest, where they are shortest: from the upper pivots near by to the lower ones at its end; "
                        + "a lock nut keeps each eye on, loose enough to turn.",
                List.of("arm"), "",
                "Goggles. With the camera off they throw the arm up: lock it first, and keep fingers from between the links.");
    }

    /** From hook to hook with the arm set so, m. */
    private static double apart(Port near, Port far, double setting) {
        Body end = far.body();
        Placement moved = end.at().of(end.motion().at(setting));
        Vec3 hook = moved.point(far.at().origin());
        return hook.minus(near.at().origin()).length();
    }
}

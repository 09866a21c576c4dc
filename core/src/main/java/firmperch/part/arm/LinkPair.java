package firmperch.part.arm;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.FourBar;
import firmperch.body.Freedom;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * The moving half of every level-keeping arm: two equal links between a pair of holes, one straight above the other, and the
 * plate at their ends, which keeps the way it looks.
 *
 * @param plate what the plates are cut from
 * @param thickness of the plates, m
 */
record LinkPair(Links links, Pivots pivots, Stops stops, Material plate, double thickness) {
    private static final Vec3 ASIDE = Vec3.Y;
    private static final Vec3 UPWARD = Vec3.Y.negated();
    private static final double STOP = 0.05;
    /** A plywood washer plate of 40 × 40 × 4 mm, kg. */
    private static final double WASHER = 0.0045;
    private static final String TOGETHER = "all sticks clamped together";

    LinkPair {
        double hole = pivots.bolt().hole();
        Require.that(links.end() > hole / 2, "Hole to end of the stick", links.end(), Quantity.LENGTH,
                "more than half the hole, so that the hole lies in the stick");
        Require.that(links.depth() > hole * 1.5, "Sticks, upright", links.depth(), Quantity.LENGTH,
                "more than 1½ times the hole of " + Quantity.LENGTH.show(hole, UnitSystem.METRIC));
    }

    /**
     * The place of the lower hole on a pair that is there already.
     *
     * @throws firmperch.units.InvalidValue if the holes are not as far apart as the links
     */
    Placement foot(Port on, Port.Pair holes) {
        Require.that(Math.abs(holes.spacing() - links.spacing()) < 1e-6, "Hole spacing on the plates", links.spacing(),
                Quantity.LENGTH, "as on the plate that it hangs on, "
                        + Quantity.LENGTH.show(holes.spacing(), UnitSystem.METRIC));
        return on.at().of(Placement.at(0, 0, -links.spacing() / 2));
    }

    /** The bodies that its freedom moves. */
    record Moving(Freedom lift, Body lower, Body upper, Body end) {}

    /** Adds the bodies on that one, the lower hole at the place given, x forward. */
    Moving bodies(Builder out, Body base, Placement foot) {
        Freedom lift = out.freedom("lift", "Arm angle", Freedom.Kind.HINGE, stops.low(), stops.high());
        FourBar law = FourBar.level(links.length(), links.spacing());
        return new Moving(lift, out.body("lower", base, foot, new Motion.Linked(lift, law, Motion.Bar.FIRST)),
                out.body("upper", base, foot, new Motion.Linked(lift, law, Motion.Bar.SECOND)),
                out.body("end", base, foot, new Motion.Linked(lift, law, Motion.Bar.COUPLER)));
    }

    /**
     * Pins the links between the two plates. Inner pivots are tightened first, as a maker would: lower inner, upper inner,
     * lower outer, upper outer.
     */
    void pin(Builder out, Body base, Placement foot, Moving moving, List<Piece> low, List<Piece> high) {
        Vec3 up = new Vec3(0, 0, links.spacing());
        Vec3 far = new Vec3(links.length(), 0, 0);
        Freedom lift = moving.lift;
        Vec3 axis = foot.direction(UPWARD);
        pivot(out, 0, "lower inner", Joint.Side.of(base, foot.origin()), new Joint.Side(moving.lower, Vec3.ZERO, low),
                lift,
                axis);
        pivot(out, 1, "upper inner", Joint.Side.of(base, foot.point(up)), new Joint.Side(moving.upper, Vec3.ZERO, high),
                lift, axis);
        pivot(out, 2, "lower outer", new Joint.Side(moving.lower, far, low), Joint.Side.of(moving.end, Vec3.ZERO), lift,
                UPWARD);
        pivot(out, 3, "upper outer", new Joint.Side(moving.upper, far, high), Joint.Side.of(moving.end, up), lift,
                UPWARD);
        // The diagonal that lengthens as the arm goes down.
        out.offer("near", new Port.Pivot(pivots.bolt()), base, Placement.at(foot.point(up)), null);
        out.offer("far", new Port.Pivot(pivots.bolt()), moving.end, Placement.HERE, null);
        out.measure("links.length", moving.lower, Vec3.ZERO, moving.lower, far);
        out.measure("links.spacing", moving.end, Vec3.ZERO, moving.end, up);
    }

    private void pivot(Builder out, int number, String name, Joint.Side inner, Joint.Side outer, Freedom lift,
            Vec3 axis) {
        out.joint(name.replace(' ', '-'), name + " pivot", inner, outer, lift, axis,
                pivots.hold(number, links.material()), pivots.stiffness(number, links, plate, thickness));
    }

    /** From the arm's middle to a stick's own middle, m; 0 for single sticks. */
    private double aside() {
        return links.count() == 2 ? (thickness + links.thickness()) / 2 : 0;
    }

    List<Piece> sticks(Builder out, Body link) {
        List<Piece> sticks = new ArrayList<>();
        double half = links.thickness() / 2;
        List<Hole> holes = List.of(hole(new Vec3(links.end(), -half, 0)),
                hole(new Vec3(links.end() + links.length(), -half, 0)));
        for (int i = 0; i < links.count(); i++) {
            sticks.add(out.add(link, Piece.cut("Stick", new Solid.Bar(links.section(), links.sawn()), links.material())
                    .at(Placement.at(-links.end(), i == 0 ? aside() : -aside(), 0)).drilled(holes)));
        }
        return sticks;
    }

    private Hole hole(Vec3 at) {
        return new Hole(at, ASIDE, pivots.bolt().hole(), "pivot bolt " + pivots.bolt().label(), TOGETHER);
    }

    List<Hole> plateHoles(double x) {
        return PivotHoles.pair(new Outline.Point(x, 0), 0, links.spacing(), thickness, pivots.bolt().label(),
                pivots.bolt().hole());
    }

    /** Height of a plate that takes both sticks, m. */
    double plateHeight() {
        return links.spacing() + 2 * links.depth();
    }

    /** The two bolts of one plate with their washers; nuts and knobs come with {@link #making}. */
    List<Piece> bolts(Builder out, Body body, Placement lower) {
        List<Piece> bolts = new ArrayList<>();
        double d = pivots.bolt().diameter();
        double length = links.count() * links.thickness() + thickness + 2 * 0.002 + 0.012;
        HexBolt hex = HexBolt.of(pivots.bolt());
        double mass = hex.bolt(length) + 2 * hex.washer();
        String item = "Bolt " + pivots.bolt().label() + " × " + out.length(Math.ceil((length + 0.004) * 200) / 200)
                + " with two wide washers Ø " + out.length(pivots.bolt().washer());
        Vec3 across = lower.direction(ASIDE);
        for (int i = 0; i < 2; i++) {
            Vec3 at = lower.point(new Vec3(0, 0, i * links.spacing())).minus(across.times(length / 2));
            bolts.add(out.add(body,
                    Piece.ready("Pivot bolt", new Solid.Bought(Solid.Round.cylinder(d, 0, length), mass),
                            new Supply.Ready(item, pivots.bolt().price() + 0.3, "arm pivots"))
                            .at(Placement.along(at, lower.direction(Vec3.X), across))));
        }
        return bolts;
    }

    /** The sticks lie against a plate, on its bolts. */
    static void nest(Builder out, List<Piece> sticks, Piece plate, List<Piece> bolts) {
        sticks.forEach(stick -> out.nested(stick, plate));
        out.nested(bolts, sticks);
    }

    /**
     * What closes the pivots, what stops them, and what is done for the links. Pivots are numbered as they are pinned: lower
     * inner, upper inner, lower outer, upper outer.
     *
     * @param near bolts of the inner plate, the lower first
     * @param far bolts of the outer plate
     */
    void making(Builder out, List<Piece> near, List<Piece> far, Body base, Placement foot) {
        Bolt bolt = pivots.bolt();
        Fitting closed = new Fitting(pivots.closure().label() + " " + bolt.label(), pivots.closure().mass(),
                pivots.closure().price());
        Fitting free = new Fitting("Lock nut " + bolt.label(), HexBolt.of(bolt).nut(), 0.2);
        Fitting washer = new Fitting("Plywood washer plate for a pivot", WASHER, 0.5);
        for (int i = 0; i < Pivots.COUNT; i++) {
            Piece on = (i < 2 ? near : far).get(i % 2);
            Vec3 at = on.mass().centre();
            boolean tightened = i < pivots.tightened();
            out.fit(on.body(), at, 1, tightened ? closed : free, tightened
                    ? "tightened pivots: inner ones first"
                    : "free pivots: snug, then a quarter turn back");
            // Each rubbing face beyond the two between sticks and plate takes a plate of its own.
            out.fit(on.body(), at, tightened ? Math.max(0, pivots.faces() - 2) : 0, washer,
                    "more rubbing faces");
        }
        out.fit(base, foot.point(new Vec3(0, 0, links.spacing() / 2)), 2,
                new Fitting("Stop bolt M6 × " + out.length(STOP) + " with nut", HexBolt.ALL.get("m6").set(STOP, 0),
                        0.5),
                "arm stops at " + out.show(Quantity.ANGLE, stops.low()) + " and "
                        + out.show(Quantity.ANGLE, stops.high()));
        out.work("cut", "Cut all wood. Clamp the sticks and drill them together; likewise the two plates.", List.of(),
                "", "Saw and drill: eye and ear protection, dust mask, work clamped down.");
    }
}

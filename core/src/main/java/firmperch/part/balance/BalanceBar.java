package firmperch.part.balance;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Fastening;
import firmperch.body.Hole;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Closure;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.PostStock;
import firmperch.stock.Washer;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * A tube across a head: the camera at its nose, whole washers on a bolt at its tail, and a row of holes to move the pivot.
 *
 * @param length of the tube, m
 * @param pivot from the tail's end to the hole that it sits on the head by, m
 * @param pitch from hole to hole, m
 * @param count washers at the tail
 */
public record BalanceBar(PostStock tube, double length, double pivot, double pitch, Washer washer, int count)
        implements
            Part {
    public static final Params<BalanceBar> PARAMS = Params.of(BalanceBar.class)
            .choice("tube", "Bar of", PostStock.BARS)
            .varied()
            .length("length", "Length of the bar", 0.3, 3).varied(0.05)
            .length("pivot", "Tail to the pivot hole", 0.05, 3)
            .varied(0.025).length("pitch", "Pivot holes every", 0.01, 0.2).choice("washer", "Washers", Washer.ALL)
            .varied()
            .whole("count", "Washers at the tail", 0, 60).varied().done();

    /** Holes to try, either side of the pivot. */
    private static final int HOLES = 3;
    private static final double BOLT = 0.008;
    private static final double HOLE = 0.0066;
    /** Mass of a plastic plug, kg: common practice, no source. */
    private static final double PLUG = 0.01;
    /** From the bar's end to the bolt of the washers and to the camera's plate, m. */
    private static final double END = 0.025;

    public BalanceBar {
        PARAMS.check(tube, length, pivot, pitch, washer, count);
        Require.that(pivot < length - 0.1, "Tail to the pivot hole", pivot, LENGTH,
                "at least 100 mm less than the bar, " + LENGTH.show(length, UnitSystem.METRIC));
    }

    @Override
    public Params<BalanceBar> params() {
        return PARAMS;
    }

    @Override
    public List<String> weights() {
        return List.of("count");
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port head = on.getFirst();
        head.fitting("Balanced bar", Port.Stud.class, "a head that carries it on top");
        double d = tube.section().depth();
        Body clamp = out.body("clamp", head.body(), head.at().of(Placement.at(0, 0, d / 2)), new Motion.Fixed());
        out.station("", "Balanced bar " + out.bare(length), clamp, Vec3.ZERO, head.station());
        Piece bar = out.add(clamp, Piece.cut("Bar", new Solid.Bar(tube.section(), length), tube.material())
                .from(new Supply.Cut(tube.pricePerMetre(), "plugs in both ends")).drilled(holes())
                .at(Placement.at(-pivot, 0, 0)));
        out.fasten("pivot", "bar on its head", bar, clamp, pivot, pivot, new Fastening.Grip.Fitted());
        Body tail = out.body("tail", clamp, Placement.at(END - pivot, 0, 0), new Motion.Fixed());
        out.clamped("tail", "tail of the bar", bar, END, tail);
        washers(out, tail, d);
        out.offer("hook", new Port.Eye(), clamp, Placement.at(END - pivot, 0, -d / 2), bar);
        Body nose = out.body("nose", clamp, Placement.at(length - pivot - END, 0, 0), new Motion.Fixed());
        out.clamped("nose", "nose of the bar", bar, length - END, nose);
        Motion.Turn tipped = head.body().motion() instanceof Motion.Turn turn ? turn : null;
        out.add(nose, Piece.ready("Bar clamp with stud", Solid.Bought.box(0.04, d + 0.012, d + 0.012, 0.12),
                new Supply.Ready((tube.section().round() ? "Tube clamp Ø " : "Clamp for square tube ") + out.length(d)
                        + " with a 3/8 in stud", 6, "nose of the bar")));
        out.offer("nose", new Port.Plate(0.006, tipped), nose, Placement.at(0, 0, -d / 2 - 0.006), null);
        out.measure("length", clamp, new Vec3(-pivot, 0, 0), clamp, new Vec3(length - pivot, 0, 0));
        out.measure("pivot", clamp, new Vec3(-pivot, 0, 0), clamp, Vec3.ZERO);
        Fitting plug = new Fitting("Plug for " + tube.label(), PLUG, 0.4);
        out.fit(tail, Vec3.X.times(-END), 1, plug, "ends of the bar");
        out.fit(nose, Vec3.X.times(END), 1, plug, "ends of the bar");
        making(out);
    }

    private List<Hole> holes() {
        double half = tube.section().depth() / 2;
        List<Hole> holes = new ArrayList<>();
        for (int i = -HOLES; i <= HOLES; i++) {
            double at = pivot + i * pitch;
            if (at > 3 * END && at < length - 3 * END) {
                holes.add(new Hole(new Vec3(at, 0, -half), Vec3.UP, HOLE, i == 0 ? "pivot, this one" : "pivot"));
            }
        }
        holes.add(new Hole(new Vec3(END, -half, 0), Vec3.Y, BOLT + 0.0004, "bolt of the washers"));
        return holes;
    }

    private void washers(Builder out, Body tail, double d) {
        double bolt = d + count * washer.thickness() + 0.03;
        out.add(tail, Piece.ready("Bolt of the washers", new Solid.Bought(Solid.Round.cylinder(BOLT, 0, bolt),
                HexBolt.ALL.get("m8").bolt(bolt) + Closure.ALL.get("wing-nut").mass()),
                new Supply.Ready("Bolt M8 × " + out.length(Math.ceil(bolt * 200) / 200) + " with wing nut", 2,
                        "tail of the bar"))
                .at(across(-bolt / 2)));
        // As many on one side as on the other, as nearly as whole washers can be.
        int left = count - count / 2;
        stack(out, tail, left, d / 2);
        stack(out, tail, count / 2, -d / 2 - count / 2 * washer.thickness());
    }

    private static Placement across(double from) {
        return new Placement(new Vec3(0, from, 0), Vec3.X, Vec3.DOWN, Vec3.Y);
    }

    private void stack(Builder out, Body tail, int number, double from) {
        for (int i = 0; i < number; i++) {
            out.add(tail, Piece.ready("Washer", new Solid.Bought(
                    Solid.Round.cylinder(washer.diameter(), 0, washer.thickness()), washer.mass()),
                    new Supply.Ready(washer.label(), washer.price(), "balance at the tail").weighing())
                    .at(across(from + i * washer.thickness())));
        }
    }

    private void making(Builder out) {

        out.work("bar",
                "Cut and drill the bar; sit it on the head by the hole " + out.length(pivot) + " from its tail.",
                List.of("head"), "", "Deburr the holes.");
        out.work("balance", "Hang the washers on: as drawn " + count + ", "
                + out.show(Quantity.MASS, count * washer.mass())
                + ". With the camera on, slacken the tilt with a hand under the bar: it must stay. Add or take one until it does, "
                + "then tighten.", List.of("bar"), "",
                "Hold the bar whenever something comes off either end: what is left swings.");
    }
}

package firmperch.part.balance;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Builder;
import firmperch.body.Fastening;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.PostStock;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A tube that sticks out behind what turns, with a hook at its end for weights: a counterweight to what the arm carries. It swings about with the
 * arm. The flange that holds it is taken as stiff; its bolts through the carriage are asked whether they hold.
 *
 * @param length from the carriage's back to the tube's end, m
 */
public record TailBar(PostStock tube, double length) implements Part {
    public static final Params<TailBar> PARAMS = Params.of(TailBar.class).choice("tube", "Tail of", PostStock.BARS)
            .varied().length("length", "Tail stands out", 0.1, 1.5).varied(0.05).done();
    /** From its end to the hook, m. */
    private static final double END = 0.03;
    /** Bolts of the flange, and the circle that they lie on, m: wide enough to pass a post's bore on both sides. */
    private static final int BOLTS = 4;
    private static final double CIRCLE = 0.09;
    /** From a bolt to the edge of the carriage, m: a little over twice its diameter. */
    private static final double EDGE = 0.018;
    /** Masses and prices of these, kg: common practice, no source. */
    private static final Fitting FLANGE = new Fitting("Flange for a tube, with four bolts M8 through the carriage",
            0.75, 12);
    private static final Fitting HOOK = new Fitting("Eye bolt M8 with nut", 0.06, 1.5);
    private static final Fitting PLUG = new Fitting("Plug for the tail", 0.01, 0.4);

    public TailBar {
        PARAMS.check(tube, length);
    }

    @Override
    public Params<TailBar> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port back = on.getFirst();
        Port.Back flat = back.fitting("Tail for a counterweight", Port.Back.class, "the back of a carriage");
        double d = tube.section().depth();
        double least = CIRCLE / Math.sqrt(2) + 2 * EDGE;
        Require.that(Math.min(flat.width(), flat.height()) >= least, "Back of the carriage",
                Math.min(flat.width(), flat.height()), LENGTH,
                "at least " + LENGTH.show(least, UnitSystem.METRIC) + " for the flange of a tail");
        out.station("", "Tail " + out.bare(length), back.body(), back.at().origin(), back.station());
        Vec3 away = back.at().direction(Vec3.UP);
        Piece bar = out.add(back.body(), Piece.cut("Tail", new Solid.Bar(tube.section(), length), tube.material())
                .from(new Supply.Cut(tube.pricePerMetre(), "plug in its end"))
                .at(Placement.along(back.at().origin(), away, Vec3.UP)));
        out.fasten("tail", "tail in its flange", bar, back.body(), 0, 0,
                new Fastening.Grip.Bolted(Bolt.ALL.get("m8"), BOLTS, CIRCLE, flat.material(), flat.thickness()));
        out.fit(back.body(), back.at().origin(), 1, FLANGE, "holds the tail");
        out.fit(bar, length - END, 1, HOOK, "weights on the tail");
        out.fit(bar, length, 1, PLUG, "end of the tail");
        out.offer("hook", new Port.Eye(), back.body(),
                Placement.at(bar.at().point(new Vec3(length - END, 0, -d / 2))), bar);
        out.measure("length", back.body(), back.at().origin(), back.body(),
                back.at().origin().plus(away.times(length)));
        out.work("tail", "Bolt the flange on the carriage's back, the tail into it, the eye bolt through its end.",
                List.of("cut", "block"), "", "It swings at the height of a head: wrap its end.");
    }
}

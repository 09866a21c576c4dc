package firmperch.part.overhead;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Builder;
import firmperch.body.Port;
import firmperch.body.Surface;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * Two box rails under a ceiling, across its joists, a lag screw into each joist that each rail crosses. Lengths in m.
 *
 * @param length of a rail
 * @param gauge between the middles of the rails
 */
public record CeilingRails(PostStock rail, double length, double gauge, JoistScrews screws) implements Part {
    public static final Params<CeilingRails> PARAMS = Params.of(CeilingRails.class)
            .choice("rail", "Rails", PostStock.RAILS)
            .varied().length("length", "Length of the rails", 0.6, 6).varied(0.1)
            .length("gauge", "Between the rails", 0.1, 3).varied(0.05)
            .group("screws", "Screws into the joists", JoistScrews.PARAMS).done();

    /** A lag screw in a joist, along it and across, N/m: common practice, no source. */
    private static final double STIFFNESS = 3e6;

    public CeilingRails {
        PARAMS.check(rail, length, gauge, screws);
        Require.that(length > screws.pitch() + 2 * OverheadRails.END, "Length of the rails", length, LENGTH,
                "enough to cross two joists, "
                        + LENGTH.show(screws.pitch() + 2 * OverheadRails.END, UnitSystem.METRIC));
    }

    @Override
    public Params<CeilingRails> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = OverheadRails.ceiling(on.getFirst(), "Ceiling rails", "a ceiling to screw them under");
        int joists = OverheadRails.fixings(length, screws.pitch());
        double holds = screws.holds(rail.section().wall());
        Fitting screw = new Fitting(screws.screw().label() + ", zinc", screws.screw().mass(), screws.screw().price());
        new OverheadRails(rail, length, gauge, joists, screws.pitch(), holds, STIFFNESS, "screw", false).build(out,
                on.getFirst(), surface, "Rails under the joists", screw, "rails to joists, each holds "
                        + out.show(Quantity.FORCE, holds) + " with a working factor of 5");
        out.work("rails",
                "Find the joists and mark their middles. Pre-drill, screw the rails up, stops in their ends, and hang "
                        + "your own weight on each before anything else.",
                List.of(), "",
                "Above people's heads: only into sound joists, never into lath or board alone; have a licensed person look at "
                        + "it. Local codes rule. Work from a platform, not a ladder; goggles.");
    }
}

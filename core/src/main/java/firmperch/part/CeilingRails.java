package firmperch.part;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.frame.FrameSolver;
import firmperch.param.Params;
import firmperch.stock.PostStock;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * Two box rails under a ceiling, across its joists, a lag screw into each joist that each rail crosses. Lengths in m.
 *
 * @param length of a rail
 * @param gauge between the middles of the rails
 */
public record CeilingRails(PostStock rail, double length, double gauge, JoistScrews screws) implements Part {
    static final Params<CeilingRails> PARAMS = Params.of(CeilingRails.class).choice("rail", "Rails", PostStock.RAILS)
            .varied().length("length", "Length of the rails", 0.6, 6).varied(0.1)
            .length("gauge", "Between the rails", 0.1, 3).varied(0.05)
            .group("screws", "Screws into the joists", JoistScrews.PARAMS).done();

    /** A rail's end to the nearest screw at least, and to the hanger inside, m. */
    private static final double END = 0.05;
    /** A lag screw in a joist, along it and across, N/m: common practice, no source. */
    private static final double STIFFNESS = 3e6;

    public CeilingRails {
        PARAMS.check(rail, length, gauge, screws);
        Require.that(length > screws.pitch() + 2 * END, "Length of the rails", length, LENGTH,
                "enough to cross two joists, " + LENGTH.show(screws.pitch() + 2 * END, UnitSystem.METRIC));
    }

    @Override
    public Params<CeilingRails> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().fitting("Ceiling rails", Port.Ground.class, "a ceiling").surface();
        if (surface != Surface.CEILING) {
            throw new InvalidValue("Ceiling rails", "on " + surface.words(), "a ceiling to screw them under");
        }
        Body body = out.body("rails", null, on.getFirst().at(), new Motion.Fixed());
        double side = rail.section().depth();
        Station station = out.station("", "Rails under the joists", body, new Vec3(0, 0, side / 2));
        int joists = (int) Math.floor((length - 2 * END) / screws.pitch()) + 1;
        double first = -(joists - 1) * screws.pitch() / 2;
        double holds = screws.holds(rail.section().wall());
        List<Piece> bars = new ArrayList<>();
        for (int number = 1; number >= -1; number -= 2) {
            // A box rail's slot looks down; these axes do too.
            Piece bar = out.add(body, Piece.cut("Rail", new Solid.Bar(rail.section(), length), rail.material())
                    .from(new Supply.Cut(rail.pricePerMetre(), "a hole for a screw at each joist, "
                            + out.length(screws.pitch()) + " apart, the outer ones " + out.length(length / 2 + first)
                            + " from the ends"))
                    .at(Placement.along(new Vec3(-length / 2, number * gauge / 2, side / 2), new Vec3(1, 0, 0),
                            new Vec3(0, 0, -1))));
            bars.add(bar);
            for (int i = 0; i < joists; i++) {
                out.contact(new Contact.Anchor(out.spot((number > 0 ? "left" : "right") + " screw " + (i + 1), bar,
                        new Vec3(first + i * screws.pitch(), number * gauge / 2, 0), surface),
                        new Contact.Bearing(STIFFNESS, holds / FrameSolver.GRAVITY)));
            }
        }
        out.offer("rails", new Port.Track(bars, END, length - END, gauge), body, Placement.at(-length / 2, 0, side / 2),
                null);
        out.measure("length", body, new Vec3(-length / 2, 0, 0), body, new Vec3(length / 2, 0, 0));
        out.measure("gauge", body, new Vec3(0, -gauge / 2, 0), body, new Vec3(0, gauge / 2, 0));
        out.buy(screws.screw().label() + ", zinc", 2 * joists, screws.screw().price(), "rails to joists, each holds "
                + out.show(Quantity.FORCE, holds) + " with a working factor of 5");
        out.buy("End stop for a box rail", 4, 1.2, "ends of the rails");
        out.work("rails",
                "Find the joists and mark their middles. Pre-drill, screw the rails up, stops in their ends, and hang "
                        + "your own weight on each before anything else.",
                List.of(), "",
                "Above people's heads: only into sound joists, never into lath or board alone; have a licensed person look at "
                        + "it. Local codes rule. Work from a platform, not a ladder; goggles.");
        out.back(station);
    }
}

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
 * Two box rails under one beam and along it, hung on threaded rods through it. Lengths in m.
 *
 * @param length of a rail
 * @param gauge between the middles of the rails
 */
public record BeamRails(PostStock rail, double length, double gauge, BeamRods rods) implements Part {
    public static final Params<BeamRails> PARAMS = Params.of(BeamRails.class).choice("rail", "Rails", PostStock.RAILS)
            .varied()
            .length("length", "Length of the rails", 0.5, 6).varied(0.1)
            .length("gauge", "Between the rails", 0.06, 0.5).varied(0.02)
            .group("rods", "Rods through the beam", BeamRods.PARAMS).done();

    /** A rod with its nuts against the beam, N/m: common practice, no source. */
    private static final double STIFFNESS = 1e7;

    public BeamRails {
        PARAMS.check(rail, length, gauge, rods);
        Require.that(length > rods.pitch() + 2 * OverheadRails.END, "Length of the rails", length, LENGTH,
                "enough for two rods, " + LENGTH.show(rods.pitch() + 2 * OverheadRails.END, UnitSystem.METRIC));
        double most = rods.width() - 2 * rods.edge();
        Require.that(gauge <= most, "Between the rails", gauge, LENGTH,
                "so little that the rods stay four diameters from the beam's sides, "
                        + LENGTH.show(Math.max(0, most), UnitSystem.METRIC));
        Require.that(gauge > rail.section().depth() + 0.005, "Between the rails", gauge, LENGTH,
                "more than a rail is wide");
    }

    @Override
    public Params<BeamRails> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = OverheadRails.ceiling(on.getFirst(), "Beam rails", "a beam to hang them under");
        int rodsToARail = OverheadRails.fixings(length, rods.pitch());
        Fitting rod = new Fitting("Threaded rod " + rods.rod().label() + " × " + out.length(rods.depth() + 0.05)
                + " with two nuts, a lock nut and a plate " + out.length(rods.plate()) + " square", rods.mass(),
                1.5 + rods.rod().price());
        new OverheadRails(rail, length, gauge, rodsToARail, rods.pitch(), rods.holds(), STIFFNESS, "rod", true)
                .build(out, on.getFirst(), surface, "Rails under the beam", rod, "rails to the beam, each holds "
                        + out.show(Quantity.FORCE, rods.holds()) + " with a working factor of 5");
        out.work("rails",
                "Mark the rods along the beam, drill straight down through it, rods in with their plates on top, rails up, "
                        + "stops in their ends, lock nuts on, and hang your own weight on each before anything else.",
                List.of(), "",
                "Above people's heads, and a beam carries the house: have a licensed person look at it before it is drilled. "
                        + "Local codes rule. Work from a platform, not a ladder; goggles.");
    }
}

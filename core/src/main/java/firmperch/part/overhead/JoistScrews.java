package firmperch.part.overhead;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.LagScrew;
import firmperch.stock.Material;

/**
 * Lag screws up into joists. Lengths in m.
 *
 * @param wood of the joists
 * @param pitch from joist to joist
 * @param width of a joist
 * @param lining of the ceiling between joist and rail
 * @param beside how far off the middle of its joist a screw may be
 */
public record JoistScrews(LagScrew screw, Material wood, double pitch, double width, double lining, double beside)
        implements
            Described {
    public static final Params<JoistScrews> PARAMS = Params.of(JoistScrews.class)
            .choice("screw", "Screws", LagScrew.ALL)
            .varied()
            .choice("wood", "Joists of", Material.SOLID).length("pitch", "Joist to joist", 0.2, 1.5)
            .length("width", "Width of a joist", 0.03, 0.3).length("lining", "Ceiling board between", 0, 0.1)
            .length("beside", "Screws off the joist's middle", 0, 0.5).varied(0.005)
            .help("What is beside the joist holds nothing.").done();

    public JoistScrews {
        PARAMS.check(screw, wood, pitch, width, lining, beside);
    }

    @Override
    public Params<JoistScrews> params() {
        return PARAMS;
    }

    /** What one bears for good through a plate of that thickness, N. */
    double holds(double plate) {
        double engaged = Math.clamp(screw.length() - plate - lining, 0, screw.thread());
        return screw.holds(wood, engaged, width / 2 - beside);
    }
}

package firmperch.part.base;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;

/**
 * The legs of a tripod.
 *
 * @param length hub to tip, m
 * @param spread from upright, rad
 * @param first the way the first leg points from forward, rad
 * @param tip stiffness of a tip, N/m
 * @param rating what a leg may carry, kg
 */
public record Legs(PostStock tube, double length, double spread, double first, double tip, double rating)
        implements
            Described {
    public static final Params<Legs> PARAMS = Params.of(Legs.class).choice("tube", "Legs of", PostStock.TUBES).varied()
            .length("length", "Length of a leg", 0.2, 2.5).varied(0.05)
            .angle("spread", "Legs spread from upright", 5, 75).varied(Math.toRadians(2))
            .help("Pinched legs stand on a smaller triangle.")
            .angle("first", "First leg points", -180, 180).varied(Math.toRadians(15))
            .help("From forward. A leg under the load stands farthest from tipping.")
            .measure("tip", "Stiffness of a tip", Quantity.STIFFNESS, 1e4, 1e7)
            .mass("rating", "Rating of a leg", 0.5, 200).done();

    public Legs {
        PARAMS.check(tube, length, spread, first, tip, rating);
    }

    @Override
    public Params<Legs> params() {
        return PARAMS;
    }
}

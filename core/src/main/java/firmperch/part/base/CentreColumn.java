package firmperch.part.base;

import firmperch.body.Hold;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;

/**
 * The centre column of a tripod.
 *
 * @param travel how far it comes out, m
 * @param clearance in its sleeve over the diameter, m
 * @param torque what a hand gets onto its lock, N·m
 */
public record CentreColumn(PostStock tube, double travel, double clearance, Closure closure, double torque)
        implements
            Described {
    public static final Params<CentreColumn> PARAMS = Params.of(CentreColumn.class)
            .choice("tube", "Column of", PostStock.TUBES).varied()
            .length("travel", "Column comes out", 0.06, 1).length("clearance", "Play in its sleeve", 0, 0.005)
            .varied(0.0001).choice("closure", "Locked by", Closure.ALL).varied()
            .bringing("torque", Closure.class, c -> Math.min(c.torque(), Hold.Friction.tightest(Bolt.ALL.get("m6"))))
            .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).judged().done();

    public CentreColumn {
        PARAMS.check(tube, travel, clearance, closure, torque);
    }

    @Override
    public Params<CentreColumn> params() {
        return PARAMS;
    }
}

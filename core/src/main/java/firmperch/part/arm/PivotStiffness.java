package firmperch.part.arm;

import firmperch.body.JointStiffness;
import firmperch.body.Stiffness;
import firmperch.stock.Material;

/**
 * How far a pivot of wood gives before it slips. A tightened one turns as the layers of wood between its rubbing faces are twisted under the
 * pressed ring; a bolt that carries a force across presses itself into the wood of its holes.
 *
 * <p>Left out: what the faces give as they are rough, and that the pressure spreads in the wood beyond the ring, which makes it stiffer: both
 * are in the range of a half to twice as much. Where that decides a verdict, it is told, and a measurement replaces it.
 */
final class PivotStiffness {
    private static final String TWIST = "clamped pivots";
    private static final String MEASURED = "measured";
    private static final String BEARING = "bolts in wood";

    private PivotStiffness() {
    }

    /**
     * A layer's stiffness against being twisted, N·m/rad: k = G·J/t, J = π/2·(Rₒ⁴ − Rᵢ⁴) (torsion of a ring: Roark). Around a ring the
     * shear runs by turns along the grain, at the modulus G, and rolls the fibres, at a tenth of it (EN 14080 gives 65 beside 650 N/mm²,
     * from memory): 0.55·G in the mean.
     *
     * @param outer diameter of the ring, m
     * @param inner diameter of its hole, m
     * @param thickness of the layer, m
     */
    static double layer(Material wood, double outer, double inner, double thickness) {
        double mean = wood.family() == Material.Family.METAL ? 1 : 0.55;
        double ro = outer / 2;
        double ri = inner / 2;
        return mean * wood.shear() * Math.PI / 2 * (ro * ro * ro * ro - ri * ri * ri * ri) / thickness;
    }

    /**
     * A pivot of an arm: at each of its faces half a stick and half a plate one after the other, the faces beside each other.
     *
     * @param tightened false for one that turns freely on its bolt
     */
    static JointStiffness of(Pivots pivots, boolean tightened, Links links, Material plate, double thickness) {
        double outer = pivots.bolt().washer();
        double inner = pivots.bolt().hole();
        Stiffness bearing = bearing(links.material(), pivots.bolt().diameter());
        if (!tightened) {
            return new JointStiffness(Stiffness.exactly(0, ""), bearing,
                    new JointStiffness.Slack.Hole(inner - pivots.bolt().diameter()));
        }
        double stick = layer(links.material(), outer, inner, links.thickness() / 2);
        double board = layer(plate, outer, inner, thickness / 2);
        Stiffness twist = pivots.measured() > 0
                ? Stiffness.exactly(pivots.measured(), MEASURED)
                : Stiffness.judged(pivots.faces() / (1 / stick + 1 / board), TWIST);
        return new JointStiffness(twist, bearing, new JointStiffness.Slack.None());
    }

    /**
     * How far a bolt presses itself into one stick and the plate beside it, N/m: K_ser = ρ_m^1.5·d/23 N/mm for each plane that it is sheared
     * in (EN 1995-1-1 table 7.1, from memory).
     */
    static Stiffness bearing(Material wood, double diameter) {
        return Stiffness.judged(Math.pow(wood.density(), 1.5) * diameter * 1e3 / 23 * 1e3, BEARING);
    }
}

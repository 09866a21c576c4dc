package firmperch.part.overhead;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Bolt;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.stock.Overhead;

/**
 * Threaded rods down through a beam, each with a plate on top of it. Lengths in m.
 *
 * @param wood of the beam
 * @param width of the beam
 * @param depth of the beam, top to underside
 * @param pitch from rod to rod
 * @param plate side of the square plate on top
 */
public record BeamRods(Bolt rod, Material wood, double width, double depth, double pitch, double plate)
        implements
            Described {
    public static final Params<BeamRods> PARAMS = Params.of(BeamRods.class).choice("rod", "Threaded rods", Bolt.ALL)
            .varied()
            .choice("wood", "Beam of", Material.SOLID).length("width", "Width of the beam", 0.06, 0.6)
            .length("depth", "Depth of the beam", 0.06, 0.6).length("pitch", "Rod to rod", 0.15, 1.5).varied(0.05)
            .length("plate", "Side of the plate on top of a rod", 0.02, 0.15).varied(0.01).done();

    /** Ultimate over proof stress of class 4.6, N/mm² (ISO 898-1, from memory). */
    private static final double ULTIMATE = 400.0 / 225;
    /** kmod of wood that is always loaded (EN 1995-1-1 table 3.1, from memory). */
    private static final double PERMANENT = 0.6;

    public BeamRods {
        PARAMS.check(rod, wood, width, depth, pitch, plate);
    }

    @Override
    public Params<BeamRods> params() {
        return PARAMS;
    }

    /** What one bears for good, N: a fifth of what breaks the rod, no more than the beam bears under its plate. */
    double holds() {
        double hole = rod.hole();
        double area = plate * plate - Math.PI / 4 * hole * hole;
        return Math.min(rod.proofLoad() * ULTIMATE / Overhead.WORKING, PERMANENT * wood.allowedAcross() * area);
    }

    /** A rod with its three nuts and its plate, 5 mm thick, kg. */
    double mass() {
        HexBolt hex = HexBolt.of(rod);
        return hex.rod(depth + 0.05) + 3 * hex.nut() + Material.steel().density() * plate * plate * 0.005;
    }

    /** From a rod's middle to the beam's side at least: four diameters (EN 1995-1-1 table 8.4, from memory). */
    double edge() {
        return 4 * rod.diameter();
    }
}

package firmperch.stock;

import java.util.List;
import java.util.Locale;

/**
 * A lag screw driven into the underside of a joist.
 *
 * @param diameter of its shank, m
 * @param length under the head, m
 * @param thread length of its thread, m
 * @param price units of money
 */
public record LagScrew(String id, String label, double diameter, double length, double thread, double price,
        String source) implements Catalogue.Row {
    private static final String SOURCE = "DIN 571 sizes, from memory; price common practice, no source";

    /** Every screw known, the weakest first; a new one is a new row. */
    public static final Catalogue<LagScrew> ALL = new Catalogue<>("lag screw",
            List.of(screw("lag-6x50", 6, 50, 30, 0.25), screw("lag-8x60", 8, 60, 36, 0.45),
                    screw("lag-8x80", 8, 80, 48, 0.6), screw("lag-10x80", 10, 80, 48, 0.9),
                    screw("lag-10x100", 10, 100, 60, 1.1), screw("lag-12x120", 12, 120, 72, 1.8)));

    private static LagScrew screw(String id, double diameter, double length, double thread, double price) {
        return new LagScrew(id, String.format(Locale.ROOT, "lag screw %.0f × %.0f", diameter, length),
                diameter * 1e-3, length * 1e-3, thread * 1e-3, price, SOURCE);
    }

    /** Mass of one, kg: its shank, a thread that leaves four fifths of it, and the head of the bolt of its size. */
    public double mass() {
        double shank = Math.PI / 4 * diameter * diameter * (length - thread + 0.8 * thread);
        HexBolt head = HexBolt.ALL.get("m" + Math.round(diameter * 1e3));
        return Material.steel().density() * shank + head.bolt(0);
    }

    /**
     * Ultimate withdrawal from side grain, N: 125.4·G^1.5·D^0.75·L, D and L in mm (Wood Handbook FPL-GTR-190 ch. 8, from memory).
     *
     * @param gravity of the wood, {@link Material#gravity}
     * @param engaged length of thread in the wood, m
     */
    public double withdrawal(double gravity, double engaged) {
        return 125.4 * Math.pow(gravity, 1.5) * Math.pow(diameter * 1e3, 0.75) * engaged * 1e3;
    }

    /**
     * What one bears for good, N: a fifth of the ultimate; less where it is driven beside the middle of the joist: full value 4
     * diameters from its edge (common practice, no source), down to half at 1½ (NDS, least edge distance, from memory), nothing
     * nearer or beside it.
     *
     * @param wood of the joist
     * @param engaged length of thread in it, m
     * @param edge from the screw's middle to the joist's edge, m; negative beside it
     */
    public double holds(Material wood, double engaged, double edge) {
        if (edge < 1.5 * diameter) {
            return 0;
        }
        double share = Math.clamp(0.5 + 0.5 * (edge / diameter - 1.5) / 2.5, 0.5, 1);
        return share * withdrawal(wood.gravity(), engaged) / Overhead.WORKING;
    }
}

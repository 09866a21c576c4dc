package firmperch.stock;

import java.util.List;

/**
 * What a hexagon bolt, its nut and its wide washer weigh, from their sizes: threads are left out of the bolt and counted by their
 * mean diameter in the nut, chamfers are left out. That is within a tenth of what tables of the sizes say, and within a hundredth
 * of what any rig's moving parts weigh.
 *
 * @param diameter nominal, m
 * @param flats width across flats of head and nut, m
 * @param head height of the head, m
 * @param nut height of the nut, m
 * @param wide outer diameter of its wide washer, m
 * @param thick thickness of that, m
 */
public record HexBolt(String id, String label, double diameter, double flats, double head, double nut, double wide,
        double thick, String source) implements Catalogue.Row {
    private static final String SOURCE = "ISO 4014 (heads), ISO 4032 (nuts), ISO 7093 (wide washers), from memory";
    /** Mean diameter of a coarse thread over its nominal one (ISO 724). */
    private static final double MEAN = 0.9;

    /** Every size known, the smallest first; a new one is a new row. */
    public static final Catalogue<HexBolt> ALL = new Catalogue<>("hexagon bolt",
            List.of(size("m5", 5, 8, 3.5, 4.7, 15, 1.2), size("m6", 6, 10, 4.0, 5.2, 18, 1.6),
                    size("m8", 8, 13, 5.3, 6.8, 24, 2.0), size("m10", 10, 16, 6.4, 8.4, 30, 2.5),
                    size("m12", 12, 18, 7.5, 10.8, 37, 3.0)));

    private static HexBolt size(String id, double d, double flats, double head, double nut, double wide, double thick) {
        return new HexBolt(id, id.toUpperCase(), d * 1e-3, flats * 1e-3, head * 1e-3, nut * 1e-3, wide * 1e-3,
                thick * 1e-3,
                SOURCE);
    }

    /** The one of a bolt's size. */
    public static HexBolt of(Bolt bolt) {
        return ALL.get(bolt.id());
    }

    private static double disc(double diameter) {
        return Math.PI / 4 * diameter * diameter;
    }

    private double hexagon() {
        return Math.sqrt(3) / 2 * flats * flats;
    }

    /** A bolt with its head, kg; its length under the head, m. */
    public double bolt(double length) {
        return Material.steel().density() * (disc(diameter) * length + hexagon() * head);
    }

    /** A nut, kg; a lock nut weighs as much or a little more. */
    public double nut() {
        return Material.steel().density() * (hexagon() - disc(MEAN * diameter)) * nut;
    }

    /** A wide washer, kg. */
    public double washer() {
        return Material.steel().density() * (disc(wide) - disc(diameter * 1.06)) * thick;
    }

    /** Threaded rod, kg; its length, m. */
    public double rod(double length) {
        return Material.steel().density() * disc(MEAN * diameter) * length;
    }

    /** A bolt with a nut and so many wide washers, kg. */
    public double set(double length, int washers) {
        return bolt(length) + nut() + washers * washer();
    }
}

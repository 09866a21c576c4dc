package firmperch.strength;

import firmperch.stock.Material;

/**
 * What the end of a wooden bar takes along the grain at a bolt before it breaks out, N: the least of shear-out 2·e·t·f_v with
 * e from the hole's edge to the end, bearing d·t·f_b and net section (w − d_hole)·t·f_t (mechanics of bolted timber; strengths
 * of EN 338 and EN 1995-1-1 8.5). Nearer to the end than 7·d the bearing is taken down by e/7d, to no less than a half (NDS
 * geometry factor, from memory).
 */
public record PinnedEnd(double shearOut, double bearing, double netSection) {
    /** Distance to a loaded end at which a bolt bears in full, in diameters (EN 1995-1-1 table 8.4, NDS, from memory). */
    public static final double FULL = 7;

    /** The strength of a rectangular bar's end: all in m. */
    public static PinnedEnd of(Material material, double depth, double thickness, double endDistance, double bolt,
            double hole) {
        double geometry = Math.clamp(endDistance / (FULL * bolt), 0.5, 1);
        return new PinnedEnd(2 * Math.max(0, endDistance - hole / 2) * thickness * material.allowedShearing(),
                geometry * bolt * thickness * material.allowedBearing(bolt),
                (depth - hole) * thickness * material.allowedTension());
    }

    /** The least of the three. */
    public double strength() {
        return Math.min(shearOut, Math.min(bearing, netSection));
    }
}

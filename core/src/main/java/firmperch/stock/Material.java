package firmperch.stock;

import java.util.List;

/**
 * A material with the values the checks need, all SI.
 *
 * @param density mean density, kg/m³
 * @param young modulus of elasticity along the grain or the bar, Pa
 * @param shear shear modulus, Pa
 * @param bending characteristic bending strength, or yield strength of a metal, Pa
 * @param tension characteristic tension strength along the grain, or yield strength, Pa
 * @param shearing characteristic shear strength, Pa
 * @param embedding characteristic density for the bearing of a bolt in timber, kg/m³; 0 for metals
 * @param factor what the strengths are divided by before anything is loaded to them
 */
public record Material(String id, String label, Family family, double density, double young, double shear,
        double bending, double tension, double shearing, double embedding, double factor, String source)
        implements
            Catalogue.Row {

    /** How a material fails and is worked. */
    public enum Family {
        METAL, TIMBER, BOARD
    }

    private static final String EN338 = "EN 338:2016 table 1, from memory; factor kmod/γM of EN 1995-1-1 (0.6, 1.3), from memory";
    private static final String STEEL = "EN 10025-2, EN 1993-1-1 (E, G, density), from memory; factor 1.5, common practice, no source";
    private static final double TIMBER_FACTOR = 1.3 / 0.6;

    /** Every material known; a new one is a new row. */
    public static final Catalogue<Material> ALL = new Catalogue<>("material", List.of(
            new Material("steel-s235", "steel S235", Family.METAL, 7850, 210e9, 81e9, 235e6, 235e6, 136e6, 0, 1.5,
                    STEEL),
            new Material("steel-s195t", "pipe steel S195T", Family.METAL, 7850, 210e9, 81e9, 195e6, 195e6, 113e6, 0,
                    1.5, "EN 10255 (yield 195 N/mm²), from memory; factor 1.5, common practice, no source"),
            new Material("aluminium-6060-t66", "aluminium 6060-T66", Family.METAL, 2700, 69e9, 26e9, 150e6, 150e6,
                    87e6, 0, 1.5, "EN 755-2, EN 1999-1-1, from memory; factor 1.5, common practice, no source"),
            timber("spruce-c24", "spruce C24", 420, 11.0e9, 0.69e9, 24e6, 14.5e6, 4.0e6, 350),
            timber("pine-c16", "pine C16", 370, 8.0e9, 0.50e9, 16e6, 8.5e6, 3.2e6, 310),
            timber("beech-d40", "beech D40", 660, 13.0e9, 0.81e9, 40e6, 24e6, 4.2e6, 550),
            timber("oak-d30", "oak D30", 640, 11.0e9, 0.69e9, 30e6, 18e6, 3.9e6, 530),
            new Material("birch-plywood", "birch plywood", Family.BOARD, 680, 9.0e9, 0.62e9, 38e6, 35e6, 9.5e6, 630,
                    TIMBER_FACTOR, "EN 636 / EN 12369-2, typical birch panel, from memory")));

    private static Material timber(String id, String label, double density, double young, double shear, double bending,
            double tension, double shearing, double embedding) {
        return new Material(id, label, Family.TIMBER, density, young, shear, bending, tension, shearing, embedding,
                TIMBER_FACTOR, EN338);
    }

    /** Bending strength to work to, Pa. */
    public double allowedBending() {
        return bending / factor;
    }

    /** Tension strength to work to, Pa. */
    public double allowedTension() {
        return tension / factor;
    }

    /** Shear strength to work to, Pa. */
    public double allowedShearing() {
        return shearing / factor;
    }

    /**
     * Bearing strength to work to under a bolt along the grain, Pa: f_h,0,k = 0.082·(1 − 0.01·d)·ρ_k N/mm² with d in mm
     * (EN 1995-1-1 eq. 8.32, from memory); 1.5 times the yield strength for metals (EN 1993-1-8 at ordinary end
     * distances, from memory).
     *
     * @param diameter the bolt's, m
     */
    public double allowedBearing(double diameter) {
        double strength = family == Family.METAL
                ? 1.5 * tension
                : 0.082e6 * (1 - 0.01 * diameter * 1e3) * embedding;
        return strength / factor;
    }
}

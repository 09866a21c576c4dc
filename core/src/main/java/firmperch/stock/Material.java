package firmperch.stock;

import java.util.List;

/**
 * A material with the values the checks need, all SI.
 *
 * @param density mean density, kg/m³
 * @param factor what the strengths are divided by before anything is loaded to them for good
 * @param pricePerCubicMetre rough, units of money
 */
public record Material(String id, String label, Family family, double density, Stiffness stiffness, Strength strength,
        double factor, double pricePerCubicMetre, String source) implements Catalogue.Row {
    /** How a material fails and is worked. */
    public enum Family {
        METAL(1.5), TIMBER(1.3), BOARD(1.2), MINERAL(1.5);

        private final double partial;

        Family(double partial) {
            this.partial = partial;
        }
    }

    /**
     * Moduli, Pa.
     *
     * @param young along the grain or the bar
     * @param shear modulus
     */
    public record Stiffness(double young, double shear) {}

    /**
     * Characteristic strengths, Pa.
     *
     * @param bending or yield strength of a metal
     * @param tension along the grain, or yield strength
     * @param shearing along the grain, or of a metal
     * @param across compression across the grain; of concrete its cylinder strength
     * @param embedding characteristic density for the bearing of a bolt in timber, kg/m³; 0 for others
     */
    public record Strength(double bending, double tension, double shearing, double across, double embedding) {}

    private static final String EN338 = "EN 338:2016 table 1, from memory; factor kmod/γM of EN 1995-1-1 (0.6, 1.3), from memory; price common practice, no source";
    private static final String STEEL = "EN 10025-2, EN 1993-1-1 (E, G, density), from memory; factor 1.5 and price common practice, no source";
    /** γM over kmod of a permanent load, EN 1995-1-1 tables 2.3 and 3.1, from memory. */
    private static final double TIMBER_FACTOR = 1.3 / 0.6;
    private static final double BOARD_FACTOR = 1.2 / 0.6;

    /** Every material known; a new one is a new row. */
    public static final Catalogue<Material> ALL = new Catalogue<>("material", List.of(
            metal("steel-s235", "steel S235", 7850, 210e9, 81e9, 235e6, 136e6, 16000, STEEL),
            metal("steel-s195t", "pipe steel S195T", 7850, 210e9, 81e9, 195e6, 113e6, 16000,
                    "EN 10255 (yield 195 N/mm²), from memory; factor 1.5 and price common practice, no source"),
            metal("aluminium-6060-t66", "aluminium 6060-T66", 2700, 69e9, 26e9, 150e6, 87e6, 22000,
                    "EN 755-2, EN 1999-1-1, from memory; factor 1.5 and price common practice, no source"),
            timber("spruce-c24", "spruce C24", 420, 11.0e9, 0.69e9, new Strength(24e6, 14.5e6, 4.0e6, 2.5e6, 350), 500),
            timber("pine-c16", "pine C16", 370, 8.0e9, 0.50e9, new Strength(16e6, 8.5e6, 3.2e6, 2.2e6, 310), 400),
            timber("beech-d40", "beech D40", 660, 13.0e9, 0.81e9, new Strength(40e6, 24e6, 4.2e6, 5.5e6, 550), 1600),
            timber("oak-d30", "oak D30", 640, 11.0e9, 0.69e9, new Strength(30e6, 18e6, 3.9e6, 5.3e6, 530), 2200),
            new Material("birch-plywood", "birch plywood", Family.BOARD, 680, new Stiffness(9.0e9, 0.62e9),
                    new Strength(38e6, 35e6, 9.5e6, 9.0e6, 630), BOARD_FACTOR, 1900,
                    "EN 636 / EN 12369-2, typical birch panel, from memory; γM 1.2 of EN 1995-1-1 table 2.3, from memory; price common practice, no source"),
            new Material("concrete", "concrete", Family.MINERAL, 2350, new Stiffness(25e9, 10e9),
                    new Strength(1.5e6, 1.5e6, 1.5e6, 15e6, 0), 1.5, 500,
                    "EN 1992-1-1 table 3.1 for a weak mix (12/15), from memory; density of ACI normal weight, 2300–2400")));

    /** What bars and sheets are cut from. */
    public static final Catalogue<Material> SOLID = ALL.only(m -> m.family() != Family.MINERAL);

    /** Ordinary structural steel. */
    public static Material steel() {
        return ALL.get("steel-s235");
    }

    private static Material metal(String id, String label, double density, double young, double shear, double yield,
            double shearing, double price, String source) {
        return new Material(id, label, Family.METAL, density, new Stiffness(young, shear),
                new Strength(yield, yield, shearing, yield, 0), 1.5, price, source);
    }

    private static Material timber(String id, String label, double density, double young, double shear,
            Strength strength, double price) {
        return new Material(id, label, Family.TIMBER, density, new Stiffness(young, shear), strength, TIMBER_FACTOR,
                price, EN338);
    }

    /** The same material of another density, kg/m³. */
    public Material ofDensity(double other) {
        return new Material(id, label, family, other, stiffness, strength, factor, pricePerCubicMetre, source);
    }

    /**
     * Specific gravity of wood by its oven-dry mass and its volume at 12 % moisture, as the Wood Handbook's formulas for screws take it
     * (FPL-GTR-190 ch. 4 and 8): the density told here is that of wood at 12 %, water included.
     */
    public double gravity() {
        return density / 1000 / 1.12;
    }

    /** What it looks like. */
    public Look look() {
        return switch (family) {
            case METAL -> Look.METAL;
            case TIMBER -> Look.WOOD;
            case BOARD -> Look.PANEL;
            case MINERAL -> Look.CONCRETE;
        };
    }

    /** Modulus of elasticity along the grain or the bar, Pa. */
    public double young() {
        return stiffness.young;
    }

    /** Shear modulus, Pa. */
    public double shear() {
        return stiffness.shear;
    }

    /** Bending strength to work to, Pa. */
    public double allowedBending() {
        return strength.bending / factor;
    }

    /** Tension strength to work to, Pa. */
    public double allowedTension() {
        return strength.tension / factor;
    }

    /** Shear strength to work to, Pa. */
    public double allowedShearing() {
        return strength.shearing / factor;
    }

    /**
     * What it bears for good under a washer or a foot, Pa: 3·f_c,90,k over the partial factor for wood (EN 1995-1-1 8.5.2,
     * from memory; no share taken off for how long it lasts, as what is crushed once stays crushed), the cylinder strength
     * over 1.5 for concrete (EN 1992-1-1 2.4.2.4, from memory), the yield strength over 1.5 for metal.
     */
    public double allowedAcross() {
        return switch (family) {
            case TIMBER, BOARD -> 3 * strength.across / family.partial;
            case METAL, MINERAL -> strength.across / family.partial;
        };
    }

    /**
     * Bearing strength to work to under a bolt along the grain, Pa: f_h,0,k = 0.082·(1 − 0.01·d)·ρ_k N/mm² for timber
     * (EN 1995-1-1 eq. 8.32, from memory), 0.11·(1 − 0.01·d)·ρ_k for plywood (eq. 8.36, from memory), d in mm; 1.5 times the
     * yield strength for metals (EN 1993-1-8 at ordinary end distances, from memory).
     *
     * @param diameter the bolt's, m
     */
    public double allowedBearing(double diameter) {
        double wood = (1 - 0.01 * diameter * 1e3) * strength.embedding * 1e6;
        return switch (family) {
            case METAL -> 1.5 * strength.tension;
            case TIMBER -> 0.082 * wood;
            case BOARD -> 0.11 * wood;
            case MINERAL -> strength.across;
        } / factor;
    }
}

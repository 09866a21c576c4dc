package firmperch.rig;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.DENSITY;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.MASS;
import static firmperch.units.Require.between;

import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.stock.Tyre;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A square plywood box filled with concrete, on a square board with a caster under each corner, outside the weight.
 * Lengths in m.
 *
 * @param side outer side of the box in plan
 * @param height outer height of the box, its floor included
 * @param wall thickness of its plywood, and of its floor
 * @param fill height of the concrete above the box floor
 * @param concreteDensity kg/m³
 * @param board thickness of the board under the box
 * @param casterOut middle of the base to a caster's swivel axis, along each side
 * @param casterPlate side of a caster's mounting plate
 * @param casterHeight floor to the board's underside
 * @param casterDiameter of the wheel
 * @param casterTrail swivel axis to wheel axle, seen from above
 * @param casterRating what one caster may carry, kg
 * @param casterMass of one caster, kg
 * @param tyre id of the wheels' {@link Tyre}
 * @param locked true if brakes hold wheels and swivels where they stand; false if they swivel freely
 * @param trailHeading where a locked caster's wheel lies from its swivel axis: rad from straight outward
 */
public record CastBox(double side, double height, double wall, double fill, double concreteDensity, double board,
        double casterOut, double casterPlate, double casterHeight, double casterDiameter, double casterTrail,
        double casterRating, double casterMass, String tyre, boolean locked, double trailHeading) implements Base {
    /** Casters under a box. */
    public static final int CASTERS = 4;

    public CastBox {
        between("Side of the box", side, 0.1, 1.5, LENGTH);
        between("Height of the box", height, 0.05, 1, LENGTH);
        between("Wall of the box", wall, 0.006, 0.05, LENGTH);
        between("Height of the concrete", fill, 0, 1, LENGTH);
        between("Density of the concrete", concreteDensity, 1500, 3500, DENSITY);
        between("Thickness of the board", board, 0.009, 0.06, LENGTH);
        between("Middle to caster", casterOut, 0.05, 1, LENGTH);
        between("Plate of a caster", casterPlate, 0.03, 0.2, LENGTH);
        between("Height of a caster", casterHeight, 0.02, 0.4, LENGTH);
        between("Wheel of a caster", casterDiameter, 0.02, 0.35, LENGTH);
        between("Trail of a caster", casterTrail, 0, 0.15, LENGTH);
        between("Rating of a caster", casterRating, 1, 2000, MASS);
        between("Mass of a caster", casterMass, 0, 20, MASS);
        Tyre.ALL.get(tyre);
        between("Locked wheel points", trailHeading, -Math.PI, Math.PI, ANGLE);
        Require.that(side > 4 * wall, "Side of the box", side, LENGTH, "more than four walls");
        Require.that(fill <= height - wall + 1e-9, "Height of the concrete", fill, LENGTH,
                "at most what the box holds, " + LENGTH.show(height - wall, UnitSystem.METRIC));
        Require.that(casterHeight >= casterDiameter, "Height of a caster", casterHeight, LENGTH,
                "at least its wheel, " + LENGTH.show(casterDiameter, UnitSystem.METRIC));
        Require.that(side <= 2 * casterOut + casterPlate + 1e-9, "Side of the box", side, LENGTH,
                "at most the board under it, " + LENGTH.show(2 * casterOut + casterPlate, UnitSystem.METRIC));
    }

    /** Side of the board, m: out to the edge of the casters' plates. */
    public double boardSide() {
        return 2 * casterOut + casterPlate;
    }

    /** Inner side of the box, m. */
    public double innerSide() {
        return side - 2 * wall;
    }

    /** Height that concrete can reach above the box floor, m. */
    public double innerHeight() {
        return height - wall;
    }

    /** Floor to the top of the box floor, where the post's foot stands, m. */
    public double footHeight() {
        return casterHeight + board + wall;
    }

    /** Floor to the rim of the box, m. */
    public double topHeight() {
        return casterHeight + board + height;
    }

    /** Mass of the four walls and the floor, kg. */
    public double boxMass() {
        double volume = side * side * wall + (side * side - innerSide() * innerSide()) * innerHeight();
        return volume * plywood().density();
    }

    /** Mass of the board, kg. */
    public double boardMass() {
        return boardSide() * boardSide() * board * plywood().density();
    }

    /** Volume of the concrete around a post of that section, m³; a tube stands open, concrete does not fill it. */
    public double concreteVolume(Section post) {
        double d = post.depth();
        double displaced = post instanceof Section.RoundTube ? Math.PI / 4 * d * d : d * d;
        return Math.max(0, innerSide() * innerSide() - displaced) * fill;
    }

    /** Mass of the concrete, kg. */
    public double concreteMass(Section post) {
        return concreteVolume(post) * concreteDensity;
    }

    public Tyre tyreRow() {
        return Tyre.ALL.get(tyre);
    }

    private static Material plywood() {
        return Material.ALL.get("birch-plywood");
    }
}

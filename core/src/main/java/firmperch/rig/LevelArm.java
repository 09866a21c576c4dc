package firmperch.rig;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.ROTATIONAL_STIFFNESS;
import static firmperch.units.Quantity.TORQUE;
import static firmperch.units.Require.between;

import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A level-keeping arm: two equal links, one above the other, between a plate on the carriage and an end plate, so that
 * the end plate stays level as the arm lifts. Lengths in m, angles in rad from level, up positive.
 *
 * @param linkLength hole to hole along a link
 * @param plateSpacing hole to hole on each plate, straight up
 * @param sticks id of the sticks' {@link Material}
 * @param stickDepth upright side of a stick
 * @param stickThickness sideways side of a stick
 * @param sticksPerLink 1, or 2 with one each side of the plates
 * @param endDistance hole centre to the end of the stick
 * @param bolt id of the pivots' {@link Bolt}
 * @param facesPerPivot rubbing faces in one pivot
 * @param faces id of the {@link FacePair}
 * @param closure id of the {@link Closure} on the tightened pivots
 * @param handTorque what the hand gets onto it, N·m
 * @param tightened how many of the four pivots have the closure; the others turn freely on lock nuts
 * @param lowStop lowest angle the stops allow
 * @param highStop highest angle the stops allow
 * @param plateThickness of the plates
 * @param overhang end pivots to the head's axis
 * @param pivotStiffness of one tightened pivot, N·m/rad
 */
public record LevelArm(double linkLength, double plateSpacing, String sticks, double stickDepth,
        double stickThickness, int sticksPerLink, double endDistance, String bolt, int facesPerPivot, String faces,
        String closure, double handTorque, int tightened, double lowStop, double highStop, double plateThickness,
        double overhang, double pivotStiffness) implements Arm {
    public LevelArm {
        between("Link length", linkLength, 0.1, 3, LENGTH);
        between("Hole spacing on the plates", plateSpacing, 0.03, 0.5, LENGTH);
        Material.ALL.get(sticks);
        between("Depth of the sticks", stickDepth, 0.01, 0.2, LENGTH);
        between("Thickness of the sticks", stickThickness, 0.005, 0.1, LENGTH);
        between("Sticks in a link", sticksPerLink, 1, 2);
        between("Hole to end of the stick", endDistance, 0.005, 0.3, LENGTH);
        Bolt size = Bolt.ALL.get(bolt);
        between("Rubbing faces in a pivot", facesPerPivot, 1, 12);
        FacePair.ALL.get(faces);
        Closure.ALL.get(closure);
        between("Hand torque", handTorque, 0.1, 60, TORQUE);
        between("Tightened pivots", tightened, 1, 4);
        between("Lowest arm angle", lowStop, -Math.toRadians(85), Math.toRadians(85), ANGLE);
        between("Highest arm angle", highStop, -Math.toRadians(85), Math.toRadians(85), ANGLE);
        Require.that(highStop > lowStop, "Highest arm angle", highStop, ANGLE,
                "more than the lowest, " + ANGLE.show(lowStop, UnitSystem.METRIC));
        between("Thickness of the plates", plateThickness, 0.005, 0.1, LENGTH);
        between("End pivots to head", overhang, 0, 0.6, LENGTH);
        between("Stiffness of a tightened pivot", pivotStiffness, 10, 1e6, ROTATIONAL_STIFFNESS);
        Require.that(endDistance > size.hole() / 2, "Hole to end of the stick", endDistance, LENGTH,
                "more than half the hole, so that the hole lies in the stick");
        Require.that(stickDepth > size.hole() * 1.5, "Depth of the sticks", stickDepth, LENGTH,
                "more than 1½ times the hole of " + LENGTH.show(size.hole(), UnitSystem.METRIC));
        Require.that(plateSpacing >= stickDepth, "Hole spacing on the plates", plateSpacing, LENGTH,
                "at least the depth of the sticks, " + LENGTH.show(stickDepth, UnitSystem.METRIC)
                        + ", so that the links clear each other");
        Require.that(linkLength > stickDepth, "Link length", linkLength, LENGTH, "more than the depth of the sticks");
    }

    /** The cross-section of one stick. */
    public Section.Rectangle stickSection() {
        return new Section.Rectangle(stickDepth, stickThickness);
    }

    public Material stickMaterial() {
        return Material.ALL.get(sticks);
    }

    public Bolt boltSize() {
        return Bolt.ALL.get(bolt);
    }

    public FacePair facePair() {
        return FacePair.ALL.get(faces);
    }

    /** Sawn length of a stick, m. */
    public double stickLength() {
        return linkLength + 2 * endDistance;
    }

    /** Mass of one stick, kg. */
    public double stickMass() {
        return stickLength() * stickSection().lineMass(stickMaterial());
    }

    /** Mass of all sticks with the middle of each bolt's own weight left to the plates, kg. */
    public double linksMass() {
        return 2 * sticksPerLink * stickMass();
    }

    /** Upright side of a plate, m. */
    public double plateHeight() {
        return plateSpacing + 2 * stickDepth;
    }

    /** Sideways side of the end plate in the arm's plane, m: from behind the pivots to past the head. */
    public double endPlateWidth() {
        return overhang + 2 * stickDepth;
    }

    /** Mass of the end plate with its two pivot bolts, kg. Plates are birch plywood. */
    public double endPlateMass() {
        return plateHeight() * endPlateWidth() * plateThickness * Material.ALL.get("birch-plywood").density()
                + 2 * boltMass();
    }

    /** Length of a pivot bolt through sticks and plate with washers and nut, m. */
    public double boltLength() {
        return sticksPerLink * stickThickness + plateThickness + 2 * 0.002 + 0.012;
    }

    /** Mass of a pivot bolt with washers and nut, kg: the plain bar, half as much again for head and nut. */
    public double boltMass() {
        double d = boltSize().diameter();
        return 1.5 * Math.PI / 4 * d * d * boltLength() * 7850;
    }

    /** Sideways distance from the arm's middle to a stick's own middle, m; 0 for single sticks. */
    public double stickAside() {
        return sticksPerLink == 2 ? (plateThickness + stickThickness) / 2 : 0;
    }
}

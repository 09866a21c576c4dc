package firmperch.rig;

import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Require.between;

import firmperch.stock.Material;
import firmperch.units.Require;

/**
 * A block with a bore, dropped over the post so that it rests on a pin and swings about the post. Lengths in m.
 *
 * @param height of the block, along the post
 * @param width of the block, square in plan
 * @param material id of the block's {@link Material}
 * @param clearance bore less post, over the diameter
 * @param forward post axis to the arm's inner pivots
 */
public record DropOnCarriage(double height, double width, String material, double clearance, double forward)
        implements
            Carriage {
    public DropOnCarriage {
        between("Height of the carriage", height, 0.04, 0.8, LENGTH);
        between("Width of the carriage", width, 0.04, 0.4, LENGTH);
        Material.ALL.get(material);
        between("Clearance on the post", clearance, 0, 0.02, LENGTH);
        between("Post to inner pivots", forward, 0.02, 0.5, LENGTH);
        Require.that(forward <= width / 2 + 0.2, "Post to inner pivots", forward, LENGTH,
                "at most 200 mm past the block's face");
    }

    /** Mass of the block, bored, with the arm's inner plate, kg. */
    public double mass(LevelArm arm, double postSize) {
        double bore = postSize + clearance;
        double block = (width * width - Math.PI / 4 * bore * bore) * height * Material.ALL.get(material).density();
        return Math.max(block, 0) + innerPlateMass(arm);
    }

    /** Side of the inner plate along the arm, m: from the block's middle to past the pivots. */
    public double innerPlateWidth(LevelArm arm) {
        return forward + arm.stickDepth();
    }

    private double innerPlateMass(LevelArm arm) {
        return innerPlateWidth(arm) * arm.plateHeight() * arm.plateThickness()
                * Material.ALL.get("birch-plywood").density() + 2 * arm.boltMass();
    }
}

package firmperch.rig;

import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Quantity.MASS;
import static firmperch.units.Require.between;

import firmperch.units.Require;

/**
 * One thing that hangs on the head.
 *
 * @param mass kg
 * @param forward where its weight sits ahead of the head's axis, m
 * @param left to the left of it, m
 * @param up above the mounting face, m (below is negative)
 */
public record GearItem(String name, double mass, double forward, double left, double up) {
    public GearItem {
        Require.text("Gear", name);
        between("Mass of " + name, mass, 0, 50, MASS);
        between("Forward of " + name, forward, -1, 1, LENGTH);
        between("Left of " + name, left, -1, 1, LENGTH);
        between("Up of " + name, up, -1, 1, LENGTH);
    }
}

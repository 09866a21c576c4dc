package firmperch.rig;

import static firmperch.units.Require.between;

import firmperch.units.Quantity;

/** A tilting or ball head, by its mass (kg), height (m) and rated or measured holding torque (N·m). */
public record TiltHead(double mass, double drop, double holdingTorque) implements Head {
    public TiltHead {
        between("Mass of the head", mass, 0, 20, Quantity.MASS);
        between("Height of the head", drop, -0.5, 0.5, Quantity.LENGTH);
        between("Holding torque of the head", holdingTorque, 0, 500, Quantity.TORQUE);
    }
}

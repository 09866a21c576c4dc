package firmperch.project;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Require.between;

import firmperch.units.Quantity;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where the perch stands and how its joints are set.
 *
 * @param x wall to the middle of the base, m
 * @param y middle of the base to the left of the bench's middle, m
 * @param heading the way the base is turned, rad
 * @param joints a value for each freedom of the perch, by name: rad, m or step number
 */
public record Stance(double x, double y, double heading, Map<String, Double> joints) {
    public Stance {
        between("Wall to the perch", x, 0, 50, LENGTH);
        between("Perch to the left", y, -25, 25, LENGTH);
        between("Turn of the base", heading, -Math.PI, Math.PI, ANGLE);
        joints.forEach((name, value) -> between("Setting of " + name, value, -1e3, 1e3,
                Quantity.NUMBER));
        joints = Collections.unmodifiableMap(new TreeMap<>(joints));
    }

    /** The same place with that joint set anew. */
    public Stance with(String joint, double value) {
        Map<String, Double> changed = new TreeMap<>(joints);
        changed.put(joint, value);
        return new Stance(x, y, heading, changed);
    }
}

package firmperch.part;

import firmperch.units.InvalidValue;
import firmperch.units.Require;
import java.util.List;

/**
 * A part in a composition.
 *
 * @param name by which its ports, joints and findings are told: "arm"
 * @param on names of the ports it stands on: "carriage.face", or "place.floor"
 */
public record Mounted(String name, Part part, List<String> on) {
    public Mounted {
        Require.text("Name of a part", name);
        if (!name.chars().allMatch(c -> Character.isLetterOrDigit(c) || c == '-') || name.length() > 40) {
            throw new InvalidValue("Name of a part", "“" + name + "”", "1 to 40 letters, digits and hyphens");
        }
        if (part == null) {
            throw new InvalidValue("Part “" + name + "”", "nothing", "a part");
        }
        on = List.copyOf(on);
        if (on.isEmpty()) {
            throw new InvalidValue("What “" + name + "” stands on", "nothing", "the place, or a part before it");
        }
    }
}

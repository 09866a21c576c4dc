package firmperch.part;

import firmperch.units.InvalidValue;
import firmperch.units.Require;
import java.util.List;

/**
 * A part in a composition.
 *
 * @param name by which its ports, joints and findings are told: "arm"
 * @param called what its maker calls it; empty for what it usually is called
 * @param on names of the ports it stands on: "carriage.face", or "place.floor"
 */
public record Mounted(String name, String called, Part part, List<String> on) {
    private static final int LONGEST = 60;

    public Mounted {
        Require.text("Name of a part", name);
        if (!name.chars().allMatch(c -> Character.isLetterOrDigit(c) || c == '-') || name.length() > 40) {
            throw new InvalidValue("Name of a part", "“" + name + "”", "1 to 40 letters, digits and hyphens");
        }
        if (called == null || called.length() > LONGEST || !Require.whole(called)
                || Require.steering(called).isPresent()) {
            throw new InvalidValue("What “" + name + "” is called",
                    called == null ? "nothing" : called.length() + " characters, or signs that are none",
                    "at most " + LONGEST + " characters in one line");
        }
        called = called.strip();
        if (part == null) {
            throw new InvalidValue("Part “" + name + "”", "nothing", "a part");
        }
        on = List.copyOf(on);
        if (on.isEmpty()) {
            throw new InvalidValue("What “" + name + "” stands on", "nothing", "the place, or a part before it");
        }
    }

    /** One that is called as usual. */
    public Mounted(String name, Part part, List<String> on) {
        this(name, "", part, on);
    }

    /** The same with another part, or that part changed. */
    public Mounted with(Part other) {
        return new Mounted(name, called, other, on);
    }

    /** The same on other ports. */
    public Mounted on(List<String> ports) {
        return new Mounted(name, called, part, ports);
    }

    /** The same called otherwise. */
    public Mounted called(String words) {
        return new Mounted(name, words, part, on);
    }
}

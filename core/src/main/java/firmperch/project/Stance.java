package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where the perch stands and how its joints are set.
 *
 * @param x wall to the middle of the base, m
 * @param y middle of the base to the left of the bench's middle, m
 * @param heading the way the base is turned, rad
 * @param joints a value for each freedom of the perch, by id: rad, m or step number
 */
public record Stance(double x, double y, double heading, Map<String, Double> joints) implements Described {
    static final Params<Stance> PARAMS = Params.of(Stance.class).length("x", "Wall to the perch", 0, 50)
            .length("y", "Left of the bench's middle", -25, 25).angle("heading", "Turn of the base", -180, 180)
            .settings("joints", "Setting of a joint").done();

    public Stance {
        joints = Collections.unmodifiableMap(new TreeMap<>(joints));
        PARAMS.check(x, y, heading, joints);
    }

    @Override
    public Params<Stance> params() {
        return PARAMS;
    }

    /** The same place with the joints set otherwise. */
    public Stance with(Map<String, Double> changed) {
        return new Stance(x, y, heading, changed);
    }

    /** True if it stands in the same place, turned the same way. */
    public boolean samePlace(Stance other) {
        return x == other.x && y == other.y && heading == other.heading;
    }

    /** The same setting in another place. */
    public Stance at(double otherX, double otherY) {
        return new Stance(otherX, otherY, heading, joints);
    }
}

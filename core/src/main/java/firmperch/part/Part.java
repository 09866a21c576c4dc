package firmperch.part;

import firmperch.body.Builder;
import firmperch.body.Port;
import firmperch.param.Described;
import java.util.List;

/** Something a maker decides on and makes: a record that describes its values and contributes its pieces. */
public interface Part extends Described {
    /**
     * Adds its pieces, joints, fastenings and contacts, and offers ports to what comes above.
     *
     * @param on the ports it stands on
     * @throws firmperch.units.InvalidValue if it does not fit there
     */
    void build(Builder out, List<Port> on);

    /**
     * Values by which it is weighted, by their paths in it: the first fills it, the second makes room for more. None if it
     * takes no ballast.
     */
    default List<String> ballast() {
        return List.of();
    }

    /** Values by which it is weighted that are not filled in: slabs, weights on ropes, washers; by their paths in it. */
    default List<String> weights() {
        return List.of();
    }

    /** Values by which it takes load off what friction holds: the rate of springs; by their paths in it. None for most. */
    default List<String> eases() {
        return List.of();
    }

    /** The same part where the camera is to look up by that angle from straight down, rad: a head tilts that far; what is no head stays as it is. */
    default Part tilting(double angle) {
        return this;
    }
}

package firmperch.part;

import firmperch.param.Params;
import java.util.Optional;

/**
 * A part that can be chosen.
 *
 * @param id in files; never changes
 * @param label on the screen
 * @param params what describes its values
 * @param usual as it is to begin with where no kind has one; nothing where one has
 * @param ports how many it is put on where no kind has one
 */
public record PartType<P extends Record & Part>(String id, String label, Params<P> params, Optional<P> usual,
        int ports) {
    /** One that is in a kind, where it is as it usually is. */
    public PartType(String id, String label, Params<P> params) {
        this(id, label, params, Optional.empty(), 1);
    }

    /** One that no kind begins with, on one port. */
    public PartType(String id, String label, Params<P> params, P usual) {
        this(id, label, params, usual, 1);
    }

    /** The same on so many ports. */
    public PartType(String id, String label, Params<P> params, P usual, int ports) {
        this(id, label, params, Optional.of(usual), ports);
    }
}

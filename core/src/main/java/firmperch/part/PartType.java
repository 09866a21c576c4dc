package firmperch.part;

import firmperch.param.Params;
import java.util.Optional;

/**
 * A part that can be chosen.
 *
 * @param id in files; never changes
 * @param label on the screen
 * @param params what describes its values
 * @param usual as it is to begin with, on one port, where no kind has one; nothing where one has
 */
public record PartType<P extends Record & Part>(String id, String label, Params<P> params, Optional<P> usual) {
    /** One that is in a kind, where it is as it usually is. */
    public PartType(String id, String label, Params<P> params) {
        this(id, label, params, Optional.empty());
    }

    /** One that no kind begins with. */
    public PartType(String id, String label, Params<P> params, P usual) {
        this(id, label, params, Optional.of(usual));
    }
}

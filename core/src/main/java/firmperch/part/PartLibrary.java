package firmperch.part;

import java.util.List;

/** A provider of parts and kinds, found by {@link java.util.ServiceLoader}. */
public interface PartLibrary {
    /** The parts it brings. */
    List<PartType<?>> parts();

    /** The compositions it brings. */
    List<Kind> kinds();
}

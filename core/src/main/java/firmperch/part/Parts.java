package firmperch.part;

import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.ServiceLoader;
import java.util.stream.Collectors;

/** Every part and kind that there is. */
public final class Parts {
    private static final List<PartType<?>> TYPES = new ArrayList<>();
    private static final List<Kind> KINDS = new ArrayList<>();

    static {
        for (PartLibrary library : ServiceLoader.load(PartLibrary.class, Parts.class.getClassLoader())) {
            TYPES.addAll(library.parts());
            KINDS.addAll(library.kinds());
        }
    }

    private Parts() {
    }

    /** Every part. */
    public static List<PartType<?>> types() {
        return List.copyOf(TYPES);
    }

    /** Every kind. */
    public static List<Kind> kinds() {
        return List.copyOf(KINDS);
    }

    /** The part of that id. */
    public static PartType<?> type(String id) {
        return TYPES.stream().filter(t -> t.id().equals(id)).findFirst()
                .orElseThrow(() -> new InvalidValue("Kind of part", id == null ? "nothing" : "“" + id + "”",
                        "one of " + TYPES.stream().map(PartType::label).collect(Collectors.joining(", "))));
    }

    /** What kind of part that is. */
    public static PartType<?> type(Part part) {
        return TYPES.stream().filter(t -> t.params().type().isInstance(part)).findFirst()
                .orElseThrow(() -> new IllegalStateException("no library brings " + part.getClass()));
    }
}

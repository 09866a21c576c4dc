package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Turns projects of earlier formats into today's, one step a version: each knows the format before it and the one after it, and
 * none of the others. A value that is only new needs no step (see {@code Params.Builder.orElse}).
 */
final class Migrations {
    /** From version 1 to 2, from 2 to 3, and so on. */
    private static final List<UnaryOperator<JsonNode>> STEPS = List.of(Version1::migrated, Version2::migrated,
            Version3::migrated, Version4::migrated);

    private Migrations() {
    }

    /** The newest version there is. */
    static int newest() {
        return STEPS.size() + 1;
    }

    /** A project of that version, from 1 to {@link #newest}, as one of the newest; what it lacks is told when that is read. */
    static JsonNode migrated(JsonNode project, int version) {
        JsonNode now = project;
        for (UnaryOperator<JsonNode> step : STEPS.subList(version - 1, STEPS.size())) {
            now = step.apply(now);
        }
        return now;
    }
}

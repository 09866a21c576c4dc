package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Files of version 3 tell how stiff a tightened pivot is, a figure that nobody had measured. From version 4 on it is worked out from faces,
 * washers and wood, with its range; only what was measured is told.
 */
final class Version3 {
    private Version3() {
    }

    static JsonNode migrated(JsonNode project) {
        JsonNode copy = project.deepCopy();
        for (JsonNode part : copy.path("perch")) {
            if (part.at("/values/pivots") instanceof ObjectNode pivots) {
                pivots.remove("stiffness");
            }
        }
        return copy;
    }
}

package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Files of version 2 say where a locked caster's wheel points, as if each could be left pointing anywhere. From version 3 on wheels are left
 * where rolling turned them, or all turned outward before they are locked: what was never said is the first.
 */
final class Version2 {
    private Version2() {
    }

    static JsonNode migrated(JsonNode project) {
        JsonNode copy = project.deepCopy();
        for (JsonNode part : copy.path("perch")) {
            if (part.path("part").asText().equals("cast-box")
                    && part.at("/values/corners") instanceof ObjectNode corners) {
                corners.remove("heading");
                corners.put("outward", false);
            }
        }
        return copy;
    }
}

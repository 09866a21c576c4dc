package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Files of version 4 have one picture, seen by one camera with one lens, and one stance of the rig. From version 5 on there are set-ups, each
 * with its own, and the lenses belong to the gear: what an old file wants becomes its only set-up.
 */
final class Version4 {
    /** What there was before apertures were told, see {@code Camera} of then. */
    private static final double APERTURE = 5.6;

    private Version4() {
    }

    static JsonNode migrated(JsonNode project) {
        JsonNode copy = project.deepCopy();
        if (copy instanceof ObjectNode now && now.remove("shot") instanceof ObjectNode shot
                && shot.get("camera") instanceof ObjectNode camera && now.get("gear") instanceof ObjectNode gear) {
            ObjectNode setUp = now.putArray("setUps").addObject();
            now.put("shown", 0);
            setUp.put("name", "Overhead");
            move(shot, "wanted", setUp, "wanted");
            if (setUp.get("wanted") instanceof ObjectNode wanted) {
                // The picture was taken to lie as the camera is turned; it turned with the base at least.
                wanted.put("filmed", "AREA").put("turn", now.at("/stance/heading").asDouble()).put("tilt", 0)
                        .put("lean", 0).put("seated", false);
            }
            move(shot, "handsRoom", setUp, "handsRoom");
            setUp.put("lens", 0);
            setUp.put("zoom", 0);
            move(camera, "crop", setUp, "crop");
            setUp.put("aperture", APERTURE);
            move(camera, "aperture", setUp, "aperture");
            setUp.put("recording", "REMOTE");
            move(now, "stance", setUp, "stance");
            ObjectNode lens = gear.putArray("lenses").addObject();
            lens.put("name", "The lens");
            move(camera, "focalLength", lens, "focalLength");
            lens.put("longest", 0);
            move(camera, "nearestFocus", lens, "nearestFocus");
            move(camera, "lensLength", lens, "length");
            gear.set("camera", camera);
        }
        return copy;
    }

    /** What is not there stays away, and is told when the file is read. */
    private static void move(ObjectNode from, String name, ObjectNode to, String as) {
        JsonNode value = from.remove(name);
        if (value != null) {
            to.set(as, value);
        }
    }
}

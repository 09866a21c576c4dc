package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Turns a project of format 1 into one of format 2. Format 1 knew one kind of perch, its five parts in fixed places and every
 * value in one flat group; what it did not know (handling loads, sizes of gear) is set as usual. What a value may be is asked
 * when the result is read.
 */
final class Version1 {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Version1() {
    }

    static JsonNode migrated(JsonNode old) {
        ObjectNode project = NODES.objectNode();
        copy(project, old, "name", "studio", "units");
        project.set("shot", shot(old.path("shot")));
        project.set("gear", gear(old.path("gear")));
        project.set("place", place(old.path("place")));
        project.set("perch", perch(old.path("perch")));
        project.set("stance", stance(old.path("stance")));
        project.set("policy", policy(old.path("policy")));
        ArrayNode log = project.putArray("log");
        for (JsonNode one : old.path("log")) {
            ObjectNode entry = log.addObject();
            copy(entry, one, "date", "kind", "value", "note");
            entry.set("joints", joints(one.path("joints")));
        }
        return project;
    }

    /** Copies values of the same name; one that is missing stays missing, and is told so when the result is read. */
    private static ObjectNode copy(ObjectNode to, JsonNode from, String... names) {
        for (String name : names) {
            move(to, name, from, name);
        }
        return to;
    }

    private static void move(ObjectNode to, String name, JsonNode from, String oldName) {
        if (from.has(oldName)) {
            to.set(name, from.get(oldName));
        }
    }

    private static ObjectNode shot(JsonNode old) {
        ObjectNode shot = NODES.objectNode();
        copy(shot.putObject("wanted"), old, "width", "depth", "alongArm", "height", "fromEdge", "aside");
        ObjectNode camera = copy(shot.putObject("camera"), old, "format", "crop", "focalLength", "nearestFocus",
                "lensLength", "sensorBelow");
        ObjectNode pixels = camera.putObject("pixels");
        move(pixels, "wide", old, "pixelsWide");
        move(pixels, "high", old, "pixelsHigh");
        return copy(shot, old, "handsRoom");
    }

    private static ObjectNode gear(JsonNode old) {
        ObjectNode gear = NODES.objectNode();
        ArrayNode items = gear.putArray("items");
        for (JsonNode one : old.path("items")) {
            ObjectNode item = copy(items.addObject(), one, "name", "mass", "forward", "left", "up");
            item.putObject("size").put("along", 0.0).put("across", 0.0).put("high", 0.0);
        }
        return copy(gear, old, "spare");
    }

    private static ObjectNode place(JsonNode old) {
        ObjectNode place = NODES.objectNode();
        ObjectNode room = place.putObject("room");
        move(room, "depth", old, "roomDepth");
        copy(room, old, "ceiling", "walkway", "slope");
        ObjectNode bench = place.putObject("bench");
        move(bench, "from", old, "benchFrom");
        move(bench, "depth", old, "benchDepth");
        move(bench, "width", old, "benchWidth");
        move(bench, "height", old, "benchHeight");
        move(bench, "top", old, "benchTop");
        return place;
    }

    private static ObjectNode part(ArrayNode parts, String name, String part, String on) {
        ObjectNode one = parts.addObject();
        one.put("name", name);
        one.put("part", part);
        one.putArray("on").add(on);
        return one.putObject("values");
    }

    private static ArrayNode perch(JsonNode old) {
        ArrayNode parts = NODES.arrayNode();
        JsonNode base = old.path("base");
        ObjectNode box = part(parts, "box", "cast-box", "place.floor");
        copy(box.putObject("shell"), base, "side", "height", "wall");
        ObjectNode concrete = box.putObject("concrete");
        move(concrete, "height", base, "fill");
        move(concrete, "density", base, "concreteDensity");
        copy(box, base, "board");
        ObjectNode caster = box.putObject("caster");
        move(caster, "plate", base, "casterPlate");
        move(caster, "height", base, "casterHeight");
        move(caster, "diameter", base, "casterDiameter");
        move(caster, "trail", base, "casterTrail");
        move(caster, "rating", base, "casterRating");
        move(caster, "mass", base, "casterMass");
        copy(caster, base, "tyre");
        ObjectNode corners = box.putObject("corners");
        move(corners, "out", base, "casterOut");
        copy(corners, base, "locked");
        move(corners, "heading", base, "trailHeading");

        JsonNode upright = old.path("upright");
        ObjectNode post = part(parts, "post", "pinned-post", "box.hollow");
        copy(post, upright, "stock", "length");
        ObjectNode row = post.putObject("row");
        move(row, "first", upright, "firstHole");
        copy(row, upright, "pitch", "pin");
        move(row, "count", upright, "holes");
        copy(post, upright, "anchors");

        copy(part(parts, "carriage", "drop-on-block", "post.round"), old.path("carriage"), "height", "width",
                "material",
                "clearance", "forward");
        arm(part(parts, "arm", "level-arm", "carriage.face"), old.path("arm"));

        ObjectNode head = part(parts, "head", "tilt-head", "arm.end");
        copy(head, old.path("head"), "mass", "drop");
        move(head, "torque", old.path("head"), "holdingTorque");
        return parts;
    }

    private static void arm(ObjectNode arm, JsonNode old) {
        ObjectNode links = arm.putObject("links");
        move(links, "length", old, "linkLength");
        move(links, "spacing", old, "plateSpacing");
        move(links, "material", old, "sticks");
        move(links, "depth", old, "stickDepth");
        move(links, "thickness", old, "stickThickness");
        move(links, "count", old, "sticksPerLink");
        move(links, "end", old, "endDistance");
        ObjectNode pivots = arm.putObject("pivots");
        copy(pivots, old, "bolt", "closure", "tightened");
        move(pivots, "faces", old, "facesPerPivot");
        move(pivots, "pair", old, "faces");
        move(pivots, "torque", old, "handTorque");
        move(pivots, "stiffness", old, "pivotStiffness");
        ObjectNode stops = arm.putObject("stops");
        move(stops, "low", old, "lowStop");
        move(stops, "high", old, "highStop");
        ObjectNode plates = arm.putObject("plates");
        move(plates, "thickness", old, "plateThickness");
        copy(plates, old, "overhang");
    }

    private static ObjectNode joints(JsonNode old) {
        ObjectNode joints = NODES.objectNode();
        move(joints, "carriage.pin", old, "pin");
        move(joints, "carriage.swing", old, "swing");
        move(joints, "arm.lift", old, "lift");
        return joints;
    }

    private static ObjectNode stance(JsonNode old) {
        ObjectNode stance = copy(NODES.objectNode(), old, "x", "y", "heading");
        stance.set("joints", joints(old.path("joints")));
        return stance;
    }

    private static ObjectNode policy(JsonNode old) {
        ObjectNode policy = NODES.objectNode();
        copy(policy.putObject("standing"), old, "lean", "pushShare", "pushMost", "pushHeight", "slope", "person");
        copy(policy.putObject("loads"), old, "proof", "slip", "lift").put("handling", 1.5).put("hand", 60.0);
        copy(policy.putObject("movement"), old, "sag", "tilt", "rock", "fold");
        copy(policy.putObject("distances"), old, "scale", "overshoot", "gap");
        return copy(policy, old, "near");
    }
}

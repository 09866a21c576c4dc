package firmperch.file;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.param.Param;
import firmperch.param.Params;
import firmperch.part.PartType;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.stock.Catalogue;

/** The JSON Schema (2020-12) of project files, made from the params: what is published is this, and a test holds it to that. */
public final class Schema {
    private static final String PERCH = "perch";
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Schema() {
    }

    /** Its text. */
    public static String text() {
        return text("Firm Perch project", ProjectFile.FORMAT, ProjectFile.VERSION, null, "project", Project.PARAMS);
    }

    /**
     * That of a file of some format.
     *
     * @param name the property that names what it holds; null if nothing does
     * @param what the property that holds it
     */
    static String text(String title, String format, int version, String name, String what, Params<?> params) {
        ObjectNode root = NODES.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", title);
        root.put("description", "Numbers are SI (m, kg, N, N·m), angles in rad.");
        root.put("type", "object");
        ObjectNode properties = root.putObject("properties");
        properties.putObject("format").put("const", format);
        properties.putObject("version").put("const", version);
        if (name != null) {
            properties.putObject(name).put("type", "string").put("minLength", 1).put("maxLength", 200);
        }
        properties.set(what, group(params));
        required(root, name == null
                ? new String[]{"format", "version", what}
                : new String[]{"format", "version", name, what});
        root.put("additionalProperties", false);
        if (params == Project.PARAMS || params == Variant.PARAMS) {
            // It stands in it more than once: as the rig that is worked on, and as each variant.
            perch(root.putObject("$defs").putObject(PERCH));
        }
        return Tree.text(root);
    }

    private static void required(ObjectNode node, String... names) {
        ArrayNode list = node.putArray("required");
        for (String name : names) {
            list.add(name);
        }
    }

    private static ObjectNode group(Params<?> params) {
        ObjectNode node = NODES.objectNode();
        node.put("type", "object");
        ObjectNode properties = node.putObject("properties");
        for (Param param : params.all()) {
            ObjectNode one = value(param);
            one.put("title", param.label());
            if (!param.help().isEmpty()) {
                one.put("description", param.help());
            }
            param.before().ifPresent(before -> one.set("default", Codec.write(param, before)));
            properties.set(param.name(), one);
        }
        required(node, params.all().stream().filter(p -> p.before().isEmpty()).map(Param::name)
                .toArray(String[]::new));
        node.put("additionalProperties", false);
        return node;
    }

    private static ObjectNode value(Param param) {
        ObjectNode node = NODES.objectNode();
        switch (param.kind()) {
            case Param.Measure m -> node.put("type", "number").put("minimum", m.least()).put("maximum", m.most());
            case Param.Whole w -> node.put("type", "integer").put("minimum", w.least()).put("maximum", w.most());
            case Param.Choice c -> {
                ArrayNode rows = node.putArray("enum");
                c.catalogue().rows().stream().map(Catalogue.Row::id).forEach(rows::add);
            }
            case Param.Either _ -> node.put("type", "boolean");
            case Param.OneOf o -> {
                ArrayNode names = node.putArray("enum");
                for (Enum<?> constant : o.type().getEnumConstants()) {
                    names.add(constant.name());
                }
            }
            case Param.Text t -> {
                node.put("type", "string").put("maxLength", t.most());
                if (t.required()) {
                    node.put("minLength", 1);
                }
            }
            case Param.Day _ -> node.put("type", "string").put("format", "date");
            case Param.Group g -> {
                return group(g.params());
            }
            case Param.Many m -> {
                node.put("type", "array").put("maxItems", m.most());
                node.set("items", group(m.each()));
            }
            case Param.Mixed m -> {
                node.put("type", "array").put("maxItems", m.most());
                ArrayNode any = node.putObject("items").putArray("anyOf");
                m.variants().forEach(v -> any.add(sorted(v)));
            }
            case Param.Settings _ -> {
                node.put("type", "object");
                node.putObject("additionalProperties").put("type", "number").put("minimum", -1000).put("maximum", 1000);
            }
            case Param.Other _ -> node.put("$ref", "#/$defs/" + PERCH);
        }
        return node;
    }

    /** A group that also says of which sort it is. */
    private static ObjectNode sorted(Param.Variant variant) {
        ObjectNode one = group(variant.params());
        one.put("title", variant.label());
        ((ObjectNode) one.get("properties")).putObject(Codec.SORT).put("const", variant.id());
        ((ArrayNode) one.get("required")).add(Codec.SORT);
        return one;
    }

    private static void perch(ObjectNode node) {
        node.put("type", "array");
        ArrayNode any = node.putObject("items").putArray("anyOf");
        for (PartType<?> type : Parts.types()) {
            ObjectNode one = any.addObject();
            one.put("title", type.label());
            one.put("type", "object");
            ObjectNode properties = one.putObject("properties");
            properties.putObject("name").put("type", "string").put("minLength", 1).put("maxLength", 40);
            properties.putObject("called").put("type", "string").put("maxLength", 60);
            properties.putObject("part").put("const", type.id());
            properties.putObject("on").put("type", "array").putObject("items").put("type", "string");
            properties.set("values", group(type.params()));
            required(one, "name", "part", "on", "values");
            one.put("additionalProperties", false);
        }
    }
}

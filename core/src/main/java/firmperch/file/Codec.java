package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Params;
import firmperch.part.Mounted;
import firmperch.part.Part;
import firmperch.part.PartType;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** How described records become JSON and come back: by their params, which say what each value may be. */
final class Codec {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Codec() {
    }

    // Writing.

    static ObjectNode write(Described record) {
        ObjectNode node = NODES.objectNode();
        Object[] values = record.params().values((Record) record);
        for (int i = 0; i < values.length; i++) {
            Param param = record.params().all().get(i);
            node.set(param.name(), write(param, values[i]));
        }
        return node;
    }

    private static JsonNode write(Param param, Object value) {
        return switch (param.kind()) {
            case Param.Measure _ -> NODES.numberNode((double) value);
            case Param.Whole _ -> NODES.numberNode((int) value);
            case Param.Choice _ -> NODES.textNode(((Catalogue.Row) value).id());
            case Param.Either _ -> NODES.booleanNode((boolean) value);
            case Param.OneOf _ -> NODES.textNode(((Enum<?>) value).name());
            case Param.Text _ -> NODES.textNode((String) value);
            case Param.Day _ -> NODES.textNode(value.toString());
            case Param.Group _ -> write((Described) value);
            case Param.Many _ -> {
                ArrayNode list = NODES.arrayNode();
                ((List<?>) value).forEach(one -> list.add(write((Described) one)));
                yield list;
            }
            case Param.Settings _ -> {
                ObjectNode map = NODES.objectNode();
                ((Map<?, ?>) value).forEach((k, v) -> map.put((String) k, ((Number) v).doubleValue()));
                yield map;
            }
            case Param.Other _ -> write((Perch) value);
        };
    }

    private static JsonNode write(Perch perch) {
        ArrayNode parts = NODES.arrayNode();
        for (Mounted mounted : perch.parts()) {
            ObjectNode one = parts.addObject();
            one.put("name", mounted.name());
            one.put("part", Parts.type(mounted.part()).id());
            ArrayNode on = one.putArray("on");
            mounted.on().forEach(on::add);
            one.set("values", write(mounted.part()));
        }
        return parts;
    }

    // Reading.

    /**
     * The record of those params that a node holds.
     *
     * @param what it is, for refusals
     * @throws InvalidValue if a value is missing, unknown, of the wrong kind, or refused by the record
     */
    static <R extends Record> R read(Params<R> params, JsonNode node, String what) {
        if (!node.isObject()) {
            throw new InvalidValue(what, given(node), "a group of values");
        }
        for (Iterator<String> names = node.fieldNames(); names.hasNext();) {
            String name = names.next();
            if (params.get(name) == null) {
                throw new InvalidValue(what, "“" + printable(name) + "”", "one of "
                        + String.join(", ", params.all().stream().map(Param::name).toList()));
            }
        }
        Object[] values = new Object[params.all().size()];
        for (int i = 0; i < values.length; i++) {
            Param param = params.all().get(i);
            JsonNode value = node.get(param.name());
            if (value == null || value.isNull()) {
                throw new InvalidValue(param.label(), "nothing", param.expected());
            }
            values[i] = read(param, value);
        }
        return params.make(values);
    }

    private static Object read(Param param, JsonNode node) {
        return switch (param.kind()) {
            case Param.Measure _ -> number(param, node);
            case Param.Whole _ -> {
                if (!node.isInt()) {
                    throw refused(param, node);
                }
                yield node.intValue();
            }
            case Param.Choice c ->
                c.catalogue().rows().stream().filter(r -> node.isTextual() && r.id().equals(node.textValue()))
                        .findFirst().orElseThrow(() -> refused(param, node));
            case Param.Either _ -> {
                if (!node.isBoolean()) {
                    throw refused(param, node);
                }
                yield node.booleanValue();
            }
            case Param.OneOf o -> {
                for (Enum<?> constant : o.type().getEnumConstants()) {
                    if (node.isTextual() && constant.name().equals(node.textValue().toUpperCase(Locale.ROOT))) {
                        yield constant;
                    }
                }
                throw refused(param, node);
            }
            case Param.Text _ -> text(param, node);
            case Param.Day _ -> {
                try {
                    yield LocalDate.parse(text(param, node));
                } catch (DateTimeParseException e) {
                    throw refused(param, node);
                }
            }
            case Param.Group g -> read(g.params(), node, param.label());
            case Param.Many m -> {
                if (!node.isArray() || node.size() > m.most()) {
                    throw node.isArray()
                            ? new InvalidValue(param.label(), node.size() + " of them", param.expected())
                            : refused(param, node);
                }
                List<Object> list = new ArrayList<>();
                for (JsonNode one : node) {
                    list.add(read(m.each(), one, param.label() + ", number " + (list.size() + 1)));
                }
                yield list;
            }
            case Param.Settings _ -> {
                if (!node.isObject() || node.size() > 200) {
                    throw refused(param, node);
                }
                Map<String, Double> map = new TreeMap<>();
                node.properties().forEach(e -> map.put(e.getKey(), number(param, e.getValue())));
                yield map;
            }
            case Param.Other _ -> perch(node);
        };
    }

    private static double number(Param param, JsonNode node) {
        if (!node.isNumber()) {
            throw refused(param, node);
        }
        return node.doubleValue();
    }

    private static String text(Param param, JsonNode node) {
        if (!node.isTextual()) {
            throw refused(param, node);
        }
        return node.textValue();
    }

    private static InvalidValue refused(Param param, JsonNode node) {
        return new InvalidValue(param.label(), given(node), param.expected());
    }

    private static String given(JsonNode node) {
        return node.isTextual() ? "“" + printable(node.textValue()) + "”" : switch (node.getNodeType()) {
            case ARRAY -> "a list";
            case OBJECT -> "a group of values";
            case NULL, MISSING -> "nothing";
            default -> printable(node.asText());
        };
    }

    /** Short, and without what would upset a terminal. */
    private static String printable(String text) {
        String clean = text.codePoints().filter(c -> !Character.isISOControl(c)).limit(60)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
        return clean.length() < text.length() && text.length() > 60 ? clean + "…" : clean;
    }

    private static Perch perch(JsonNode node) {
        if (!node.isArray() || node.size() > 100) {
            throw new InvalidValue("Perch", given(node), "a list of parts");
        }
        List<Mounted> parts = new ArrayList<>();
        for (JsonNode one : node) {
            String name = one.path("name").asText("");
            PartType<?> type = Parts.type(one.path("part").isTextual() ? one.path("part").textValue() : null);
            List<String> on = new ArrayList<>();
            one.path("on").forEach(port -> on.add(port.asText()));
            Part part = (Part) read(type.params(), one.path("values"), type.label());
            parts.add(new Mounted(name, part, on));
        }
        return new Perch(parts);
    }
}

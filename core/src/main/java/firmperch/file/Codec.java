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
import firmperch.units.Require;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Supplier;

/** How described records become JSON and come back: by their params, which say what each value may be. */
final class Codec {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final Set<String> MOUNTED = Set.of("name", "called", "part", "on", "values");

    /** What says of which sort one of different things is. */
    static final String SORT = "is";

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

    /** A value as it stands in a file. */
    static JsonNode write(Param param, Object value) {
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
            case Param.Mixed m -> {
                ArrayNode list = NODES.arrayNode();
                for (Object one : (List<?>) value) {
                    ObjectNode node = list.addObject().put(SORT, m.of((Described) one).id());
                    node.setAll(write((Described) one));
                }
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
            if (!mounted.called().isEmpty()) {
                one.put("called", mounted.called());
            }
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
                throw new InvalidValue(what, "“" + printable(name) + "”", "nothing but "
                        + String.join(", ", params.all().stream().map(Param::label).toList()));
            }
        }
        Object[] values = new Object[params.all().size()];
        for (int i = 0; i < values.length; i++) {
            Param param = params.all().get(i);
            JsonNode value = node.get(param.name());
            if (value == null || value.isNull()) {
                // A file of before there was this value; one that says “null” has lost it.
                Optional<Object> before = value == null ? param.before() : Optional.empty();
                values[i] = before.orElseThrow(() -> new InvalidValue(param.label(), "nothing", param.expected()));
            } else {
                values[i] = read(param, value);
            }
        }
        return params.make(values);
    }

    /** What is refused inside something is told with what that is. */
    private static <T> T in(String what, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (InvalidValue e) {
            throw e.in(what);
        }
    }

    /** "Measurements, number 2", with its name where it has one. */
    private static String numbered(String list, int number, JsonNode one) {
        JsonNode name = one.path("name");
        return list + ", number " + number
                + (name.isTextual() && !name.textValue().isBlank() ? " (“" + printable(name.textValue()) + "”)" : "");
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
            case Param.Group g -> in(param.label(), () -> read(g.params(), node, param.label()));
            case Param.Many m -> list(param, node, m.most(), (one, which) -> read(m.each(), one, which));
            case Param.Mixed m -> list(param, node, m.most(), (one, which) -> sorted(m, one, which));
            case Param.Settings _ -> {
                if (!node.isObject() || node.size() > 200) {
                    throw refused(param, node);
                }
                Map<String, Double> map = new TreeMap<>();
                node.properties().forEach(e -> map.put(joint(param, e.getKey()), number(param, e.getValue())));
                yield map;
            }
            case Param.Other _ -> perch(node);
        };
    }

    /** A list, each of it read by itself and told with its number. */
    private static List<Object> list(Param param, JsonNode node, int most, BiFunction<JsonNode, String, Object> read) {
        if (!node.isArray() || node.size() > most) {
            throw node.isArray()
                    ? new InvalidValue(param.label(), node.size() + " of them", param.expected())
                    : refused(param, node);
        }
        List<Object> list = new ArrayList<>();
        for (JsonNode one : node) {
            String which = numbered(param.label(), list.size() + 1, one);
            list.add(in(which, () -> read.apply(one, which)));
        }
        return list;
    }

    /** One of different things: what says of which sort it is decides what its values may be. */
    private static Object sorted(Param.Mixed mixed, JsonNode one, String which) {
        JsonNode sort = one.path(SORT);
        Param.Variant variant = mixed.variants().stream()
                .filter(v -> sort.isTextual() && v.id().equals(sort.textValue())).findFirst()
                .orElseThrow(() -> new InvalidValue("Its sort, “" + SORT + "”", given(sort), "one of "
                        + String.join(", ", mixed.variants().stream().map(Param.Variant::id).toList())));
        return read(variant.params(), ((ObjectNode) one).deepCopy().without(SORT), which);
    }

    /** A setting's name, which must come back as it was written. */
    private static String joint(Param param, String name) {
        if (!Require.whole(name) || Require.steering(name).isPresent() || name.length() > 200) {
            throw new InvalidValue(param.label(), "“" + printable(name) + "”", "the name of a joint");
        }
        return name;
    }

    private static double number(Param param, JsonNode node) {
        if (!node.isNumber()) {
            throw refused(param, node);
        }
        double value = node.doubleValue();
        if (!Double.isFinite(value)) {
            throw new InvalidValue(param.label(), "a number too large to hold", param.expected());
        }
        return value;
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
    static String printable(String text) {
        String clean = text.codePoints().filter(Codec::seen).limit(60)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
        return clean.length() < text.length() && text.length() > 60 ? clean + "…" : clean;
    }

    private static boolean seen(int c) {
        return !Character.isISOControl(c) && Character.getType(c) != Character.FORMAT
                && Character.getType(c) != Character.SURROGATE;
    }

    private static Perch perch(JsonNode node) {
        if (!node.isArray()) {
            throw new InvalidValue("Perch", given(node), "a list of parts");
        }
        if (node.size() > Perch.MOST) {
            throw new InvalidValue("Parts of the perch", node.size() + " of them", "at most " + Perch.MOST);
        }
        List<Mounted> parts = new ArrayList<>();
        for (JsonNode one : node) {
            parts.add(in(numbered("Parts of the perch", parts.size() + 1, one), () -> mounted(one)));
        }
        return in("Perch", () -> new Perch(parts));
    }

    private static Mounted mounted(JsonNode one) {
        for (String field : (Iterable<String>) one::fieldNames) {
            if (!MOUNTED.contains(field)) {
                throw new InvalidValue("Part", "“" + printable(field) + "”",
                        "its name, what it is called, its kind, what it stands on, its values");
            }
        }
        if (!one.path("name").isTextual()) {
            throw new InvalidValue("Name of the part", given(one.path("name")), "1 to 40 letters, digits and hyphens");
        }
        PartType<?> type = Parts.type(one.path("part").isTextual() ? one.path("part").textValue() : null);
        if (!one.path("on").isArray()) {
            throw new InvalidValue("What the part stands on", given(one.path("on")), "a list of places");
        }
        List<String> on = new ArrayList<>();
        for (JsonNode port : one.path("on")) {
            if (!port.isTextual()) {
                throw new InvalidValue("What the part stands on", given(port), "the name of a place");
            }
            on.add(port.textValue());
        }
        Part part = (Part) read(type.params(), one.path("values"), type.label());
        if (!one.path("called").isMissingNode() && !one.path("called").isTextual()) {
            throw new InvalidValue("What the part is called", given(one.path("called")), "a text");
        }
        return new Mounted(one.path("name").textValue(), one.path("called").asText(""), part, on);
    }
}

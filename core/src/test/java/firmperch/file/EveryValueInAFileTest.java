package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import firmperch.Demo;
import firmperch.param.Param;
import firmperch.param.Params;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.place.Rooms;
import firmperch.project.Project;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;

/** Each value of a project file by itself: missing, of another sort, and past its range. The schema agrees with the reader. */
class EveryValueInAFileTest {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final JsonSchema SCHEMA = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(Schema.text());
    private static final ObjectMapper JSON = new ObjectMapper();

    private static JsonNode written(Kind kind) {
        try {
            Project bare = Demo.of(kind);
            Project project = bare.with(bare.place().with(Rooms.everySort()));
            return JSON.readTree(ProjectFile.text(project));
        } catch (java.io.IOException e) {
            throw new AssertionError(e);
        }
    }

    /**
     * Calls back for each described value below a node: the node that it stands in, and its description.
     *
     * @param tried what needs no trying any more: a bolt of one kind is described as that of another
     */
    private static void walk(Params<?> params, JsonNode node, Set<Param> tried, BiConsumer<ObjectNode, Param> each) {
        for (Param param : params.all()) {
            if (tried.add(param)) {
                each.accept((ObjectNode) node, param);
            }
            JsonNode value = node.get(param.name());
            switch (param.kind()) {
                case Param.Group group -> walk(group.params(), value, tried, each);
                case Param.Many many -> value.forEach(one -> walk(many.each(), one, tried, each));
                case Param.Mixed mixed -> value.forEach(one -> mixed.variants().stream()
                        .filter(v -> v.id().equals(one.get("is").textValue()))
                        .forEach(v -> walk(v.params(), one, tried, each)));
                case Param.Other _ -> value.forEach(one -> walk(Parts.type(one.get("part").textValue()).params(),
                        one.get("values"), tried, each));
                default -> {
                }
            }
        }
    }

    private static void refused(JsonNode root, String label, String what) {
        byte[] text = root.toPrettyString().getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.parse(Path.of("p.perch.json"), text)).as(what)
                .isInstanceOf(UnusableFile.class).hasMessageContaining(label).hasMessageContaining("expected")
                .message().doesNotContain("null").doesNotContain("java").doesNotContain("NaN");
    }

    private static Set<Param> none() {
        return Collections.newSetFromMap(new IdentityHashMap<>());
    }

    @Test
    void eachMayNotBeMissing() {
        Set<Param> tried = none();
        Parts.kinds().forEach(kind -> mayNotBeMissing(kind, tried));
    }

    private static void mayNotBeMissing(Kind kind, Set<Param> tried) {
        JsonNode root = written(kind);
        walk(Project.PARAMS, root.get("project"), tried, (node, param) -> {
            JsonNode was = node.remove(param.name());
            if (param.before().isPresent()) {
                assertThat(SCHEMA.validate(root)).as("schema: of before " + param.name()).isEmpty();
            } else {
                refused(root, param.label(), "without " + param.name());
                assertThat(SCHEMA.validate(root)).as("schema: without " + param.name()).isNotEmpty();
            }
            node.set(param.name(), was);
        });
        assertThat(SCHEMA.validate(root)).as("all is as it was").isEmpty();
    }

    /** What else could stand in a value's place. */
    private static List<JsonNode> others(Param param) {
        List<JsonNode> wrong = new ArrayList<>(List.of(NODES.nullNode()));
        if (!(param.kind() instanceof Param.Other)) {
            wrong.add(NODES.arrayNode().add(NODES.arrayNode()));
        }
        switch (param.kind()) {
            case Param.Measure m -> {
                wrong.add(NODES.textNode("long"));
                wrong.add(NODES.booleanNode(true));
                wrong.add(NODES.numberNode(m.most() * 1.01 + 1));
                wrong.add(NODES.numberNode(m.least() - Math.abs(m.least()) * 0.01 - 1));
            }
            case Param.Whole w -> {
                wrong.add(NODES.numberNode(w.least() + 0.5));
                wrong.add(NODES.numberNode(w.most() + 1));
                wrong.add(NODES.numberNode(w.least() - 1));
                wrong.add(NODES.textNode(Integer.toString(w.least())));
            }
            case Param.Either _ -> wrong.add(NODES.textNode("yes"));
            case Param.Choice _,Param.OneOf _ -> {
                wrong.add(NODES.textNode("no such row"));
                wrong.add(NODES.numberNode(1));
            }
            case Param.Text t -> {
                wrong.add(NODES.numberNode(1));
                wrong.add(NODES.textNode("x".repeat(t.most() + 1)));
            }
            case Param.Day _ -> {
                wrong.add(NODES.textNode("yesterday"));
                wrong.add(NODES.textNode("2026-02-30"));
            }
            case Param.Settings _ -> {
                wrong.add(NODES.numberNode(1));
                wrong.add(NODES.objectNode().put("arm.lift", "up"));
            }
            case Param.Group _,Param.Other _ -> wrong.add(NODES.textNode("something"));
            case Param.Many m -> {
                wrong.add(NODES.textNode("something"));
                wrong.add(objects(m.most() + 1));
            }
            case Param.Mixed m -> {
                wrong.add(NODES.textNode("something"));
                wrong.add(objects(m.most() + 1));
                wrong.add(NODES.arrayNode().add(NODES.objectNode().put("is", "no such sort")));
            }
        }
        return wrong;
    }

    private static ArrayNode objects(int count) {
        ArrayNode many = NODES.arrayNode();
        for (int i = 0; i < count; i++) {
            many.addObject();
        }
        return many;
    }

    @Test
    void eachIsRefusedInItsOwnWordsWhenItIsOfAnotherSort() {
        Set<Param> tried = none();
        Parts.kinds().forEach(kind -> refusedOfAnotherSort(kind, tried));
        assertThat(tried).as("values tried").hasSizeGreaterThan(150);
    }

    private static void refusedOfAnotherSort(Kind kind, Set<Param> tried) {
        JsonNode root = written(kind);
        walk(Project.PARAMS, root.get("project"), tried, (node, param) -> {
            JsonNode was = node.get(param.name());
            for (JsonNode wrong : others(param)) {
                node.set(param.name(), wrong);
                // What a measurement may be depends on what was measured, and is told in that one's words.
                refused(root, param.label().equals("Measured value") ? "" : param.label(),
                        param.name() + " = " + wrong);
                // That February has no thirtieth is the reader's to know.
                boolean schemaKnows = !(param.kind() instanceof Param.Day);
                assertThat(schemaKnows && SCHEMA.validate(root).isEmpty()).as("schema: %s = %s", param.name(), wrong)
                        .isFalse();
            }
            node.set(param.name(), was);
        });
        assertThat(SCHEMA.validate(root)).as("all is as it was").isEmpty();
    }
}

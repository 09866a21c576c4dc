package firmperch.file;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonFactoryBuilder;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.MissingNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Map;

/**
 * JSON text as a tree and back, by Jackson's parser and generator alone: its mapper would do the same and load three hundred classes more, which
 * everyone who starts the program would wait for.
 */
public final class Tree {
    private static final JsonFactory FACTORY = new JsonFactoryBuilder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Tree() {
    }

    /** The one value that a text holds; a missing node for an empty text. */
    static JsonNode of(byte[] text) throws IOException {
        try (JsonParser parser = FACTORY.createParser(text)) {
            if (parser.nextToken() == null) {
                return MissingNode.getInstance();
            }
            JsonNode root = value(parser);
            if (parser.nextToken() != null) {
                throw new JsonParseException(parser, "more text after the end");
            }
            return root;
        }
    }

    /** A tree as text, indented. */
    public static String text(JsonNode root) {
        StringWriter text = new StringWriter();
        try (JsonGenerator out = FACTORY.createGenerator(text)) {
            out.useDefaultPrettyPrinter();
            write(root, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.append('\n').toString();
    }

    private static void write(JsonNode node, JsonGenerator out) throws IOException {
        switch (node.getNodeType()) {
            case OBJECT -> {
                out.writeStartObject();
                for (Map.Entry<String, JsonNode> each : node.properties()) {
                    out.writeFieldName(each.getKey());
                    write(each.getValue(), out);
                }
                out.writeEndObject();
            }
            case ARRAY -> {
                out.writeStartArray();
                for (JsonNode each : node) {
                    write(each, out);
                }
                out.writeEndArray();
            }
            case STRING -> out.writeString(node.textValue());
            case BOOLEAN -> out.writeBoolean(node.booleanValue());
            case NUMBER -> {
                if (node.isIntegralNumber()) {
                    out.writeNumber(node.longValue());
                } else {
                    out.writeNumber(node.doubleValue());
                }
            }
            default -> out.writeNull();
        }
    }

    private static JsonNode value(JsonParser parser) throws IOException {
        return switch (parser.currentToken()) {
            case START_OBJECT -> {
                ObjectNode object = NODES.objectNode();
                for (String name = parser.nextFieldName(); name != null; name = parser.nextFieldName()) {
                    parser.nextToken();
                    object.set(name, value(parser));
                }
                yield object;
            }
            case START_ARRAY -> {
                ArrayNode array = NODES.arrayNode();
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    array.add(value(parser));
                }
                yield array;
            }
            case VALUE_STRING -> NODES.textNode(parser.getText());
            case VALUE_NUMBER_FLOAT -> NODES.numberNode(parser.getDoubleValue());
            case VALUE_NUMBER_INT -> switch (parser.getNumberType()) {
                case INT -> NODES.numberNode(parser.getIntValue());
                case LONG -> NODES.numberNode(parser.getLongValue());
                default -> NODES.numberNode(parser.getBigIntegerValue());
            };
            case VALUE_TRUE -> NODES.booleanNode(true);
            case VALUE_FALSE -> NODES.booleanNode(false);
            case VALUE_NULL -> NODES.nullNode();
            default -> throw new JsonParseException(parser, "no value");
        };
    }
}

package firmperch.file;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonFactoryBuilder;
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

/**
 * JSON text as a tree, by Jackson's parser alone: its mapper would do the same and load three hundred classes more, which
 * everyone who starts the program would wait for.
 */
final class Tree {
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

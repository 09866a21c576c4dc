package firmperch.trial;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.ValueNode;
import firmperch.Demo;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.part.Parts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Changes project files at random: in their bytes, their values, their shape. */
public final class Mutations {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String DEEP = "here it is deep";
    private static final double[] EXTREMES = {0, -0.0, 1e-310, 1e-28, 1e-17, 1e-9, 1e-7, -1, 1e6, 1e15, 1e300,
            Double.MAX_VALUE};

    private final Random random;

    public Mutations(long seed) {
        random = new Random(seed);
    }

    /** The samples and what each kind starts from, as files. */
    public static List<String> texts() {
        List<String> texts = new ArrayList<>();
        Samples.all().forEach(p -> texts.add(ProjectFile.text(p)));
        Parts.kinds().forEach(k -> texts.add(ProjectFile.text(Demo.of(k))));
        return texts;
    }

    /** One to three changes of a file's shape. */
    public byte[] structure(String text) throws IOException {
        JsonNode root = JSON.readTree(text);
        String[] doubled = {""};
        for (int n = random.nextInt(3); n >= 0; n--) {
            List<ObjectNode> objects = new ArrayList<>();
            objects(root, objects);
            ObjectNode object = objects.get(random.nextInt(objects.size()));
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            if (names.isEmpty()) {
                continue;
            }
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(8)) {
                case 0 -> object.remove(name);
                case 1 -> doubled[0] = name;
                case 2 -> object.set(names.get(random.nextInt(names.size())), object.remove(name));
                case 3 -> object.put(name, DEEP);
                case 4 -> object.set(name, JSON.getNodeFactory().numberNode(EXTREMES[random.nextInt(EXTREMES.length)]));
                default -> parts(root.at("/project/perch"));
            }
        }
        String changed = root.toString().replace("\"" + DEEP + "\"", deep());
        int at = doubled[0].isEmpty() ? -1 : changed.indexOf("\"" + doubled[0] + "\":");
        String whole = at < 0
                ? changed
                : changed.substring(0, at) + "\"" + doubled[0] + "\":1," + changed.substring(at);
        return whole.getBytes(StandardCharsets.UTF_8);
    }

    private static void objects(JsonNode node, List<ObjectNode> objects) {
        if (node instanceof ObjectNode object) {
            objects.add(object);
        }
        node.forEach(child -> objects(child, objects));
    }

    /** What lies so deep that no writer of trees would write it. */
    private String deep() {
        int depth = 1 << random.nextInt(15);
        return random.nextBoolean()
                ? "[".repeat(depth) + 1 + "]".repeat(depth)
                : "{\"a\":".repeat(depth) + 1 + "}".repeat(depth);
    }

    /** Parts in another order, doubled under another name, or standing on another's port: a later one's, their own, one that there is not. */
    private void parts(JsonNode node) {
        if (!(node instanceof ArrayNode parts) || parts.isEmpty()) {
            return;
        }
        int at = random.nextInt(parts.size());
        JsonNode part = parts.get(at);
        if (!(part instanceof ObjectNode object) || !(part.get("on") instanceof ArrayNode on) || on.isEmpty()) {
            return;
        }
        switch (random.nextInt(4)) {
            case 0 -> parts.insert(random.nextInt(parts.size()), parts.remove(at));
            case 1 -> {
                for (int n = 1 << random.nextInt(5); n > 0; n--) {
                    ObjectNode copy = object.deepCopy();
                    copy.put("name", part.path("name").asText() + "-" + n);
                    parts.insert(at + 1, copy);
                }
            }
            case 2 -> {
                JsonNode other = parts.get(random.nextInt(parts.size()));
                String port = on.get(0).asText();
                on.set(0, other.path("name").asText() + port.substring(Math.max(0, port.indexOf('.'))));
            }
            default -> {
                JsonNode other = parts.get(random.nextInt(parts.size()));
                if (other.get("on") instanceof ArrayNode ports && !ports.isEmpty()) {
                    on.set(random.nextInt(on.size()), ports.get(0));
                }
            }
        }
    }

    /** Bytes changed, left out, doubled, or the end cut off. */
    private byte[] bytes(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        for (int n = random.nextInt(3); n >= 0; n--) {
            int at = random.nextInt(bytes.length);
            switch (random.nextInt(4)) {
                case 0 -> bytes[at] = (byte) random.nextInt(256);
                case 1 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
                case 2 -> {
                    int to = Math.min(bytes.length, at + random.nextInt(40));
                    byte[] less = new byte[bytes.length - (to - at)];
                    System.arraycopy(bytes, 0, less, 0, at);
                    System.arraycopy(bytes, to, less, at, bytes.length - to);
                    bytes = less;
                }
                default -> bytes = java.util.Arrays.copyOf(bytes, Math.max(1, at));
            }
        }
        return bytes;
    }

    /** One to three values of the tree changed; of one file in four, bytes. */
    public byte[] value(String text) throws IOException {
        if (random.nextInt(4) == 0) {
            return bytes(text);
        }
        JsonNode root = JSON.readTree(text);
        for (int n = random.nextInt(3); n >= 0; n--) {
            List<Runnable> changes = new ArrayList<>();
            collect(root, changes);
            changes.get(random.nextInt(changes.size())).run();
        }
        return root.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void collect(JsonNode node, List<Runnable> changes) {
        if (node instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            for (String name : names) {
                changes.add(() -> change(object, name));
                collect(object.get(name), changes);
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                changes.add(() -> {
                    if (at < array.size()) {
                        switch (random.nextInt(3)) {
                            case 0 -> array.remove(at);
                            case 1 -> array.add(array.get(at).deepCopy());
                            default -> array.set(at, other(array.get(at)));
                        }
                    }
                });
                collect(array.get(i), changes);
            }
        }
    }

    private void change(ObjectNode object, String name) {
        JsonNode was = object.get(name);
        if (was == null) {
            return;
        }
        switch (random.nextInt(8)) {
            case 0 -> object.remove(name);
            case 1 -> {
                object.remove(name);
                object.set(name + "x", was);
            }
            default -> object.set(name, other(was));
        }
    }

    private JsonNode other(JsonNode was) {
        var nodes = JSON.getNodeFactory();
        if (was.isNumber() && random.nextInt(3) > 0) {
            double x = was.doubleValue();
            return switch (random.nextInt(9)) {
                case 0 -> nodes.numberNode(-x);
                case 1 -> nodes.numberNode(0);
                case 2 -> nodes.numberNode(x * Math.pow(10, random.nextInt(9) - 4));
                case 3 -> nodes.numberNode(Math.nextUp(x));
                case 4 -> nodes.numberNode(Double.MIN_VALUE);
                case 5 -> nodes.numberNode(new java.math.BigDecimal("1e400"));
                case 6 -> nodes.numberNode((long) x + 0x100000000L);
                default -> nodes.numberNode(x * (0.8 + 0.4 * random.nextDouble()));
            };
        }
        ValueNode[] any = {nodes.nullNode(), nodes.booleanNode(random.nextBoolean()),
                nodes.numberNode(random.nextInt(100)),
                nodes.textNode(""), nodes.textNode("\ud800"), nodes.textNode("a\u001b[31mb"), nodes.textNode("steel"),
                nodes.textNode("x".repeat(random.nextInt(3000))), nodes.textNode("名前 اسم"),
                nodes.textNode(was.asText() + "\n")};
        int at = random.nextInt(any.length + 2);
        return at < any.length ? any[at] : at == any.length ? nodes.objectNode() : nodes.arrayNode();
    }
}

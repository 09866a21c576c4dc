package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.ValueNode;
import firmperch.Demo;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Project files changed at random, in their text and in their values: read, assessed, saved and read again. */
class MutatedFilesTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final long SECOND = 1_000_000_000L;
    private static final String DEEP = "here it is deep";
    private static final double[] EXTREMES = {0, -0.0, 1e-310, 1e-9, 1e-7, -1, 1e6, 1e15, 1e300, Double.MAX_VALUE};
    /** Counts the time of the processor: what else runs on the machine does not make a file slow. */
    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();
    /** A path of the file, a name made of two words as programs have it, a library's or Java's own words. */
    private static final Pattern NO_WORDS = Pattern
            .compile("\\b[a-z]+\\.[a-z]+\\.[a-z]+\\b|\\b[a-z]+[A-Z][a-z]+\\b|Exception|fasterxml|java\\.|null\\b|\\$");

    @TempDir
    private Path folder;
    private final Random random = new Random(20261125);

    private static List<String> texts() {
        List<String> texts = new ArrayList<>();
        Samples.all().forEach(p -> texts.add(ProjectFile.text(p)));
        Parts.kinds().forEach(k -> texts.add(ProjectFile.text(Demo.of(k))));
        return texts;
    }

    @Test
    void whateverAFileHoldsItIsReadOrRefusedInWords() throws IOException {
        tried("mutated", Trial.times("mutated", 1500, 200_000), SECOND, text -> random.nextInt(4) == 0
                ? bytes(text)
                : value(text).getBytes(StandardCharsets.UTF_8), 0);
    }

    /**
     * Keys missing, doubled and renamed, parts in another order, on themselves, on later ones and in circles, extreme figures, trees
     * sixteen thousand deep; some of what is accepted is assessed in every pose.
     */
    @Test
    void whateverShapeAFileHasItIsReadOrRefusedInWords() throws IOException {
        tried("structures", Trial.times("structures", 500, 50_000), 2 * SECOND,
                text -> structure(text).getBytes(StandardCharsets.UTF_8), 100);
    }

    private interface Mutation {
        byte[] of(String text) throws IOException;
    }

    /** @param every of so many that are accepted one is assessed in every pose; none if 0 */
    private void tried(String name, int times, long limit, Mutation mutation, int every) throws IOException {
        List<String> texts = texts();
        Path file = folder.resolve("mutated.perch.json");
        int accepted = 0;
        long slowest = 0;
        long longest = 0;
        Set<String> unclear = new TreeSet<>();
        for (int i = 0; i < times; i++) {
            byte[] bytes = mutation.of(texts.get(random.nextInt(texts.size())));
            Files.write(file, bytes);
            long start = CLOCK.getCurrentThreadCpuTime();
            try {
                Project project = ProjectFile.read(file);
                Assessment now = Assessor.now(project);
                assertThat(now.sentence()).as("number %d", i).doesNotContain("NaN");
                now.findings().forEach(f -> assertThat(f.marginText() + f.reading().numbers().get())
                        .as(f.id()).doesNotContain("NaN"));
                String saved = ProjectFile.text(project);
                Files.writeString(file, saved);
                assertThat(ProjectFile.read(file)).as("number %d, saved and read again", i).isEqualTo(project);
                slowest = Math.max(slowest, CLOCK.getCurrentThreadCpuTime() - start);
                accepted++;
                if (every > 0 && accepted % every == 0) {
                    long begun = System.nanoTime();
                    assertThat(Assessor.everyPose(project, Progress.NONE).sentence()).doesNotContain("NaN");
                    longest = Math.max(longest, System.nanoTime() - begun);
                }
            } catch (UnusableFile e) {
                slowest = Math.max(slowest, CLOCK.getCurrentThreadCpuTime() - start);
                if (NO_WORDS
                        .matcher(e.getMessage().replaceAll("“[^”]*”", "").replace(file.getFileName().toString(), ""))
                        .find() || e.getMessage().length() > 1200) {
                    unclear.add(e.getMessage());
                }
            }
        }
        System.out.printf("%s files: %d, accepted %d, slowest %.0f ms, longest in every pose %.1f s%n", name, times,
                accepted, slowest / 1e6, longest / 1e9);
        assertThat(unclear).as("refusals that are not in the window's words").isEmpty();
        assertThat(accepted).isBetween(1, times - 1);
        assertThat(slowest).isLessThan(limit);
    }

    /** One to three changes of a file's shape. */
    private String structure(String text) throws IOException {
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
                default -> parts(root.at("/project/perch/parts"));
            }
        }
        String changed = root.toString().replace("\"" + DEEP + "\"", deep());
        int at = doubled[0].isEmpty() ? -1 : changed.indexOf("\"" + doubled[0] + "\":");
        return at < 0 ? changed : changed.substring(0, at) + "\"" + doubled[0] + "\":1," + changed.substring(at);
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

    /** One to three values of the tree changed. */
    private String value(String text) throws IOException {
        JsonNode root = JSON.readTree(text);
        for (int n = random.nextInt(3); n >= 0; n--) {
            List<Runnable> changes = new ArrayList<>();
            collect(root, changes);
            changes.get(random.nextInt(changes.size())).run();
        }
        return root.toString();
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

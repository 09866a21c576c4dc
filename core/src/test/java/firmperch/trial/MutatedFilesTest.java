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
        List<String> texts = texts();
        Path file = folder.resolve("mutated.perch.json");
        int times = Trial.times("mutated", 1500, 200_000);
        int accepted = 0;
        long slowest = 0;
        Set<String> unclear = new TreeSet<>();
        for (int i = 0; i < times; i++) {
            String text = texts.get(random.nextInt(texts.size()));
            byte[] bytes = random.nextInt(4) == 0 ? bytes(text) : value(text).getBytes(StandardCharsets.UTF_8);
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
                accepted++;
            } catch (UnusableFile e) {
                if (NO_WORDS
                        .matcher(e.getMessage().replaceAll("“[^”]*”", "").replace(file.getFileName().toString(), ""))
                        .find() || e.getMessage().length() > 1200) {
                    unclear.add(e.getMessage());
                }
            }
            slowest = Math.max(slowest, CLOCK.getCurrentThreadCpuTime() - start);
        }
        System.out.printf("mutated files: %d, accepted %d, slowest %.0f ms%n", times, accepted, slowest / 1e6);
        assertThat(unclear).as("refusals that are not in the window's words").isEmpty();
        assertThat(accepted).isBetween(1, times - 1);
        assertThat(slowest).isLessThan(SECOND);
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

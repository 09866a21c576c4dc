package firmperch.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.disk.DiskTrouble;
import firmperch.disk.WholeFile;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.GearItem;
import firmperch.place.Place;
import firmperch.project.Variant;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;

/**
 * Something of a project that is kept in a file of its own, to be used in other projects: one JSON object with {@code format}, {@code version}, a name and
 * what is kept, numbers in SI and angles in rad.
 *
 * @param format what its files say they are
 * @param ending of their names
 * @param what it is, in words
 * @param params of what is kept
 */
public record KeptFile<R extends Record & Described>(String format, String ending, String what, Params<R> params) {
    /** Rooms, {@code *.room.json}. */
    public static final KeptFile<Place> ROOM = new KeptFile<>("firm-perch-room", ".room.json", "room", Place.PARAMS);

    /** Things of the gear, {@code *.gear.json}. */
    public static final KeptFile<GearItem> GEAR = new KeptFile<>("firm-perch-gear", ".gear.json", "thing",
            GearItem.PARAMS);

    /** Kinds of one's own, {@code *.kind.json}: a rig as it is composed and set. */
    public static final KeptFile<Variant> KIND = new KeptFile<>("firm-perch-kind", ".kind.json", "kind",
            Variant.PARAMS);

    private static final int VERSION = 1;
    private static final String NAME = "name";

    /** What is kept, with the name that it was kept under. */
    public record Kept<R>(String name, R thing) {}

    /** The file's text. */
    public String text(Kept<R> kept) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", format);
        root.put("version", VERSION);
        root.put(NAME, kept.name);
        root.set(what, Codec.write(kept.thing));
        return Tree.text(root);
    }

    /** Writes it, whole or not at all. */
    public void write(Path file, Kept<R> kept) throws IOException {
        WholeFile.write(file, text(kept).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Reads one.
     *
     * @throws UnusableFile with a sentence that says what is wrong and what was expected
     */
    public Kept<R> read(Path file) throws UnusableFile {
        try {
            if (Files.isDirectory(file)) {
                throw new UnusableFile(file, "it is a folder; expected is a file ending in " + ending + ".");
            }
            return parse(file, ProjectFile.content(file));
        } catch (UnusableFile e) {
            throw e;
        } catch (IOException e) {
            throw new UnusableFile(file, DiskTrouble.words(e) + ".");
        }
    }

    Kept<R> parse(Path file, byte[] bytes) throws UnusableFile {
        JsonNode root;
        try {
            root = Tree.of(bytes);
        } catch (JsonProcessingException e) {
            throw new UnusableFile(file, "its text breaks off or is no JSON"
                    + (e.getLocation() == null ? "" : " in line " + e.getLocation().getLineNr()) + "; expected is a "
                    + what + " kept by Firm Perch.");
        } catch (IOException e) {
            throw new UnusableFile(file, DiskTrouble.words(e) + ".");
        }
        Set<String> names = Set.of("format", "version", NAME, what);
        for (String name : (Iterable<String>) root::fieldNames) {
            if (!names.contains(name)) {
                throw new UnusableFile(file,
                        "it holds “" + Codec.printable(name) + "”, which no " + what + " has; expected is a " + what
                                + " kept by Firm Perch.");
            }
        }
        if (!root.isObject() || !format.equals(root.path("format").asText())) {
            throw new UnusableFile(file,
                    "it is not a " + what + " of Firm Perch; expected is a file ending in " + ending
                            + ", as Firm Perch keeps it.");
        }
        if (root.path("version").asInt() != VERSION) {
            throw new UnusableFile(file, "its version is “" + Codec.printable(root.path("version").asText())
                    + "”; this Firm Perch reads version " + VERSION + ".");
        }
        if (!root.path(NAME).isTextual() || root.path(NAME).textValue().isBlank()) {
            throw new UnusableFile(file, "it has no name; expected is one of 1 to 200 characters.");
        }
        try {
            return new Kept<>(root.path(NAME).textValue(), Codec.read(params, root.path(what), what));
        } catch (InvalidValue e) {
            throw new UnusableFile(file, e.getMessage());
        }
    }

    /** One that ships with the program. */
    Kept<R> shipped(String name) {
        String file = name + ending;
        try (InputStream in = KeptFile.class.getResourceAsStream("/firmperch/kept/" + file)) {
            return parse(Path.of(file), in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The JSON Schema of its files. */
    public String schema() {
        return Schema.text("Firm Perch " + what, format, VERSION, NAME, what, params);
    }
}

package firmperch.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.make.WholeFile;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/**
 * Project files, {@code *.perch.json}: one JSON object with {@code format}, {@code version} and {@code project}, all
 * numbers SI and angles in rad. Their schema is {@link Schema}. Files of format 1 are
 * migrated as they are read.
 */
public final class ProjectFile {
    /** What file names end in. */
    public static final String EXTENSION = ".perch.json";
    /** The format this version writes and the newest it reads. */
    public static final int VERSION = 2;
    /** No project comes near this size, bytes. */
    public static final long MOST_BYTES = 8L << 20;

    static final String FORMAT = "firm-perch";

    private ProjectFile() {
    }

    /**
     * Reads a project.
     *
     * @throws UnusableFile with a sentence that says what is wrong and what was expected
     */
    public static Project read(Path file) throws UnusableFile {
        try {
            if (Files.isDirectory(file)) {
                throw new UnusableFile(file, "it is a folder; expected is a file ending in " + EXTENSION + ".");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new UnusableFile(file, "it has " + (Files.size(file) >> 20) + " MiB; expected is a project of at "
                        + "most " + (MOST_BYTES >> 20) + " MiB.");
            }
            return parse(file, Files.readAllBytes(file));
        } catch (UnusableFile e) {
            throw e;
        } catch (NoSuchFileException e) {
            throw new UnusableFile(file, "there is no such file.");
        } catch (IOException e) {
            throw new UnusableFile(file, "it cannot be read (" + e.getMessage() + ").");
        }
    }

    static Project parse(Path file, byte[] bytes) throws UnusableFile {
        JsonNode root = tree(file, bytes);
        if (!root.isObject() || !FORMAT.equals(root.path("format").asText())) {
            throw new UnusableFile(file, "it is not a Firm Perch project; expected is a file saved by Firm Perch.");
        }
        if (!root.path("version").isInt() || root.path("version").asInt() < 1) {
            throw new UnusableFile(file, "its version is missing; expected is a number from 1 to " + VERSION + ".");
        }
        if (root.path("version").asInt() > VERSION) {
            throw new UnusableFile(file, "it was saved by a newer Firm Perch (format " + root.path("version").asInt()
                    + "); this one reads up to format " + VERSION + ". Open it with the newer one.");
        }
        try {
            JsonNode project = root.path("project");
            return Codec.read(Project.PARAMS, root.path("version").asInt() == 1 ? Version1.migrated(project) : project,
                    "Project");
        } catch (InvalidValue e) {
            throw new UnusableFile(file, e.getMessage());
        }
    }

    private static JsonNode tree(Path file, byte[] bytes) throws UnusableFile {
        try {
            return Tree.of(bytes);
        } catch (JsonProcessingException e) {
            String where = e.getLocation() == null ? "" : " in line " + e.getLocation().getLineNr();
            throw new UnusableFile(file, "its text breaks off or is no JSON" + where
                    + "; expected is a file saved by Firm Perch. The version before it is kept beside it, ending in ~.");
        } catch (IOException e) {
            throw new UnusableFile(file, "it cannot be read (" + e.getMessage() + ").");
        }
    }

    /** The file's text for a project. */
    public static String text(Project project) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.set("project", Codec.write(project));
        return root.toPrettyString() + "\n";
    }

    /** Where the version before the last save is kept. */
    public static Path previous(Path file) {
        return file.resolveSibling(file.getFileName() + "~");
    }

    /**
     * Saves a project so that the file is always whole: written beside it, forced to the disk, then moved into its place
     * in one step. What the file held before is kept as {@link #previous}.
     */
    public static void write(Path file, Project project) throws IOException {
        byte[] text = text(project).getBytes(StandardCharsets.UTF_8);
        WholeFile.keep(file, previous(file));
        WholeFile.write(file, text);
    }
}

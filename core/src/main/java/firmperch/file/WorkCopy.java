package firmperch.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.disk.WholeFile;
import firmperch.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.format.DateTimeParseException;

/**
 * A copy of work that no file holds yet: the project, the file that it came from, and what that file was then; all in one file, so
 * that neither is ever without the other.
 *
 * @param from the file it is to be saved in; null if none yet
 * @param stamp what that file was when it was read or saved last
 * @param at when the copy was made
 */
public record WorkCopy(Project project, Path from, Stamp stamp, Instant at) {
    /** A project's text grows when it is told within another; a copy of one that can be saved can be read. */
    private static final long MOST_BYTES = 3 * ProjectFile.MOST_BYTES;
    private static final String FORMAT = "firm-perch-copy";

    /** Writes it, whole. */
    public void write(Path file) throws IOException {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("at", at.toString());
        root.put("from", from == null ? "" : from.toAbsolutePath().toString());
        root.put("stamp", stamp.digest());
        root.put("project", ProjectFile.text(project));
        WholeFile.writePrivately(file, root.toString().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Reads one.
     *
     * @throws UnusableFile if it is none
     */
    public static WorkCopy read(Path file) throws UnusableFile {
        try {
            JsonNode root = Tree.of(ProjectFile.content(file, MOST_BYTES));
            if (!FORMAT.equals(root.path("format").asText())) {
                throw new UnusableFile(file, "it is no copy of work; expected is one that Firm Perch keeps.");
            }
            String from = root.path("from").asText();
            Project project = ProjectFile.parse(file, root.path("project").asText().getBytes(StandardCharsets.UTF_8));
            return new WorkCopy(project, from.isEmpty() ? null : Path.of(from), new Stamp(root.path("stamp").asText()),
                    Instant.parse(root.path("at").asText()));
        } catch (UnusableFile e) {
            throw e;
        } catch (IOException | InvalidPathException | DateTimeParseException e) {
            throw new UnusableFile(file, "it is no whole copy of work; expected is one that Firm Perch keeps.");
        }
    }
}

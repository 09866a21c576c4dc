package firmperch.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import firmperch.body.Assembly;
import firmperch.body.Surroundings;
import firmperch.disk.DiskTrouble;
import firmperch.disk.WholeFile;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Project files, {@code *.perch.json}: one JSON object with {@code format}, {@code version} and {@code project}, all
 * numbers SI and angles in rad. Their schema is {@link Schema}. Files of earlier versions are
 * migrated as they are read.
 */
public final class ProjectFile {
    /** What file names end in. */
    public static final String EXTENSION = ".perch.json";
    /** The format this version writes and the newest it reads. */
    public static final int VERSION = Migrations.newest();
    /** No project comes near this size, bytes. */
    public static final long MOST_BYTES = 8L << 20;

    /** So long is waited for a pipe. */
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    static final String FORMAT = "firm-perch";
    private static final Set<String> NAMES = Set.of("format", "version", "project");

    private ProjectFile() {
    }

    /**
     * A project with what its file was when it was read.
     *
     * @param stamp to be given when it is saved there again
     */
    public record Loaded(Project project, Stamp stamp) {}

    /**
     * Reads a project.
     *
     * @throws UnusableFile with a sentence that says what is wrong and what was expected
     */
    public static Project read(Path file) throws UnusableFile {
        return load(file).project();
    }

    /**
     * Reads a project and by what its file is known again.
     *
     * @throws UnusableFile with a sentence that says what is wrong and what was expected
     */
    public static Loaded load(Path file) throws UnusableFile {
        try {
            if (Files.isDirectory(file)) {
                throw new UnusableFile(file, "it is a folder; expected is a file ending in " + EXTENSION + ".");
            }
            byte[] bytes = content(file);
            if (bytes.length > MOST_BYTES) {
                throw new UnusableFile(file, "it has more than " + (MOST_BYTES >> 20) + " MiB; expected is a project, "
                        + "which is never that long.");
            }
            Project project = parse(file, bytes);
            if (bytes.length > MOST_BYTES / 2) {
                // What is read can be saved again, and that may take more room than it took here.
                mustFit(text(project).getBytes(StandardCharsets.UTF_8));
            }
            return new Loaded(project, Stamp.of(bytes));
        } catch (UnusableFile e) {
            throw e;
        } catch (IOException e) {
            throw new UnusableFile(file, DiskTrouble.words(e) + ".");
        }
    }

    /** What a file holds, but no more than a byte over what a project may have: some devices never end. */
    static byte[] content(Path file) throws IOException {
        return content(file, MOST_BYTES);
    }

    static byte[] content(Path file, long most) throws IOException {
        return content(file, most, PATIENCE);
    }

    static byte[] content(Path file, long most, Duration patience) throws IOException {
        if (!Files.exists(file) || Files.isRegularFile(file)) {
            return read(file, most);
        }
        // A pipe or a device: whoever writes into it may never come.
        CompletableFuture<byte[]> content = new CompletableFuture<>();
        Thread.ofPlatform().daemon().name("pipe").start(() -> {
            try {
                content.complete(read(file, most));
            } catch (IOException e) {
                content.completeExceptionally(e);
            }
        });
        try {
            return content.get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (ExecutionException e) {
            throw new IOException(e.getCause().getMessage(), e.getCause());
        } catch (TimeoutException e) {
            throw new IOException("nothing comes out of it", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("it was given up", e);
        }
    }

    private static byte[] read(Path file, long most) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes((int) most + 1);
        }
    }

    /** Nothing is written that would not be read. */
    private static void mustFit(byte[] text) throws IOException {
        if (text.length > MOST_BYTES) {
            throw new IOException("it would take more than " + (MOST_BYTES >> 20) + " MiB as it is saved");
        }
    }

    static Project parse(Path file, byte[] bytes) throws UnusableFile {
        JsonNode root = tree(file, bytes);
        for (String name : (Iterable<String>) root::fieldNames) {
            if (root.isObject() && !NAMES.contains(name)) {
                throw new UnusableFile(file,
                        "it holds “" + Codec.printable(name) + "”, which no project has; expected is a file "
                                + "as Firm Perch saves it.");
            }
        }
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
            JsonNode now = Migrations.migrated(root.path("project"), root.path("version").asInt());
            Project project = Codec.read(Project.PARAMS, now, "Project");
            Assembly assembly = project.perch().assembly(project.gear(), project.cameraRoom(),
                    project.place().surroundings(), project.units());
            project.setUps().forEach(s -> assembly.mustKnow(s.stance().joints().keySet()));
            for (Variant variant : project.variants()) {
                // It need not fit into the room as that is now.
                Assembly kept = variant.perch().assembly(project.gear(), project.cameraRoom(), Surroundings.ANY,
                        project.units());
                variant.stances().forEach(s -> kept.mustKnow(s.joints().keySet()));
            }
            return project;
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
                    + "; expected is a file saved by Firm Perch." + (Files.exists(previous(file))
                            ? " The version before it is kept beside it, ending in ~."
                            : ""));
        } catch (IOException e) {
            throw new UnusableFile(file, DiskTrouble.words(e) + ".");
        }
    }

    /** The file's text for a project. */
    public static String text(Project project) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.set("project", Codec.write(project));
        return Tree.text(root);
    }

    /** Where the version before the last save is kept. */
    public static Path previous(Path file) {
        return file.resolveSibling(file.getFileName() + "~");
    }

    /**
     * Saves a project so that the file is always whole: written beside it, forced to the disk, then moved into its place
     * in one step. What the file held before is kept as {@link #previous}.
     *
     * @return by what the file is known now
     */
    public static Stamp write(Path file, Project project) throws IOException {
        byte[] text = text(project).getBytes(StandardCharsets.UTF_8);
        mustFit(text);
        WholeFile.write(file, text, previous(file));
        return Stamp.of(text);
    }

    /**
     * The same, but only if the file is still as it was.
     *
     * @param known what it was when it was read or saved last; {@link Stamp#NONE} if there was none
     * @throws ChangedOutside if it is not; nothing has been written then
     */
    public static Stamp write(Path file, Project project, Stamp known) throws IOException {
        if (!Stamp.of(file).equals(known)) {
            throw new ChangedOutside(file);
        }
        return write(file, project);
    }
}

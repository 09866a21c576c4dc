package firmperch.file;

import firmperch.place.Place;
import firmperch.project.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;

/** The corners of the pottery studio that ship with the program as project files: invented, with realistic values. */
public final class Samples {
    private static final String FIRST = "wedging-bench";
    /** A corner of the studio each, by the name of its file. */
    private static final List<String> ALL = List.of(FIRST, "throwing-wheel", "glazing-table", "turning-shelf",
            "tile-press");

    private Samples() {
    }

    /** The wedging bench of the Kiln-aisle studio. */
    public static Project wedgingBench() {
        return read(FIRST);
    }

    /** Every one of them. */
    public static List<Project> all() {
        return ALL.stream().map(Samples::read).toList();
    }

    /** Rooms that come with the program: a garage, a spare room and the pottery's. */
    public static List<KeptFile.Kept<Place>> rooms() {
        return List.of("garage", "spare-room", "pottery").stream().map(KeptFile.ROOM::shipped).toList();
    }

    private static Project read(String name) {
        String file = name + ProjectFile.EXTENSION;
        try (InputStream in = Samples.class.getResourceAsStream("/firmperch/demo/" + file)) {
            return ProjectFile.parse(Path.of(file), in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

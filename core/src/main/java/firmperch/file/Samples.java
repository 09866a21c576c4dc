package firmperch.file;

import firmperch.project.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;

/** The pottery studio that ships with the program as project files: invented, with realistic values. */
public final class Samples {
    private static final String FILE = "wedging-bench.perch.json";

    private Samples() {
    }

    /** The wedging bench of the Kiln-aisle studio. */
    public static Project wedgingBench() {
        try (InputStream in = Samples.class.getResourceAsStream("/firmperch/demo/" + FILE)) {
            return ProjectFile.parse(Path.of(FILE), in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

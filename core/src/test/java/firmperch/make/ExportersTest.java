package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.project.Project;
import firmperch.search.Progress;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of everything that can be written, those that are still to come included. */
class ExportersTest {
    @TempDir
    private Path folder;

    static Iterable<Exporter> all() {
        return Exporters.ALL;
    }

    @Test
    void eachHasAnIdAndAFileOfItsOwn() {
        assertThat(Exporters.ALL).extracting(Exporter::id).doesNotHaveDuplicates()
                .allSatisfy(id -> assertThat(id).matches("[a-z]+"));
        assertThat(Exporters.ALL).extracting(Exporter::fileName).doesNotHaveDuplicates();
        assertThat(Exporters.of("no such thing")).isEmpty();
    }

    /** What it says that it needs is enough for it, and it says what it is. */
    @ParameterizedTest
    @MethodSource("all")
    void eachIsWrittenFromWhatItNeeds(Exporter exporter) throws IOException {
        Project project = Demo.project();
        Path file = folder.resolve(exporter.fileName());
        exporter.write(exporter.needs().of(project, Progress.NONE), file);
        assertThat(file).isNotEmptyFile();
        assertThat(file.toString()).endsWith(exporter.ending());
        assertThat(Exporters.of(exporter.id())).contains(exporter);
        assertThat(exporter.lacking().apply(project)).isEmpty();
    }
}

package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.disk.WholeFile;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.Stamp;
import firmperch.make.Exporters;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.trial.Trial;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Programs that do nothing but save, export or keep copies, killed in the middle of it again and again. */
class KillTest {
    @TempDir
    private Path folder;

    private static Project named(String name) {
        return firmperch.param.Path.of("name").with(Samples.wedgingBench(), name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"save", "export", "keep"})
    void nothingIsLostUnreadableOrLeftOver(String what) throws Exception {
        int kills = Trial.times("kills", 2, 500);
        Random random = new Random(what.hashCode());
        for (int round = 0; round < kills; round++) {
            Process process = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"), Forever.class.getName(),
                    what,
                    folder.toString()).redirectErrorStream(true).start();
            assertThat(process.inputReader().readLine()).as("round %d", round).isEqualTo("going on");
            Thread.sleep(random.nextInt(120));
            process.destroyForcibly();
            assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
            switch (what) {
                case "save" -> {
                    assertThat(ProjectFile.read(folder.resolve("p.perch.json")).name()).startsWith("save");
                    assertThat(ProjectFile.read(ProjectFile.previous(folder.resolve("p.perch.json"))).name())
                            .startsWith("save");
                }
                case "export" -> {
                    try (var pdf = Loader.loadPDF(folder.resolve("pack.pdf").toFile())) {
                        assertThat(pdf.getNumberOfPages()).isGreaterThan(2);
                    }
                    assertThat(Files.readString(folder.resolve("cuts.csv"))).endsWith("\r\n");
                }
                default -> {
                    Copies copies = new Copies(folder, why -> {
                    });
                    assertThat(copies.left()).hasSize(1).first()
                            .satisfies(c -> assertThat(c.work().project().name()).startsWith("work"));
                    assertThat(copies.crashed()).isTrue();
                    Files.delete(copies.left().getFirst().file());
                    WholeFile.sweep(folder.resolve("copies"));
                }
            }
            // What the next start does.
            WholeFile.sweep(folder);
            try (Stream<Path> left = Files.walk(folder)) {
                assertThat(left.filter(f -> f.toString().endsWith(".part") || f.toString().endsWith(".lock")))
                        .as("left over").isEmpty();
            }
        }
    }

    /** The program that is killed. */
    static final class Forever {
        public static void main(String[] arguments) throws IOException {
            Path folder = Path.of(arguments[1]);
            switch (arguments[0]) {
                case "save" -> {
                    Path file = folder.resolve("p.perch.json");
                    Project[] turns = {named("save a"), named("save b")};
                    ProjectFile.write(file, turns[0]);
                    ProjectFile.write(file, turns[1]);
                    System.out.println("going on");
                    for (int i = 0;; i++) {
                        ProjectFile.write(file, turns[i % 2]);
                    }
                }
                case "export" -> {
                    Assessment now = Assessor.now(Samples.wedgingBench());
                    Exporters.PACK.write(now, folder.resolve("pack.pdf"));
                    Exporters.CUTS.write(now, folder.resolve("cuts.csv"));
                    System.out.println("going on");
                    while (true) {
                        Exporters.CUTS.write(now, folder.resolve("cuts.csv"));
                        Exporters.PACK.write(now, folder.resolve("pack.pdf"));
                    }
                }
                default -> {
                    Copies copies = new Copies(folder, System.err::println);
                    copies.keep(named("work"), null, Stamp.NONE);
                    copies.flush();
                    System.out.println("going on");
                    for (int i = 0;; i++) {
                        copies.keep(named("work " + i), null, Stamp.NONE);
                        copies.flush();
                    }
                }
            }
        }
    }
}

package firmperch.desk.cli;

import firmperch.disk.WholeFile;
import firmperch.file.ProjectFile;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the lists and the build pack of a project. */
@Command(name = "export", mixinStandardHelpOptions = true, description = "Writes cut list, hardware list and build pack.")
public final class ExportCommand implements Callable<Integer> {
    /** The ids of all that can be written, for the help. */
    static final class Ids implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Exporters.ALL.stream().map(Exporter::id).iterator();
        }
    }

    /** From an id to what writes it. */
    static final class ById implements CommandLine.ITypeConverter<Exporter> {
        @Override
        public Exporter convert(String id) {
            return Exporters.of(id).orElseThrow(() -> new CommandLine.TypeConversionException("“" + id
                    + "” was given; expected is one of " + String.join(", ", new Ids())));
        }
    }

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "DIR", description = "The folder to write into; made if it is not there.")
    private Path folder;

    @Option(names = "--only", split = ",", paramLabel = "WHAT", completionCandidates = Ids.class, converter = ById.class, description = "Only these: ${COMPLETION-CANDIDATES}.")
    private List<Exporter> only = Exporters.ALL;

    @Override
    public Integer call() throws IOException {
        Project project = ProjectFile.read(file);
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new InvalidValue("--to", folder + ", which cannot be made or is no folder", "a folder to write into");
        }
        PrintWriter err = spec.commandLine().getErr();
        WholeFile.sweep(folder);
        PrintWriter out = spec.commandLine().getOut();
        Progress progress = Terminal.progress(err);
        // What needs most is worked out once and does for the others too.
        Assessment assessment = only.stream().map(Exporter::needs).max(Comparator.naturalOrder()).orElseThrow()
                .of(project, progress);
        Terminal.done(err);
        for (Exporter exporter : only) {
            String impossible = exporter.impossible(project);
            if (!impossible.isEmpty()) {
                err.println(Terminal.clean(impossible));
                continue;
            }
            String lacking = exporter.lacking().apply(project);
            if (!lacking.isEmpty()) {
                err.println(Terminal.clean(lacking));
            }
            Path target = folder.resolve(exporter.fileName());
            exporter.write(assessment, target);
            out.println(target);
        }
        return FirmPerch.HOLDS;
    }
}

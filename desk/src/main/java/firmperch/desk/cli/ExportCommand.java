package firmperch.desk.cli;

import firmperch.disk.WholeFile;
import firmperch.file.ProjectFile;
import firmperch.make.BuildPack;
import firmperch.make.Lists;
import firmperch.make.MakingPlan;
import firmperch.make.Printable;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the lists and the build pack of a project. */
@Command(name = "export", mixinStandardHelpOptions = true, description = "Writes cut list, hardware list and build pack.")
public final class ExportCommand implements Callable<Integer> {
    /** What can be written. */
    enum What {
        cuts, hardware, pdf
    }

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "DIR", description = "The folder to write into; made if it is not there.")
    private Path folder;

    @Option(names = "--only", split = ",", paramLabel = "WHAT", description = "Only these: ${COMPLETION-CANDIDATES}.")
    private Set<What> only = EnumSet.allOf(What.class);

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
        Assessment assessment = Assessor.told(project, Terminal.progress(err));
        Terminal.done(err);
        String missing = Printable.missing(project);
        if (only.contains(What.pdf) && !missing.isEmpty()) {
            err.println(Terminal.clean(missing));
        }
        MakingPlan plan = MakingPlan.of(assessment);
        PrintWriter out = spec.commandLine().getOut();
        for (What what : only) {
            Path target = folder.resolve(switch (what) {
                case cuts -> "cuts.csv";
                case hardware -> "hardware.csv";
                case pdf -> "build-pack.pdf";
            });
            switch (what) {
                case cuts -> Lists.writeCuts(plan, target);
                case hardware -> Lists.writeHardware(plan, target);
                case pdf -> BuildPack.write(assessment, target);
            }
            out.println(target);
        }
        return FirmPerch.HOLDS;
    }
}

package firmperch.desk.cli;

import firmperch.file.ProjectFile;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import firmperch.search.Judgements;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints what hangs on figures that nobody can look up. */
@Command(name = "judgements", mixinStandardHelpOptions = true, description = {
        "Prints each figure that is a judgement, and which finding moves most if it is halved or doubled.",
        "Where a verdict turns, it says that it decides."})
public final class JudgementsCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Override
    public Integer call() throws UnusableFile {
        Project project = ProjectFile.read(file);
        PrintWriter err = spec.commandLine().getErr();
        List<Judgements.Row> rows = Judgements.of(project, Terminal.progress(err));
        Terminal.done(err);
        PrintWriter out = spec.commandLine().getOut();
        rows.forEach(row -> out.println(Terminal.clean(Judgements.line(row))));
        out.flush();
        return FirmPerch.HOLDS;
    }
}

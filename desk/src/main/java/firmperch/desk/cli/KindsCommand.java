package firmperch.desk.cli;

import firmperch.check.Verdict;
import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.choose.KindsReport;
import firmperch.choose.Ranking;
import firmperch.choose.Trait;
import firmperch.file.ProjectFile;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints every kind of rig as it would be built for a project's set-ups, gear and place. */
@Command(name = "kinds", mixinStandardHelpOptions = true, description = "Prints every kind of rig, sized for a project's set-ups, gear and place.")
public final class KindsCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Override
    public Integer call() throws UnusableFile {
        Project project = ProjectFile.read(file);
        PrintWriter err = spec.commandLine().getErr();
        List<Card> cards = Ranking.of(Chooser.of(project, Terminal.progress(err), card -> {
        }), List.of(Trait.values()), List.of(), Double.POSITIVE_INFINITY, project.purse().tools());
        Terminal.done(err);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(KindsReport.json(project, cards));
        } else {
            KindsReport.lines(project, cards).forEach(line -> out.println(Terminal.clean(line)));
        }
        out.flush();
        return cards.stream().anyMatch(c -> c.verdict().map(v -> v != Verdict.GIVES).orElse(false))
                ? FirmPerch.HOLDS
                : FirmPerch.SHORT;
    }
}

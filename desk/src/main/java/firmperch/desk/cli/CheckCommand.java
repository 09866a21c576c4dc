package firmperch.desk.cli;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.file.CheckReport;
import firmperch.file.ProjectFile;
import firmperch.file.UnusableFile;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Coverage;
import firmperch.search.Progress;
import firmperch.study.Situation;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints the assessment of a project. */
@Command(name = "check", mixinStandardHelpOptions = true, description = "Prints the assessment of a project over every pose.")
public final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    /** Which cures are sought. */
    enum CuresSought {
        ALL, CHEAPEST, NONE
    }

    @Option(names = "--cures", defaultValue = "cheapest", paramLabel = "WHICH", description = "Which cures to seek: all of every finding that is short or near (takes longest), the cheapest of the weakest, or none; ${DEFAULT-VALUE} unless said.")
    private CuresSought cures;

    @Override
    public Integer call() throws UnusableFile {
        Project project = ProjectFile.read(file);
        PrintWriter err = spec.commandLine().getErr();
        Progress progress = Terminal.progress(err);
        // Its searches leave a processor idle at times: what the report tells besides is looked for meanwhile.
        CompletableFuture<Coverage> reach = json
                ? CompletableFuture.supplyAsync(() -> Coverage.of(Situation.of(project), progress))
                : null;
        Assessment assessment = switch (cures) {
            case ALL -> Assessor.full(project, progress);
            case CHEAPEST -> Assessor.told(project, progress);
            case NONE -> Assessor.everyPose(project, progress);
        };
        if (json) {
            assessment = assessment.with(reach.join());
        }
        Terminal.done(err);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(CheckReport.json(assessment));
        } else {
            lines(assessment).forEach(line -> out.println(Terminal.clean(line)));
        }
        out.flush();
        return assessment.verdict() == Verdict.GIVES ? FirmPerch.SHORT : FirmPerch.HOLDS;
    }

    /** An assessment in lines: the sentence, the cheapest cure, every finding. */
    public static List<String> lines(Assessment assessment) {
        List<String> lines = new ArrayList<>();
        lines.add(assessment.project().name() + ", " + assessment.project().studio());
        lines.add(assessment.sentence());
        if (!assessment.cureSentence().isEmpty()) {
            lines.add("Cheapest cure: " + assessment.cureSentence());
        }
        lines.add("");
        for (Finding f : assessment.told()) {
            lines.add(String.format("%-6s %-6s %-64s %s%s", f.verdict().word(), f.leftText(),
                    f.question().words() + (f.in(assessment.project()).isEmpty()
                            ? ""
                            : " · " + f.in(assessment.project())),
                    f.figures(assessment.project().units()),
                    f.search() == null ? "" : ", " + f.sureness()));
        }
        return lines;
    }
}

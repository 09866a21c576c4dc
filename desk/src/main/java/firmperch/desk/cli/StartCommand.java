package firmperch.desk.cli;

import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.file.ProjectFile;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a project with one kind of rig in it, sized for its set-ups, gear and place. */
@Command(name = "start", mixinStandardHelpOptions = true, description = "Writes a project with a kind of rig in it, sized for its set-ups.")
public final class StartCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "KIND", description = "Which kind, as “kinds” names it.")
    private String kind;

    @Parameters(index = "1", paramLabel = "FILE", description = "The project, *.perch.json.")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "OUT", description = "The file to write.")
    private Path to;

    @Override
    public Integer call() throws IOException {
        Kind wanted = Parts.kinds().stream().filter(k -> k.id().equals(kind)).findFirst()
                .orElseThrow(() -> new InvalidValue("KIND", "“" + kind + "”",
                        "one of " + Parts.kinds().stream().map(Kind::id).collect(Collectors.joining(", "))));
        Project project = ProjectFile.read(file);
        PrintWriter err = spec.commandLine().getErr();
        Card card = Chooser.of(project, wanted, Terminal.progress(err));
        Terminal.done(err);
        PrintWriter out = spec.commandLine().getOut();
        out.println(Terminal.clean(card.sentence()));
        if (card.built().isEmpty()) {
            return FirmPerch.SHORT;
        }
        ProjectFile.write(to, card.in(project));
        out.println(to);
        return FirmPerch.HOLDS;
    }
}

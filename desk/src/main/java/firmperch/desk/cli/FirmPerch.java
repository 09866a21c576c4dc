package firmperch.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(name = "firm-perch", mixinStandardHelpOptions = true, versionProvider = FirmPerch.Version.class, description = {
        "Works out whether a home-built camera perch stands, holds and keeps still, and how to build it.",
        "Without arguments it opens its window."}, subcommands = {CheckCommand.class,
                ExportCommand.class}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                        "0:everything holds", "1:something is short", "2:the input cannot be used"})
public final class FirmPerch implements Runnable {
    static final int HOLDS = 0;
    static final int SHORT = 1;
    static final int UNUSABLE = 2;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    /** Runs a command and returns its exit code. */
    public static int run(String... arguments) {
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        return run(out, err, arguments);
    }

    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        return new CommandLine(new FirmPerch()).setOut(out).setErr(err)
                .setExecutionExceptionHandler((e, line, parsed) -> {
                    line.getErr().println(e.getMessage());
                    return UNUSABLE;
                }).execute(arguments);
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(spec.commandLine(), "Say what to do: check or export.");
    }

    /** The version that the build put into the jar. */
    static final class Version implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            String version = FirmPerch.class.getPackage().getImplementationVersion();
            return new String[]{"Firm Perch " + (version == null ? "(not packaged)" : version)};
        }
    }
}

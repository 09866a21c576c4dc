package firmperch.desk.cli;

import firmperch.desk.document.LogFile;
import firmperch.disk.DiskTrouble;
import firmperch.file.UnusableFile;
import firmperch.units.InvalidValue;
import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(name = "firm-perch", mixinStandardHelpOptions = true, versionProvider = FirmPerch.Version.class, description = {
        "Works out whether a home-built camera perch stands, holds and keeps still, and how to build it.",
        "Without arguments it opens its window."}, subcommands = {CheckCommand.class,
                ExportCommand.class, JudgementsCommand.class, KindsCommand.class,
                StartCommand.class}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                        "0:everything holds", "1:something is short", "2:the input cannot be used",
                        "3:it could not be done"})
public final class FirmPerch implements Runnable {
    static final int HOLDS = 0;
    static final int SHORT = 1;
    static final int UNUSABLE = 2;
    static final int FAILED = 3;

    private static final Logger LOG = LoggerFactory.getLogger(FirmPerch.class);

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    /** Runs a command and returns its exit code. */
    public static int run(String... arguments) {
        PrintWriter out = new PrintWriter(new Watched(), false, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        return run(out, err, arguments);
    }

    /** The standard output, which tells a reader that has had enough, as head has, from a disk that is full. */
    private static final class Watched extends OutputStream {
        private final OutputStream out = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out));

        @Override
        public void write(int b) throws IOException {
            write(new byte[]{(byte) b}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            try {
                out.write(bytes, from, length);
            } catch (IOException e) {
                ended(e);
            }
        }

        @Override
        public void flush() throws IOException {
            try {
                out.flush();
            } catch (IOException e) {
                ended(e);
            }
        }

        private static void ended(IOException e) throws IOException {
            if (e.getMessage() != null && e.getMessage().contains("Broken pipe")) {
                // Nobody reads on: nothing has gone wrong.
                Runtime.getRuntime().halt(HOLDS);
            }
            throw e;
        }
    }

    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        int code = new CommandLine(new FirmPerch()).setCaseInsensitiveEnumValuesAllowed(true).setOut(out).setErr(err)
                .setExecutionExceptionHandler((e, line, parsed) -> {
                    line.getErr().println(Terminal.clean(words(e)));
                    return e instanceof UnusableFile || e instanceof InvalidValue ? UNUSABLE : FAILED;
                }).setParameterExceptionHandler((e, given) -> {
                    CommandLine line = e.getCommandLine();
                    line.getErr().println(Terminal.clean(e.getMessage()));
                    line.usage(line.getErr());
                    return UNUSABLE;
                }).execute(arguments);
        out.flush();
        if (out.checkError()) {
            err.println(
                    "Not all of it could be printed: where it goes takes no more. Free some room there, or print it elsewhere.");
            return FAILED;
        }
        return code;
    }

    private static String words(Exception e) {
        return switch (e) {
            case UnusableFile unusable -> unusable.getMessage();
            case InvalidValue refused -> refused.getMessage();
            case FileSystemException disk -> disk.getFile() + ": " + DiskTrouble.words(disk) + ".";
            case IOException disk -> "Not written: " + DiskTrouble.words(disk) + ".";
            default -> {
                LOG.error("the command failed", e);
                yield "That is a fault of the program, not yours; what happened is in " + LogFile.place() + ".";
            }
        };
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(spec.commandLine(), "Say what to do: check, kinds, start or export.");
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

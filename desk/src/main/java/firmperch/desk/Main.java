package firmperch.desk;

import firmperch.desk.app.Window;
import firmperch.desk.cli.FirmPerch;
import firmperch.desk.document.LogFile;
import java.lang.management.ManagementFactory;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.OptionalInt;

/** Where the program starts: the window without arguments, the command line with them. */
public final class Main {
    private Main() {
    }

    private static final int UNUSABLE = 2;
    private static final int FAILED = 3;

    /** Starts. */
    public static void main(String[] arguments) {
        try {
            start(arguments);
        } catch (Throwable e) {
            failed(e);
        }
    }

    private static void start(String[] arguments) {
        boolean window = window(arguments);
        OptionalInt done = OwnJava.run(window, started(arguments));
        if (done.isPresent()) {
            System.exit(done.getAsInt());
        }
        named(arguments);
        LogFile.whenNeeded();
        if (!window) {
            System.exit(FirmPerch.run(arguments));
        }
        // In a class of its own, so that the command line never loads JavaFX.
        Window.open(arguments);
    }

    /** Ends with a sentence where a name has letters that the environment cannot name, and no Java could be started that can. */
    private static void named(String[] arguments) {
        for (String argument : arguments) {
            try {
                if (argument.indexOf('\uFFFD') < 0) {
                    Path.of(argument);
                    continue;
                }
            } catch (InvalidPathException e) {
                // Told below, as where the letters are lost already.
            }
            unnamed("A name given", "the file");
        }
        if (!OwnProcess.namesOfFolders()) {
            unnamed("The home, the working folder or the folder for the user's data", "the folder");
        }
    }

    private static void unnamed(String what, String which) {
        System.err.println(what + " has letters that this environment (character set "
                + System.getProperty("sun.jnu.encoding") + ") cannot name. Set LC_ALL=C.UTF-8, or rename " + which
                + ".");
        System.exit(UNUSABLE);
    }

    /** What nobody expected: a sentence, where it is told in full, and no trace. */
    private static void failed(Throwable e) {
        String where = "";
        try {
            System.getLogger(Main.class.getName()).log(System.Logger.Level.ERROR, "the program failed", e);
            where = " What happened is in " + LogFile.place() + ".";
        } catch (RuntimeException | Error unlogged) {
            // Then without.
        }
        System.err.println(e instanceof OutOfMemoryError
                ? "There is not enough memory for that. Close other programs, or try it with less."
                : "The program failed; that is a fault of its own." + where);
        Runtime.getRuntime().halt(FAILED);
    }

    /** When Java was started; looked up only for one who measures, as it takes its time. */
    private static long started(String[] arguments) {
        for (String argument : arguments) {
            if (argument.equals("--time")) {
                return ManagementFactory.getRuntimeMXBean().getStartTime();
            }
        }
        return System.currentTimeMillis();
    }

    private static boolean window(String[] arguments) {
        for (String argument : arguments) {
            if (argument.equals("--demo") || argument.startsWith("--tour=")) {
                return true;
            }
        }
        return arguments.length == 0 || arguments.length == 1 && arguments[0].endsWith(".json");
    }
}

package firmperch.desk;

import firmperch.desk.app.Window;
import firmperch.desk.cli.FirmPerch;
import firmperch.desk.document.LogFile;
import java.lang.management.ManagementFactory;
import java.util.OptionalInt;

/** Where the program starts: the window without arguments, the command line with them. */
public final class Main {
    private Main() {
    }

    /** Starts. */
    public static void main(String[] arguments) {
        boolean window = window(arguments);
        OptionalInt done = OwnJava.run(arguments, window, started(arguments));
        if (done.isPresent()) {
            System.exit(done.getAsInt());
        }
        // Records are made and read by reflection, each kind of them once: the platform's plain way to call them starts sooner than
        // code spun for every one (JEP 416).
        System.setProperty("jdk.reflect.useNativeAccessorOnly", "true");
        LogFile.whenNeeded();
        if (!window) {
            System.exit(FirmPerch.run(arguments));
        }
        // In a class of its own, so that the command line never loads JavaFX.
        Window.open(arguments);
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

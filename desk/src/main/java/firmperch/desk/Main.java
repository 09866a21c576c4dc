package firmperch.desk;

import firmperch.desk.app.Window;
import firmperch.desk.document.LogFile;
import firmperch.desk.cli.FirmPerch;
import java.util.Arrays;
import java.util.List;

/** Where the program starts: the window without arguments, the command line with them. */
public final class Main {
    private Main() {
    }

    /** Starts. */
    public static void main(String[] arguments) {
        // Records are made and read by reflection, each kind of them once: the platform's plain way to call them starts sooner than
        // code spun for every one (JEP 416).
        System.setProperty("jdk.reflect.useNativeAccessorOnly", "true");
        LogFile.whenNeeded();
        List<String> list = Arrays.asList(arguments);
        boolean window = list.isEmpty()
                || list.stream().anyMatch(a -> a.equals("--demo") || a.startsWith("--tour="))
                || list.size() == 1 && list.getFirst().endsWith(".json");
        if (!window) {
            System.exit(FirmPerch.run(arguments));
        }
        // In a class of its own, so that the command line never loads JavaFX.
        Window.open(arguments);
    }
}

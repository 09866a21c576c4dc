package firmperch.bench;

import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs every benchmark; an argument picks those whose name it matches. */
public final class Bench {
    private Bench() {
    }

    /** Starts. */
    public static void main(String[] arguments) throws RunnerException {
        String pattern = arguments.length == 0 || arguments[0].isBlank() ? "firmperch" : arguments[0];
        new Runner(new OptionsBuilder().include(pattern).jvmArgsAppend("--enable-native-access=ALL-UNNAMED",
                "-Dglass.platform=Headless", "-Dprism.order=sw").build()).run();
    }
}

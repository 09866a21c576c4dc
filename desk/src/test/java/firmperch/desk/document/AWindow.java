package firmperch.desk.document;

import firmperch.file.Samples;
import firmperch.file.Stamp;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A process that keeps copies of its work as a window does: it tells what it takes for left behind, then works until it is ended. */
final class AWindow implements AutoCloseable {
    private final Process process;
    private final BufferedReader said;
    private final String claimed;

    private AWindow(Process process) throws IOException {
        this.process = process;
        said = process.inputReader();
        claimed = said.readLine();
        said.readLine();
    }

    /**
     * Starts one and waits until it is at work.
     *
     * @param name of its unsaved work
     * @param unsaved whether it has any
     */
    static AWindow start(Path folder, String name, boolean unsaved) throws IOException {
        return new AWindow(new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-cp", System.getProperty("java.class.path"),
                Work.class.getName(), folder.toString(), name, Boolean.toString(unsaved)).start());
    }

    /** What it found of others: "claimed [their works] crashed true or false". */
    String claimed() {
        return claimed;
    }

    /** Ends it in order. */
    @Override
    public void close() throws IOException, InterruptedException {
        process.getOutputStream().close();
        process.waitFor(10, TimeUnit.SECONDS);
    }

    /** Ends it as a crash does. */
    void kill() throws InterruptedException {
        process.destroyForcibly();
        process.waitFor(10, TimeUnit.SECONDS);
    }

    /** What runs in it. */
    static final class Work {
        public static void main(String[] arguments) throws IOException {
            Copies copies = new Copies(Path.of(arguments[0]), System.err::println);
            boolean crashed = copies.crashed();
            List<Copies.Copy> left = copies.left();
            System.out.println("claimed " + left.stream().map(c -> c.work().project().name()).sorted().toList()
                    + " crashed " + crashed);
            left.forEach(copies::putAside);
            copies.tidy();
            copies.begin();
            if (Boolean.parseBoolean(arguments[2])) {
                copies.keep(firmperch.param.Path.of("name").with(Samples.wedgingBench(), arguments[1]), null,
                        Stamp.NONE);
            }
            copies.flush();
            // As a window does when one of its own dialogs asks for earlier work.
            copies.left();
            System.out.println("at work");
            new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
            copies.saved();
            copies.close();
        }
    }
}

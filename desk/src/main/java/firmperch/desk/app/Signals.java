package firmperch.desk.app;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import sun.misc.Signal;

/**
 * What asks the program to end from outside: the signals TERM, HUP and INT of POSIX. Java's own answer is to run what is registered
 * for its end, all at once, and JavaFX's part of that ends painting while a window still wants to be painted. There is no other way to
 * hear of a signal than this class of Java's, which JEP 260 keeps for that.
 */
final class Signals {
    /** So long a window may take to end in order, s. */
    private static final int ORDER = 5;
    /** What a shell adds to a signal's number to tell of it in an exit status. */
    private static final int SIGNALLED = 128;

    private static volatile int status;

    private Signals() {
    }

    /**
     * Ends in order where a signal asks for it. A signal that is ignored, as HUP is under nohup, stays so.
     *
     * @param order ends the window; what it returns is complete when that has been done
     * @param last saves what can be saved where that does not come to its end
     */
    static void heed(Supplier<CompletableFuture<Void>> order, Runnable last) {
        for (String name : List.of("TERM", "HUP", "INT")) {
            try {
                Signal.handle(new Signal(name), signal -> {
                    status = SIGNALLED + signal.getNumber();
                    try {
                        order.get().get(ORDER, TimeUnit.SECONDS);
                    } catch (InterruptedException | ExecutionException | TimeoutException e) {
                        last.run();
                        Runtime.getRuntime().halt(status);
                    }
                });
            } catch (IllegalArgumentException e) {
                // A system that has none of that name: there it is not asked to end so.
            }
        }
    }

    /** The exit status of a program that has been ended by a signal; 0 if none has. */
    static int status() {
        return status;
    }
}

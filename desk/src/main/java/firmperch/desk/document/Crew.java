package firmperch.desk.document;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;

/**
 * Who computes behind the window: as many threads as there are processors but one, which is the window's, and below it in rank
 * where the system heeds that. What is computed in parallel stays among them.
 */
final class Crew {
    private static final ForkJoinPool CREW = new ForkJoinPool(
            Math.max(1, Runtime.getRuntime().availableProcessors() - 1), Crew::member, null, true);

    private Crew() {
    }

    private static ForkJoinWorkerThread member(ForkJoinPool pool) {
        ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
        thread.setName("crew-" + thread.getPoolIndex());
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** Has it computed, after what was asked for before, and waits for it. */
    static <T> T compute(Callable<T> work) throws Exception {
        try {
            return CREW.submit(work).get();
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case Exception failure -> throw failure;
                case Error failure -> throw failure;
                case null, default -> throw e;
            }
        }
    }
}

package firmperch.desk.document;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.FutureTask;

/**
 * Who computes behind the window: as many threads as there are processors but one, which is the window's, and below it in rank
 * where the system heeds that. What is computed in parallel stays among them.
 */
enum Crew {
    /** For the search over every pose and for cures, which goes on whenever nothing else is to be done. */
    SEARCH(1),
    /** For what somebody asked for and waits for; it queues neither behind the search nor behind one long export. */
    ASKED(2);

    private final ForkJoinPool pool;

    /** @param least how many there are of them at least */
    Crew(int least) {
        pool = new ForkJoinPool(Math.max(least, Runtime.getRuntime().availableProcessors() - 1), this::member, null,
                true);
    }

    private ForkJoinWorkerThread member(ForkJoinPool of) {
        ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(of);
        thread.setName(name().toLowerCase(java.util.Locale.ROOT) + "-" + thread.getPoolIndex());
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** Has it computed, after what was asked for before, and waits for it. */
    <T> T compute(Callable<T> work) throws Exception {
        // Not submitted as it is: that would dress what it fails with.
        FutureTask<T> task = new FutureTask<>(work);
        pool.execute(task);
        try {
            return task.get();
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case Exception failure -> throw failure;
                case Error failure -> throw failure;
                case null, default -> throw e;
            }
        }
    }
}

package firmperch.desk.document;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;

/**
 * Who computes behind the window: as many threads as there are processors but one, which is the window's, and below it in rank
 * where the system heeds that. What is computed in parallel stays among them.
 */
enum Workers {
    /** For the search over every pose and for cures, which goes on whenever nothing else is to be done. */
    SEARCH,
    /** For what somebody asked for and waits for; it does not queue behind the search, which rests meanwhile. */
    ASKED;

    /** How long one rests before it looks again, ns. */
    private static final long REST = 5_000_000;

    private final ForkJoinPool pool = new ForkJoinPool(Math.max(1, Runtime.getRuntime().availableProcessors() - 1),
            this::member, null, true);
    private final AtomicInteger busy = new AtomicInteger();

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
        busy.incrementAndGet();
        try {
            pool.execute(task);
            return task.get();
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case Exception failure -> throw failure;
                case Error failure -> throw failure;
                case null, default -> throw e;
            }
        } finally {
            busy.decrementAndGet();
        }
    }

    /** Rests as long as these are at work and it is wanted all the same. */
    void giveWay(BooleanSupplier wanted) {
        while (busy.get() > 0 && wanted.getAsBoolean()) {
            LockSupport.parkNanos(REST);
        }
    }
}

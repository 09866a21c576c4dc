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
 * The threads that compute behind the window, with a lower priority where the system heeds it. Parallel streams started on one of them stay among them.
 */
enum Workers {
    /** For the search over every pose and for cures, which goes on whenever nothing else is to be done: one processor is left to the window. */
    SEARCH(1),
    /**
     * For what the user asked for and waits for. It does not queue behind the search, which pauses meanwhile, and leaves no processor idle: as long as
     * somebody waits the window only draws what comes, and goes first.
     */
    ASKED(0),
    /** For what nobody has asked for yet; it pauses while the others are busy. */
    AHEAD(1);

    /** How long the search pauses before it looks again whether anybody still waits, ns. */
    private static final long REST = 5_000_000;

    private final ForkJoinPool pool;
    private final AtomicInteger busy = new AtomicInteger();

    /** @param left processors that are left to others */
    Workers(int left) {
        pool = new ForkJoinPool(Math.max(1, Runtime.getRuntime().availableProcessors() - left), this::member, null,
                true);
    }

    private ForkJoinWorkerThread member(ForkJoinPool of) {
        ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(of);
        thread.setName(name().toLowerCase(java.util.Locale.ROOT) + "-" + thread.getPoolIndex());
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** Computes something on one of the threads, after what was submitted before, and waits for the result. */
    <T> T compute(Callable<T> work) throws Exception {
        // Pool.submit would wrap the exception in one of another type.
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

    /** Pauses the calling thread while these threads are busy and as long as the condition holds. */
    void giveWay(BooleanSupplier wanted) {
        while (busy.get() > 0 && wanted.getAsBoolean()) {
            LockSupport.parkNanos(REST);
        }
    }
}

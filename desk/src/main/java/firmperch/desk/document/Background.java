package firmperch.desk.document;

import firmperch.disk.DiskTrouble;
import firmperch.file.UnusableFile;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.LongFunction;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One computation at a time off the JavaFX thread. Starting another one gives up the one before. */
public final class Background {
    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    private final String name;
    private final AtomicLong generation = new AtomicLong();

    /** @param name of its threads */
    public Background(String name) {
        this.name = name;
    }

    /** A computation that may fail on a file. */
    @FunctionalInterface
    public interface Work<T> {
        T apply(Progress progress) throws IOException;
    }

    /**
     * Computes, then hands over on the JavaFX thread, unless overtaken or stopped: the result, or one sentence why there is
     * none.
     */
    public <T> void run(Work<T> work, Consumer<T> done, Consumer<String> failed) {
        run(work, (share, what) -> {
        }, done, failed);
    }

    /** The same, telling on the JavaFX thread how far it is. */
    public <T> void run(Work<T> work, Progress watched, Consumer<T> done, Consumer<String> failed) {
        start(Workers.ASKED, mine -> (share, what) -> hand(mine, () -> watched.at(share, what)), work, done, failed);
    }

    /** Computes what nobody has asked for yet: what is asked for meanwhile goes first, and so does the search. */
    public <T> void ahead(Work<T> work, Consumer<T> done, Consumer<String> failed) {
        start(Workers.AHEAD, mine -> (share, what) -> {
            Workers.ASKED.giveWay(() -> mine == generation.get());
            Workers.SEARCH.giveWay(() -> mine == generation.get());
        }, work, done, failed);
    }

    private <T> void start(Workers workers, LongFunction<Progress> watched, Work<T> work, Consumer<T> done,
            Consumer<String> failed) {
        long mine = generation.incrementAndGet();
        Progress watching = watched.apply(mine);
        Progress progress = (share, what) -> {
            watching.at(share, what);
            if (mine != generation.get()) {
                throw new CancellationException();
            }
        };
        Thread.ofPlatform().daemon().name(name).start(() -> {
            try {
                T result = workers.compute(() -> work.apply(progress));
                hand(mine, () -> done.accept(result));
            } catch (CancellationException overtaken) {
                LOG.debug("{} overtaken", name);
            } catch (InvalidValue e) {
                LOG.warn("{} not done", name, e);
                hand(mine, () -> failed.accept(e.getMessage()));
            } catch (IOException e) {
                LOG.warn("{} not done", name, e);
                hand(mine, () -> failed.accept(e instanceof UnusableFile ? e.getMessage() : DiskTrouble.words(e)));
            } catch (Exception | Error e) {
                LOG.error("{} failed", name, e);
                hand(mine, () -> failed.accept("it failed; why is in " + LogFile.place()));
            }
        });
    }

    private void hand(long mine, Runnable what) {
        Platform.runLater(() -> {
            if (mine == generation.get()) {
                what.run();
            }
        });
    }

    /** Gives up what is being computed. */
    public void stop() {
        generation.incrementAndGet();
    }
}

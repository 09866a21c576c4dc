package firmperch.desk;

import firmperch.search.Progress;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One computation at a time off the JavaFX thread; a new one overtakes the one before. */
public final class Background {
    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    private final String name;
    private final AtomicLong generation = new AtomicLong();

    /** @param name of its threads */
    public Background(String name) {
        this.name = name;
    }

    /** Computes, then hands over the result on the JavaFX thread, unless overtaken. */
    public <T> void run(Function<Progress, T> work, Consumer<T> done) {
        long mine = generation.incrementAndGet();
        Progress progress = (share, what) -> {
            if (mine != generation.get()) {
                throw new CancellationException();
            }
        };
        Thread.ofPlatform().daemon().name(name).start(() -> {
            try {
                T result = work.apply(progress);
                Platform.runLater(() -> {
                    if (mine == generation.get()) {
                        done.accept(result);
                    }
                });
            } catch (CancellationException overtaken) {
                LOG.debug("{} overtaken", name);
            } catch (RuntimeException e) {
                LOG.error("{} failed", name, e);
            }
        });
    }
}

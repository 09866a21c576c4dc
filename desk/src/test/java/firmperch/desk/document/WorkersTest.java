package firmperch.desk.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.desk.InTheWindow;
import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Who computes behind the window. */
@InTheWindow
class WorkersTest {
    /** However long a search takes, what was asked for is done meanwhile. */
    @Test
    @Timeout(20)
    void whatIsAskedForDoesNotWaitForTheSearch() throws Exception {
        CountDownLatch searching = new CountDownLatch(1);
        CountDownLatch enough = new CountDownLatch(1);
        Thread search = Thread.ofPlatform().start(() -> {
            try {
                Workers.SEARCH.compute(() -> {
                    searching.countDown();
                    return enough.await(15, TimeUnit.SECONDS);
                });
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        searching.await();
        assertThat(Workers.ASKED.compute(() -> 42)).isEqualTo(42);
        enough.countDown();
        search.join();
    }

    /** A search rests while something is asked for, and goes on afterwards or when it is given up. */
    @Test
    @Timeout(20)
    void theSearchGivesWay() throws Exception {
        CountDownLatch asked = new CountDownLatch(1);
        CountDownLatch enough = new CountDownLatch(1);
        Thread waiting = Thread.ofPlatform().start(() -> {
            try {
                Workers.ASKED.compute(() -> {
                    asked.countDown();
                    return enough.await(15, TimeUnit.SECONDS);
                });
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        asked.await();
        Workers.ASKED.giveWay(() -> false);
        Thread search = Thread.ofPlatform().start(() -> Workers.ASKED.giveWay(() -> true));
        assertThat(search.join(java.time.Duration.ofMillis(100))).as("it rests").isFalse();
        enough.countDown();
        waiting.join();
        assertThat(search.join(java.time.Duration.ofSeconds(5))).as("it goes on").isTrue();
    }

    /** The window keeps a processor to itself, and what computes is below it in rank. */
    @Test
    void aProcessorIsLeftToTheWindow() throws Exception {
        int most = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        assertThat(Workers.SEARCH.compute(() -> IntStream.range(0, 2000).parallel().mapToObj(i -> {
            Thread thread = Thread.currentThread();
            return thread.getName() + " " + thread.getPriority();
        }).distinct().toList())).hasSizeBetween(1, most)
                .allSatisfy(name -> assertThat(name).startsWith("search-").endsWith(" " + Thread.MIN_PRIORITY));
    }

    @Test
    void whatFailsFailsAsItDid() {
        assertThatThrownBy(() -> Workers.ASKED.compute(() -> {
            throw new IOException("no disk");
        })).isInstanceOf(IOException.class).hasMessage("no disk");
        assertThatThrownBy(() -> Workers.ASKED.compute(() -> {
            throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
        assertThatThrownBy(() -> Workers.ASKED.compute(() -> {
            throw new StackOverflowError();
        })).isInstanceOf(StackOverflowError.class);
    }
}

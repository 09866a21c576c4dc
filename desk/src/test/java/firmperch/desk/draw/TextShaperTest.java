package firmperch.desk.draw;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.InTheWindow;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.IntStream;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** Words that need shaping on one thread, plain ones on another: without the loan this Java ends within a second, not the test. */
@InTheWindow
@ExtendWith(ApplicationExtension.class)
class TextShaperTest {
    @Test
    void twoThreadsLayTextOut() throws InterruptedException {
        TextShaper.lendOut();
        Queue<RuntimeException> faults = new ConcurrentLinkedQueue<>();
        Queue<Double> widths = new ConcurrentLinkedQueue<>();
        List<Thread> threads = IntStream.range(0, 2).mapToObj(which -> Thread.ofPlatform().start(() -> {
            // Text that is in no window may be laid out on any thread.
            Text text = new Text();
            for (int i = 0; i < 10_000; i++) {
                try {
                    text.setText((which == 0 ? "السلام N̄ " : "plain ") + i);
                    widths.add(text.getLayoutBounds().getWidth());
                } catch (RuntimeException e) {
                    faults.add(e);
                }
            }
        })).toList();
        for (Thread thread : threads) {
            thread.join();
        }
        assertThat(faults).isEmpty();
        assertThat(widths).hasSize(20_000).allMatch(width -> width > 0);
    }
}

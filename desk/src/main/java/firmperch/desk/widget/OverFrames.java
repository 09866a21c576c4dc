package firmperch.desk.widget;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/**
 * Runs tasks one after the other over as many frames as they need, so that no frame is late. All instances together
 * use no more than one share of a frame. Used on the JavaFX thread only.
 */
public final class OverFrames {
    /** Time that may be spent in a frame of 16 ms, ns. */
    private static final long SHARE = 6_000_000;
    /** The current frame, and the time spent in it, ns. */
    private static long frame;
    private static long spent;

    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private final AnimationTimer frames = new AnimationTimer() {
        @Override
        public void handle(long now) {
            if (now != frame) {
                frame = now;
                spent = 0;
            }
            some();
        }
    };

    /** Runs these tasks, replacing what was still to be done. */
    public void begin(Collection<? extends Runnable> tasks) {
        waiting.clear();
        waiting.addAll(tasks);
        frames.start();
    }

    private void some() {
        while (!waiting.isEmpty() && spent < SHARE) {
            long begun = System.nanoTime();
            waiting.poll().run();
            spent += System.nanoTime() - begun;
        }
        if (waiting.isEmpty()) {
            frames.stop();
        }
    }

    /** True while tasks are left. */
    public boolean going() {
        return !waiting.isEmpty();
    }
}

package firmperch.desk.widget;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/**
 * Does one thing after the other over as many frames as it takes, from the next one on, so that none of them holds up the hand.
 * However many there are of these, together they take no more than their share of a frame. Used on the JavaFX thread only.
 */
public final class OverFrames {
    /** What may be spent of a frame, which is 16 ms, ns. */
    private static final long SHARE = 6_000_000;
    /** The frame that is being made, and what has been spent of it, ns. */
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

    /** Does those, in place of what was still to be done. */
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

    /** True while there is more to do. */
    public boolean going() {
        return !waiting.isEmpty();
    }
}

package firmperch.desk.widget;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/** Does one thing after the other over as many frames as it takes, so that none of them holds up the hand. */
public final class OverFrames {
    /** What may be spent of a frame, which is 16 ms, ns. */
    private static final long SHARE = 6_000_000;

    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private final AnimationTimer frames = new AnimationTimer() {
        @Override
        public void handle(long now) {
            some();
        }
    };

    /** Begins with those at once, in place of what was still to be done. */
    public void begin(Collection<? extends Runnable> tasks) {
        waiting.clear();
        waiting.addAll(tasks);
        some();
    }

    /** Begins with those in the next frame, in place of what was still to be done. */
    public void next(Collection<? extends Runnable> tasks) {
        waiting.clear();
        waiting.addAll(tasks);
        frames.start();
    }

    private void some() {
        long begun = System.nanoTime();
        while (!waiting.isEmpty() && System.nanoTime() - begun < SHARE) {
            waiting.poll().run();
        }
        if (waiting.isEmpty()) {
            frames.stop();
        } else {
            frames.start();
        }
    }

    /** True while there is more to do. */
    public boolean going() {
        return !waiting.isEmpty();
    }
}

package firmperch.desk.app;

import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Does something when the window has been painted for the first time. */
public final class FirstFrame extends AnimationTimer {
    private final Runnable then;
    private int frames;

    /** What to do then; {@link #start} starts waiting. */
    public FirstFrame(Runnable then) {
        this.then = then;
    }

    @Override
    public void handle(long now) {
        // The toolkit begins the second frame when the first has been painted.
        if (++frames == 2) {
            stop();
            // Not within the pulse: while it runs no dialog may wait for an answer.
            Platform.runLater(then);
        }
    }

    /** Milliseconds since the program was started. */
    public static long sinceStart() {
        return System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
    }
}

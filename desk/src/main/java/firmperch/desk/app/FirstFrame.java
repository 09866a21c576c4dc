package firmperch.desk.app;

import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Does something when the window has been painted for the first time. */
public final class FirstFrame extends AnimationTimer {
    /** When the program was started, ms since 1970; set where another Java has started this one. */
    public static final String STARTED = "firmperch.started";

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
        // Started by another Java, the time is counted from that one's start.
        Long started = Long.getLong(STARTED);
        return started != null
                ? System.currentTimeMillis() - started
                : System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
    }
}

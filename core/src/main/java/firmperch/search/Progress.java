package firmperch.search;

import java.util.concurrent.CancellationException;

/** Receives the progress of a long computation, and can stop it. */
@FunctionalInterface
public interface Progress {
    /** Ignores progress and never stops. */
    Progress NONE = (share, what) -> {
    };

    /**
     * Reports progress; called from any thread.
     *
     * @param share done, 0 to 1
     * @param what is being worked on, in words
     * @throws CancellationException if it is to stop
     */
    void at(double share, String what);
}

package firmperch.search;

import java.util.concurrent.CancellationException;

/** Where a longer computation says how far it is, and where it is told to stop. */
@FunctionalInterface
public interface Progress {
    /** Nobody watches and nobody stops it. */
    Progress NONE = (share, what) -> {
    };

    /**
     * Tells how far it is; called from any thread.
     *
     * @param share done, 0 to 1
     * @param what is being worked on, in words
     * @throws CancellationException if it is to stop
     */
    void at(double share, String what);
}

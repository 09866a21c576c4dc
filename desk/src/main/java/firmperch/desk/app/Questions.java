package firmperch.desk.app;

import firmperch.desk.document.Copies;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** What the person at the desk is asked. */
interface Questions {
    /** What to do with work that was left behind. */
    enum Left {
        /** Goes on with it. */
        TAKE_UP,
        /** It stays where it is and is offered again. */
        LATER,
        /** It goes to the earlier copies. */
        PUT_ASIDE
    }

    /** What to do where a file was changed by something else since it was opened. */
    enum Changed {
        /** Saves under another name; both stay. */
        ELSEWHERE,
        /** Saves there all the same; what is there is kept beside it. */
        HERE,
        /** Does not save. */
        NOT_NOW
    }

    /** Save before going on: yes, no, or not going on after all. */
    Optional<Boolean> saveFirst(String name);

    /**
     * Whether to take up work that was left behind.
     *
     * @param name of the project
     * @param from where it came from and when it was kept, in words
     */
    Left takeUp(String name, String from);

    /** Where to save what another window or program has changed meanwhile. */
    Changed changedOutside(String file);

    /** Whether to write over a file that is there; asked where the chooser could not know its name. */
    boolean overwrite(String file);

    /** Which of the earlier copies to open; nothing if none after all. */
    Optional<Copies.Copy> earlier(List<Copies.Copy> copies);

    /**
     * A file to open; null if none after all.
     *
     * @param folder to begin in; null for the platform's own
     */
    File fileToOpen(Path folder);

    /** A folder to write into; null if none after all. */
    File folderToWrite(String title, Path folder);

    /** A file to write; null if none after all. */
    File fileToWrite(String title, String suggested, String extension, Path folder);
}

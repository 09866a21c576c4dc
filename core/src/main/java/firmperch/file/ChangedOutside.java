package firmperch.file;

import java.io.IOException;
import java.nio.file.Path;

/** A file that is not as it was when it was opened or saved last: another window or program has written it, or taken it away. */
public final class ChangedOutside extends IOException {
    /** @param file which one */
    public ChangedOutside(Path file) {
        super(file.getFileName() + " has been changed by another window or program since it was opened here.");
    }
}

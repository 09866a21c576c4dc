package firmperch.file;

import java.io.IOException;
import java.nio.file.Path;

/** A file that cannot be used; its message is a sentence for the person at the desk. */
public final class UnusableFile extends IOException {
    /**
     * @param file which one
     * @param why what is wrong with it and what was expected
     */
    public UnusableFile(Path file, String why) {
        super(Codec.printable(String.valueOf(file.getFileName())) + " cannot be opened: " + why);
    }
}

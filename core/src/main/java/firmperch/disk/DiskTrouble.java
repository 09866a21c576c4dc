package firmperch.disk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.Locale;

/** What went wrong with a file, in words with a remedy: the platform's own are a bare file name as often as not. */
public final class DiskTrouble {
    private DiskTrouble() {
    }

    /** A clause such as "the disk is full: free some room or choose another place". */
    public static String words(IOException trouble) {
        String reason = trouble instanceof FileSystemException f ? f.getReason() : trouble.getMessage();
        String low = reason == null ? "" : reason.toLowerCase(Locale.ROOT);
        if (low.contains("no space") || low.contains("quota") || low.contains("not enough space")) {
            return "the disk is full: free some room or choose another place";
        }
        if (low.contains("read-only file system")) {
            return "the disk may only be read: choose another place";
        }
        if (low.contains("nothing comes out")) {
            return "it is a pipe or a device, and nothing comes out of it: choose a file";
        }
        if (low.contains("mib as it is saved")) {
            return reason + ": take something out of it";
        }
        if (low.contains("name too long")) {
            return "its name is too long: choose a shorter one";
        }
        if (low.contains("is a directory")) {
            return "it is a folder: choose a file";
        }
        if (low.contains("write-protected")) {
            return "it is write-protected: take the protection off or choose another name";
        }
        if (low.contains("hard link")) {
            return "it has other names (hard links), which would not get what is saved: save it under another name";
        }
        if (low.contains("no ordinary file")) {
            return "it is a device or a pipe, no ordinary file: choose another name";
        }
        if (low.contains("foreign owner") || low.contains("foreign group")) {
            return "it belongs to somebody else and would become yours: save it under another name";
        }
        if (trouble instanceof FileSystemLoopException || low.contains("too many levels")) {
            return "its links lead round in a circle: choose the file itself";
        }
        return switch (trouble) {
            case NoSuchFileException _ -> "there is no such file or folder: look at its name and where it is";
            case AccessDeniedException _ -> "you have no permission there: choose another place or ask for it";
            case NotDirectoryException _,FileAlreadyExistsException _ ->
                "part of its path is a file, not a folder: choose another place";
            default -> low.contains("not a directory")
                    ? "part of its path is a file, not a folder: choose another place"
                    : "the disk does not answer as it should" + (reason == null || reason.isBlank()
                            ? ""
                            : " (" + reason + ")") + ": try again or choose another place";
        };
    }
}

package firmperch.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserDefinedFileAttributeView;
import java.util.Set;

/** Who may read and write a file, whose it is, and what else is kept with it; where the system knows of such things. */
public final class Rights {
    private static final Set<PosixFilePermission> OWN_FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> OWN_FOLDER = PosixFilePermissions.fromString("rwx------");

    private Rights() {
    }

    /** To make a file with that nobody but its owner may read or write. */
    static FileAttribute<?>[] own(Path beside) {
        return knows(beside.getParent())
                ? new FileAttribute<?>[]{PosixFilePermissions.asFileAttribute(OWN_FILE)}
                : usual();
    }

    /** To make a file with as the system makes files. */
    static FileAttribute<?>[] usual() {
        return new FileAttribute<?>[0];
    }

    private static boolean knows(Path folder) {
        return Files.getFileAttributeView(folder, PosixFileAttributeView.class) != null;
    }

    /** Makes a folder that nobody but the user may look into; one that is there is closed to others. */
    public static void ownFolder(Path folder) throws IOException {
        Files.createDirectories(folder);
        if (knows(folder)) {
            Files.setPosixFilePermissions(folder, OWN_FOLDER);
        }
    }

    /** Gives one file what another has: owner and group, permissions, attributes of the user's own. */
    static void copy(Path from, Path to) throws IOException {
        PosixFileAttributeView old = Files.getFileAttributeView(from, PosixFileAttributeView.class);
        if (old != null) {
            PosixFileAttributes is = old.readAttributes();
            PosixFileAttributeView fresh = Files.getFileAttributeView(to, PosixFileAttributeView.class);
            if (!fresh.readAttributes().owner().equals(is.owner())) {
                give(() -> fresh.setOwner(is.owner()), to, "foreign owner");
            }
            if (!fresh.readAttributes().group().equals(is.group())) {
                give(() -> fresh.setGroup(is.group()), to, "foreign group");
            }
            fresh.setPermissions(is.permissions());
        }
        UserDefinedFileAttributeView more = Files.getFileAttributeView(from, UserDefinedFileAttributeView.class);
        UserDefinedFileAttributeView taken = Files.getFileAttributeView(to, UserDefinedFileAttributeView.class);
        if (more != null && taken != null) {
            for (String name : more.list()) {
                ByteBuffer value = ByteBuffer.allocate(more.size(name));
                more.read(name, value);
                taken.write(name, value.flip());
            }
        }
    }

    private interface Giving {
        void run() throws IOException;
    }

    private static void give(Giving what, Path file, String otherwise) throws IOException {
        try {
            what.run();
        } catch (IOException e) {
            throw new AccessDeniedException(file.toString(), null, otherwise);
        }
    }

    /** True if the file has other names: hard links, which would go on naming what it held before. */
    static boolean otherNames(Path file) throws IOException {
        return knows(file.getParent()) && file.getFileSystem().supportedFileAttributeViews().contains("unix")
                && (int) Files.getAttribute(file, "unix:nlink") > 1;
    }
}

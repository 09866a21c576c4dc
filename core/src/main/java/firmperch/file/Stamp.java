package firmperch.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * By what a file's content is known again.
 *
 * @param digest SHA-256 in hexadecimal; empty where there is no file
 */
public record Stamp(String digest) {
    /** Where there is no file. */
    public static final Stamp NONE = new Stamp("");

    /** Of that content. */
    static Stamp of(byte[] content) {
        try {
            return new Stamp(HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** Of a file as it is now. */
    public static Stamp of(Path file) throws IOException {
        return Files.exists(file) ? of(ProjectFile.content(file)) : NONE;
    }
}

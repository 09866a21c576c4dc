package firmperch.desk.document;

import firmperch.disk.WholeFile;
import firmperch.file.KeptFile;
import firmperch.param.Described;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What the user keeps of one sort for other projects, each in a file of its own among the user's data. Touches the disk: not to be asked in the window's own time. */
public final class Shelf<R extends Record & Described> {
    private final KeptFile<R> format;
    private final String folder;
    private volatile List<String> spoilt = List.of();

    /** @param folder among the user's data */
    public Shelf(KeptFile<R> format, String folder) {
        this.format = format;
        this.folder = folder;
    }

    /** What could not be read the last time, a sentence each. */
    public List<String> spoilt() {
        return spoilt;
    }

    /** All of it by name; what cannot be read is left out and told by {@link #spoilt}. */
    public List<KeptFile.Kept<R>> all() throws IOException {
        Path place = UserData.folder().resolve(folder);
        if (!Files.isDirectory(place)) {
            return List.of();
        }
        List<KeptFile.Kept<R>> all = new ArrayList<>();
        List<String> not = new ArrayList<>();
        try (Stream<Path> files = Files.list(place)) {
            for (Path file : files.filter(f -> f.toString().endsWith(format.ending())).sorted().toList()) {
                try {
                    all.add(format.read(file));
                } catch (IOException unusable) {
                    // One that is spoilt does not keep the others from being used.
                    not.add(unusable.getMessage());
                }
            }
        }
        spoilt = List.copyOf(not);
        all.sort(Comparator.comparing(KeptFile.Kept::name));
        return all;
    }

    /** Keeps one; one of that name is replaced, and kept beside it until the next time. */
    public void keep(KeptFile.Kept<R> kept) throws IOException {
        Path place = Files.createDirectories(UserData.folder().resolve(folder));
        String plain = kept.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        Path file = place.resolve(
                (plain.isBlank() || plain.equals("-") ? "kept" : plain.substring(0, Math.min(60, plain.length())))
                        + format.ending());
        WholeFile.write(file, format.text(kept).getBytes(StandardCharsets.UTF_8),
                file.resolveSibling(file.getFileName() + "~"));
    }
}

package firmperch.make;

import firmperch.part.GearItem;
import firmperch.project.Project;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** What of a project's names the build pack's typeface has: Latin, Greek and Cyrillic letters, not every script there is. */
public final class Printable {
    private Printable() {
    }

    /** Names with signs that the build pack cannot print, in a sentence; empty if it can print all. */
    public static String missing(Project project) {
        List<String> names = Stream.concat(Stream.of(project.name(), project.studio()),
                project.gear().items().stream().map(GearItem::name)).toList();
        Set<String> lacking = new LinkedHashSet<>();
        if (names.stream().allMatch(n -> n.chars().allMatch(c -> c < 0x180))) {
            return "";
        }
        try (InputStream in = Printable.class.getResourceAsStream("/firmperch/fonts/IBMPlexSans_400Regular.ttf");
                TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in))) {
            CmapLookup signs = font.getUnicodeCmapLookup();
            for (String name : names) {
                if (!name.codePoints().allMatch(c -> signs.getGlyphId(c) != 0)) {
                    lacking.add("“" + name + "”");
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("the typeface is part of the program", e);
        }
        return lacking.isEmpty()
                ? ""
                : "The build pack's typeface lacks signs of " + String.join(", ", lacking) + ": there it prints “?”. "
                        + "The lists, the file and the window have them all.";
    }
}

package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.part.GearItem;
import firmperch.units.UnitSystem;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GearCsvTest {
    private static final Path FILE = Path.of("gear.csv");

    private static GearCsv.Read read(String text) throws UnusableFile {
        return GearCsv.read(FILE, text, UnitSystem.METRIC);
    }

    /** As spreadsheets write it: with a mark, quotes, semicolons, columns in any order, figures as people say them. */
    @Test
    void listsAsSpreadsheetsWriteThem() throws Exception {
        GearCsv.Read read = read("\uFEFFMass;Name;Left;Watts\r\n510 g;\"Body, old\";;6\r\n1 lb;Screen;110;9\r\n");
        assertThat(read.refused()).isEmpty();
        assertThat(read.items()).extracting(GearItem::name).containsExactly("Body, old", "Screen");
        assertThat(read.items().get(0).mass()).isCloseTo(0.51, within(1e-12));
        assertThat(read.items().get(1).mass()).isCloseTo(0.45359237, within(1e-12));
        assertThat(read.items().get(1).left()).isCloseTo(0.11, within(1e-12));
        assertThat(read.items().get(1).facts().watts()).isEqualTo(9);
    }

    /** A thousand wrong lines are a thousand sentences with their numbers, and the right ones are read all the same. */
    @Test
    void wrongLinesAreToldWithTheirNumbers() throws Exception {
        String wrong = IntStream.range(0, 1000).mapToObj(i -> switch (i % 4) {
            case 0 -> "Thing " + i + ",heavy";
            case 1 -> "Thing " + i + ",";
            case 2 -> ",0.2";
            default -> "Thing " + i + ",900 kg";
        }).collect(Collectors.joining("\n"));
        GearCsv.Read read = read("name,mass\nBody,0.5\n" + wrong + "\nLens,0.2\n");
        assertThat(read.items()).extracting(GearItem::name).containsExactly("Body", "Lens");
        assertThat(read.refused()).hasSize(1000).allSatisfy(line -> assertThat(line).matches("Line \\d+: .*expected.*")
                .doesNotContain("null").doesNotContain("java"));
        assertThat(read.refused().getFirst()).startsWith("Line 3: mass: “heavy”");
    }

    @Test
    void whatIsNoListIsToldInASentence() {
        for (String text : new String[]{"a,b\n1,2", "{\"format\":1}", "name\nBody", "\"open quote\nname,mass"}) {
            assertThatThrownBy(() -> read(text)).as(text).isInstanceOf(UnusableFile.class)
                    .hasMessageStartingWith("gear.csv cannot be opened: ").hasMessageContaining("expected");
        }
    }
}

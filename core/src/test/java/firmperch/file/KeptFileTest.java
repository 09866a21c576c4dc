package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import firmperch.place.Muddle;
import firmperch.place.Place;
import firmperch.place.Rooms;
import firmperch.project.Project;
import firmperch.project.Variant;
import firmperch.units.UnitSystem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeptFileTest {
    private static final Path FILE = Path.of("my.room.json");

    /** Whatever is in a room comes back as it was, keeps to the published schema, and every room that ships makes sense. */
    @Test
    void whatIsKeptComesBackAndKeepsToTheSchema() throws Exception {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(KeptFile.ROOM.schema());
        Place every = Samples.wedgingBench().place().with(Rooms.everySort());
        String text = KeptFile.ROOM.text(new KeptFile.Kept<>("Mine", every));
        assertThat(schema.validate(new ObjectMapper().readTree(text))).isEmpty();
        KeptFile.Kept<Place> back = KeptFile.ROOM.parse(FILE, text.getBytes(StandardCharsets.UTF_8));
        assertThat(back).isEqualTo(new KeptFile.Kept<>("Mine", every));
        assertThat(Samples.rooms()).hasSize(3)
                .allSatisfy(room -> assertThat(Muddle.of(room.thing(), UnitSystem.METRIC)).isEmpty());
        assertThat(Files.readString(Path.of("../docs/room.schema.json"))).isEqualTo(KeptFile.ROOM.schema());
        assertThat(Files.readString(Path.of("../docs/gear.schema.json"))).isEqualTo(KeptFile.GEAR.schema());
    }

    /** A kind of one's own comes back; one whose part is gone, or that ends in no camera screw, is refused with a sentence. */
    @Test
    void aKindOfOnesOwn() throws IOException {
        Project demo = Samples.wedgingBench();
        Variant own = new Variant("Mine", demo.perch(), List.of(demo.stance()));
        String text = KeptFile.KIND.text(new KeptFile.Kept<>("Mine", own));
        assertThat(KeptFile.KIND.parse(FILE, text.getBytes(StandardCharsets.UTF_8)).thing()).isEqualTo(own);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(KeptFile.KIND.schema());
        assertThat(schema.validate(new ObjectMapper().readTree(text))).isEmpty();
        JsonNode made = new ObjectMapper().readTree(KeptFile.KIND.schema());
        ArrayNode known = (ArrayNode) made.at("/$defs/perch/items/anyOf");
        for (int i = known.size() - 1; i >= 0; i--) {
            if (known.get(i).at("/properties/part/const").asText().startsWith("alien")) {
                known.remove(i);
            }
        }
        assertThat(new ObjectMapper().readTree(Path.of("../docs/kind.schema.json").toFile())).isEqualTo(made);
        String gone = text.replace("\"drop-on-block\"", "\"drop-in-block\"");
        assertThatThrownBy(() -> KeptFile.KIND.parse(FILE, gone.getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("drop-in-block").hasMessageContaining("one of ");
        ObjectNode headless = (ObjectNode) new ObjectMapper().readTree(text);
        ArrayNode parts = (ArrayNode) headless.at("/kind/perch");
        parts.remove(parts.size() - 1);
        assertThatThrownBy(
                () -> KeptFile.KIND.parse(FILE, headless.toString().getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("nothing that a camera can be screwed on");
    }

    /** Into any of the rooms, and back out of it, with all that the project is. */
    @Test
    void aProjectMovesIntoAnyRoom() {
        for (Project project : Samples.all()) {
            Samples.rooms().forEach(room -> {
                Project moved = project.movedInto(room.thing());
                assertThat(moved.place()).isEqualTo(room.thing());
                assertThat(moved.perch()).isEqualTo(project.perch());
                assertThat(moved.stance().x()).isLessThanOrEqualTo(room.thing().room().depth());
            });
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"{ | its text breaks off or is no JSON in line 1", "[] | it is not a room",
            "{\"format\":\"firm-perch\"} | it is not a room of Firm Perch",
            "{\"format\":\"firm-perch-room\",\"version\":7} | its version is “7”; this Firm Perch reads version 1",
            "{\"format\":\"firm-perch-room\",\"version\":1} | it has no name",
            "{\"format\":\"firm-perch-room\",\"version\":1,\"name\":\"A\"} | room: nothing",
            "{\"format\":\"firm-perch-room\",\"version\":1,\"name\":\"A\",\"walls\":3} | it holds “walls”",
            "{\"format\":\"firm-perch-room\",\"version\":1,\"name\":\"A\",\"room\":{\"room\":3}} | The room: 3"})
    void whatIsNoRoomIsToldInASentence(String text, String says) {
        assertThatThrownBy(() -> KeptFile.ROOM.parse(FILE, text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnusableFile.class).hasMessageStartingWith("my.room.json cannot be opened: ")
                .hasMessageContaining(says).message().doesNotContain("null").doesNotContain("java");
    }

    @Test
    void aFolderIsNoRoom(@TempDir Path folder) {
        assertThatThrownBy(() -> KeptFile.ROOM.read(folder)).hasMessageContaining("it is a folder");
        assertThatThrownBy(() -> KeptFile.ROOM.read(folder.resolve("none.room.json")))
                .hasMessageContaining("there is no such file");
    }
}

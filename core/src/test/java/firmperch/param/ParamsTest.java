package firmperch.param;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import firmperch.stock.Closure;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Values described once, on a record that exists only here. */
class ParamsTest {
    private enum Finish {
        OILED, PAINTED
    }

    /** A hook of a shelf. */
    private record Peg(double length, int count) implements Described {
        static final Params<Peg> PARAMS = Params.of(Peg.class).length("length", "Length of a peg", 0.02, 0.2)
                .varied(0.01).whole("count", "Pegs", 1, 9).done();

        Peg {
            PARAMS.check(length, count);
        }

        @Override
        public Params<Peg> params() {
            return PARAMS;
        }
    }

    private record Shelf(String name, Peg peg, List<Peg> spare, Closure closure, double torque, boolean glued,
            Finish finish, LocalDate made, Map<String, Double> joints) implements Described {
        static final Params<Shelf> PARAMS = Params.of(Shelf.class).name("name", "Name of the shelf")
                .group("peg", "Peg", Peg.PARAMS).many("spare", "Spare pegs", Peg.PARAMS, 2)
                .choice("closure", "Closed by", Closure.ALL).bringing("torque", Closure.class, Closure::torque)
                .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).help("as one hand gets it")
                .either("glued", "Back is", "glued", "screwed").oneOf("finish", "Finish", Finish.class)
                .day("made", "Made on").settings("joints", "Setting of a joint").done();

        Shelf {
            PARAMS.check(name, peg, spare, closure, torque, glued, finish, made, joints);
        }

        @Override
        public Params<Shelf> params() {
            return PARAMS;
        }
    }

    private static final Shelf SHELF = new Shelf("Glaze shelf", new Peg(0.1, 3), List.of(new Peg(0.05, 1)),
            Closure.ALL.get("knob-60"), 5, true, Finish.OILED, LocalDate.of(2026, 1, 2), Map.of("a.turn", 0.5));

    @Test
    void aRecordIsTakenApartAndMadeAgain() {
        Object[] values = Shelf.PARAMS.values(SHELF);
        assertThat(values).hasSize(9).startsWith("Glaze shelf", SHELF.peg);
        assertThat(Shelf.PARAMS.make(values)).isEqualTo(SHELF);
        assertThat(Shelf.PARAMS.get("no such thing")).isNull();
        assertThat(Shelf.PARAMS.get("torque").help()).isEqualTo("as one hand gets it");
        assertThat(Peg.PARAMS.get("length").varied()).isTrue();
        assertThat(Peg.PARAMS.get("count").varied()).isFalse();
    }

    /** Changing one value asks every rule again, on the way up too. */
    @Test
    void aPathLeadsInAndMakesNewRecordsOnTheWayOut() {
        assertThat(Path.of("peg.length").number(SHELF)).isEqualTo(0.1);
        assertThat(Path.of("spare.0.count").get(SHELF)).isEqualTo(1);
        assertThat(Path.of("joints.a.turn").get(SHELF)).isEqualTo(0.5);
        assertThat(Path.of("spare.7.count").get(SHELF)).as("no such peg").isNull();
        assertThat(Path.of("peg.length").param(SHELF).label()).isEqualTo("Length of a peg");
        assertThat(Path.of("joints.a.turn").param(SHELF)).isNull();
        Shelf longer = Path.of("spare.0.length").with(SHELF, 0.08);
        assertThat(longer.spare.getFirst()).isEqualTo(new Peg(0.08, 1));
        assertThat(SHELF.spare.getFirst().length).as("the one before is as it was").isEqualTo(0.05);
        assertThat(Path.of("joints.b.lift").with(SHELF, 0.25).joints).containsEntry("b.lift", 0.25)
                .containsEntry("a.turn", 0.5);
        assertThatThrownBy(() -> Path.of("peg.length").with(SHELF, 0.5)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Length of a peg: 500").hasMessageContaining("20 mm to 200 mm");
        assertThat(Path.of("peg").then("count")).isEqualTo(Path.of("peg.count")).hasToString("peg.count");
    }

    /** A choice brings what follows from it; the other value may be changed by itself afterwards. */
    @Test
    void aChoiceBringsWhatFollowsFromIt() {
        Closure other = Closure.ALL.rows().stream().filter(c -> c.torque() != SHELF.torque).findFirst().orElseThrow();
        Shelf changed = Path.of("closure").with(SHELF, other);
        assertThat(changed.torque).isEqualTo(other.torque());
        assertThat(Path.of("torque").with(changed, 7.0).closure).isEqualTo(other);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  "})
    void aNameMayNotBeBlank(String name) {
        assertThatThrownBy(() -> Shelf.PARAMS.with(SHELF, "name", name)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Name of the shelf: nothing was given; expected is a name of 1 to");
    }

    @Test
    void eachKindSaysWhatItExpects() {
        assertThat(Peg.PARAMS.get("count").expected()).isEqualTo("a whole number from 1 to 9");
        assertThat(Shelf.PARAMS.get("glued").expected()).isEqualTo("glued or screwed");
        assertThat(Shelf.PARAMS.get("finish").expected()).isEqualTo("one of oiled, painted");
        assertThat(Shelf.PARAMS.get("spare").expected()).isEqualTo("at most 2");
        assertThat(Shelf.PARAMS.get("closure").expected()).startsWith("one of ").contains(SHELF.closure.label());
        assertThat(Shelf.PARAMS.get("made").expected()).startsWith("a day such as 20");
        assertThatThrownBy(() -> Shelf.PARAMS.with(SHELF, "spare", List.of(SHELF.peg, SHELF.peg, SHELF.peg)))
                .hasMessageContaining("Spare pegs: 3 of them");
        assertThatThrownBy(() -> Shelf.PARAMS.with(SHELF, "made", LocalDate.of(1812, 1, 1)))
                .hasMessageContaining("Made on: 1812-01-01");
        assertThatThrownBy(() -> Shelf.PARAMS.with(SHELF, "joints", Map.of("a", 1e9)))
                .hasMessageContaining("Setting of a joint");
        assertThatThrownBy(() -> Shelf.PARAMS.with(SHELF, "finish", null)).hasMessageContaining("Finish: nothing");
    }
}

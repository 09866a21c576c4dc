package firmperch.choose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.cost.Bill;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.stock.Catalogue;
import firmperch.stock.Closure;
import firmperch.stock.PostStock;
import firmperch.study.Study;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Parts swapped, put in and taken out; those from outside too. */
class ComposeTest {
    private static final Project GLAZING = Samples.all().stream().filter(p -> p.name().equals("Glazing table"))
            .findFirst().orElseThrow();

    private static Compose.Change named(List<Compose.Change> changes, String label) {
        return changes.stream().filter(c -> c.label().equals(label)).findFirst().orElseThrow();
    }

    /** One arm more, and out again: the same rig as before, its price and mass by the difference of the bills. */
    @Test
    void anArmMoreAndOutAgain() {
        Compose.Change more = named(Compose.insertions(GLAZING, "arm-1"), "Level-keeping arm with a bent plate");
        Perch longer = more.perch().orElseThrow();
        assertThat(longer.parts()).hasSize(GLAZING.perch().parts().size() + 1);
        Project composed = Compose.applied(GLAZING, longer);
        Bill before = Bill.of(Study.of(GLAZING).assembly(), GLAZING.units());
        Bill after = Bill.of(Study.of(composed).assembly(), composed.units());
        assertThat(more.price()).isCloseTo(after.price() - before.price(), within(1e-9));
        assertThat(more.mass()).isCloseTo(after.mass() - before.mass(), within(1e-9));
        String added = longer.parts().stream().map(Mounted::name)
                .filter(n -> GLAZING.perch().parts().stream().noneMatch(p -> p.name().equals(n))).findFirst()
                .orElseThrow();
        Perch out = Compose.without(composed, added).perch().orElseThrow();
        assertThat(out).isEqualTo(GLAZING.perch());
    }

    /** Rails under a beam instead of joists: what ran on them runs on, with the joints as they were where they are still there. */
    @Test
    void otherRails(@TempDir java.nio.file.Path folder) throws Exception {
        Compose.Change beam = named(Compose.swaps(GLAZING, "rails"), "Rails under a beam");
        Project composed = Compose.applied(GLAZING, beam.perch().orElseThrow());
        assertThat(composed.perch().branch("bridge")).isEqualTo(GLAZING.perch().branch("bridge"));
        assertThat(Assessor.now(composed).situation().stands()).isFalse();
        Path file = folder.resolve("composed.perch.json");
        ProjectFile.write(file, composed);
        assertThat(ProjectFile.read(file)).isEqualTo(composed);
    }

    /** The weight on its rope is taken out of the sliding mast and hung on again between pulley and eye: the same rig. */
    @Test
    void whatHangsOnTwoIsHungOnAgain() {
        Project shelf = Samples.all().get(3);
        assertThat(Compose.hangings(shelf, "mast")).as("its pulley is taken").noneMatch(c -> c.perch().isPresent());
        Project without = Compose.applied(shelf, Compose.without(shelf, "weight").perch().orElseThrow());
        assertThat(without.perch().parts()).extracting(Mounted::name).doesNotContain("weight");
        for (String at : List.of("mast", "carriage")) {
            Compose.Change again = named(Compose.hangings(without, at), "Weight on a rope");
            Perch hung = again.perch().orElseThrow();
            Mounted weight = hung.parts().getLast();
            assertThat(weight.on()).containsExactly("mast.top", "carriage.eye");
            assertThat(again.mass()).isGreaterThan(8);
            assertThat(again.price()).isPositive();
        }
        assertThat(named(Compose.hangings(without, "beam"), "Weight on a rope").why()).isNotEmpty();
    }

    /** Knobs of 40 instead of 60 on four pivots: 2.50 for 4.00 and 35 g for 75 g each (the catalogue); what is too long does not fit and says so. */
    @Test
    void choicesArePriced() {
        var path = firmperch.param.Path.of("perch.arm.pivots.closure");
        Map<Catalogue.Row, String> options = Options.of(Demo.project(), path, Closure.ALL.rows());
        assertThat(options).doesNotContainKey(Closure.ALL.get("knob-60"))
                .containsEntry(Closure.ALL.get("knob-40"), "−€6.00, −0.16 kg");
        assertThat(options).hasSize(Closure.ALL.rows().size() - 1);
        var stock = firmperch.param.Path.of("perch.post.stock");
        assertThat(Options.of(Demo.project(), stock, PostStock.ALL.rows()).values())
                .allMatch(words -> words.startsWith("does not fit: ") || words.matches("[+−].*"));
    }

    @Test
    void whatDoesNotFitSaysWhy() {
        Compose.Change tripod = named(Compose.swaps(Demo.project(), "box"), "Tripod");
        assertThat(tripod.perch()).isEmpty();
        assertThat(tripod.why()).contains("stud that looks up").contains("a box to stand it in");
        assertThat(Compose.without(Demo.project(), "head").why()).contains("a head at its end");
        assertThat(Compose.swaps(Demo.project(), "none")).isEmpty();
    }

    /** Whatever fits, of every kind there is, can be put up and asked; whatever does not has a reason. */
    @Test
    void everyChangeOfEveryKind() {
        Project demo = Demo.project();
        for (var kind : Parts.kinds()) {
            Project project = Choosing.of(demo, kind);
            for (Mounted part : project.perch().parts()) {
                for (Compose.Change change : Compose.swaps(project, part.name())) {
                    assertThat(change.perch().isPresent() || !change.why().isEmpty()).isTrue();
                    // Six joints take long to be brought to their set-ups again.
                    change.perch().filter(perch -> Study.of(project).assembly().freedoms().size() < 5)
                            .ifPresent(perch -> assertThat(Assessor.now(Compose.applied(project, perch)).sentence())
                                    .isNotEmpty());
                }
            }
        }
    }
}

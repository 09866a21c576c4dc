package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.check.Verdict;
import firmperch.part.Perch;
import firmperch.place.Cupboard;
import firmperch.place.RoomEdits;
import firmperch.place.Size;
import firmperch.place.Spot;
import firmperch.place.Table;
import firmperch.place.Thing;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A rig on the floor, on the bench, on a table of the room: where its feet are is measured in the room. */
class StandsTest {
    private static final Table SIDE = new Table("Side table", new Spot(0.9, 1.6, 0), new Size(1.2, 1.2, 0.4), 0.04, 0,
            true);
    private static final Cupboard SHELF = new Cupboard("Low shelf", new Spot(2.6, -0.9, 0), new Size(0.9, 0.9, 0.5), 0);

    private static Project project() {
        Project demo = Demo.project();
        return demo.with(demo.place().with(List.of(SIDE, SHELF)));
    }

    private static Project on(Project project, String what) {
        return Stands.of(project, first(project)).stream().filter(s -> s.what().contains(what)).findFirst()
                .orElseThrow()
                .changed();
    }

    private static String first(Project project) {
        return project.perch().parts().getFirst().name();
    }

    @Test
    void everywhereThatItMayStandIsOffered() {
        assertThat(Stands.of(project(), first(project()))).extracting(Stands::what).containsExactly("the floor",
                "the bench", "“Side table”", "“Low shelf”");
        assertThat(Stands.of(project(), first(project()))).filteredOn(Stands::now).extracting(Stands::what)
                .containsExactly("the floor");
        assertThat(Stands.of(project(), project().perch().parts().getLast().name())).as("a head stands on its arm")
                .isEmpty();
    }

    @Test
    void itsFeetAreThere() {
        Project project = on(project(), "Side table");
        Assessment a = Assessor.now(project);
        assertThat(a.situation().feet().ground()).isCloseTo(0.4, within(1e-9));
        assertThat(a.situation().posed().top() - Study.of(project()).set().posed().top()).isCloseTo(0.4, within(1e-9));
        assertThat(project.stance().x()).isEqualTo(0.9);
        assertThat(a.finding("clear.thing@Side table").verdict()).isEqualTo(Verdict.HOLDS);
        // Its wheels stand so far inside the edge, by hand from where they are.
        double inside = a.study().assembly().contacts().stream()
                .map(c -> a.situation().inRoom(a.situation().posed().at(c)))
                .mapToDouble(at -> Math.min(0.6 - Math.abs(at.x() - 0.9), 0.6 - Math.abs(at.y() - 1.6))).min()
                .orElseThrow();
        assertThat(a.finding("tip.bench").reading().available()).isCloseTo(inside, within(1e-9));
        assertThat(on(project, "Low shelf").place().carrier().map(Thing::name)).contains("Low shelf");
        assertThat(on(project, "the floor").perch()).isEqualTo(project().perch());
    }

    @Test
    void itGoesAlongWithWhatCarriesIt() {
        Project project = on(project(), "Side table");
        Thing moved = project.place().things().getFirst().at(new Spot(1.1, 1.3, 0));
        Project there = project.with(RoomEdits.changed(project.place(), 0, moved));
        assertThat(new Vec3(there.stance().x(), there.stance().y(), 0))
                .isEqualTo(new Vec3(project.stance().x() + 1.1 - 0.9, project.stance().y() + 1.3 - 1.6, 0));
    }

    @Test
    void whatCarriesItIsNotTakenOut() {
        Project project = on(project(), "Side table");
        assertThatThrownBy(() -> project.with(project.place().with(List.of(SHELF)))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a table or shelf that it stands on");
        assertThat(project.perch().on(Perch.TABLE)).isTrue();
    }
}

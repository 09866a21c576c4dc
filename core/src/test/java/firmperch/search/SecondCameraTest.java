package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.file.ProjectFile;
import firmperch.part.GearEdits;
import firmperch.part.GearItem;
import firmperch.part.UsualGear;
import firmperch.project.Project;
import firmperch.project.SetUps;
import firmperch.study.InPicture;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A second camera on an offset bar, with a set-up of its own; expected places and directions are worked out by hand from where it hangs. */
class SecondCameraTest {
    private static final double LEFT = -0.22;
    private static final String SECOND = "Second camera on an offset bar";
    /** As it comes: 50 mm below the mounting face in its middle, 95 mm high. */
    private static final double TOP = -0.05 + 0.095 / 2;

    private static GearItem second() {
        return UsualGear.ALL.stream().map(UsualGear.Row::item).filter(i -> i.name().equals(SECOND)).findFirst()
                .orElseThrow();
    }

    /** The demo with it, and with a second set-up that it films. */
    private static Project project() {
        Project demo = Demo.project();
        Project two = SetUps.copied(demo.with(GearEdits.put(demo.gear(), second())));
        return two.with(two.setUp().by(1, 0));
    }

    private static Project turned(double panDegrees, double tiltDegrees) {
        Project p = project();
        String films = "gear.items." + (p.gear().items().size() - 1) + ".films.0.";
        return Demo.with(p, films + "pan", Math.toRadians(panDegrees), films + "tilt", Math.toRadians(tiltDegrees));
    }

    @Test
    void sees_from_where_it_hangs() {
        Project p = project();
        Situation first = Study.of(p).in(0);
        Situation second = Study.of(p).in(1);
        double below = p.gear().camera(1).sensorBelow();
        Vec3 apart = second.sensor().minus(first.sensor());
        assertThat(apart.radius()).isCloseTo(Math.abs(LEFT), within(1e-9));
        assertThat(apart.z()).isCloseTo(TOP - below + first.shot().camera().sensorBelow(), within(1e-9));
        assertThat(second.shot().lens()).isEqualTo(p.gear().lenses(1).getFirst());
        assertThat(Sight.of(second).slant()).isCloseTo(Sight.of(first).slant(), within(1e-9));
    }

    @Test
    void looks_where_it_is_turned() {
        Situation straight = Study.of(project()).in(1);
        Situation tilted = Study.of(turned(0, 30)).in(1);
        Situation turned = Study.of(turned(90, 30)).in(1);
        assertThat(tilted.camera().z().dot(straight.camera().z())).isCloseTo(Math.cos(Math.toRadians(30)),
                within(1e-9));
        // Up in front: it looks toward where forward is.
        assertThat(tilted.camera().z().negated().dot(straight.camera().x())).isCloseTo(0.5, within(1e-9));
        assertThat(turned.camera().z().negated().dot(straight.camera().y())).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void the_rig_is_set_for_what_it_films() {
        Situation aimed = Study.of(Aim.of(project())).shown();
        assertThat(aimed.offCentre().length()).isLessThan(aimed.policy().distances().overshoot());
        assertThat(Sight.of(aimed).sees()).isTrue();
        for (Vec3 corner : Sight.of(aimed).wanted()) {
            assertThat(Sight.of(aimed).seen(corner).orElseThrow().out()).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void its_lens_takes_room_and_its_mass_counts() {
        Project p = project();
        Study study = Study.of(p);
        Piece lens = study.assembly().pieces().stream().filter(x -> x.name().equals("lens of " + SECOND)).findFirst()
                .orElseThrow();
        double front = -p.gear().camera(1).sensorBelow() - p.gear().lenses(1).getFirst().length();
        Vec3 end = study.in(1).camera().inside(study.in(1).posed().place(lens).origin());
        assertThat(end.z()).isCloseTo(front, within(1e-9));
        assertThat(p.gear().mass() - Demo.project().gear().mass()).isCloseTo(1.25 * 0.87, within(1e-9));
        // Before its own lens nothing of itself is in its picture.
        assertThat(InPicture.of(study.in(1), Sight.of(study.in(1)), Sight.Before.ANY)).extracting(InPicture::piece)
                .doesNotContain(lens);
    }

    @Test
    void the_first_camera_is_seen_by_one_that_looks_at_it() {
        // Hanging 200 mm to one side and tilted toward the other by 80°, it has the first camera in its picture.
        Project p = turned(90, 80);
        assertThat(InPicture.gear(Study.of(p).in(1)).share()).isGreaterThan(0.01);
        assertThat(InPicture.gear(Study.of(project()).in(1)).share()).isZero();
    }

    @Test
    void from_one_camera_to_the_other_nothing_is_touched() {
        assertThat(ChangeOver.of(Study.of(project()), 0, 1).words()).isEqualTo("nothing to touch");
    }

    @Test
    void stays_what_a_set_up_is_filmed_by() {
        Project p = project();
        int last = p.gear().items().size() - 1;
        assertThatThrownBy(() -> p.with(GearEdits.removed(p.gear(), last))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("“Set-up 2” is filmed by it").hasMessageContaining(SECOND);
        // One more that films before it, and that one taken off again.
        List<GearItem> more = new ArrayList<>(p.gear().items());
        more.addFirst(second().named("Third"));
        Project three = p.with(p.gear().with(more));
        assertThat(three.setUps().get(1).camera()).isEqualTo(2);
        assertThat(three.with(GearEdits.removed(three.gear(), 0))).isEqualTo(p);
        // Filmed by the first, it may go.
        Project first = p.with(p.setUp().by(0, 0));
        assertThat(first.with(GearEdits.removed(first.gear(), last)).gear().cameras()).hasSize(1);
    }

    @Test
    void is_kept_in_the_file(@TempDir Path folder) throws Exception {
        Project p = turned(10, 20);
        String text = ProjectFile.text(p);
        Path file = folder.resolve("two.perch.json");
        Files.writeString(file, text);
        assertThat(ProjectFile.read(file)).isEqualTo(p);
        assertThat(text).contains("\"camera\" : 1");
        Files.writeString(file, text.replace("\"camera\" : 1", "\"camera\" : 2"));
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("Which camera")
                .hasMessageContaining("0 to 1");
    }
}

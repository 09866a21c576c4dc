package firmperch.part.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.stock.PostStock;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What hangs from a hook hangs plumb, however what carries it tilts, and pulls there with its weight. */
class HungBagTest {
    private static final Project WHEEL = Samples.all().stream().filter(p -> p.name().equals("Throwing wheel"))
            .findFirst().orElseThrow();

    private static Project with(Project project, Mounted... more) {
        List<Mounted> parts = new ArrayList<>(project.perch().parts());
        parts.addAll(List.of(more));
        return project.with(new Perch(parts));
    }

    private static Posed tilted(Project project, double tilt) {
        return Study.of(Path.of("stance.joints.pan.tilt").with(project, tilt)).set().posed();
    }

    private static Vec3 middle(Posed posed, String part) {
        Piece bag = posed.rig().assembly().pieces().stream().filter(p -> p.station().part().equals(part)).findFirst()
                .orElseThrow();
        return posed.place(bag.body()).point(bag.mass().centre());
    }

    /** Under the tail of a bar that tilts: 0.3 m under the hook by the strap and half the bag, at the hook's own place in the plan. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, -0.35})
    void plumbUnderABarThatTilts(double tilt) {
        Posed posed = tilted(with(WHEEL, new Mounted("bag", new HungBag(5, 0.2), List.of("bar.hook"))), tilt);
        Posed far = tilted(with(WHEEL, new Mounted("bag", new HungBag(5, 0.9), List.of("bar.hook"))), tilt);
        Vec3 apart = middle(posed, "bag").minus(middle(far, "bag"));
        assertThat(apart.radius()).as("a longer strap only lowers it").isCloseTo(0, within(1e-9));
        assertThat(apart.z()).isCloseTo(0.7, within(1e-9));
        assertThat(posed.mass()).isCloseTo(tilted(WHEEL, tilt).mass() + 5, within(1e-9));
    }

    /** A weight on a lever: how the height of all that is carried changes with the tilt grows by m·g times the hook's level distance from the axis. */
    @Test
    void pullsAtItsHook() {
        Project hung = with(WHEEL, new Mounted("bag", new HungBag(4, 0.5), List.of("bar.hook")));
        Posed without = tilted(WHEEL, 0.15);
        Posed with = tilted(hung, 0.15);
        var joint = with.rig().assembly().joints().stream().filter(j -> j.freedom() != null
                && j.freedom().id().equals("pan.tilt")).findFirst().orElseThrow();
        int tilt = with.rig().assembly().freedoms().indexOf(joint.freedom());
        double lever = middle(with, "bag").minus(with.at(joint)).cross(with.axis(joint)).z();
        double change = Math.abs(with.potentialSlope(tilt) - without.potentialSlope(tilt));
        assertThat(change).isCloseTo(4 * Gravity.STANDARD * Math.abs(lever), within(1e-6));
        assertThat(Math.abs(lever)).isGreaterThan(0.2);
    }

    @Test
    void onlyFromAHookAndNotFromAFourBar() {
        assertThatThrownBy(
                () -> with(Demo.project(), new Mounted("bag", new HungBag(5, 0.2), List.of("carriage.face"))))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("a hook or an eye");
    }

    /** A tail behind the carriage goes round with it; the bag at its end lies as far from the post as they are long. */
    @Test
    void aTailBehindTheCarriage() {
        Project tail = with(Demo.project(), new Mounted("tail", new TailBar(
                PostStock.TUBES.get("tube-40x2"), 0.6), List.of("carriage.back")),
                new Mounted("bag", new HungBag(3, 0.1), List.of("tail.hook")));
        for (double swing : new double[]{0, 0.7, -1.4}) {
            Posed posed = Study.of(Path.of("stance.joints.carriage.swing").with(tail, swing)).set().posed();
            Vec3 out = middle(posed, "bag").minus(posed.place(posed.rig().assembly().bodies().stream()
                    .filter(b -> b.name().equals("carriage.block")).findFirst().orElseThrow()).origin());
            double width = 0.2;
            assertThat(out.radius()).isCloseTo(width / 2 + 0.6 - 0.03, within(0.05));
            assertThat(Math.atan2(-out.y(), -out.x())).isCloseTo(swing, within(1e-9));
        }
    }

    /** What a maker calls a part is told in the load path, and kept where the part is changed. */
    @Test
    void calledByItsMaker() {
        Project named = Demo.project().with(Demo.project().perch().calling("arm", "Grandad's arm"));
        assertThat(Study.of(named).assembly().stations()).anyMatch(s -> s.label().equals("Grandad's arm"));
        Project longer = Path.of("perch.arm.links.length").with(named, 0.7);
        assertThat(longer.perch().called("arm")).isEqualTo("Grandad's arm");
        assertThat(named.perch().calling("arm", " ")).isEqualTo(Demo.project().perch());
        assertThatThrownBy(() -> named.perch().calling("arm", "two\nlines")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("in one line");
    }

    /** 640 mm are 25.2 in, which has to be told from a bare number; millimetres go without saying. */
    @Test
    void inchesInNamesCarryTheirMark() {
        Project demo = Demo.project();
        assertThat(Study.of(demo).assembly().stations()).anyMatch(s -> s.label().equals("Level-keeping arm 640"));
        Project inches = Path.of("units").with(demo, UnitSystem.IMPERIAL);
        assertThat(Study.of(inches).assembly().stations()).anyMatch(s -> s.label().matches("Level-keeping arm 25.*\""));
    }
}

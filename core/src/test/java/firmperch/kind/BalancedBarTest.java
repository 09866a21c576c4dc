package firmperch.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.study.Situation;
import firmperch.study.Study;
import org.junit.jupiter.api.Test;

/** The balanced bar and its tripod against the lever rule and the triangle. */
class BalancedBarTest {
    private static Project project(Object... changes) {
        return Demo.with(Demo.of(Demo.kind("balanced-bar")), changes);
    }

    private static double left(Project project) {
        Study study = Study.of(project).carrying(0);
        return RaisedQuestions.of(study, "poise@pan.tilt").orElseThrow().at(study.set()).asked();
    }

    /** One disc of 1.014 kg more, 0.350 m behind the pivot, takes 1.014 · g · 0.350 N·m off what is left over (lever rule). */
    @Test
    void oneWasherMoreTakesItsLeverOff() {
        double one = left(project("perch.bar.count", 1));
        double two = left(project("perch.bar.count", 2));
        double disc = Math.PI / 4 * (0.115 * 0.115 - 0.026 * 0.026) * 0.013 * 7850;
        double bolt = Math.PI / 4 * 0.008 * 0.008 * 0.013 * 7850;
        assertThat(one - two).isCloseTo((disc + bolt) * 9.80665 * (0.375 - 0.025), within(1e-9));
    }

    /** Moving the pivot by a hole of 50 mm changes what is left over by the bar's whole load times 50 mm. */
    @Test
    void thePivotMovedIsTheWholeLoadMoved() {
        Project here = project("perch.bar.count", 1);
        Project there = project("perch.bar.count", 1, "perch.bar.pivot", 0.425);
        Study study = Study.of(here).carrying(0);
        var station = study.assembly().stations().stream().filter(s -> s.id().equals("bar")).findFirst().orElseThrow();
        double load = study.set().posed().massFrom(station) * 9.80665;
        assertThat(left(here) - left(there)).isCloseTo(load * 0.05, within(0.001 * load));
    }

    /** Three legs of radius r tip over the edge r/2 from the middle, over a leg at r (geometry of the triangle). */
    @Test
    void aLegGoesUnderTheLoad() {
        Situation s = Study.of(project()).set();
        double r = 0.03 + 1.35 * Math.sin(Math.toRadians(28));
        var middle = firmperch.body.Vec3.ZERO;
        assertThat(s.support().along(middle, 0)).isCloseTo(r, within(1e-9));
        assertThat(s.support().along(middle, Math.PI)).isCloseTo(r / 2, within(1e-9));
        assertThat(s.support().along(middle, Math.PI / 3)).isCloseTo(r / 2, within(1e-9));
    }

    /** A nose too heavy over an edge, not over a leg, leans less before it goes. */
    @Test
    void turnedAwayFromTheLoadItLeansLess() {
        Finding under = Assessor.now(project("perch.bar.count", 0)).finding("tip.lean");
        Finding away = Assessor.now(project("perch.bar.count", 0, "perch.tripod.legs.first", Math.PI / 3))
                .finding("tip.lean");
        assertThat(away.margin()).isLessThan(0.8 * under.margin());
    }

    @Test
    void tooFewWashersAreCuredByMore() {
        Project few = project("perch.bar.count", 1, "perch.pan.torque", 20.0);
        var every = Assessor.everyPose(few, Progress.NONE);
        Finding torque = Assessor.withCures(every, every.finding("torque@pan.tilt"), Progress.NONE)
                .finding("torque@pan.tilt");
        assertThat(torque.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(torque.cures()).anySatisfy(c -> {
            assertThat(c.what()).startsWith("washers at the tail 1 →");
            assertThat(c.left()).isGreaterThanOrEqualTo(1 / few.policy().near());
        });
    }

    /** A ball head is set level again whenever the bar is tipped: the camera looks straight down in every pose. */
    @Test
    void theHeadIsSetLevelWhereverTheBarIsTipped() {
        Study study = Study.of(project());
        for (double tilt : new double[]{-0.3, 0, 0.25}) {
            Situation s = study.in(Pose.of(0.1, 1, tilt));
            assertThat(s.posed().camera().z().z()).isCloseTo(1, within(1e-12));
        }
    }
}

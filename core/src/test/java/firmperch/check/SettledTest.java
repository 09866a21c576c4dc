package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.Demo;
import firmperch.body.Joint;
import firmperch.body.Stiffness;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How far a camera goes down as joints give, against virtual work on the rigid mechanism. */
class SettledTest {
    private static Settled settled(Situation s) {
        return Settled.of(s, s.frame().orElseThrow());
    }

    private static Situation arm(double stiffness) {
        return Demo.posed(Demo.with("perch.arm.pivots.measured", stiffness), 3, 0, 0.2);
    }

    /**
     * A level-keeping arm on four springs: gravity's torque Q about its angle turns it by Q/4k, and its end goes down by L·cos θ of that (virtual
     * work; the frame knows nothing of either).
     */
    @Test
    void anArmSinksOnItsPivotsSprings() {
        Situation soft = arm(2000);
        Situation firm = arm(8000);
        double torque = soft.loads().potentialSlope(2);
        double sinks = torque / 4 * (1 / 2000.0 - 1 / 8000.0) * 0.64 * Math.cos(0.2);
        assertThat(settled(soft).bends().drop() - settled(firm).bends().drop()).isCloseTo(sinks, withinPercentage(3));
        assertThat(sinks).isGreaterThan(0.0005);
    }

    /**
     * A level four-bar on four equal springs by hand: W at its end is W·L/4 of torque in each pivot and W/2 of shear in each link, and the end
     * plate's balance about its middle, W·b + 2·W·L/4 = N·s, pulls the links with N. Each pin of two sticks takes half of both on each, and
     * goes N/K into its wood; by the unit-load theorem the end sinks Σ N·n/K, K = 660^1.5·12/23 N/mm (EN 1995-1-1), half of it at the low end.
     */
    @Test
    void boltsOfAnArmPressIntoTheWood() {
        Situation s = Demo.posed(Demo.with("perch.arm.pivots.measured", 8000.0), 3, 0, 0);
        Joint outer = s.study().assembly().joints().stream().filter(j -> j.id().equals("arm.lower-outer")).findFirst()
                .orElseThrow();
        double weight = s.posed().beyond(outer).weight();
        double lever = s.posed().beyond(outer).centre().radius() - s.posed().at(outer).radius();
        double slip = Math.pow(660, 1.5) * 12 / 23 * 1e3 / 2;
        double pull = (lever + 0.64 / 2) / 0.11;
        double one = (0.07 + 0.64 / 2) / 0.11;
        double sinks = 4 * 2 * weight * (pull / 2 * one / 2 + 0.25 * 0.25) / slip;
        // The links' own weight is not in it.
        assertThat(settled(s).presses().drop()).isBetween(sinks, 1.2 * sinks);
        assertThat(settled(s.with(Stiffness.End.HIGH)).presses().drop())
                .isCloseTo(settled(s).presses().drop() / 4, within(1e-9));
    }

    /** Wheels that all carry have no play; where the arm hangs out so far that two are lifted, the trolley tilts by it. */
    @Test
    void playCountsOnlyWhereALoadIsPulledTheOtherWay() {
        Project glazing = Samples.all().get(2);
        Map<String, Double> folded = Map.of("arm-1.lift", -0.7, "arm-2.lift", -0.7, "arm-3.lift", -0.7);
        Map<String, Double> out = Map.of("arm-1.lift", 0.0, "arm-2.lift", -0.04, "arm-3.lift", 0.0, "turntable.turn",
                0.0);
        double[] play = new double[2];
        for (int i = 0; i < 2; i++) {
            Project other = Path.of("perch.trolley.hangers.play").with(glazing, i == 0 ? 0.0003 : 0.0013);
            Study study = Study.of(other);
            Situation s = study.in(Pose.of(study.assembly(), out));
            assertThat(BearingChecks.tips(s.study().assembly().joints().stream()
                    .filter(j -> j.id().equals("trolley.hanger-1-bolt")).findFirst().orElseThrow(), s)).isTrue();
            play[i] = settled(s).plays().tilt();
        }
        assertThat(play[1] - play[0]).as("a millimetre over the hangers' base").isCloseTo(0.001 / 0.23, within(1e-6));
        Study study = Study.of(glazing);
        assertThat(study.in(Pose.of(study.assembly(), folded)).frame()).isPresent();
    }

    /** Short with the least stiffness that may be, but not with the most: near, and it says what decides; measured firm, it holds. */
    @Test
    void whatAJudgementDecidesIsNearAndSaysSo() {
        Project narrow = Demo.with("policy.movement.sag", 0.0032, "perch.arm.pivots.faces", 4);
        Assessment judged = Assessor.everyPose(narrow, Progress.NONE);
        Finding sag = judged.finding("sag");
        Project tight = Path.of("policy.movement.sag").with(narrow, sag.reading().asked() * 0.97);
        Assessment near = Assessor.everyPose(tight, Progress.NONE);
        assertThat(near.finding("sag").margin()).isLessThan(1);
        assertThat(near.finding("sag").verdict()).isEqualTo(Verdict.NEAR);
        assertThat(near.finding("sag").reading().numbers().get()).contains("if clamped pivots");
        assertThat(near.sentence()).contains("It may be that the camera sinks").contains("clamped pivots")
                .contains("a judgement, to be measured");
        assertThat(Assessor.everyPose(Path.of("perch.arm.pivots.measured").with(tight, 20000.0), Progress.NONE)
                .finding("sag").verdict()).isEqualTo(Verdict.HOLDS);
    }
}

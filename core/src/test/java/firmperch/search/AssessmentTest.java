package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Finding;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.rig.Station;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AssessmentTest {

    @ParameterizedTest
    @CsvSource({"10, 9.99, GIVES", "10, 10, HOLDS", "10, 12.4, HOLDS", "0, 5, HOLDS", "10, -3, GIVES"})
    void withoutReserveJustEnoughIsEnough(double asked, double available, Verdict verdict) {
        assertThat(new Reading(asked, available, () -> "").verdict(false, 1.25)).isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"10, 9.99, GIVES", "10, 10, NEAR", "10, 12.4, NEAR", "10, 12.6, HOLDS", "0, 0, HOLDS"})
    void withReserveJustEnoughIsNear(double asked, double available, Verdict verdict) {
        assertThat(new Reading(asked, available, () -> "").verdict(true, 1.25)).isEqualTo(verdict);
    }

    @Test
    void aReadingThatIsNoNumberIsAFaultOfTheProgram() {
        assertThatThrownBy(() -> new Reading(Double.NaN, 1, () -> "")).isInstanceOf(IllegalStateException.class);
    }

    @ParameterizedTest
    @CsvSource({"1.199, ×1.1", "1.2, ×1.2", "0.999, ×0.99", "1.0, ×1.0", "0, ×0.00", "9.949, ×9.9", "50, ×9+"})
    void marginsAreNeverRoundedUp(double margin, String shown) {
        assertThat(Finding.marginText(margin)).isEqualTo(shown);
    }

    @Test
    void stationsShowTheirWeakest() {
        Assessment assessment = Assessor.everyPose(Demo.project(), Progress.NONE);
        for (Station station : Station.values()) {
            List<Finding> findings = assessment.at(station);
            assertThat(assessment.weakest(station)).contains(findings.getFirst());
            assertThat(findings).extracting(f -> -f.verdict().ordinal()).isSorted();
        }
        assertThat(assessment.verdict(Station.ARM)).isEqualTo(Verdict.NEAR);
        assertThat(assessment.verdict()).isEqualTo(Verdict.NEAR);
        assertThat(assessment.weakest().about().id()).isEqualTo("arm.hold");
    }

    @Test
    void theWorstPoseIsGivenOnlyWhereThePoseMatters() {
        Assessment assessment = Assessor.everyPose(Demo.project(), Progress.NONE);
        assertThat(Assessment.worstPose(assessment.finding("arm.sag"))).isPresent();
        assertThat(Assessment.worstPose(assessment.finding("place.walkway"))).isEmpty();
        assertThat(Assessment.worstPose(Assessor.now(Demo.project()).finding("arm.sag"))).isEmpty();
    }

    /** What is worst over all poses is at least as bad as in the pose that is set. */
    @Test
    void everyPoseIsNeverBetterThanTheSetOne() {
        Assessment set = Assessor.now(Demo.project());
        Assessment all = Assessor.everyPose(Demo.project(), Progress.NONE);
        for (Finding finding : all.findings()) {
            assertThat(finding.margin()).as(finding.about().id())
                    .isLessThanOrEqualTo(set.finding(finding.about().id()).margin() * 1.01);
        }
    }

    @ParameterizedTest
    @CsvSource({"policy.lean, 0.7, tip.lean", "policy.sag, 0.001, arm.sag", "policy.tilt, 0.001, arm.tilt",
            "policy.rock, 0.001, carriage.rock", "policy.lift, 10, lift.mass", "policy.scale, 50000, shot.scale",
            "policy.overshoot, 0.001, shot.centre", "policy.gap, 0.3, place.ceiling", "policy.slip, 3, arm.hold",
            "policy.fold, 1, arm.fold", "policy.person, 180, caster.person", "policy.proof, 20, tip.proof"})
    void everyThresholdCanBeChangedAndCounts(String path, double value, String check) {
        Project project = Demo.with("stance.joints.swing", 0.01);
        Project stricter = firmperch.project.RecordPath.of(path).with(project, value);
        double before = Assessor.everyPose(project, Progress.NONE).finding(check).margin();
        double after = Assessor.everyPose(stricter, Progress.NONE).finding(check).margin();
        assertThat(after).isLessThan(before);
    }

    @Test
    void calledNearUnderIsThePolicys() {
        assertThat(Assessor.everyPose(Demo.with("policy.near", 1.1), Progress.NONE).finding("arm.hold").verdict())
                .isEqualTo(Verdict.HOLDS);
    }

    /** The share of weight and the lever cancel: a push of a fifth at 1.5 m wants d = 300 mm whatever the mass (statics). */
    @Test
    void theStandardPushWantsThreeHundredMillimetres() {
        Assessment assessment = Assessor.everyPose(Demo.project(), Progress.NONE);
        Finding push = assessment.finding("tip.push");
        var there = assessment.situation().in(push.pose());
        double d = there.support().clearance(there.posed().centre());
        assertThat(push.margin()).isCloseTo(d / 0.300, within(1e-6));
    }
}

package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Finding;
import firmperch.check.Reading;
import firmperch.check.Topic;
import firmperch.project.Project;
import firmperch.study.Study;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes first as weight is hung on: hung on in truth, and looked at over every pose. */
class FirstToGoTest {
    static Stream<Project> projects() {
        return Stream.of(Demo.project(), Demo.with("perch.head.torque", 1.7),
                Demo.with("perch.box.concrete.height", 0.1, "perch.box.corners.out", 0.2, "perch.arm.pivots.torque",
                        6.0),
                Demo.of(Demo.kind("alien-hanger")));
    }

    /** Of everything that falls, slips or breaks: whether anything is used up, without its check's reserve, with that much more. */
    private static List<String> gone(Project project, double more) {
        Study study = Study.of(project).carrying(more);
        return Assessor.everyPose(study, Progress.NONE).findings().stream()
                .filter(f -> List.of(Topic.FALLS, Topic.SLIPS, Topic.BREAKS).contains(f.about().topic()))
                .filter(f -> !f.id().equals("load.first") && !f.question().check().standby())
                .filter(f -> f.reading().asked() / f.reading().safety() > f.reading().available()).map(Finding::id)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("projects")
    void withALittleLessNothingGoesAndWithALittleMoreItDoes(Project project) {
        Study study = Study.of(project);
        List<Finding> findings = Assessor.everyPose(study, Progress.NONE).findings();
        FirstToGo.First first = FirstToGo.first(findings, study, 60).orElseThrow();
        assertThat(first.id()).isNotEmpty();
        assertThat(gone(project, first.mass() - 0.02)).as("%s at %.3f kg", first.what(), first.mass()).isEmpty();
        assertThat(gone(project, first.mass() * 1.01 + 0.03)).as("%s at %.3f kg", first.what(), first.mass())
                .contains(first.id());
        // With just that much hung on it is just used up in its worst pose.
        Finding goes = findings.stream().filter(f -> f.id().equals(first.id())).findFirst().orElseThrow();
        Reading there = goes.question().at(study.carrying(first.mass()).in(goes.pose()));
        assertThat(there.asked() / there.safety()).isCloseTo(there.available(), within(2e-3 * there.available()));
    }
}

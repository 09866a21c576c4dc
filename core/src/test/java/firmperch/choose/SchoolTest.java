package firmperch.choose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.search.Progress;
import firmperch.study.Study;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** Other ways of making a rig stand: what they say is so when they are built. */
class SchoolTest {
    private static final List<School> SCHOOLS = School.of(Demo.project(), Progress.NONE);

    /** A counterweight in place of concrete: it stands in every pose, weighs and costs what the two differ by, and reaches as far behind as is told. */
    @Test
    void counterweightInsteadOfConcrete() {
        Project demo = Demo.project();
        List<School> schools = SCHOOLS;
        assertThat(schools).isNotEmpty();
        School tail = schools.getFirst();
        assertThat(tail.built().perch().parts()).extracting(Mounted::name).contains("tail-bar", "hung-bag");
        assertThat(Assessor.everyPose(tail.built(), Progress.NONE).findings())
                .filteredOn(f -> f.about().topic() == Topic.FALLS || f.about().topic() == Topic.FIRMNESS)
                .noneMatch(f -> f.verdict() == Verdict.GIVES);
        double lighter = Study.of(tail.built()).set().posed().mass() - Study.of(demo).set().posed().mass();
        assertThat(tail.mass()).isCloseTo(lighter, within(1e-6)).isLessThan(-15);
        double far = farthest(tail.built());
        assertThat(tail.sweeps()).isBetween(0.99 * far, far + 1e-9);
        assertThat(tail.words(demo)).startsWith("Tail ").contains("that only weigh; −").contains(" behind");
    }

    /** Corners of what is new, from the post's axis. */
    private static double farthest(Project built) {
        Posed posed = Study.of(built).set().posed();
        Vec3 post = posed.place(posed.rig().assembly().bodies().stream().filter(b -> b.name().equals("carriage.block"))
                .findFirst().orElseThrow()).origin();
        double most = 0;
        List<Piece> pieces = posed.rig().assembly().pieces();
        for (int i = 0; i < pieces.size(); i++) {
            if (List.of("tail-bar", "hung-bag").contains(pieces.get(i).station().part())) {
                for (Vec3 corner : posed.rig().facets(i).corners()) {
                    most = Math.max(most, posed.place(pieces.get(i)).point(corner).minus(post).radius());
                }
            }
        }
        return most;
    }

    /** Springs in place of tight knobs: what friction holds has more left over by as much as is told, in every pose. */
    @Test
    void springsInsteadOfTighterKnobs() {
        Project demo = Demo.project();
        School springs = SCHOOLS.getLast();
        assertThat(springs.built().perch().parts()).extracting(Mounted::name).contains("lift-springs");
        assertThat(springs.words(demo)).startsWith("Springs of ").contains("the pivots slip (arm angle) 0.92 → ");
        double left = Assessor.everyPose(springs.built(), Progress.NONE).find("friction@arm.lift").orElseThrow().left();
        assertThat(springs.held()).endsWith(String.format(Locale.ROOT, "%.2f", left));
        assertThat(left).isGreaterThan(1.5);
    }

    /** Kinds from outside are asked like the others. */
    @Test
    void ofKindsFromOutside() {
        for (var kind : Parts.kinds().stream().filter(k -> k.id().startsWith("alien")).toList()) {
            Project project = Choosing.of(Demo.project(), kind);
            assertThat(School.of(project, Progress.NONE)).allSatisfy(s -> assertThat(s.words(project)).isNotEmpty());
        }
    }
}

package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Demo;
import firmperch.RandomRigs;
import firmperch.check.About;
import firmperch.check.Check;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.WorstPose;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Rigs of every kind with half of their measures changed at random: no pose is worse than what is said to be proven. */
class ProvenBoundsTest {
    private static final int RIGS = Trial.times("rigs", 1, 100);
    private static final int POSES = Trial.times("poses", 300, 2000);

    static Stream<Kind> kinds() {
        return Parts.kinds().stream();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void nothingThatIsProvenIsBeaten(Kind kind) {
        RandomRigs rigs = new RandomRigs(18);
        int proven = 0;
        for (int rig = 0; rig < RIGS; rig++) {
            proven += attacked(rigs.changed(Demo.of(kind)), kind.id() + " " + rig);
        }
        System.out.printf("%s: %d rigs, %d proven bounds attacked%n", kind.id(), RIGS, proven);
        assertThat(proven).isPositive();
    }

    /** How many bounds of a rig were proven; each is attacked in random poses. */
    private static int attacked(Project rig, String name) {
        Study study = Study.of(rig);
        List<Question<?>> questions = RaisedQuestions.of(study).stream()
                .filter(q -> q.about().scope() == About.Scope.EVERY_POSE
                        && q.check().certainty() == Check.Certainty.PROVEN)
                .toList();
        WorstPose travel = new WorstPose(study);
        double[][] known = travel.sweep(questions);
        double[] most = new double[questions.size()];
        int proven = 0;
        for (int k = 0; k < most.length; k++) {
            WorstPose.Found found = travel.worst(questions.get(k), known[k], study.set().posed().pose(), true);
            boolean claimed = found.search().proven();
            proven += claimed ? 1 : 0;
            most[k] = claimed ? found.used() * (1 + found.search().bound()) : Double.POSITIVE_INFINITY;
        }
        Random random = new Random(18);
        for (int i = 0; i < POSES; i++) {
            Situation s = study.in(RandomRigs.pose(study, random));
            for (int k = 0; k < most.length; k++) {
                double used = questions.get(k).at(s).used();
                assertThat(used).as("%s, %s in %s", name, questions.get(k).id(), s.posed().pose())
                        .isLessThanOrEqualTo(most[k] * (1 + 1e-9) + 1e-9);
            }
        }
        return proven;
    }
}

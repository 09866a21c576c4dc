package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.Known;
import firmperch.RandomRigs;
import firmperch.body.Freedom;
import firmperch.check.About;
import firmperch.check.Check;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The search against brute force: random poses of every kind and of random rigs must find nothing over 1 % worse. The whole of it,
 * 20,000 poses of each kind and of 50 random rigs, runs in the profile {@code brute}; a slice of it always.
 */
class WorstPoseTest {
    private static final String[] SIZE = System.getProperty("firmperch.brute", "2,1000").split(",");
    private static final int CHANGED = Integer.parseInt(SIZE[0]);
    private static final int POSES = Integer.parseInt(SIZE[1]);

    static Stream<Project> rigs() {
        RandomRigs random = new RandomRigs(2026);
        List<Project> rigs = new ArrayList<>();
        for (Kind kind : Parts.kinds()) {
            rigs.add(Demo.of(kind));
        }
        for (int i = 0; i < CHANGED; i++) {
            rigs.add(random.changed(rigs.get(i % 2)));
        }
        return rigs.stream();
    }

    @ParameterizedTest
    @MethodSource("rigs")
    void noPoseIsOverOnePerCentWorse(Project rig) {
        Study study = Study.of(rig);
        List<Finding> findings = Known.everyPose(rig).findings().stream()
                .filter(f -> f.about().scope() == About.Scope.EVERY_POSE).toList();
        double[] worst = new double[findings.size()];
        Random random = new Random(7);
        for (int i = 0; i < POSES; i++) {
            Situation s = study.in(RandomRigs.pose(study, random));
            for (int k = 0; k < worst.length; k++) {
                worst[k] = Math.max(worst[k], findings.get(k).question().at(s).used());
            }
        }
        for (int k = 0; k < worst.length; k++) {
            Finding finding = findings.get(k);
            double found = finding.reading().used();
            // Where there is plenty it is only claimed that it is no worse than so and so: that must hold too.
            double claimed = finding.search().proven() ? Math.max(0.01, finding.search().bound()) : 0.01;
            // Of what is only sampled the exact figure does not matter while less than a tenth of what there is is used.
            double plenty = finding.search().proven() ? 0 : 0.1;
            assertThat(worst[k]).as("%s, %s", finding.id(), finding.sureness())
                    .isLessThanOrEqualTo(Math.max(plenty, Math.max(found * (1 + claimed), found + 1e-6)));
            assertThat(finding.search().proven() && found * (1 + claimed) > 0.3 && claimed > 0.0105)
                    .as("%s claims more than a hundredth only where there is plenty", finding.id()).isFalse();
        }
    }

    /** By the review of the slice: 1.2 m links under a low ceiling come to within about 12 mm of it at the upper stop. */
    @Test
    void theStopIsTried() {
        Project high = Demo.with("perch.arm.links.length", 1.2, "perch.post.length", 2.05, "perch.post.row.count", 1,
                "perch.post.row.first", 1.0495, "place.room.depth", 6.0);
        Finding ceiling = Assessor.everyPose(high, Progress.NONE).finding("clear.ceiling");
        assertThat(ceiling.verdict()).isEqualTo(Verdict.GIVES);
        Study study = Study.of(high);
        double atStop = RaisedQuestions.of(study, "clear.ceiling").orElseThrow()
                .at(study.in(Pose.of(0, 0, Math.toRadians(48)))).available();
        assertThat(ceiling.reading().available()).isCloseTo(atStop, within(1e-4));
        assertThat(ceiling.search().proven()).isTrue();
    }

    /** What is said to be proven is: no pose of the cells' finest is worse than the bound says. */
    @Test
    void aProvenBoundIsDerivedAndHolds() {
        Study study = Study.of(Demo.project());
        for (Question<?> question : RaisedQuestions.of(study)) {
            if (question.check().certainty() == Check.Certainty.PROVEN
                    && question.about().scope() == About.Scope.EVERY_POSE) {
                Random random = new Random(3);
                for (int i = 0; i < 60; i++) {
                    Pose middle = RandomRigs.pose(study, random);
                    double[] half = {0, 0.15 * random.nextDouble(), 0.15 * random.nextDouble()};
                    double bound = question.at(study.in(middle).loosened(half)).used();
                    for (int k = 0; k < 20; k++) {
                        Pose near = Pose.of(middle.get(0), middle.get(1) + half[1] * (2 * random.nextDouble() - 1),
                                middle.get(2) + half[2] * (2 * random.nextDouble() - 1));
                        assertThat(question.at(study.in(near)).used()).as(question.id())
                                .isLessThanOrEqualTo(bound + 1e-9);
                    }
                }
            }
        }
    }

    /** The demo with that many more blocks on its post, each with a pin and a swing of its own. */
    private static Project withBlocks(int more) {
        return withMore("carriage", more);
    }

    private static Project withMore(String part, int more) {
        List<Mounted> parts = new ArrayList<>(Demo.project().perch().parts());
        Mounted one = parts.stream().filter(p -> p.name().equals(part)).findFirst().orElseThrow();
        for (int i = 0; i < more; i++) {
            parts.add(new Mounted(part + "-" + i, one.part(), one.on()));
        }
        return Demo.project().with(new Perch(parts));
    }

    /** Their product of samples overflowed, and their stops alone were more first cells than there is memory for. */
    @Test
    void aRigOfManyFreedomsIsSampledAndSaysSo() {
        Assessment many = Assessor.everyPose(withBlocks(11), Progress.NONE);
        assertThat(many.study().assembly().freedoms()).hasSizeGreaterThan(20);
        assertThat(many.findings()).filteredOn(f -> f.search() != null).isNotEmpty()
                .allSatisfy(f -> assertThat(f.sureness()).as(f.id()).isEqualTo("sampled"));
        assertThat(many.sentence()).contains("it hits itself: “");
        assertThatThrownBy(() -> withBlocks(40)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Parts of the perch").hasMessageContaining("at most 24");
    }

    /** Seven boxes in one place: their 28 wheels on each three of them were asked in 17,000 poses. */
    @Test
    void aRigOnManyFeetIsSampledInFewerPosesAndSaysSo() {
        Assessment many = Assessor.everyPose(withMore("box", 6), Progress.NONE);
        assertThat(many.study().assembly().contacts()).hasSize(28);
        assertThat(many.findings()).filteredOn(f -> f.search() != null).isNotEmpty()
                .allSatisfy(f -> assertThat(f.sureness()).as(f.id()).isEqualTo("sampled"));
        assertThat(many.findings().stream().filter(f -> f.search() != null).mapToInt(f -> f.search().poses()).sum())
                .isBetween(1000, 20_000);
    }

    @Test
    void theWorstPoseIsOneTheRigCanTake() {
        Assessment found = Known.everyPose(Demo.project());
        for (Finding finding : found.findings()) {
            for (int f = 0; f < finding.pose().size(); f++) {
                Freedom freedom = found.study().assembly().freedoms().get(f);
                assertThat(finding.pose().get(f)).isBetween(freedom.from(), freedom.to());
            }
        }
    }

    /** What is told of a pose is what a question answers in that pose, to the last digit: else a bound of nothing beyond it is false. */
    @ParameterizedTest
    @MethodSource("rigs")
    void theFigureIsThatOfThePoseTold(Project rig) {
        Study study = Study.of(rig);
        List<Question<?>> questions = RaisedQuestions.of(study).stream()
                .filter(q -> q.about().scope() == About.Scope.EVERY_POSE && q.about().topic() == Topic.FIRMNESS)
                .toList();
        WorstPose travel = new WorstPose(study);
        double[][] known = travel.sweep(questions);
        for (int k = 0; k < questions.size(); k++) {
            WorstPose.Found found = travel.worst(questions.get(k), known[k], study.set().posed().pose(), true);
            assertThat(found.used()).as(questions.get(k).id())
                    .isEqualTo(questions.get(k).at(study.in(found.pose())).used());
        }
    }

    /** A heavy item is answered in the time of a light one, and what could not be proven is said (the slice took 5 s). */
    @Test
    void whatCouldNotBeProvenIsSaid() {
        Assessment heavy = Assessor.everyPose(Demo.with("gear.items.0.mass", 50.0), Progress.NONE);
        for (Finding f : heavy.findings()) {
            if (f.search() != null && !f.search().proven()) {
                assertThat(f.sureness()).as(f.id()).containsAnyOf("sampled", "not proven");
            }
        }
        assertThat(heavy.sentence()).contains("falls over while it is rolled");
    }
}

package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.Known;
import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.file.Samples;
import firmperch.project.Project;
import firmperch.stock.PremixBag;
import firmperch.study.Study;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Execution(ExecutionMode.CONCURRENT)
class AssessmentTest {
    private static final Assessment DEMO = Known.everyPose(Demo.project());

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

    /** The less there is the more is used, without a step, also where nothing is left and where it is less than nothing. */
    @Test
    void whatIsUsedGrowsAsWhatIsThereShrinks() {
        double before = 0;
        for (double available = 3; available > -2; available -= 0.001) {
            double used = new Reading(0.05, available, () -> "").used();
            assertThat(used).isGreaterThan(before);
            before = used;
        }
        assertThat(new Reading(1, 4, () -> "").used()).isEqualTo(0.25);
        assertThat(new Reading(1, 0.02 + 1e-12, () -> "").used()).isCloseTo(new Reading(1, 0.02, () -> "").used(),
                within(1e-6));
        assertThat(new Reading(0, 0, () -> "").used()).as("where nothing is asked").isZero();
    }

    /** An arm that goes through the ceiling is shown where it does so furthest, not where it just touches (sampled by hand). */
    @Test
    void whatHitsIsShownWhereItHitsMost() {
        Project low = Demo.with("place.room.ceiling", 1.98);
        Finding found = Assessor.everyPose(low, Progress.NONE).finding("clear.ceiling");
        double worst = Double.POSITIVE_INFINITY;
        var study = Study.of(low);
        for (var pose : new WorstPose(study).grid()) {
            worst = Math.min(worst,
                    RaisedQuestions.of(study, "clear.ceiling").orElseThrow().at(study.in(pose)).available());
        }
        assertThat(worst).isLessThan(-0.03);
        assertThat(found.reading().available()).isLessThan(worst + 0.001);
        assertThat(found.reading().said().get()).contains("hits the ceiling by");
    }

    @Test
    void aReadingThatIsNoNumberIsAFaultOfTheProgram() {
        assertThatThrownBy(() -> new Reading(Double.NaN, 1, () -> "")).isInstanceOf(IllegalStateException.class);
    }

    @ParameterizedTest
    @CsvSource({"1.199, ×1.1", "1.2, ×1.2", "0.999, ×0.99", "1.0, ×1.0", "0, ×0.00", "9.949, ×9.9", "50, ×9+"})
    void marginsAreNeverRoundedUp(double margin, String shown) {
        assertThat(Finding.text(margin)).isEqualTo(shown);
    }

    /** One scale for what wants a reserve of a quarter and what does not, by hand: from 1 it holds, from 0.8 it is near, below it gives. */
    @ParameterizedTest
    @CsvSource({"10, 12, true, 0.96, NEAR", "10, 12.5, true, 1, HOLDS", "10, 10, false, 1, HOLDS",
            "10, 10, true, 0.8, NEAR",
            "10, 9, true, 0.72, GIVES", "10, 9, false, 0.72, GIVES", "10, 25, true, 2, HOLDS",
            "10, 25, false, 2.5, HOLDS"})
    void whatIsLeftOverIsOneScale(double asked, double available, boolean reserve, double left, Verdict verdict) {
        Reading reading = new Reading(asked, available, () -> "");
        assertThat(reading.left(reserve, 1.25)).isCloseTo(left, within(1e-12));
        assertThat(reading.verdict(reserve, 1.25)).isEqualTo(verdict);
    }

    /** Whoever reads a formula can read there what its letters stand for. */
    @Test
    void lettersOfFormulasAreExplained() {
        assertThat(
                Samples.all().stream().flatMap(p -> Assessor.now(p).findings().stream()).map(Finding::about).distinct())
                .allSatisfy(about -> {
                    boolean letters = Pattern.compile("[=≤≥] .*\\b[A-Za-zθσμ]\\b|[θσμ] ").matcher(about.formula())
                            .find();
                    assertThat(letters && about.symbols().isEmpty()).as(about.id() + ": " + about.formula()).isFalse();
                });
    }

    /** Of all that is found of all demos, whatever gives has less left than whatever is near, and that less than whatever holds. */
    @Test
    void worseIsAlwaysSmaller() {
        Map<Verdict, DoubleSummaryStatistics> all = Samples.all().stream()
                .flatMap(p -> Assessor.now(p).findings().stream())
                .collect(Collectors.groupingBy(Finding::verdict, Collectors.summarizingDouble(Finding::left)));
        assertThat(all.get(Verdict.GIVES).getMax()).isLessThan(all.get(Verdict.NEAR).getMin());
        assertThat(all.get(Verdict.NEAR).getMax()).isLessThan(all.get(Verdict.HOLDS).getMin());
        assertThat(all.get(Verdict.HOLDS).getMin()).isGreaterThanOrEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"1.03, 1.18, 1.03 → 1.18", "0.4, 12, 0.40 → 9+", "1.001, 1.049, 1.00 → 1.04"})
    void whatACureChangesIsSeen(double before, double after, String shown) {
        assertThat(Finding.change(before, after)).isEqualTo(shown);
    }

    @Test
    void stationsShowTheirWeakest() {
        for (Station station : DEMO.study().assembly().stations()) {
            List<Finding> findings = DEMO.at(station);
            assertThat(DEMO.weakest(station)).contains(findings.getFirst());
            assertThat(findings).extracting(f -> -f.verdict().ordinal()).isSorted();
        }
        assertThat(DEMO.verdict()).isEqualTo(Verdict.NEAR);
    }

    /** What is physically worst is said first: it hits the bench before it slips, whatever the margins. */
    @Test
    void theSentenceSaysThePhysicallyWorstFirst() {
        Assessment both = Assessor
                .everyPose(Demo.with("perch.arm.pivots.torque", 0.5, "stance.joints.carriage.pin", 0.0,
                        "stance.joints.arm.lift", -0.3), Progress.NONE);
        assertThat(both.finding("friction").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(both.sentence()).contains("it hits the bench");
    }

    /** What is worst over all poses is at least as bad as in the pose that is set. */
    @Test
    void everyPoseIsNeverBetterThanTheSetOne() {
        Assessment set = Assessor.now(Demo.project());
        for (Finding finding : set.findings()) {
            assertThat(DEMO.finding(finding.id()).margin()).as(finding.id())
                    .isLessThanOrEqualTo(finding.margin() * 1.01);
        }
    }

    @ParameterizedTest
    @CsvSource({"policy.standing.lean, 0.7, tip.lean", "policy.movement.sag, 0.001, sag",
            "policy.movement.tilt, 0.001, tilt",
            "policy.movement.rock, 0.001, rock", "policy.loads.lift, 10, lift",
            "policy.distances.scale, 50000, shot.scale", "policy.distances.gap, 0.4, clear.ceiling",
            "policy.loads.slip, 3, friction", "policy.movement.fold, 1, fold",
            "policy.standing.person, 180, feet.person",
            "policy.loads.proof, 20, load.first", "policy.loads.hand, 200, ends",
            "policy.loads.handling, 3, bars@arm.stick"})
    void everyThresholdCanBeChangedAndCounts(String path, double value, String check) {
        double after = Assessor.everyPose(Demo.with(path, value), Progress.NONE).finding(check).margin();
        assertThat(after).isLessThan(DEMO.finding(check).margin());
    }

    /** The share of weight and the lever cancel: a push of a fifth at 1.5 m wants d = 300 mm on the level (statics). */
    @Test
    void theStandardPushWantsThreeHundredMillimetres() {
        Assessment level = Assessor.everyPose(Demo.with("place.room.slope", 0.0), Progress.NONE);
        Finding push = level.finding("tip.push");
        var there = level.situation().in(push.pose());
        double d = there.support().clearance(there.posed().centre());
        assertThat(push.margin()).isCloseTo(d / 0.300, within(1e-6));
    }

    // Ballast.

    private static boolean stands(Project project) {
        return Assessor.everyPose(project, Progress.NONE).findings().stream()
                .filter(f -> f.about().id().startsWith("tip.")).noneMatch(f -> f.verdict() == Verdict.GIVES);
    }

    @Test
    void ballastIsJustEnoughAndNoMore() {
        BallastSizing sizing = BallastSizing.of(Demo.project(), Progress.NONE);
        Project needed = sizing.needed().orElseThrow();
        double fill = firmperch.param.Path.of("perch.box.concrete.height").number(needed);
        assertThat(stands(needed)).isTrue();
        assertThat(stands(Demo.with("perch.box.concrete.height", fill - 0.003))).as("3 mm less").isFalse();
        // Volume by hand: inner square less the pipe, times the height; mass by the density (ACI, normal weight).
        double litres = (4.04 * 4.04 - Math.PI / 4 * 0.483 * 0.483) * fill * 10;
        assertThat(sizing.volume() * 1000).isCloseTo(litres, within(1e-6));
        assertThat(sizing.mass()).isCloseTo(litres * 2.35, within(1e-6));
    }

    /** More is not always better: a tall box that stands with some filling may not with more, and is not answered "none". */
    @Test
    void theWholeRangeIsLookedThrough() {
        Project tall = Demo.with("perch.post.length", 1.7, "perch.post.row.count", 4, "perch.post.row.first", 1.05,
                "perch.box.shell.height", 1.0, "policy.standing.lean", Math.toRadians(28));
        BallastSizing sizing = BallastSizing.of(tall, Progress.NONE);
        assertThat(stands(sizing.needed().orElseThrow())).isTrue();
        assertThat(sizing.widened()).isFalse();
        assertThat(stands(Demo.with(tall, "perch.box.concrete.height", 0.05))).as("too little").isFalse();
        assertThat(stands(Demo.with(tall, "perch.box.concrete.height", 0.4))).isTrue();
        assertThat(stands(Demo.with(tall, "perch.box.concrete.height", 0.9))).as("too much").isFalse();
    }

    @Test
    void aBoxTooSmallIsMadeWider() {
        Project small = Demo.with("perch.box.concrete.height", 0.05, "perch.box.shell.side", 0.2);
        BallastSizing sizing = BallastSizing.of(small, Progress.NONE);
        assertThat(sizing.widened()).isTrue();
        assertThat(stands(sizing.needed().orElseThrow())).isTrue();
        assertThat(sizing.changes()).anySatisfy(c -> assertThat(c).startsWith("side of the box"));
    }

    @Test
    void whatNoFillingDoesIsSaid() {
        BallastSizing sizing = BallastSizing
                .of(Demo.with("perch.box.concrete.height", 0.05, "perch.box.shell.side", 0.15,
                        "perch.box.corners.out", 0.12), Progress.NONE);
        assertThat(sizing.needed()).isEmpty();
    }

    /** Usual bag labels: an 80 lb bag makes 0.60 ft³, so a cubic yard (27 ft³) takes 45 of them (common practice). */
    @Test
    void bagsInACubicYard() {
        assertThat(PremixBag.ALL.get("bag-80lb").whole(27 * 0.028316846592)).isEqualTo(45);
        assertThat(PremixBag.ALL.get("bag-60lb").whole(27 * 0.028316846592)).isEqualTo(60);
        assertThat(PremixBag.ALL.get("bag-60lb").whole(0)).isZero();
    }

    /** What is told first: a mast at ×0.23 out of balance stands before a push at ×0.98, a fall at ×0.9 before a break at ×0.5. */
    @Test
    void theWorstIsToldFirstByKindAndByHowMuch() {
        assertThat(Assessment.badness(Topic.GIVES, 0.23)).isLessThan(Assessment.badness(Topic.FIRMNESS, 0.98));
        assertThat(Assessment.badness(Topic.FALLS, 0.9)).isLessThan(Assessment.badness(Topic.BREAKS, 0.5));
        assertThat(Assessment.badness(Topic.FALLS, -0.1)).isLessThan(Assessment.badness(Topic.HITS, 0.01));
        Project heavy = Demo.with(Demo.of(Demo.kind("sliding-mast")), "perch.weight.weight", 3.0);
        assertThat(Assessor.now(heavy).sentence()).contains("hang against");
    }

    /** Called otherwise, nothing is to be looked for again: every figure is the same, and cures keep the new name. */
    @Test
    void aNameChangesNothingElse() {
        Assessment before = Known.full(Samples.wedgingBench());
        Project renamed = before.project().called("Bench two", "Another studio");
        assertThat(renamed.onlyCalledOtherwiseThan(before.project())).isTrue();
        assertThat(renamed.with(before.project().stance().at(1, 0)).onlyCalledOtherwiseThan(before.project()))
                .isFalse();
        Assessment after = before.called(renamed);
        assertThat(after.finished()).isTrue();
        assertThat(after.project()).isEqualTo(renamed);
        assertThat(after.sentence()).isEqualTo(before.sentence());
        assertThat(after.findings()).extracting(Finding::margin)
                .isEqualTo(before.findings().stream().map(Finding::margin).toList());
        assertThat(after.findings().stream().flatMap(f -> f.cures().stream())).isNotEmpty()
                .allMatch(c -> c.changed().name().equals("Bench two") && c.changed().studio().equals("Another studio"));
    }
}

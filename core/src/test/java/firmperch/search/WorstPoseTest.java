package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.About.Scope;
import firmperch.check.Check;
import firmperch.check.Checks;
import firmperch.check.Finding;
import firmperch.check.Situation;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.rig.Rig;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.function.ToDoubleFunction;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The search against brute force: far finer sampling, and random poses, must find nothing over 1 % worse. */
class WorstPoseTest {
    private static final Project DEMO = Demo.project();
    private static final Assessment FOUND = Assessor.everyPose(DEMO, Progress.NONE);

    static List<String> sweptChecks() {
        return Checks.ALL.stream().filter(c -> c.about().scope() == Scope.EVERY_POSE).map(c -> c.about().id()).toList();
    }

    @ParameterizedTest
    @MethodSource("sweptChecks")
    void noPoseIsOverOnePerCentWorse(String id) {
        Check check = Checks.get(id);
        Finding finding = FOUND.finding(id);
        assertThat(finding.search().bound()).isLessThanOrEqualTo(WorstPose.TOLERANCE + 1e-9);
        Situation set = Situation.of(DEMO);
        Random random = new Random(7);
        int pins = (int) set.posed().rig().freedoms().getFirst().to();
        double low = set.posed().arm().lowStop();
        double high = set.posed().arm().highStop();
        double worst = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4000; i++) {
            Pose pose = Pose.of(random.nextInt(pins + 1), -Math.PI + 2 * Math.PI * random.nextDouble(),
                    low + (high - low) * random.nextDouble());
            worst = Math.min(worst, check.at(set.in(pose)).margin());
        }
        for (double stop : new double[]{low, 0, high}) {
            for (int degree = -180; degree < 180; degree += 3) {
                worst = Math.min(worst, check.at(set.in(Pose.of(pins, Math.toRadians(degree), stop))).margin());
                worst = Math.min(worst, check.at(set.in(Pose.of(0, Math.toRadians(degree), stop))).margin());
            }
        }
        assertThat(finding.margin()).isLessThanOrEqualTo(worst * (1 + WorstPose.TOLERANCE) + 1e-9);
    }

    @Test
    void theWorstPoseIsOneTheRigCanTake() {
        Situation set = Situation.of(DEMO);
        for (Finding finding : FOUND.findings()) {
            for (int i = 0; i < 3; i++) {
                double value = finding.pose().get(i);
                assertThat(value).as(finding.about().id()).isBetween(set.posed().rig().freedoms().get(i).from(),
                        set.posed().rig().freedoms().get(i).to());
            }
            assertThat(finding.pose().get(0)).as("a pin hole").isEqualTo(Math.rint(finding.pose().get(0)));
        }
    }

    /** Statics: the arm is hardest to hold when level, the perch tips easiest over the middle of a side. */
    @Test
    void findsThePosesAMakerWouldName() {
        Rig rig = Situation.of(DEMO).posed().rig();
        assertThat(Math.toDegrees(FOUND.finding("arm.hold").pose().get(rig, Rig.LIFT))).isCloseTo(0, within(8.2));
        double swing = Math.toDegrees(FOUND.finding("tip.push").pose().get(rig, Rig.SWING));
        assertThat(Math.abs(swing % 90)).satisfiesAnyOf(off -> assertThat(off).isLessThan(8),
                off -> assertThat(off).isGreaterThan(82));
        assertThat(FOUND.finding("place.ceiling").pose().get(rig, Rig.PIN)).isEqualTo(6);
        assertThat(FOUND.finding("place.ceiling").pose().get(rig, Rig.LIFT))
                .isCloseTo(Situation.of(DEMO).posed().arm().highStop(), within(0.02));
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void holdsOnOtherPerchesToo(long seed) {
        Random random = new Random(seed);
        Project p = Demo.with("perch.arm.linkLength", 0.4 + 0.4 * random.nextDouble(), "perch.base.casterOut",
                0.25 + 0.15 * random.nextDouble(), "perch.base.locked", random.nextBoolean(), "stance.heading",
                random.nextDouble(), "gear.items.4.left", -0.3 + 0.6 * random.nextDouble());
        Assessment found = Assessor.everyPose(p, Progress.NONE);
        Situation set = Situation.of(p);
        for (String id : List.of("tip.lean", "tip.push", "tip.proof", "arm.sag", "caster.share")) {
            double worst = Double.POSITIVE_INFINITY;
            for (int i = 0; i < 1500; i++) {
                Pose pose = Pose.of(random.nextInt(7), -Math.PI + 2 * Math.PI * random.nextDouble(),
                        set.posed().arm().lowStop() + (set.posed().arm().highStop() - set.posed().arm().lowStop())
                                * random.nextDouble());
                worst = Math.min(worst, Checks.get(id).at(set.in(pose)).margin());
            }
            assertThat(found.finding(id).margin()).as(id).isLessThanOrEqualTo(worst * 1.01 + 1e-9);
        }
    }

    /** A known function: sin swing · cos lift has its largest value 1 at swing 90°, lift 0. */
    @Test
    void findsTheMaximumOfAKnownFunction() {
        Rig rig = Situation.of(DEMO).posed().rig();
        WorstPose search = new WorstPose(rig);
        ToDoubleFunction<Pose> f = p -> 2 + Math.sin(p.get(1)) * Math.cos(p.get(2));
        double[] known = search.grid().stream().mapToDouble(f).toArray();
        WorstPose.Found found = search.largest(known, f, Pose.of(3, 0, 0));
        assertThat(found.figure()).isCloseTo(3, within(0.03));
        assertThat(found.pose().get(1)).isCloseTo(Math.PI / 2, within(0.25));
        assertThat(found.pose().get(0)).as("what makes no difference stays as it is").isEqualTo(3);
        assertThat(found.search().bound()).isLessThanOrEqualTo(0.01);
    }

    /** Waves whose largest value is known to be 5, at whatever phase: up to four in the swing, three in the lift. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void boundsTheWavesItSaysItDoes(int waves) {
        WorstPose search = new WorstPose(Situation.of(DEMO).posed().rig());
        Random random = new Random(waves);
        for (int i = 0; i < 40; i++) {
            double swingPhase = 2 * Math.PI * random.nextDouble();
            double liftAt = -0.6 + 1.3 * random.nextDouble();
            ToDoubleFunction<Pose> figure = p -> 3 + Math.sin(waves * p.get(1) + swingPhase)
                    + Math.cos(Math.min(waves, 3) * (p.get(2) - liftAt));
            double[] known = search.grid().stream().mapToDouble(figure).toArray();
            WorstPose.Found found = search.largest(known, figure, Pose.of(3, 0, 0));
            assertThat(found.figure()).isBetween(5 / (1 + WorstPose.TOLERANCE), 5.0);
            assertThat(found.figure() * (1 + found.search().bound())).isGreaterThanOrEqualTo(5 - 1e-9);
        }
    }

    @Test
    void stopsWhenTold() {
        Assertions.assertThatThrownBy(() -> Assessor.everyPose(DEMO, (share, what) -> {
            throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
    }
}

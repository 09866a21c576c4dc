package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.About.Scope;
import firmperch.check.Finding;
import firmperch.check.Situation;
import firmperch.draw.Drawing;
import firmperch.draw.LeanRose;
import firmperch.draw.PlanView;
import firmperch.draw.SideView;
import firmperch.frame.FrameSolver;
import firmperch.make.BuildPlan;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.rig.Freedom;
import firmperch.units.InvalidValue;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a person may enter that the records let pass: it is answered, in finite numbers, and by the laws of statics. */
class AnyPerchTest {
    private static final int PERCHES = 150;

    /** Paths to every number of a project. */
    private static List<String> numbers(Object value, String path) {
        List<String> found = new ArrayList<>();
        switch (value) {
            case Number _ -> found.add(path);
            case Record record -> {
                for (RecordComponent component : record.getClass().getRecordComponents()) {
                    String inner = path.isEmpty() ? component.getName() : path + "." + component.getName();
                    found.addAll(numbers(RecordPath.of(component.getName()).get(record), inner));
                }
            }
            case List<?> list -> {
                for (int i = 0; i < list.size(); i++) {
                    found.addAll(numbers(list.get(i), path + "." + i));
                }
            }
            default -> {
            }
        }
        return found;
    }

    /** The sample with a few numbers far off; what is refused stays as it was. */
    private static Project any(Random random, List<String> paths) {
        Project project = Demo.project();
        for (int i = 0; i <= random.nextInt(6); i++) {
            RecordPath path = RecordPath.of(paths.get(random.nextInt(paths.size())));
            double was = path.number(project);
            double value = switch (random.nextInt(8)) {
                case 0 -> 0;
                case 1 -> -was;
                default -> was == 0 ? random.nextGaussian() : was * Math.exp(2 * random.nextGaussian());
            };
            try {
                project = path.with(project, value);
            } catch (InvalidValue refused) {
                assertThat(refused.getMessage()).contains("was given");
            }
        }
        return project;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void isAnsweredInFiniteNumbers(long seed) {
        Random random = new Random(seed);
        List<String> paths = numbers(Demo.project(), "");
        assertThat(paths).hasSizeGreaterThan(80);
        for (int i = 0; i < PERCHES; i++) {
            Project project = any(random, paths);
            Assessment now = i % 15 == 0
                    ? Assessor.everyPose(project, Progress.NONE)
                    : Assessor.now(project);
            for (Finding f : now.findings()) {
                assertThat(f.margin()).as(f.about().id()).isBetween(0.0, 50.0);
                assertThat(f.reading().numbers().get()).as(f.about().id()).doesNotContain("NaN", "Infinity",
                        "∞");
            }
            Situation s = now.situation();
            for (Drawing drawing : List.of(SideView.of(s, Optional.empty(), true),
                    PlanView.of(s, Optional.empty()), LeanRose.of(s))) {
                assertThat(drawing.shapes().toString()).doesNotContain("NaN", "Infinity");
            }
            assertThat(BuildPlan.of(project).cuts()).allSatisfy(cut -> {
                assertThat(cut.length()).isPositive().isFinite();
                assertThat(cut.count()).isPositive();
            });
            assertThat(now.sentence()).endsWith(".");
        }
    }

    /** Equilibrium: feet only push, and together carry the weight; where the frame finds no rest, rigid statics find none. */
    @ParameterizedTest
    @ValueSource(longs = {5, 6})
    void standsByTheLawsOfStatics(long seed) {
        Random random = new Random(seed);
        List<String> paths = numbers(Demo.project(), "");
        int stood = 0;
        for (int i = 0; i < PERCHES; i++) {
            Situation s = Situation.of(any(random, paths));
            if (s.frame().isPresent()) {
                double[] reactions = s.frame().get().reactions();
                double weight = s.posed().mass() * FrameSolver.GRAVITY;
                assertThat(Arrays.stream(reactions).sum()).isCloseTo(weight, within(1e-6 * weight));
                assertThat(Arrays.stream(reactions).min().orElseThrow()).isNotNegative();
                stood++;
            } else {
                assertThat(s.leastLean()).as("lean before it goes").isLessThan(Math.toRadians(3));
            }
        }
        assertThat(stood).isGreaterThan(PERCHES / 2);
    }

    /** Brute force: of poses taken at random, none is over 1 % worse than the one the search calls the worst. */
    @ParameterizedTest
    @ValueSource(longs = {9, 10})
    void hasNoPoseWorseThanItsWorst(long seed) {
        Random random = new Random(seed);
        List<String> paths = numbers(Demo.project(), "");
        for (int i = 0; i < 12; i++) {
            Project project = any(random, paths);
            Assessment found = Assessor.everyPose(project, Progress.NONE);
            List<Freedom> freedoms = found.situation().posed().rig().freedoms();
            for (int k = 0; k < 600; k++) {
                Situation there = found.situation().in(Pose.of(Math.rint(between(random, freedoms.get(0))),
                        between(random, freedoms.get(1)), between(random, freedoms.get(2))));
                for (Finding f : found.findings()) {
                    if (f.about().scope() == Scope.EVERY_POSE) {
                        assertThat(f.margin()).as("%s at %s", f.about().id(), there.posed().pose())
                                .isLessThanOrEqualTo(f.check().at(there).margin() * (1 + WorstPose.TOLERANCE) + 1e-9);
                    }
                }
            }
        }
    }

    private static double between(Random random, Freedom freedom) {
        return freedom.from() + (freedom.to() - freedom.from()) * random.nextDouble();
    }

    /** Symmetry: a perch seen in a mirror stands as firmly, and what is worst of it is worst in the mirrored pose. */
    @ParameterizedTest
    @ValueSource(longs = {7, 8})
    void standsInAMirrorAsItDoes(long seed) {
        Random random = new Random(seed);
        Project project = Demo.with("gear.items.4.left", 0.3 * random.nextDouble(), "stance.joints.swing",
                random.nextDouble(), "stance.heading", random.nextDouble(), "shot.aside", 0.2,
                "perch.base.trailHeading", 1.0);
        Project mirrored = project;
        for (String path : List.of("stance.joints.swing", "stance.heading", "stance.y", "shot.aside",
                "gear.items.0.left", "gear.items.1.left", "gear.items.2.left", "gear.items.3.left",
                "gear.items.4.left", "gear.items.5.left")) {
            mirrored = RecordPath.of(path).with(mirrored, -RecordPath.of(path).number(mirrored));
        }
        mirrored = RecordPath.of("perch.base.trailHeading").with(mirrored, -1.0);
        Assessment here = Assessor.now(project);
        Assessment there = Assessor.now(mirrored);
        for (Finding f : here.findings()) {
            assertThat(there.finding(f.about().id()).margin()).as(f.about().id()).isCloseTo(f.margin(), within(1e-6));
        }
    }
}

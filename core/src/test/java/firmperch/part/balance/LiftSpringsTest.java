package firmperch.part.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Freedom;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.arm.LevelArm;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.stock.HexBolt;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Springs along the diagonal of a level-keeping arm. */
class LiftSpringsTest {
    private static final Project DEMO = Demo.project();

    private static Project with(LiftSprings springs, String... on) {
        List<Mounted> parts = new ArrayList<>(DEMO.perch().parts());
        parts.add(new Mounted("springs", springs, List.of(on)));
        return DEMO.with(new Perch(parts));
    }

    private static Project with(LiftSprings springs) {
        return with(springs, "arm.near", "arm.far");
    }

    private static Posed lifted(Project project, double lift) {
        return Study.of(Path.of("stance.joints.arm.lift").with(project, lift)).set().posed();
    }

    private static int lift(Posed posed) {
        return posed.rig().assembly().freedoms().stream().map(Freedom::id).toList().indexOf("arm.lift");
    }

    private static LevelArm arm() {
        return DEMO.perch().parts().stream().map(Mounted::part).filter(LevelArm.class::isInstance)
                .map(LevelArm.class::cast).findFirst().orElseThrow();
    }

    /**
     * By the triangle of link, plate and spring (statics): ℓ² = L² + s² − 2·L·s·sin θ, and a pull F turns the links with F·L·s·cos θ/ℓ; what
     * the springs and their nuts weigh at the arm's end is half of it.
     */
    @ParameterizedTest
    @ValueSource(doubles = {-0.3, 0, 0.25, 0.6})
    void theyTurnTheArmAsATriangleHasIt(double angle) {
        LiftSprings springs = new LiftSprings(200, 0.5, 15, 0.8);
        double link = arm().links().length();
        double plate = arm().links().spacing();
        double long_ = Math.sqrt(link * link + plate * plate - 2 * link * plate * Math.sin(angle));
        double pull = 2 * (15 + 200 * (long_ - 0.5));
        double turns = pull * link * plate * Math.cos(angle) / long_;
        Posed without = lifted(DEMO, angle);
        Posed with = lifted(with(springs), angle);
        double more = with.mass() - without.mass();
        double sinks = more / 2 * 9.80665 * link * Math.cos(angle);
        assertThat(with.potentialSlope(lift(with))).isCloseTo(
                without.potentialSlope(lift(without)) - turns + sinks, within(1e-6));
        assertThat(more).as("two springs and four nuts M12").isCloseTo(
                2 * springs.mass() + 4 * HexBolt.ALL.get("m12").nut(),
                within(1e-9));
    }

    /**
     * The wire of a spring of Ø 3 wire, coils Ø 25, 100 of them: rate 81.5 GPa·d⁴/(8·D³·n) = 528 N/m; its coils weigh π·D·n·π/4·d²·7850 = 0.436 kg and
     * stand 8·F·D/(π·d³) = 700 N/mm² at 297 N (EN 13906-2, from memory). With its hooks 15 % more.
     */
    @Test
    void theyWeighWhatTheirWireWeighs() {
        double rate = 81.5e9 * Math.pow(0.003, 4) / (8 * Math.pow(0.025, 3) * 100);
        double most = 700e6 * Math.PI * Math.pow(0.003, 3) / (8 * 0.025);
        double coils = Math.PI * 0.025 * 100 * Math.PI / 4 * 0.003 * 0.003 * 7850;
        LiftSprings springs = new LiftSprings(rate, 0.35, 0, 0.35 + most / rate);
        assertThat(springs.mass()).isCloseTo(1.15 * coils, within(0.01 * coils));
    }

    /** The pivots of the demo, near with friction alone, hold with them in every pose, the camera on or off. */
    @Test
    void theyEaseThePivots() {
        Finding eased = Assessor.everyPose(with(new LiftSprings(200, 0.3, 0, 0.8)), Progress.NONE)
                .find("friction@arm.lift").orElseThrow();
        Finding before = Assessor.everyPose(DEMO, Progress.NONE).find("friction@arm.lift").orElseThrow();
        assertThat(before.verdict()).isEqualTo(Verdict.NEAR);
        assertThat(eased.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(eased.left()).isGreaterThan(1.5 * before.left());
        // Too strong a pair throws the arm up with the camera off: no better than none.
        assertThat(Assessor.everyPose(with(new LiftSprings(650, 0.3, 0, 0.8)), Progress.NONE).find("friction@arm.lift")
                .orElseThrow().left()).isLessThan(before.left());
    }

    /**
     * By hand, the arm of the demo at its lowest stop, −40°: ℓ = √(0.64² + 0.11² + 2·0.64·0.11·sin 40°) = 0.716 m; each of two of 200 N/m and 0.3 m
     * pulls 83.2 N, 0.832 N·m on an eye 10 mm out. A bolt M12 (84.3 mm², d 10.36 mm, ISO 898-1) takes 225·π·10.36³/32 = 24.6 N·m, over 1.5.
     */
    @Test
    void theirEyesBendTheBolts() {
        Finding eyes = Assessor.everyPose(with(new LiftSprings(200, 0.3, 0, 0.8)), Progress.NONE)
                .find("eyes@springs.springs").orElseThrow();
        assertThat(eyes.reading().asked()).isCloseTo(0.832, within(0.01));
        assertThat(eyes.reading().available()).isCloseTo(24.6 / 1.5, within(0.05));
        assertThat(Assessor.everyPose(with(new LiftSprings(6000, 0.3, 0, 0.8)), Progress.NONE)
                .find("eyes@springs.springs").orElseThrow().verdict()).isEqualTo(Verdict.GIVES);
    }

    @Test
    void pulledTooFarIsTold() {
        assertThat(Assessor.everyPose(with(new LiftSprings(200, 0.3, 0, 0.6)), Progress.NONE)
                .find("spring@springs.springs").orElseThrow()).satisfies(f -> {
                    assertThat(f.verdict()).isEqualTo(Verdict.GIVES);
                    assertThat(f.says()).startsWith("the pair of springs is pulled too far");
                });
    }

    @Test
    void whatDoesNotFitIsRefused() {
        assertThatThrownBy(() -> assembled(with(new LiftSprings(200, 0.65, 0, 0.8)))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("never hang slack");
        assertThatThrownBy(() -> assembled(with(new LiftSprings(200, 0.3, 0, 0.8), "arm.far", "arm.near")))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("not of one arm");
        assertThatThrownBy(() -> new LiftSprings(200, 0.3, 100, 0.8)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("at most its rate times its length unloaded, 60 N");
    }

    private static void assembled(Project project) {
        Study.of(project);
    }
}

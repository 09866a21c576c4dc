package firmperch.part.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.RandomRigs;
import firmperch.body.Tie;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.choose.Compose;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.arm.LevelArm;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.WorstPose;
import firmperch.stock.TetherCord;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A second catch from one pivot of an arm to another. */
class SafetyTetherTest {
    private static final TetherCord WEBBING = TetherCord.ALL.get("webbing");
    private static final Project DEMO = Demo.project();
    private static final Project CEILING = Demo.of(Demo.kind("ceiling-arm"));

    private static Project with(Project project, SafetyTether tether, String... on) {
        List<Mounted> parts = new ArrayList<>(project.perch().parts());
        parts.add(new Mounted("catch", tether, List.of(on)));
        return project.with(new Perch(parts));
    }

    private static Tie.Tether tether(Study study) {
        return study.assembly().ties().stream().filter(t -> t.id().equals("catch.tether")).map(Tie.Tether.class::cast)
                .findFirst().orElseThrow();
    }

    /** By the triangle of link, plate and tether: ℓ² = L² + s² − 2·L·s·sin θ, longest with the arm at its lower stop. */
    @Test
    void itIsAsLongAsItsEndsComeApart() {
        LevelArm arm = DEMO.perch().parts().stream().map(Mounted::part).filter(LevelArm.class::isInstance)
                .map(LevelArm.class::cast).findFirst().orElseThrow();
        double link = arm.links().length();
        double plate = arm.links().spacing();
        double apart = Math.sqrt(link * link + plate * plate - 2 * link * plate * Math.sin(arm.stops().low()));
        Study study = Study.of(with(DEMO, new SafetyTether(WEBBING, 0.03), "arm.near", "arm.far"));
        assertThat(tether(study).length()).isCloseTo(apart + 0.03, within(1e-9));
    }

    /** Over three joints it is taut in none of two thousand poses, and comes near to it in some. */
    @Test
    void itHoldsNothingBack() {
        Study study = Study.of(with(CEILING, new SafetyTether(WEBBING, 0.02), "arm-1.near", "arm-3.far"));
        Tie.Tether tether = tether(study);
        Random random = new Random(4);
        double most = 0;
        for (int i = 0; i < 2000; i++) {
            most = Math.max(most, study.in(RandomRigs.pose(study, random)).tieLength(tether));
        }
        assertThat(most).isBetween(0.9 * tether.length(), tether.length());
    }

    /** What is said of a cell holds in every pose of it. */
    @Test
    void howFarItsEndsComeApartIsBounded() {
        Study study = Study.of(with(CEILING, new SafetyTether(WEBBING, 0.02), "arm-1.near", "arm-3.near"));
        Tie.Tether tether = tether(study);
        Random random = new Random(8);
        int freedoms = study.assembly().freedoms().size();
        for (int i = 0; i < 200; i++) {
            double[] middle = RandomRigs.pose(study, random).values();
            double[] half = random.doubles(freedoms, 0, 0.3 * random.nextDouble()).toArray();
            double bound = study.in(Pose.of(middle)).loosened(half).tieLength(tether);
            for (int k = 0; k < 20; k++) {
                double[] near = middle.clone();
                for (int f = 0; f < freedoms; f++) {
                    near[f] += half[f] * (k < 8 ? (k >> f % 3 & 1) * 2 - 1 : 2 * random.nextDouble() - 1);
                }
                assertThat(study.in(Pose.of(near)).tieLength(tether)).isLessThanOrEqualTo(bound + 1e-9);
            }
        }
    }

    /**
     * Energy by hand (W·(s + x) = ½·k·x², F = k·x): what hangs falls s until the webbing is taut, which gives a quarter of its length and its
     * two hitches of 300 mm before it breaks at 18 kN; the hitch leaves three quarters of that, of which a fifth is asked.
     */
    @Test
    void itCatchesWhatFalls() {
        Finding found = Assessor.now(with(DEMO, new SafetyTether(WEBBING, 0.02), "arm.near", "arm.far"))
                .finding("catch@catch.tether");
        Study study = Study.of(with(DEMO, new SafetyTether(WEBBING, 0.02), "arm.near", "arm.far"));
        Situation set = study.set();
        Tie.Tether tether = tether(study);
        Posed posed = set.posed();
        double aside = posed.ties().path(tether).getLast().minus(posed.ties().path(tether).getFirst()).radius();
        double above = posed.ties().path(tether).getLast().z() - posed.ties().path(tether).getFirst().z();
        double fall = Math.sqrt(tether.length() * tether.length() - aside * aside) + above;
        double weight = posed.ties().caught(tether).weight();
        assertThat(weight).isBetween(2 * Gravity.STANDARD, 6 * Gravity.STANDARD);
        double k = 18000 / (0.25 * (tether.length() + 0.6));
        double pressed = (weight + Math.sqrt(weight * weight + 2 * k * weight * fall)) / k;
        assertThat(weight * (fall + pressed)).isCloseTo(k * pressed * pressed / 2, within(1e-6));
        assertThat(found.reading().asked()).isCloseTo(k * pressed, within(1e-6));
        assertThat(found.reading().available()).isCloseTo(0.75 * 18000 / 5, within(1e-9));
    }

    /** Cord gives less and bears less: it holds the ceiling arm's second arm no more, webbing does, and lets it move. */
    @Test
    void webbingHoldsWhereCordBreaks() {
        assertThat(worst(TetherCord.CORD, "catch@catch.tether").used()).isGreaterThan(1);
        assertThat(worst(WEBBING, "catch@catch.tether").used()).isLessThan(1);
        WorstPose.Found moves = worst(WEBBING, "tether@catch.tether");
        assertThat(moves.used()).isBetween(0.9, 1.0);
        assertThat(moves.search().proven()).isTrue();
    }

    private static WorstPose.Found worst(TetherCord cord, String id) {
        Study study = Study.of(with(CEILING, new SafetyTether(cord, 0.02), "arm-1.near", "arm-2.near"));
        Question<?> question = RaisedQuestions.of(study, id).orElseThrow();
        WorstPose travel = new WorstPose(study);
        return travel.worst(question, travel.sweep(List.of(question))[0], study.set().posed().pose(), true);
    }

    @Test
    void itIsHungOnFromTheLoadPath() {
        Compose.Change hung = Compose.hangings(CEILING, "arm-1").stream()
                .filter(c -> c.label().equals("Tether along an arm")).findFirst().orElseThrow();
        assertThat(hung.perch().orElseThrow().parts().getLast().on()).containsExactly("arm-1.near", "arm-1.far");
        assertThat(hung.price()).isBetween(5.0, 15.0);
        assertThat(hung.mass()).isBetween(0.1, 0.3);
    }

    @Test
    void whatDoesNotHangOnTheFirstIsRefused() {
        assertThatThrownBy(() -> Study.of(with(DEMO, new SafetyTether(WEBBING, 0.02), "arm.far", "arm.near")))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("does not hang on the first");
        assertThatThrownBy(() -> Study.of(with(DEMO, new SafetyTether(WEBBING, 0.02), "arm.near")))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("two");
        assertThatThrownBy(() -> new SafetyTether(WEBBING, 0)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Longer than it must be");
    }
}

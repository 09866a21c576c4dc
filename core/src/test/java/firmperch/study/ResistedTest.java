package firmperch.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.frame.FrameSolution;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a hand at the camera pushes against, and what just moves. */
class ResistedTest {
    private static Situation glazing(Map<String, Double> joints) {
        return glazing(joints, 0);
    }

    /** The glazing table in a pose, each of its brakes holding that much, N or N·m. */
    private static Situation glazing(Map<String, Double> joints, double brake) {
        Project project = Samples.all().get(2);
        for (String at : List.of("bridge.hangers", "trolley.hangers", "turntable.ring")) {
            project = Path.of("perch." + at + ".brake").with(project, brake);
        }
        Study study = Study.of(project);
        return study.in(Pose.of(study.assembly(), joints));
    }

    private static List<Vec3> inFull(Situation s) {
        return s.hand().stream().filter(v -> v.length() > 0.99).toList();
    }

    /** Bridge and trolley run and the turntable turns: only up and down is there anything to push against. */
    @Test
    void midWayOnlyUpAndDownIsResisted() {
        Situation s = glazing(
                Map.of("bridge.run", 0.1, "trolley.run", -0.1, "turntable.turn", 0.3, "arm-1.lift", -0.4));
        assertThat(inFull(s)).singleElement().satisfies(v -> assertThat(Math.abs(v.z())).isCloseTo(1, within(1e-9)));
        assertThat(s.hand()).hasSize(3);
        assertThat(s.unitLoads().sideways(s.level(5))).isZero();
    }

    /** A brake takes a hand's push until it slips: of 60 N what it holds, half as much again at most; a touch of 5 N in full. */
    @Test
    void aBrakeBearsWhatItHolds() {
        Situation s = glazing(Map.of("bridge.run", 0.1, "trolley.run", -0.1, "turntable.turn", 0.3), 24);
        assertThat(s.hand().stream().mapToDouble(Vec3::length).sorted().toArray()).hasSize(3)
                .satisfies(lengths -> assertThat(lengths[0]).isCloseTo(24 * 1.5 / 60, within(1e-9)));
        assertThat(s.level(5)).hasSize(2);
        assertThat(s.level(30)).isEmpty();
    }

    /** At a stop of the bridge it pushes along the rails; still not across, where trolley and turntable give way. */
    @Test
    void atAStopItBears() {
        Situation s = glazing(
                Map.of("bridge.run", 0.82, "trolley.run", -0.1, "turntable.turn", 0.0, "arm-1.lift", -0.4));
        assertThat(inFull(s)).hasSize(2).anySatisfy(v -> assertThat(Math.abs(v.x())).isCloseTo(1, within(1e-9)));
        assertThat(s.unitLoads().sideways(s.level(5))).isPositive();
    }

    /** Wheels that run take next to no force along their rail: a cross rail is pulled alike before, between and behind the trolley's. */
    @Test
    void wheelsTakeNothingAlongTheirRail() {
        Situation s = glazing(
                Map.of("bridge.run", 0.1, "trolley.run", 0.05, "turntable.turn", 0.3, "arm-1.lift", -0.4));
        FrameSolution frame = s.frame().orElseThrow();
        Map<Piece, List<Double>> pulls = new IdentityHashMap<>();
        for (int i = 0; i < s.framed().bars().size(); i++) {
            Piece bar = s.framed().bars().get(i);
            if (bar.name().equals("Cross rail")) {
                pulls.computeIfAbsent(bar, b -> new ArrayList<>()).add(frame.forces(i)[0]);
            }
        }
        assertThat(pulls).hasSize(2).allSatisfy((bar, along) -> assertThat(along).hasSize(3)
                .allSatisfy(pull -> assertThat(pull).isCloseTo(along.getFirst(), within(5.0))));
    }

    /** An arm held by friction pushes back in all directions but along the swing of its block. */
    @Test
    void aHeldArmPushesBack() {
        Situation s = Study.of(Path.of("perch.carriage.brake").with(Samples.wedgingBench(), 0.0)).set();
        Vec3 out = s.posed().mount();
        Vec3 along = new Vec3(-out.y(), out.x(), 0).unit();
        assertThat(inFull(s)).hasSize(2).allSatisfy(v -> assertThat(v.dot(along)).isCloseTo(0, within(1e-6)));
    }

    /**
     * A uniform arm of a thousand small masses, free to turn about its end and pushed at its tip: by d'Alembert each mass drags as it is
     * accelerated. No section bends by more than a fifth of what the arm's root would if it were held.
     */
    @Test
    void anArmThatGivesWayIsBentByItsOwnInertiaOnly() {
        int n = 1000;
        double inertia = 0;
        for (int i = 0; i < n; i++) {
            inertia += Math.pow((i + 0.5) / n, 2) / n;
        }
        double most = 0;
        for (int cut = 0; cut < n; cut++) {
            double at = (double) cut / n;
            double moment = 1 - at;
            for (int i = cut; i < n; i++) {
                double r = (i + 0.5) / n;
                moment -= r / inertia / n * (r - at);
            }
            most = Math.max(most, Math.abs(moment));
        }
        double swung = glazing(Map.of("bridge.run", 0.1, "trolley.run", -0.1)).hand().stream().mapToDouble(Vec3::length)
                .min().orElseThrow();
        assertThat(most).isCloseTo(1 / (3 * Math.sqrt(3)), within(1e-3)).isLessThan(swung);
    }
}

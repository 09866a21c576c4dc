package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.draw.Ink;
import firmperch.draw.Scene;
import firmperch.draw.Shape;
import firmperch.draw.SideView;
import firmperch.file.Samples;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.stock.Bolt;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is overhead is held twice; what hangs under a beam; what the bearings of a carriage hold. */
class CatchTest {
    private static Tie.Tether tether(Study study, String id) {
        return (Tie.Tether) study.assembly().ties().stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    /** Energy: what has fallen through the slack and stretched the tether has all gone into it, m·g·(s + x) = ½·k·x². */
    @Test
    void aFallEndsWhereItsEnergyIsInTheTether() {
        Situation s = Situation.of(Demo.project());
        Tie.Tether tether = tether(s.study(), "head.tether");
        double weight = (s.project().gear().mass() + s.project().gear().spare()) * 9.80665;
        double force = RaisedQuestions.of(s.study(), "catch@head.tether").orElseThrow().at(s).asked();
        double stretch = force / tether.stiffness();
        double slack = 0.03;
        assertThat(weight * (slack + stretch)).isCloseTo(tether.stiffness() * stretch * stretch / 2, within(1e-6));
        assertThat(RaisedQuestions.of(s.study(), "catch@head.tether").orElseThrow().at(s).available()).isCloseTo(
                8000 / 5.0,
                within(1e-9));
    }

    /** A clamp rolled aside by 60° falls further: taut at √(L² − (d·sin 60°)²) under its hook, it began d·cos 60° under it. */
    @Test
    void aClampRolledAsideFallsFurther() {
        Project goalpost = Samples.all().get(4);
        Study study = Study.of(goalpost);
        Tie.Tether tether = tether(study, "head.tether");
        double apart = tether.length() - 0.03;
        Finding worst = Assessor.everyPose(goalpost, Progress.NONE).finding("catch@head.tether");
        Situation there = study.in(worst.pose());
        double sin = Math.sin(Math.toRadians(60));
        double fall = Math.sqrt(tether.length() * tether.length() - apart * apart * sin * sin) - apart / 2;
        assertThat(there.posed().ties().fall(tether)).isCloseTo(fall, within(1e-6));
        assertThat(study.set().posed().ties().fall(tether)).isCloseTo(0.03, within(1e-9));
    }

    /** Everything overhead has one: the camera of every kind, and what rolls or turns over it. */
    @Test
    void everythingOverheadIsCaught() {
        for (Project project : Samples.all()) {
            Study study = Study.of(project);
            assertThat(RaisedQuestions.of(study).stream().filter(q -> q.about().id().equals("catch")).map(Question::id))
                    .as(project.name()).contains("catch@head.tether");
            for (Question<?> question : RaisedQuestions.of(study)) {
                if (question.about().id().equals("catch")) {
                    assertThat(question.at(study.set()).margin()).as(question.id()).isGreaterThan(1);
                }
            }
        }
        assertThat(Assessor.now(Demo.with(Samples.all().get(2), "perch.bridge.hangers.wire", 0.0))
                .finding("catch@bridge.hanger-1-bolt").reading().said().get())
                .isEqualTo("nothing catches what hangs on the hangers if they let go");
    }

    /** Rod M10 of class 4.6: 58 mm² · 400 N/mm² / 5 = 4640 N (ISO 898-1, from memory); under a small plate the beam bears less. */
    @Test
    void aRodThroughABeamBearsAFifthOfWhatBreaksIt() {
        Project beam = Demo.with(Demo.of(Demo.kind("beam-arm")), "stance.x", 1.2, "perch.rails.rods.plate", 0.08);
        assertThat(Assessor.now(beam).finding("anchor@rails.ceiling").reading().available()).isCloseTo(4640,
                within(1.0));
        // Spruce C24 across the grain: 3 · 2.5 N/mm² · 0.6 / 1.3 on 30 × 30 mm less the hole (EN 1995-1-1 8.5.2, from memory).
        Project small = Demo.with(beam, "perch.rails.rods.plate", 0.03);
        double bears = 3 * 2.5e6 * 0.6 / 1.3 * (0.03 * 0.03 - Math.PI / 4 * 0.0105 * 0.0105);
        assertThat(Assessor.now(small).finding("anchor@rails.ceiling").reading().available()).isCloseTo(bears,
                within(1.0));
        assertThatThrownBy(() -> Demo.with(beam, "perch.rails.gauge", 0.13)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("four diameters from the beam's sides");
        assertThat(Bolt.ALL.get("m10").proofLoad()).isEqualTo(58.0 * 225);
    }

    /** One trolley under one beam: its rails' fixings bear all of the rig between them (equilibrium). */
    @Test
    void theBeamBearsAllOfIt() {
        Situation s = Situation.of(Demo.with(Demo.of(Demo.kind("beam-arm")), "stance.x", 1.2));
        double sum = 0;
        for (int i = 0; i < s.framed().feet().size(); i++) {
            sum += s.frame().orElseThrow().force(i).z();
        }
        assertThat(sum).isCloseTo(s.weight(), within(1e-6 * s.weight()));
        assertThat(s.stands()).isFalse();
        // Drawn as one beam along the rails, where joists would stand one at each screw.
        Situation joists = Situation.of(Samples.all().get(2));
        long beams = overhead(s);
        assertThat(beams).isEqualTo(1);
        assertThat(overhead(joists)).isEqualTo(6);
    }

    private static long overhead(Situation s) {
        double ceiling = s.project().place().room().ceiling();
        return SideView.of(Scene.of(s)).shapes().stream()
                .filter(shape -> shape instanceof Shape.Area area && area.ink() == Ink.BENCH
                        && area.points().stream().allMatch(p -> p.y() >= ceiling))
                .count();
    }

    /**
     * Bearings of a carriage by the lever rule: at each end of its bearings the couple over how far they are apart, fore and aft
     * and sideways; a five-hundredth of all that is what they hold by themselves.
     */
    @Test
    void whatBearingsHoldFollowsFromTheCouples() {
        Project shelf = Samples.all().get(3);
        Situation s = Situation.of(shelf);
        Joint bearings = s.study().assembly().joints().stream().filter(j -> j.id().equals("carriage.bearings"))
                .findFirst().orElseThrow();
        Vec3 arm = s.posed().beyond(bearings).centre().minus(s.posed().at(bearings));
        // The rope holds the carriage's weight at its eye, behind the mast.
        double weight = s.posed().beyond(bearings).weight();
        Tie.Rope rope = (Tie.Rope) s.study().assembly().ties().stream().filter(t -> t instanceof Tie.Rope).findFirst()
                .orElseThrow();
        Vec3 eye = s.posed().point(rope.from().body(), rope.from().at()).minus(s.posed().at(bearings));
        double pull = s.posed().ties().pull(rope);
        double fore = weight * arm.x() - pull * eye.x();
        double aside = weight * arm.y() - pull * eye.y();
        double expected = 0.002 * 2 * (Math.abs(fore) + Math.abs(aside)) / 0.26;
        assertThat(BearingChecks.rolling(bearings, s)).isCloseTo(expected, within(0.02 * expected));
        assertThat(((Hold.Bearings) bearings.hold()).rollers()).hasSize(6);
        assertThat(List.of(fore, aside)).allMatch(m -> Math.abs(m) > 0.1);
    }
}

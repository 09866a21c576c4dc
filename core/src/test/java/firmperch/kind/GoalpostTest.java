package firmperch.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.Known;
import firmperch.body.Contact;
import firmperch.body.Piece;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.make.CutPiece;
import firmperch.make.MakingPlan;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.portal.Crossbar;
import firmperch.part.portal.PipeFeet;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.stock.ThreadedPipe;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The threaded-pipe goalpost against portal frames and the tables of its fittings. */
class GoalpostTest {
    private static final double G = 9.80665;
    private static final double SPAN = 0.95;
    private static final double RISER = 0.72;

    private static Project project(Object... changes) {
        return Demo.with(Demo.with(Demo.of(Demo.kind("pipe-goalpost")), "stance.x", 1.9), changes);
    }

    private static double thrust(Situation s) {
        double sum = 0;
        List<Contact> feet = s.framed().feet();
        for (int i = 0; i < feet.size(); i++) {
            sum += feet.get(i).id().contains("left") ? s.frame().orElseThrow().force(i).y() : 0;
        }
        return sum;
    }

    /**
     * Fittings of ¾ in: middle to face 33 mm, 15 mm of thread screwed in, so that 18 mm come off at each end (EN 10242, from
     * memory); a cap's bottom takes 4 mm more.
     */
    @Test
    void pipesAreCutToWhatTheirFittingsLeave() {
        List<CutPiece> cuts = MakingPlan.of(Assessor.now(project())).cuts();
        assertThat(cuts).filteredOn(c -> c.part().equals("Crossbar")).singleElement()
                .satisfies(c -> assertThat(c.length()).isCloseTo(0.950 - 0.036, within(1e-9)));
        assertThat(cuts).filteredOn(c -> c.part().equals("Riser")).singleElement().satisfies(c -> {
            assertThat(c.count()).isEqualTo(2);
            assertThat(c.length()).isCloseTo(0.720 - 0.036, within(1e-9));
        });
        for (String leg : List.of("Leg to the front", "Leg to the back")) {
            assertThat(cuts).filteredOn(c -> c.part().equals(leg)).singleElement().satisfies(c -> {
                assertThat(c.count()).isEqualTo(2);
                assertThat(c.length()).isCloseTo(0.300 - 0.018 - 0.004, within(1e-9));
            });
        }
    }

    /** Minor diameters of ISO 7-1, from memory: what is left under the thread of ½ in is 18.631 over 16.1 mm. */
    @Test
    void underTheThreadLessIsLeft() {
        ThreadedPipe half = ThreadedPipe.ALL.get("half");
        assertThat(half.root().diameter()).isCloseTo(0.018631, within(1e-9));
        assertThat(half.root().diameter() - 2 * half.root().wall()).isCloseTo(0.0161, within(1e-9));
        assertThat(half.root().modulusY()).isBetween(0.4 * half.section().modulusY(), 0.6 * half.section().modulusY());
    }

    /**
     * A load W in the middle of a portal with pinned feet presses them apart with H = 3·W·L/(8·h·(2k + 3)), k = h/L for one pipe all
     * round (Roark, frames). Its fittings are stiff here, c at either end of a pipe: by virtual work over what is left free
     * H·(h²·(L − 2c) + ⅔·(y₂³ − y₁³)) = h·W·(L²/4 − c²)/2, which for c = 0 is the book's.
     */
    @Test
    void theFeetArePressedApartAsAPortals() {
        Study study = Study.of(project());
        Pose set = study.set().posed().pose();
        double h = RISER + 0.017;
        double more = 10;
        double found = thrust(study.carrying(more).in(set)) - thrust(study.carrying(0).in(set));
        double book = 3 * more * G * SPAN / (8 * h * (2 * h / SPAN + 3));
        assertThat(thrust(more * G, h, 0, 0, h)).isCloseTo(book, within(1e-9));
        double stiff = thrust(more * G, h, 0.033, 0.017 + 0.033, h - 0.033);
        assertThat(Math.abs(found)).isCloseTo(stiff, within(0.02 * stiff));
    }

    private static double thrust(double w, double h, double c, double y1, double y2) {
        return h * w * (SPAN * SPAN / 4 - c * c) / 2
                / (h * h * (SPAN - 2 * c) + 2.0 / 3 * (y2 * y2 * y2 - y1 * y1 * y1));
    }

    /** It sways by F·h³/(6·E·I) + F·h²·L/(12·E·I), feet pinned (Roark; the slope-deflection equations). */
    @Test
    void itSwaysAsAPortal() {
        Finding sway = Assessor.now(project()).finding("sway");
        double ei = 210e9 * Math.PI / 64 * (Math.pow(0.0269, 4) - Math.pow(0.0217, 4));
        double h = RISER + 0.017;
        double book = 5 * h * h * h / (6 * ei) + 5 * h * h * SPAN / (12 * ei);
        // Between the book's with whole lengths and with what is free between the stiff fittings.
        double free = h - 0.066;
        double least = 5 * free * free * free / (6 * ei) + 5 * free * free * (SPAN - 0.066) / (12 * ei);
        assertThat(sway.reading().asked()).isBetween(least, book * 1.1);
    }

    /** Each foot carries its share: the middle load by halves, a load at a third by the lever rule. */
    @Test
    void theLoadPathForks() {
        Study study = Study.of(project()).carrying(0);
        Situation middle = study.set();
        var stations = study.assembly().stations();
        double left = middle.carried(stations.get(0));
        double right = middle.carried(stations.get(1));
        assertThat(left + right).isCloseTo(middle.posed().mass(), within(1e-6));
        Situation aside = study.in(Pose.of(-0.2, 0));
        double moved = aside.carried(stations.get(0)) - left;
        // All that the clamp carries but its two stop rings, which stay on the bar.
        double slides = aside.posed().massFrom(stations.get(3)) - 2 * 0.05;
        assertThat(moved).isCloseTo(slides * 0.2 / SPAN, within(1e-6));
    }

    /** A tee lifts the legs: without caps it rocks (common practice, no source). */
    @Test
    void withoutCapsItRocks() {
        var found = Assessor.everyPose(project("perch.feet.capped", false), Progress.NONE);
        assertThat(found.finding("tip.stands").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(Known.everyPose(project()).finding("tip.stands").verdict())
                .isEqualTo(Verdict.HOLDS);
    }

    /** Jaws on a bar of 26.9 mm: 2 · 0.15 · F · 13.45 mm, F = 5/(0.25 · 8 mm) = 2500 N (Shigley). */
    @Test
    void jawsHoldByTheBarsOwnRadius() {
        var found = Known.everyPose(project()).finding("friction@clamp.roll");
        assertThat(found.reading().available()).isCloseTo(2 * 0.15 * 2500 * 0.01345, within(1e-9));
    }

    @Test
    void aFootOverTheEdgeIsTold() {
        Finding edge = Assessor.now(project("stance.x", 1.65)).finding("tip.bench");
        assertThat(edge.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(edge.reading().said().get()).contains("over the edge of what carries it");
    }

    @Test
    void aCrossbarBetweenOneElbowAndItselfIsRefused() {
        var parts = Demo.kind("pipe-goalpost").start().get().parts();
        assertThatThrownBy(() -> new Perch(List.of(parts.get(0),
                new Mounted("bar", new Crossbar(), List.of("feet.left")), parts.get(2), parts.get(3))))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("two fittings");
    }

    /** 1.27 kg for a metre of ½ in schedule 40 (mechanics of the brief); the EN pipe of ½ in medium is 1.21 kg (EN 10255, from memory). */
    @Test
    void pipeWeighsWhatItsTableSays() {
        Piece metre = PipeFeet.cut("Pipe", ThreadedPipe.ALL.get("half"), 1);
        assertThat(metre.own().mass()).isCloseTo(1.21, within(0.02));
        assertThat(Gravity.STANDARD).isEqualTo(G);
    }
}

package firmperch.part.portal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.choose.Compose;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameSolution;
import firmperch.part.Mounted;
import firmperch.part.Part;
import firmperch.part.Perch;
import firmperch.pose.Framed;
import firmperch.project.Project;
import firmperch.project.Stands;
import firmperch.search.Assessor;
import firmperch.stock.ThreadedPipe;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A pipe across a corner of the goalpost, in swivel clamps. */
class PipeBraceTest {
    private static final ThreadedPipe HALF = ThreadedPipe.ALL.get("half");
    private static final Project GOAL = Demo.of(Demo.kind("pipe-goalpost"));
    private static final double REACH = 0.2;
    private static final double TORQUE = 8;

    private static Project with(Part brace, String... on) {
        List<Mounted> parts = new ArrayList<>(GOAL.perch().parts());
        parts.add(new Mounted("brace", brace, List.of(on)));
        return GOAL.with(new Perch(parts));
    }

    private static Project braced() {
        return with(new PipeBrace(HALF, REACH, TORQUE), "feet.left-riser", "bar.pipe");
    }

    private static Piece brace(Situation s) {
        return s.study().assembly().pieces().stream().filter(p -> p.name().equals("Brace")).findFirst().orElseThrow();
    }

    /** Pythagoras: across a square corner √2 times as long as its clamps are from it; it sticks out 30 mm of each. */
    @Test
    void itIsAsLongAsTheCornerAsks() {
        Situation s = Study.of(braced()).set();
        Piece brace = brace(s);
        assertThat(((Solid.Bar) brace.solid()).length()).isCloseTo(REACH * Math.sqrt(2) + 0.06, within(1e-9));
        // It lies at 45° in the plane of the frame and behind it, beside both pipes: their radii and what is between in a clamp.
        Vec3 along = s.posed().place(brace).x();
        assertThat(Math.abs(along.x())).isLessThan(1e-9);
        assertThat(Math.abs(along.y())).isCloseTo(Math.sqrt(0.5), within(1e-9));
        PipeFeet feet = (PipeFeet) GOAL.perch().parts().getFirst().part();
        Piece riser = s.study().assembly().pieces().stream().filter(p -> p.name().equals("Riser")).findFirst()
                .orElseThrow();
        assertThat(s.posed().place(riser).origin().x() - s.posed().place(brace).origin().x())
                .isCloseTo((feet.pipe().section().diameter() + HALF.section().diameter()) / 2 + 0.014, within(1e-9));
    }

    private static double[] forces(Framed framed, FrameSolution solution, Piece bar) {
        for (int member = 0; member < framed.bars().size(); member++) {
            if (framed.bars().get(member).equals(bar)) {
                return solution.forces(member);
            }
        }
        throw new AssertionError("no member of it");
    }

    /**
     * Equilibrium: the clamps swivel, so that neither end carries a moment about the bolt, and what one end is pushed with the other is. Cut
     * through the riser's foot and the corner: if that took no moment and the riser all of the push, N·reach/√2 = F·height.
     */
    @Test
    void itIsPushedAndPulledAlongItself() {
        Situation s = Study.of(braced()).set();
        Framed framed = s.framed();
        FrameSolution hand = s.frame().orElseThrow()
                .under(List.of(new PointForce(framed.camera(), framed.cameraOffset(), Vec3.Y.times(60))));
        double[] f = forces(framed, hand, brace(s));
        assertThat(f[0]).isCloseTo(-f[6], within(1e-6));
        double most = 60 * 0.72 / REACH * Math.sqrt(2);
        assertThat(Math.abs(f[0])).isBetween(0.5 * most, most);
        Vec3 normal = Vec3.X;
        Vec3 near = s.posed().place(brace(s)).y();
        int about = Math.abs(near.dot(normal)) > 0.5 ? 4 : 5;
        assertThat(Math.abs(f[about])).isLessThan(1e-6);
        assertThat(Math.abs(f[about + 6])).isLessThan(1e-6);
    }

    /** A square frame is as stiff as its corners; a triangle is as stiff as its pipes. */
    @Test
    void theCameraSwaysLessSideways() {
        assertThat(sideways(braced())).isLessThan(0.9 * sideways(GOAL));
    }

    /** How far the camera goes under 60 N sideways, m. */
    private static double sideways(Project project) {
        Situation s = Study.of(project).set();
        Framed framed = s.framed();
        FrameSolution hand = s.frame().orElseThrow()
                .under(List.of(new PointForce(framed.camera(), framed.cameraOffset(), Vec3.Y.times(60))));
        return hand.movement(framed.camera(), framed.cameraOffset()).y();
    }

    /** By brute force over 20,000 directions of the hand: what a clamp carries is the difference of what its pipe does on both sides of it. */
    @Test
    void itsClampsAreAskedInTheWorstDirectionOfTheHand() {
        Project project = braced();
        Finding found = Assessor.now(project).finding("grip@brace");
        Study study = Study.of(project);
        Situation s = study.in(found.setUp() == Finding.NO_SETUP ? project.shown() : found.setUp());
        Framed framed = s.framed();
        FrameSolution rest = s.frame().orElseThrow();
        double force = s.policy().loads().hand();
        Random random = new Random(5);
        double most = 0;
        for (int i = 0; i < 20_000; i++) {
            Vec3 u = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
            FrameSolution pulled = rest.under(
                    List.of(new PointForce(framed.camera(), framed.cameraOffset(), u.times(force))));
            for (Joint joint : study.assembly().joints()) {
                if (joint.station().id().equals("brace")) {
                    most = Math.max(most, carried(framed, rest, pulled, joint));
                }
            }
        }
        // The gear's weight handled comes on top, a part of the whole.
        assertThat(found.reading().asked()).isBetween(0.999 * most, 1.1 * most);
        // Two jaws, dry steel's low end, 8 N·m on M8 with K 0.25.
        assertThat(found.reading().available()).isCloseTo(2 * 0.15 * 8 / (0.25 * 0.008), within(1e-6));
    }

    private static double carried(Framed framed, FrameSolution rest, FrameSolution pulled, Joint joint) {
        double along = 0;
        double about = 0;
        double radius = 1;
        for (Framed.End end : framed.ends()) {
            if (end.joint().equals(joint)) {
                int first = end.far() ? 6 : 0;
                along += rest.forces(end.member())[first] + pulled.forces(end.member())[first];
                about += rest.forces(end.member())[first + 3] + pulled.forces(end.member())[first + 3];
                radius = ((Solid.Bar) framed.bars().get(end.member()).solid()).section().depth() / 2;
            }
        }
        return Math.hypot(along, about / radius);
    }

    /**
     * EN 74-1, from memory: a right-angle coupler of class A, its M14 bolts tightened with 50 N·m, slips on a scaffold tube under no less
     * than 10 kN. The figure here is on the safe side of that.
     */
    @Test
    void couplersHoldMoreThanIsTakenHere() {
        assertThat(2 * 0.15 * 50 / (0.25 * 0.014)).isLessThan(10_000);
    }

    @Test
    void itIsHungOnFromTheLoadPathMoreThanOnce() {
        Compose.Change hung = Compose.hangings(GOAL, "feet").stream()
                .filter(c -> c.label().equals("Brace of pipe in clamps")).findFirst().orElseThrow();
        Project one = GOAL.with(hung.perch().orElseThrow());
        assertThat(one.perch().parts().getLast().on()).hasSize(2).allMatch(port -> port.startsWith("feet."));
        assertThat(hung.mass()).isBetween(0.7, 1.5);
        assertThat(hung.price()).isBetween(8.0, 14.0);
        assertThat(Perch.open(one.perch().parts())).extracting(Port::name)
                .containsAll(one.perch().parts().getLast().on());
        assertThat(Study.of(one).assembly().pieces()).filteredOn(p -> p.name().equals("Swivel clamp")).hasSize(2);
    }

    /** A goalpost has six corners that a brace goes across: four at its feet, two above. */
    @Test
    void itMayBePutAcrossEachCorner() {
        List<Stands> corners = Stands.of(braced(), "brace");
        assertThat(corners).extracting(Stands::what).containsExactlyInAnyOrder("riser of the left foot and crossbar",
                "riser of the right foot and crossbar", "leg to the front of the left foot and riser of the left foot",
                "leg to the back of the left foot and riser of the left foot",
                "leg to the front of the right foot and riser of the right foot",
                "leg to the back of the right foot and riser of the right foot");
        assertThat(corners).filteredOn(Stands::now).extracting(Stands::what)
                .containsExactly("riser of the left foot and crossbar");
        assertThat(corners).allSatisfy(c -> assertThat(brace(Study.of(c.changed()).set())).isNotNull());
        assertThat(Stands.of(GOAL, "bar")).hasSizeLessThan(2);
    }

    @Test
    void whereItDoesNotGoItSaysWhy() {
        PipeBrace brace = new PipeBrace(HALF, REACH, TORQUE);
        refused(brace, "side by side", "feet.left-riser", "feet.right-riser");
        refused(brace, "pass each other", "feet.left-front-pipe", "bar.pipe");
        refused(brace, "two that meet", "feet.left-riser");
        refused(new PipeBrace(HALF, 1.4, TORQUE), "lie on their pipes", "feet.left-riser", "bar.pipe");
        assertThatThrownBy(() -> new PipeBrace(HALF, REACH, 60)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("9.8 N·m");
    }

    private static void refused(PipeBrace brace, String why, String... on) {
        assertThatThrownBy(() -> Study.of(with(brace, on))).isInstanceOf(InvalidValue.class).hasMessageContaining(why);
    }
}

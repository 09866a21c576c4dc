package firmperch.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Vec3;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.Support;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.Gravity;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The space frame against closed forms of Roark (<i>Formulas for Stress and Strain</i>, table 8.1 for beams, ch. 10 for
 * torsion), Kleinlogel (<i>Rigid Frame Formulas</i>) and statics. Those neglect the deformation by shear, so the
 * bars they are compared with are of a stuff ten thousand times stiffer in shear; a test of its own looks at shear.
 */
class FrameSolverTest {
    private static final Material WEIGHTLESS = stuff(0, 26e9);
    private static final Material HEAVY = stuff(2700, 26e13);
    private static final Material BENDS_ONLY = stuff(0, 26e13);

    private static Material stuff(double density, double shear) {
        return new Material("test", "test", Material.Family.METAL, density, new Material.Stiffness(69e9, shear),
                new Material.Strength(1e9, 1e9, 1e9, 1e9, 0), 1, 0, "test");
    }

    private static final Section TUBE = new Section.SquareTube(0.025, 0.002);
    private static final double EI = 69e9 * TUBE.secondMomentY();
    private static final double GJ = 26e9 * TUBE.torsionConstant();

    private static FrameSolution solved(FrameModel.Builder frame) {
        return FrameSolver.solve(frame.build()).orElseThrow();
    }

    /** Worked example: tube 25 × 25 × 2, E 69 GPa, 600 mm, 1.5 kg at the tip sags PL³/3EI = 0.939 mm. */
    @ParameterizedTest
    @CsvSource({"1,0,0", "0,1,0", "0.6,0.8,0", "-1,0,0"})
    void cantileverSagsAsInTheWorkedExample(double x, double y, double z) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int tip = frame.node(new Vec3(x, y, z).times(0.6));
        frame.fix(root).beam("tube", root, tip, TUBE, BENDS_ONLY, Vec3.UP).mass(tip, frame.at(tip), 1.5);
        FrameSolution solution = solved(frame);
        assertThat(-solution.movement(tip, Vec3.ZERO).z() * 1e3).isCloseTo(0.939, within(0.0005));
        // Slope at the tip: PL²/2EI.
        double slope = 1.5 * Gravity.STANDARD * 0.36 / (2 * EI);
        assertThat(solution.rotation(tip).radius()).isCloseTo(slope, within(1e-3 * slope));
        // The root holds P·L.
        assertThat(Math.abs(solution.forces("tube")[4])).isCloseTo(1.5 * Gravity.STANDARD * 0.6, within(1e-6));
    }

    @Test
    void shearDeformationAddsTimoshenkosTerm() {
        // A stub as long as deep: PL³/3EI + PL/(G·A_s).
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int tip = frame.node(new Vec3(0.05, 0, 0));
        Section stub = new Section.Rectangle(0.05, 0.02);
        frame.fix(root).beam("stub", root, tip, stub, WEIGHTLESS, Vec3.UP).force(tip, new Vec3(0, 0, -1000));
        double expected = 1000 * Math.pow(0.05, 3) / (3 * 69e9 * 0.02 * Math.pow(0.05, 3) / 12)
                + 1000 * 0.05 / (26e9 * 0.05 * 0.02 * 5 / 6);
        assertThat(-solved(frame).movement(tip, Vec3.ZERO).z()).isCloseTo(expected, within(2e-3 * expected));
    }

    /** Roark 8.1: simply supported PL³/48EI, fixed at both ends PL³/192EI, propped cantilever 7PL³/768EI at the middle. */
    @ParameterizedTest
    @CsvSource({"false, false, 48", "true, true, 192", "true, false, 109.714285"})
    void loadInTheMiddleOfASpan(boolean fixedLeft, boolean fixedRight, double divisor) {
        double span = 1.2;
        FrameModel.Builder frame = span(span, fixedLeft, fixedRight, BENDS_ONLY);
        frame.force(1, new Vec3(0, 0, -100));
        double expected = 100 * Math.pow(span, 3) / (divisor * EI);
        assertThat(-solved(frame).movement(1, Vec3.ZERO).z()).isCloseTo(expected, within(1e-4 * expected));
    }

    /** Roark 8.1: its own weight makes a simply supported beam sag 5wL⁴/384EI; fixed at both ends a fifth of that. */
    @ParameterizedTest
    @CsvSource({"false, false, 5", "true, true, 1"})
    void ownWeight(boolean fixedLeft, boolean fixedRight, double factor) {
        double span = 1.2;
        double w = TUBE.lineMass(HEAVY) * Gravity.STANDARD;
        double expected = factor * w * Math.pow(span, 4) / (384 * EI);
        FrameSolution solution = solved(span(span, fixedLeft, fixedRight, HEAVY));
        assertThat(-solution.movement(1, Vec3.ZERO).z()).isCloseTo(expected, within(1e-4 * expected));
    }

    private static FrameModel.Builder span(double span, boolean fixedLeft, boolean fixedRight, Material material) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int left = frame.node(Vec3.ZERO);
        int middle = frame.node(new Vec3(span / 2, 0, 0));
        int right = frame.node(new Vec3(span, 0, 0));
        frame.member(new Member("left", left, middle, Vec3.ZERO, Vec3.ZERO, TUBE, material, Vec3.UP,
                fixedLeft ? EndFixity.RIGID : EndFixity.HINGE_Y, EndFixity.RIGID));
        frame.member(new Member("right", middle, right, Vec3.ZERO, Vec3.ZERO, TUBE, material, Vec3.UP, EndFixity.RIGID,
                fixedRight ? EndFixity.RIGID : EndFixity.HINGE_Y));
        return frame.fix(left).fix(right);
    }

    /** Statics of the propped cantilever under its own weight: the prop takes 3wL/8 (Roark 8.1). */
    @Test
    void proppedCantilever() {
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int prop = frame.node(Vec3.X);
        frame.fix(root).beam("beam", root, prop, TUBE, HEAVY, Vec3.UP);
        Support under = new Support(prop, Vec3.ZERO, Vec3.UP, 1e9, 0, true);
        frame.support(under);
        double w = TUBE.lineMass(HEAVY) * Gravity.STANDARD;
        assertThat(solved(frame).reaction(3)).isCloseTo(3 * w / 8, within(1e-4 * w));
    }

    /** A bar bent square in plan, load at its end: Pa³/3EI + Pb³/3EI + Pb²a/GJ (Castigliano; Roark ch. 8 and 10). */
    @Test
    void bentCantileverTwists() {
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int knee = frame.node(new Vec3(0.8, 0, 0));
        int tip = frame.node(new Vec3(0.8, 0.5, 0));
        frame.fix(root).beam("long", root, knee, TUBE, WEIGHTLESS, Vec3.UP)
                .beam("short", knee, tip, TUBE, WEIGHTLESS, Vec3.UP).force(tip, new Vec3(0, 0, -20));
        double a = 0.8;
        double b = 0.5;
        double expected = 20 * (a * a * a / (3 * EI) + b * b * b / (3 * EI) + b * b * a / GJ);
        FrameSolution solution = solved(frame);
        assertThat(-solution.movement(tip, Vec3.ZERO).z()).isCloseTo(expected, within(5e-3 * expected));
        assertThat(Math.abs(solution.forces("long")[3])).as("twist P·b").isCloseTo(10, within(1e-6));
    }

    /**
     * Kleinlogel, rigid frame 1: a two-legged portal fixed at the feet, side load H at the beam, equal stiffness k =
     * (I_b/I_c)·(h/l): the moment at a foot is (H·h/2)·(3k + 1)/(6k + 1).
     */
    @ParameterizedTest
    @CsvSource({"1.0, 1.0", "0.6, 1.2", "1.5, 0.9"})
    void portalSwaysAsKleinlogelSays(double height, double span) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int footLeft = frame.node(Vec3.ZERO);
        int topLeft = frame.node(new Vec3(0, 0, height));
        int topRight = frame.node(new Vec3(span, 0, height));
        int footRight = frame.node(new Vec3(span, 0, 0));
        Vec3 across = Vec3.X;
        frame.fix(footLeft).fix(footRight).beam("left", footLeft, topLeft, TUBE, BENDS_ONLY, across)
                .beam("top", topLeft, topRight, TUBE, BENDS_ONLY, Vec3.UP)
                .beam("right", footRight, topRight, TUBE, BENDS_ONLY, across).force(topLeft, new Vec3(100, 0, 0));
        FrameSolution solution = solved(frame);
        double k = height / span;
        double foot = 100 * height / 2 * (3 * k + 1) / (6 * k + 1);
        // The left leg takes half of the load, less what the beam shortens by.
        double found = (Math.abs(solution.forces("left")[4]) + Math.abs(solution.forces("right")[4])) / 2;
        assertThat(found).isCloseTo(foot, within(5e-3 * foot));
        double sway = 100 * Math.pow(height, 3) / (12 * EI) * (3 * k + 2) / (6 * k + 1);
        double moved = (solution.movement(topLeft, Vec3.ZERO).x() + solution.movement(topRight, Vec3.ZERO).x()) / 2;
        assertThat(moved).isCloseTo(sway, within(1e-2 * sway));
    }

    /** A spring at the root adds the turn it allows: PL³/3EI + PL²/k (superposition). */
    @ParameterizedTest
    @ValueSource(doubles = {100, 5000, 1e6})
    void springyRoot(double stiffness) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int tip = frame.node(new Vec3(0.6, 0, 0));
        frame.fix(root).member(new Member("bar", root, tip, Vec3.ZERO, Vec3.ZERO, TUBE, BENDS_ONLY, Vec3.UP,
                EndFixity.springY(stiffness), EndFixity.RIGID)).force(tip, new Vec3(0, 0, -10));
        double expected = 10 * Math.pow(0.6, 3) / (3 * EI) + 10 * 0.36 / stiffness;
        assertThat(-solved(frame).movement(tip, Vec3.ZERO).z()).isCloseTo(expected, within(1e-4 * expected));
    }

    /** A rigid offset is a lever: a bar hung from one behaves as one from a node where it really starts. */
    @Test
    void rigidOffsetsAreLevers() {
        FrameModel.Builder direct = new FrameModel.Builder();
        int root = direct.node(Vec3.ZERO);
        int knee = direct.node(new Vec3(0.5, 0, 0));
        int tip = direct.node(new Vec3(0.5, 0.3, 0.1));
        Section stiff = new Section.Rectangle(2, 2);
        direct.fix(root).beam("bar", root, knee, TUBE, WEIGHTLESS, Vec3.UP)
                .beam("lever", knee, tip, stiff, WEIGHTLESS, Vec3.UP).force(tip, new Vec3(3, -4, -20));
        FrameModel.Builder offset = new FrameModel.Builder();
        int from = offset.node(Vec3.ZERO);
        int end = offset.node(new Vec3(0.5, 0.3, 0.1));
        offset.fix(from).member(new Member("bar", from, end, Vec3.ZERO, new Vec3(0, -0.3, -0.1), TUBE, WEIGHTLESS,
                Vec3.UP, EndFixity.RIGID, EndFixity.RIGID)).force(end, new Vec3(3, -4, -20));
        Vec3 expected = solved(direct).movement(tip, Vec3.ZERO);
        Vec3 found = solved(offset).movement(end, Vec3.ZERO);
        assertThat(found.minus(expected).length()).isLessThan(2e-3 * expected.length());
    }

    /** A hinge carries no moment and leaves the rest determinate: a two-bar truss holds P/(2 sin α) in each bar. */
    @Test
    void hingedTrussCarriesAxialForcesOnly() {
        FrameModel.Builder frame = new FrameModel.Builder();
        int left = frame.node(Vec3.ZERO);
        int right = frame.node(new Vec3(1.6, 0, 0));
        int top = frame.node(new Vec3(0.8, 0, 0.6));
        for (int foot : new int[]{left, right}) {
            frame.member(new Member("bar " + foot, foot, top, Vec3.ZERO, Vec3.ZERO, TUBE, WEIGHTLESS, Vec3.UP,
                    EndFixity.HINGE_Y, EndFixity.RIGID));
        }
        frame.fix(left).fix(right).force(top, new Vec3(0, 0, -120));
        FrameSolution solution = solved(frame);
        // sin α = 0.6: 100 N of pressure in each bar; bending at the stiff apex takes less than a hundredth.
        assertThat(solution.forces("bar 0")[0]).isCloseTo(100, within(1.0));
        assertThat(solution.forces("bar 1")[0]).isCloseTo(100, within(1.0));
        assertThat(solution.forces("bar 0")[4]).isCloseTo(0, within(1e-9));
    }

    /** A stiff table on four springy feet under a load near one corner: the far foot lifts rather than pulls (statics). */
    @Test
    void feetLiftRatherThanPull() {
        FrameModel.Builder frame = new FrameModel.Builder();
        int table = frame.node(new Vec3(0, 0, 0.5));
        List<Vec3> feet = List.of(new Vec3(0.5, 0.5, -0.5), new Vec3(-0.5, 0.5, -0.5), new Vec3(-0.5, -0.5, -0.5),
                new Vec3(0.5, -0.5, -0.5));
        feet.forEach(foot -> frame.support(new Support(table, foot, Vec3.UP, 1e5, 1e5, true)));
        frame.mass(table, new Vec3(0.3, 0.3, 0.5), 100);
        FrameSolution solution = solved(frame);
        double weight = 100 * Gravity.STANDARD;
        assertThat(solution.reaction(2)).isZero();
        // On three feet it is determinate: the two side feet take W·0.2 each, the near one the rest.
        assertThat(solution.reaction(1)).isCloseTo(0.2 * weight, within(1e-6 * weight));
        assertThat(solution.reaction(3)).isCloseTo(0.2 * weight, within(1e-6 * weight));
        assertThat(solution.reaction(0)).isCloseTo(0.6 * weight, within(1e-6 * weight));
    }

    @Test
    void whatCannotStandHasNoSolution() {
        FrameModel.Builder tips = new FrameModel.Builder();
        int table = tips.node(new Vec3(0, 0, 0.5));
        for (Vec3 foot : List.of(new Vec3(0.1, 0.1, -0.5), new Vec3(-0.1, 0.1, -0.5), new Vec3(0, -0.1, -0.5))) {
            tips.support(new Support(table, foot, Vec3.UP, 1e5, 1e5, true));
        }
        tips.mass(table, new Vec3(0.6, 0, 0.5), 10);
        assertThat(FrameSolver.solve(tips.build())).as("tips over").isEmpty();

        FrameModel.Builder swings = new FrameModel.Builder();
        int root = swings.node(Vec3.ZERO);
        int tip = swings.node(Vec3.X);
        swings.fix(root).member(new Member("free", root, tip, Vec3.ZERO, Vec3.ZERO, TUBE, WEIGHTLESS, Vec3.UP,
                EndFixity.HINGE_Y, EndFixity.RIGID)).force(tip, Vec3.DOWN);
        assertThat(FrameSolver.solve(swings.build())).as("a mechanism").isEmpty();
    }

    @Test
    void refusesMembersWithoutLengthOrDirection() {
        FrameModel.Builder frame = new FrameModel.Builder();
        int a = frame.node(Vec3.ZERO);
        int b = frame.node(Vec3.ZERO);
        frame.beam("nothing", a, b, TUBE, HEAVY, Vec3.UP);
        assertThatThrownBy(() -> FrameSolver.solve(frame.build())).hasMessageContaining("nothing has no length");
        FrameModel.Builder upright = new FrameModel.Builder();
        upright.beam("mast", upright.node(Vec3.ZERO), upright.node(Vec3.UP), TUBE, HEAVY, Vec3.UP);
        assertThatThrownBy(() -> FrameSolver.solve(upright.build())).hasMessageContaining("up direction");
    }

    /** Maxwell and Betti: the movement at A under a load at B is that at B under the same load at A. */
    @Test
    void movementsAreReciprocal() {
        Vec3 load = new Vec3(0, 0, -10);
        assertThat(kinked(1, load).movement(2, Vec3.ZERO).z())
                .isCloseTo(kinked(2, load).movement(1, Vec3.ZERO).z(), within(1e-12));
    }

    private static FrameSolution kinked(int loaded, Vec3 load) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int root = frame.node(Vec3.ZERO);
        int knee = frame.node(new Vec3(0.3, 0.2, 0.4));
        int tip = frame.node(new Vec3(0.9, -0.1, 0.5));
        frame.fix(root).beam("a", root, knee, TUBE, WEIGHTLESS, Vec3.UP).beam("b", knee, tip, TUBE, WEIGHTLESS, Vec3.UP)
                .force(loaded, load);
        return solved(frame);
    }
}

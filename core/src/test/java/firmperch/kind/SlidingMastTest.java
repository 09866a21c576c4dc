package firmperch.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Stiffness;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Verdict;
import firmperch.frame.FrameModel.PointForce;
import firmperch.frame.FrameSolver;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.upright.DoubleTube;
import firmperch.pose.Framed;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.pose.Rig;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.stock.PostStock;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The sliding mast against the lever rule, the energy of a fall and built-up sections. */
class SlidingMastTest {
    private static Project project(Object... changes) {
        return Demo.with(Demo.of(Demo.kind("sliding-mast")), changes);
    }

    private static Finding now(String id, Object... changes) {
        return Assessor.now(project(changes)).finding(id);
    }

    /**
     * At 1:1 the weight equals the whole moving mass: what weighs as much leaves nothing, 0.2 kg less leaves 0.2 kg to trim
     * (common practice, no source: 13.0 kg moving wants 13.0 kg, 12.8 kg leaves 0.2 kg). Four bags of 50 g do that; of 20 g more
     * no bag takes anything.
     */
    @Test
    void theWeightEqualsWhatMoves() {
        double moves = moves(project("gear.spare", 0.0));
        assertThat(left(moves)).isCloseTo(0, within(1e-9));
        assertThat(left(moves - 0.2)).isCloseTo(0, within(1e-9));
        assertThat(left(moves - 0.22)).isCloseTo(0.02, within(1e-9));
        assertThat(now("balance", "gear.spare", 0.0, "perch.weight.weight", moves - 0.2).reading().numbers().get())
                .contains("0.20 kg of bags to trim");
        // A trim of 1.35 kg at most.
        assertThat(left(moves + 3)).isCloseTo(3 - 1.35, within(1e-9));
        assertThat(now("balance", "gear.spare", 0.0, "perch.weight.weight", moves + 3).verdict())
                .isEqualTo(Verdict.GIVES);
    }

    /** The spare is trimmed for when it is on: what is more than the bags is left, and the bearings hold only grams. */
    @Test
    void theSpareIsTrimmedForToo() {
        double moves = moves(project("gear.spare", 0.0));
        Finding spare = now("balance", "gear.spare", 1.45, "perch.weight.weight", moves);
        assertThat(spare.reading().asked()).isCloseTo(1.45 - 1.35, within(1e-9));
        assertThat(spare.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(spare.reading().said().get()).contains("with the spare on");
    }

    /** Mass of all that moves against the weight, kg. */
    private static double moves(Project project) {
        Study study = Study.of(project);
        var carriage = study.assembly().stations().stream().filter(s -> s.id().equals("carriage")).findFirst()
                .orElseThrow();
        return study.set().posed().massFrom(carriage) - 8;
    }

    private static double left(double weight) {
        return now("balance", "gear.spare", 0.0, "perch.weight.weight", weight).reading().asked();
    }

    /** The rope pulls with the weight on it, both ways over the pulley. */
    @Test
    void theRopeBearsTheWeight() {
        assertThat(now("rope", "perch.weight.weight", 6.0).reading().asked()).isCloseTo(6 * 9.80665, within(1e-9));
    }

    /** m·g·(h + x) = ½·k·x²: what falls is what the buffer takes up (energy). */
    @Test
    void theBufferTakesUpWhatFalls() {
        Project project = project();
        double x = now("runaway").reading().asked();
        // What is taken off is all that was trimmed for, the spare with it.
        double m = project.gear().mass() + project.gear().spare();
        assertThat(project.gear().spare()).isPositive();
        var rise = Study.of(project).assembly().freedoms().getFirst();
        double h = rise.to() - rise.from();
        assertThat(m * 9.80665 * (h + x)).isCloseTo(0.5 * 6000 * x * x, within(1e-9));
        assertThat(now("runaway", "perch.weight.buffer", 0.03).verdict()).isEqualTo(Verdict.GIVES);
    }

    /** Ten kilograms more on the far edge bring the whole's centre back by 10·(c − x)/(M + 10) (lever rule). */
    @Test
    void theSlabBringsTheCentreBack() {
        Situation light = Study.of(project("perch.board.slab", 20.0)).set();
        Situation heavy = Study.of(project("perch.board.slab", 30.0)).set();
        double slab = -0.92 / 2 + 0.10 + 0.01;
        double c = light.posed().centre().x();
        assertThat(heavy.posed().centre().x())
                .isCloseTo(c - 10 * (c - slab) / (light.posed().mass() + 10), within(1e-9));
    }

    /** The beam run out by 0.3 m carries what hangs on it that far: the centre follows by its share (lever rule). */
    @Test
    void theBeamTakesTheCentreOut() {
        Study study = Study.of(project());
        Situation in = study.in(Pose.of(1.2, 0.42));
        Situation out = study.in(Pose.of(1.2, 0.72));
        var bearings = study.assembly().joints().stream().filter(j -> j.id().equals("beam.bearings")).findFirst()
                .orElseThrow();
        double moves = in.posed().beyond(bearings).mass();
        assertThat(out.posed().centre().x() - in.posed().centre().x())
                .isCloseTo(0.3 * moves / in.posed().mass(), within(1e-9));
    }

    /**
     * A load at a beam's nose, e in front of two sets of bearings h apart, is borne by a couple W·e/h between the two of a set
     * (statics; the two in front share it).
     */
    @Test
    void theCarriageBearsACouple() {
        Project bare = project("policy.loads.hand", 0.0, "policy.loads.handling", 1.0);
        Study study = Study.of(bare);
        Situation s = study.in(Pose.of(1.2, 0.72));
        var joint = study.assembly().joints().stream().filter(j -> j.id().equals("carriage.bearings")).findFirst()
                .orElseThrow();
        double moment = Math.abs(s.posed().onto(joint).moment().y());
        double twist = Math.abs(s.posed().onto(joint).moment().z());
        double load = RaisedQuestions.of(study, "bearing@carriage.bearings").orElseThrow().at(s).asked();
        double couple = moment / 0.26 / 2;
        assertThat(load).isBetween(couple, couple + twist / 0.05 + 1);
        assertThat(load).isCloseTo(couple, within(0.05 * couple));
    }

    /** How far a mast of two tubes gives at its top under 1 N along their diagonal, m. */
    private static double gives(double connector) {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("test");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "base", base, Vec3.ZERO);
        for (int i = 0; i < 4; i++) {
            out.contact(new Contact.Anchor(out.spot("a" + i, base, new Vec3(i < 2 ? 1 : -1, i % 2 == 0 ? 1 : -1, 0),
                    Surface.FLOOR), new Contact.Bearing(1e10, 1e6)));
        }
        DoubleTube tubes = new DoubleTube(PostStock.SQUARES.get("square-30x2-alu"), 0.004, 8, connector);
        Placement up = Placement.along(Vec3.ZERO, Vec3.UP, Vec3.X);
        List<Piece> bars = tubes.tubes(out, base, "Tube", up, 1.5, "mast");
        for (int i = 0; i < 2; i++) {
            out.fasten("foot" + i, "foot", bars.get(i), base, 0, 0, new Fastening.Grip.Fitted());
        }
        // The load is on one tube's own end: a head across both would join them once more.
        Body tip = out.body("tip", base, Placement.at(0, 0, 1.5), new Motion.Fixed());
        Vec3 end = up.point(new Vec3(1.5, tubes.aside(), tubes.aside()));
        out.joint("tip", "tip", new Joint.Side(base, end, List.of(bars.getFirst())),
                Joint.Side.of(tip, end.minus(new Vec3(0, 0, 1.5))), null, Vec3.UP, new Hold.Free(),
                JointStiffness.RIGID);
        out.add(tip, Piece.ready("Load", Solid.Bought.box(0.01, 0.01, 0.01, 0.001), new Supply.Ready("x", 0, "x")));
        out.mount(tip, end.minus(new Vec3(0, 0, 1.5)));
        Rig rig = Rig.of(out.build(), 0);
        Framed framed = Posed.of(rig, Pose.of()).framed(Stiffness.End.LOW);
        Vec3 diagonal = end.minus(new Vec3(0, 0, 1.5)).unit();
        return FrameSolver.solve(framed.model()).orElseThrow()
                .under(List.of(new PointForce(framed.camera(), framed.cameraOffset(), diagonal)))
                .movement(framed.camera(), framed.cameraOffset()).dot(diagonal);
    }

    /**
     * Two tubes whose spacers hardly give bear nearly as one section, I = 2·(I₁ + A·e²) (Steiner); with spacers that give freely
     * as two tubes by themselves, 2·I₁, or a little less, as the load is handed across; the real one lies between.
     */
    @Test
    void aBuiltUpMastLiesBetweenTwoTubesAndOneSection() {
        double i1 = (Math.pow(0.030, 4) - Math.pow(0.026, 4)) / 12;
        double area = 0.030 * 0.030 - 0.026 * 0.026;
        double e = (0.030 + 0.004 / Math.sqrt(2)) / Math.sqrt(2);
        double l3 = 1.5 * 1.5 * 1.5 / (3 * 69e9);
        double alone = l3 / (2 * i1);
        double whole = l3 / (2 * (i1 + area * e * e));
        assertThat(whole).isLessThan(0.35 * alone);
        assertThat(gives(10)).isBetween(0.9 * alone, 1.02 * alone);
        double stiff = gives(1e7);
        assertThat(stiff).isBetween(whole, 1.6 * whole);
        double real = gives(4000);
        assertThat(real).isBetween(stiff, alone);
    }

    @Test
    void aRopeThatDoesNotHangStraightIsRefused() {
        assertThatThrownBy(() -> new Perch(project().perch().parts().stream().map(m -> m.name().equals("weight")
                ? new Mounted("weight", m.part(), List.of("mast.top", "beam.nose"))
                : m).toList())).isInstanceOf(InvalidValue.class).hasMessageContaining("expected");
    }
}

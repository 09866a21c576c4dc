package firmperch.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.MassProperties;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.frame.FrameSolution;
import firmperch.pose.Carried;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.WorstPose;
import firmperch.stock.LagScrew;
import firmperch.stock.Material;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The ceiling trolley arm against the Wood Handbook, closed forms and statics. */
class CeilingArmTest {
    private static final double LINK = 0.42;

    private static Project project(Object... changes) {
        return Demo.with(Demo.with(Demo.of(Demo.kind("ceiling-arm")), "place.room.ceiling", 2.5, "stance.x", 1.5),
                changes);
    }

    /** Lag screw, G 0.42, Ø 9.5, 50 mm of thread: 9235 N (Wood Handbook FPL-GTR-190 ch. 8; check value of the brief). */
    @Test
    void lagScrewsHoldAsTheHandbookSays() {
        LagScrew screw = new LagScrew("test", "lag screw 9.5 × 80", 0.0095, 0.08, 0.05, 1, "test");
        assertThat(screw.withdrawal(0.42, 0.05)).isCloseTo(9235, within(10.0));
    }

    /**
     * In the middle a fifth of the ultimate, 125.4 · 0.375^1.5 · 8^0.75 · 48 = 6.57 kN: spruce of 420 kg/m³ at 12 % moisture has a specific
     * gravity of 0.375 by its oven-dry mass (Wood Handbook ch. 4; check value of the brief); at 1½ diameters from the edge half of that; beside the joist nothing. */
    @Test
    void aScrewBesideTheJoistHoldsNothing() {
        LagScrew screw = LagScrew.ALL.get("lag-8x80");
        Material spruce = Material.ALL.get("spruce-c24");
        double full = screw.holds(spruce, 0.048, 0.032);
        assertThat(full).isCloseTo(1315, within(1.0));
        assertThat(screw.holds(spruce, 0.048, 0.012)).isCloseTo(full / 2, within(1e-9));
        assertThat(screw.holds(spruce, 0.048, -0.001)).isZero();
    }

    /** Where nothing holds, the busiest screw in its worst pose is told: the same as where they hold, as all are alike. */
    @Test
    void screwsBesideTheirJoistsAreInNothingAndTheBusiestIsNamed() {
        Reading held = busiest(project());
        Reading missed = busiest(project("perch.rails.screws.beside", 0.05));
        assertThat(held.margin()).isGreaterThan(1);
        assertThat(missed.margin()).isZero();
        assertThat(missed.asked()).isCloseTo(held.asked(), withinPercentage(100 * WorstPose.TOLERANCE));
        assertThat(missed.said().get()).contains("is in nothing that holds");
    }

    private static Reading busiest(Project project) {
        Study study = Study.of(project);
        Question<?> anchors = RaisedQuestions.of(study).stream().filter(q -> q.about().id().equals("anchor"))
                .findFirst()
                .orElseThrow();
        WorstPose travel = new WorstPose(study);
        double[] known = travel.sweep(List.of(anchors))[0];
        return anchors.at(study.in(travel.worst(anchors, known, study.set().posed().pose(), true).pose()));
    }

    /**
     * A bent plate of birch plywood, 18 mm by 90 mm, turns by M·L/EI between its pairs, 165 mm apart (Euler and Bernoulli), M the moment of all
     * that hangs beyond about its middle (statics of the cut).
     */
    @Test
    void aBentPlateBendsInItsOwnPlane() {
        Situation s = Study.of(project()).set();
        Body half = s.study().assembly().bodies().stream().filter(b -> b.name().equals("arm-1.half")).findFirst()
                .orElseThrow();
        Vec3 waist = s.posed().at(s.study().assembly().joints().stream().filter(j -> j.outer().body().equals(half))
                .findFirst().orElseThrow());
        double moment = s.study().rig().spare() * 9.80665
                * (s.posed().centreFrom(s.study().assembly().payload()).x() - waist.x());
        for (int i = 0; i < s.study().assembly().pieces().size(); i++) {
            Piece piece = s.study().assembly().pieces().get(i);
            if (beyond(piece.body(), half)) {
                MassProperties mass = s.study().rig().mass(i);
                moment += mass.mass() * 9.80665
                        * (s.posed().point(piece.body(), mass.centre()).x() - waist.x());
            }
        }
        double bends = 9.0e9 * 0.018 * Math.pow(0.09, 3) / 12 / 0.165;
        FrameSolution frame = s.frame().orElseThrow();
        double turned = frame.rotation(s.framed().node(half)).y()
                - frame.rotation(s.framed().node(half.parent())).y();
        assertThat(turned).isCloseTo(moment / bends, withinPercentage(0.1));
    }

    private static boolean beyond(Body body, Body from) {
        return body != null && (body.equals(from) || beyond(body.parent(), from));
    }

    /**
     * Three hung arms of equal links: forward, back and forward again by L·cos θ each, down by L·sin θ and by the plates between
     * (closed form); the camera stays level throughout (common practice: only the first plate and the last need to be parallel).
     */
    @Test
    void threeArmsGoByClosedForm() {
        Study study = Study.of(project());
        Random random = new Random(4);
        double[] at = new double[6];
        double[] zero = new double[6];
        Posed flat = study.in(Pose.of(zero)).posed();
        for (int round = 0; round < 100; round++) {
            for (int i = 3; i < 6; i++) {
                at[i] = -0.05 - 0.7 * random.nextDouble();
            }
            Posed posed = study.in(Pose.of(at)).posed();
            double x = LINK * (Math.cos(at[3]) - Math.cos(at[4]) + Math.cos(at[5]));
            double z = LINK * (Math.sin(at[3]) + Math.sin(at[4]) + Math.sin(at[5]));
            Vec3 moved = posed.mount().minus(flat.mount());
            assertThat(moved.x()).isCloseTo(x - LINK, within(1e-9));
            assertThat(moved.z()).isCloseTo(z, within(1e-9));
            assertThat(posed.camera().z().z()).isCloseTo(1, within(1e-12));
        }
    }

    /** A bent plate leans the next arm's plates and no others: bent back by as much further on, the camera looks straight down. */
    @Test
    void onlyTheFirstPlateAndTheLastMustBeParallel() {
        double bend = Math.toRadians(10);
        Situation bent = Study.of(project("perch.arm-1.plate.bend", bend, "perch.arm-2.plate.bend", bend)).set();
        // The second arm goes back over the first: the same lean forward there undoes it.
        assertThat(bent.posed().camera().z().z()).isCloseTo(1, within(1e-12));
        Situation once = Study.of(project("perch.arm-1.plate.bend", bend)).set();
        assertThat(Math.acos(once.posed().camera().z().z())).isCloseTo(bend, within(1e-9));
    }

    /** W·L·cos θ by virtual work, whatever the others do: an arm's torque feels its own angle alone (common knowledge of linkages). */
    @Test
    void anArmFeelsOnlyItsOwnAngle() {
        Study study = Study.of(project());
        Random random = new Random(9);
        for (int f = 3; f < 6; f++) {
            for (int other = 0; other < 6; other++) {
                assertThat(study.rig().feltBy(f, other)).as("%d by %d", f, other).isEqualTo(f == other);
            }
            double[] at = {0.1, 0.2, 0.3, -0.3, -0.3, -0.3};
            double slope = study.in(Pose.of(at)).posed().potentialSlope(f);
            for (int round = 0; round < 50; round++) {
                double[] elsewhere = {random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() * 3,
                        -random.nextDouble() * 0.7, -0.05 - random.nextDouble() * 0.7, -random.nextDouble() * 0.7};
                elsewhere[f] = at[f];
                assertThat(study.in(Pose.of(elsewhere)).posed().potentialSlope(f)).isCloseTo(slope, within(1e-9));
            }
        }
    }

    /** Four wheels under a load W with a moment M along the rails: W/4 ± M/(2·b) (statics of four legs). */
    @Test
    void hangersShareAsFourLegs() {
        Project bare = project("policy.loads.hand", 0.0, "policy.loads.handling", 1.0);
        Study study = Study.of(bare);
        Situation s = study.in(Pose.of(0, 0, 0, -0.3, -0.3, -0.3));
        var joint = study.assembly().joints().stream().filter(j -> j.id().equals("trolley.hanger-1-bolt")).findFirst()
                .orElseThrow();
        Carried held = s.posed().beyond(joint);
        Vec3 middle = new Vec3(0, 0, 0);
        double w = held.weight();
        double along = w * Math.abs(held.centre().y() - middle.y()) / (2 * 0.20);
        double across = w * Math.abs(held.centre().x() - middle.x()) / (2 * 0.30);
        double load = RaisedQuestions.of(study, "bearing@trolley.hanger-1-bolt").orElseThrow().at(s).asked();
        assertThat(load).isCloseTo(w / 4 + along + across, within(1e-6 * w));
    }

    /** A turntable that its load pulls apart lets go: it is told, whatever it could bear pressed together. */
    @Test
    void aTurntableTheWrongWayRoundIsTold() {
        Finding wrong = Assessor
                .now(project("perch.turntable.ring.pressed", false, "perch.turntable.ring.apart", 0.0))
                .finding("bearing@turntable.turn");
        assertThat(wrong.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(wrong.reading().said().get()).contains("pulled apart").contains("the other way round");
    }

    @Test
    void pairsOfHolesMustMatch() {
        assertThatThrownBy(() -> project("perch.arm-1.plate.spacing", 0.08)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("70 mm").hasMessageContaining("80 mm");
    }

    @Test
    void itHangsUpsideDown() {
        var found = Assessor.now(project());
        assertThat(found.sentence()).startsWith("It hangs");
        assertThat(found.findings()).noneMatch(f -> f.id().startsWith("tip.") || f.id().startsWith("feet."));
    }
}

package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import firmperch.Demo;
import firmperch.Known;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.frame.FrameSolution;
import firmperch.pose.Framed;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.strength.PinnedEnd;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pivots, link forces and stick ends against worked examples, virtual work and the space frame. */
class JointsTest {
    private static Hold.Friction clamped(double torque, double inner) {
        return new Hold.Friction(2, FacePair.ALL.get("wood-wood"), 0.024, inner, Bolt.ALL.get("m8"),
                Closure.ALL.get("knob-60"), torque, null);
    }

    /** Shigley, bolt torque and uniform-pressure clutch: M8, 4 N·m, K 0.2 → 2500 N; Ø 24/8.5 → 8.74 mm; μ 0.35 → 15.3 N·m. */
    @Test
    void workedExampleOfAClampedPivot() {
        Hold.Friction pivot = clamped(4, 0.0085);
        assertThat(pivot.clamp(0.20)).isCloseTo(2500, within(1e-9));
        assertThat(pivot.effectiveRadius() * 1e3).isCloseTo(8.74, within(0.005));
        assertThat(2 * 0.35 * pivot.clamp(0.20) * pivot.effectiveRadius()).isCloseTo(15.3, within(0.05));
        // What is sure: K 0.25 and the low end of friction, 0.30 for wood: 15.3 · 0.8 · 0.30/0.35.
        assertThat(pivot.moment()).isCloseTo(15.3 * 0.8 * 0.30 / 0.35, within(0.05));
    }

    /**
     * Wood on wood rubs by 0.30 to 0.35 and more (Wood Handbook): what is short by the low end only may slip, which is near and says so;
     * what is short by the usual figure too slips.
     */
    @Test
    void whatSlipsOnlyIfFacesRubLittleIsNear() {
        double margin = Assessor.now(Demo.project()).finding("friction").margin();
        Assessment may = Assessor.now(Demo.with("perch.arm.pivots.torque", 5 * 0.87 / margin));
        assertThat(may.finding("friction").margin()).isCloseTo(0.87, within(1e-9));
        assertThat(may.finding("friction").verdict()).isEqualTo(Verdict.NEAR);
        assertThat(may.sentence()).contains("It may be that the pivots slip")
                .contains("how much wood on wood rubs is a judgement, to be measured");
        // Where little more than the bare load is asked, what does not hold that slips, however the faces usually rub.
        double bare = Assessor.now(Demo.with("policy.loads.slip", 1.05)).finding("friction").margin();
        assertThat(Assessor.now(Demo.with("policy.loads.slip", 1.05, "perch.arm.pivots.torque", 5 * 0.93 / bare))
                .finding("friction").verdict()).isEqualTo(Verdict.GIVES);
        Assessment slips = Assessor.now(Demo.with("perch.arm.pivots.torque", 5 * 0.85 / margin));
        assertThat(slips.finding("friction").verdict()).isEqualTo(Verdict.GIVES);
    }

    /** More hand is not always more hold: never above the bolt's proof load (M8 class 4.6: 36.6 mm² · 225 N/mm² = 8235 N). */
    @Test
    void sixtyNewtonMetresOnM8HoldNoMoreThanTheBoltBears() {
        assertThat(clamped(60, 0.0084).clampLimit()).isCloseTo(8235, within(0.5));
        assertThat(clamped(60, 0.0084).moment()).isEqualTo(clamped(30, 0.0084).moment());
        Finding closure = Assessor.now(Demo.with("perch.arm.pivots.torque", 60.0)).finding("closure");
        assertThat(closure.verdict()).isEqualTo(Verdict.GIVES);
    }

    /** Beech D40 by EN 338: 3 · 5.5 N/mm² / 1.3 under a washer of 24 mm less its hole of 8.4 mm bears 5.04 kN, by hand. */
    @Test
    void woodUnderTheWasherByHand() {
        double area = Math.PI / 4 * (24 * 24 - 8.4 * 8.4);
        Reading reading = Assessor.now(Demo.with("perch.arm.pivots.bolt", Bolt.ALL.get("m8"))).finding("closure")
                .reading();
        assertThat(reading.available()).isCloseTo(3 * 5.5 / 1.3 * area, within(1.0));
        assertThat(reading.asked()).as("5 N·m at K 0.15 on M8").isCloseTo(5 / (0.15 * 0.008), within(1e-6));
    }

    /** Common practice and virtual work: how far out the gear sits on the end plate does not change the holding torque. */
    @Test
    void overhangDoesNotChangeTheHoldingTorque() {
        Situation near = Demo.posed(Demo.with("perch.arm.plates.overhang", 0.02), 3, 0, 10);
        Situation far = Demo.posed(Demo.with("perch.arm.plates.overhang", 0.25), 3, 0, 10);
        int lift = near.study().assembly().indexOf("arm.lift");
        // Only the longer plate's own weight is added: 230 mm of plywood 200 × 18.
        double plate = 0.23 * 0.2 * 0.018 * 680 * Gravity.STANDARD * 0.64 * Math.cos(Math.toRadians(10));
        assertThat(far.loads().potentialSlope(lift) - near.loads().potentialSlope(lift)).isCloseTo(plate, within(1e-9));
    }

    /** The moments that the frame finds in the tightened pivots do the work of gravity on the lift (equilibrium). */
    @ParameterizedTest
    @CsvSource({"1, 0", "2, 0", "2, 30", "4, -25", "3, 40"})
    void pivotMomentsOfTheFrameAddUpToTheLiftTorque(int tightened, double lift) {
        Situation s = Demo.posed(Demo.with("perch.arm.pivots.tightened", tightened), 3, 15, lift);
        FrameSolution frame = s.frame().orElseThrow();
        double moments = 0;
        for (Framed.End end : s.framed().ends()) {
            if (end.joint().hold() instanceof Hold.Friction) {
                moments += frame.forces(end.member())[end.far() ? 10 : 4];
            }
        }
        double torque = s.loads().potentialSlope(s.study().assembly().indexOf("arm.lift"));
        assertThat(Math.abs(moments)).isCloseTo(torque, within(0.01 * torque));
    }

    /** The overhang's couple runs along the links as ±W·b/(a·cos θ): with one pivot tightened the upper link shows it. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 20, 40})
    void coupleOfTheOverhangRunsAlongTheLinks(double lift) {
        Project project = Demo.with("perch.arm.pivots.tightened", 1, "perch.arm.plates.overhang", 0.30);
        Situation s = Demo.posed(project, 3, 0, lift);
        FrameSolution frame = s.frame().orElseThrow();
        Joint outer = s.study().assembly().joints().stream().filter(j -> j.id().equals("arm.upper-outer")).findFirst()
                .orElseThrow();
        double pull = 0;
        for (Framed.End end : s.framed().ends()) {
            if (end.joint().equals(outer)) {
                double[] f = frame.forces(end.member());
                pull += (f[6] - f[0]) / 2;
            }
        }
        double weight = s.posed().beyond(outer).weight();
        double lever = s.posed().beyond(outer).centre().minus(s.posed().at(outer)).radius();
        double couple = weight * lever / (0.11 * Math.cos(Math.toRadians(lift)));
        // Half of the link's own weight, two sticks, hangs on its end and adds a little.
        assertThat(pull).isCloseTo(couple, within(2 * 0.76 * 0.045 * 0.018 * 660 * Gravity.STANDARD));
    }

    /**
     * By hand with EN 338 D30 (f_v 3.9, f_t 18, ρ_k 530) and k_mod/γ_M = 0.6/1.3: a 20 × 45 stick, M8 in 8.5 mm, 60 mm to its
     * end: shear-out 2·(60 − 4.25)·20·1.8 = 4014 N from the hole's edge, net (45−8.5)·20·8.308 = 6065 N, bearing
     * 8·20·18.45 = 2953 N.
     */
    @Test
    void stickEndByHand() {
        PinnedEnd end = PinnedEnd.of(Material.ALL.get("oak-d30"), 0.045, 0.020, 0.060, 0.008, 0.0085);
        assertThat(end.shearOut()).isCloseTo(4014, within(1.0));
        assertThat(end.netSection()).isCloseTo(6065, within(1.0));
        assertThat(end.bearing()).isCloseTo(2953, within(1.5));
        assertThat(end.strength()).isEqualTo(end.bearing());
    }

    /** NDS geometry factor, from memory: at half the full distance of 7 d half the bearing counts, and never less. */
    @Test
    void nearTheEndTheBoltBearsLessAndItIsTold() {
        Material oak = Material.ALL.get("oak-d30");
        double full = PinnedEnd.of(oak, 0.045, 0.020, 0.056, 0.008, 0.0084).bearing();
        assertThat(PinnedEnd.of(oak, 0.045, 0.020, 0.028, 0.008, 0.0084).bearing()).isCloseTo(full / 2, within(1e-9));
        assertThat(PinnedEnd.of(oak, 0.045, 0.020, 0.010, 0.008, 0.0084).bearing()).isCloseTo(full / 2, within(1e-9));
        Finding ends = Assessor
                .now(Demo.with("perch.arm.links.end", 0.03, "perch.arm.pivots.bolt", Bolt.ALL.get("m8")))
                .finding("ends");
        assertThat(ends.reading().numbers().get()).containsPattern("3\\.[78] d from the end, full value needs 7 d");
        assertThat(ends.verdict()).as("told, and no failure by itself").isNotEqualTo(Verdict.GIVES);
    }

    /**
     * The hand of 60 N at the camera and the gear half as heavy again are in what the ends must bear (our judgement). Lifting at the camera
     * with W + 60 N asks of each end (W + 60)/W times as much as the gear's weight W alone, arm and block left out (four-bar: all of it goes
     * through the links); the hand may also pull outward, so no less than that.
     */
    @Test
    void endsAreLoadedAsTheRigIsHandled() {
        double gear = (Demo.project().gear().mass() + Demo.project().gear().spare()) * 9.80665;
        assertThat(endsAsked(60, 1) - endsAsked(0, 1)).isGreaterThan((endsAsked(0, 2) - endsAsked(0, 1)) * 60 / gear);
        assertThat(endsAsked(30, 1) - endsAsked(0, 1)).as("in proportion")
                .isCloseTo((endsAsked(60, 1) - endsAsked(0, 1)) / 2, withinPercentage(5));
    }

    private static double endsAsked(double hand, double handling) {
        return Assessor.now(Demo.with("policy.loads.hand", hand, "policy.loads.handling", handling,
                "perch.carriage.brake", 0.0)).finding("ends")
                .reading().asked();
    }

    /** Equilibrium of a post in a bed whose pressure is linear over its depth: p = 6M/(b·h²) + 4F/(b·h); 10 mm bear next to nothing. */
    @Test
    void thePostNeedsDepthInTheConcrete() {
        Reading deep = Assessor.now(Demo.project()).finding("foot").reading();
        assertThat(deep.margin()).isGreaterThan(2);
        Finding shallow = Assessor.now(Demo.with("perch.box.concrete.height", 0.01)).finding("foot");
        assertThat(shallow.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(shallow.reading().asked() / 1e6).isGreaterThan(100);
        assertThat(Assessor.now(Demo.with("perch.box.concrete.height", 0.0)).finding("foot").verdict())
                .as("screws into 18 mm of plywood").isEqualTo(Verdict.GIVES);
    }

    /** Steel pin Ø 10 of S235 by hand: double shear 2·78.54·136/1.5 = 14 242 N (EN 1993-1-8, from memory). */
    @Test
    void pinByHand() {
        Reading pin = Assessor.now(Demo.with("perch.post.stock", firmperch.stock.PostStock.ALL.get("square-50x3")))
                .finding("pin").reading();
        assertThat(pin.available()).isCloseTo(Math.min(14242, 2 * 10 * 3 * 1.5 * 235 / 1.5), within(1.0));
    }

    /** Slack by hand: 0.8 mm over 200 mm drops a camera 0.815 m out by 3.2 mm, and is part of the sag. */
    @Test
    void slackIsPartOfTheSag() {
        Project tight = Demo.with("perch.carriage.clearance", 0.0);
        Project loose = Demo.with("perch.carriage.clearance", 0.0008);
        double drop = RaisedQuestions.of(Demo.posed(loose, 3, 0, 0).study(), "sag").orElseThrow()
                .at(Demo.posed(loose, 3, 0, 0))
                .asked()
                - RaisedQuestions.of(Demo.posed(tight, 3, 0, 0).study(), "sag").orElseThrow()
                        .at(Demo.posed(tight, 3, 0, 0)).asked();
        assertThat(drop).isCloseTo(0.0008 / 0.2 * (0.105 + 0.64 + 0.07), within(2e-6));
    }

    /** Free pivots play in their holes: the end plate turns by c/a and drops (geometry), the tightened ones do not. */
    @Test
    void freePivotsAddTheirPlay() {
        double[] sag = new double[2];
        for (int i = 0; i < 2; i++) {
            Situation s = Demo.posed(Demo.with("perch.arm.pivots.tightened", i == 0 ? 4 : 2), 3, 0, 0);
            sag[i] = s.unitLoads().play().drop();
        }
        assertThat(sag[0]).isZero();
        // Half of the 0.4 mm clearance at the outer pivots, and the couple's share of the tilt: between c/2 and 3·c.
        assertThat(sag[1]).isBetween(0.0002, 0.0012);
    }

    /** The first thing to go is one that a joint's own check knows: with its mass hung on, that check is just used up. */
    @Test
    void whatGoesFirstIsUsedUpByThatMuch() {
        Study study = Study.of(Demo.project());
        Finding first = Known.everyPose(Demo.project()).finding("load.first");
        Question<?> friction = RaisedQuestions.of(study, "friction@arm.lift").orElseThrow();
        Reading loaded = friction.at(study.carrying(first.reading().available()).in(Demo.posed(Demo.project(), 3, 0, 0)
                .posed().pose()));
        assertThat(loaded.asked() / loaded.safety()).isCloseTo(loaded.available(), within(0.02 * loaded.available()));
    }
}

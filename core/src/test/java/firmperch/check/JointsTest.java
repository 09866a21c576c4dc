package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.body.Vec3;
import firmperch.pose.Body;
import firmperch.pose.PosedRig;
import firmperch.rig.Station;
import firmperch.stock.Material;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pivots, link forces and stick ends against worked examples, energy and the space frame. */
class JointsTest {

    /** Shigley, bolt torque and uniform-pressure clutch: M8, 4 N·m → 2500 N; Ø 24/8.5 → 8.74 mm; two faces → 15.3 N·m. */
    @Test
    void workedExampleOfAClampedPivot() {
        PivotFriction pivot = PivotFriction.of(4, 0.008, 0.024, 0.0085, 2, 0.35);
        assertThat(pivot.clampForce()).isCloseTo(2500, within(1e-9));
        assertThat(pivot.effectiveRadius() * 1e3).isCloseTo(8.74, within(0.005));
        assertThat(pivot.moment()).isCloseTo(15.3, within(0.05));
    }

    /** The effective radius is the mean of r weighted by pressure over the ring: ∫r²dr/∫r dr, integrated numerically. */
    @Test
    void effectiveRadiusIsTheMeanOverTheRing() {
        double top = 0;
        double bottom = 0;
        int n = 200_000;
        for (int i = 0; i < n; i++) {
            double r = 0.00525 + (i + 0.5) / n * (0.015 - 0.00525);
            top += r * r;
            bottom += r;
        }
        assertThat(PivotFriction.of(4, 0.010, 0.030, 0.0105, 1, 1).effectiveRadius()).isCloseTo(top / bottom,
                within(1e-9));
    }

    /**
     * Virtual work: the torque that gravity puts on the lift is the change of the arm's potential energy with its angle,
     * whatever the gear's overhang.
     */
    @ParameterizedTest
    @CsvSource({"-35", "-10", "0", "10", "30", "47"})
    void liftTorqueIsTheSlopeOfThePotentialEnergy(double lift) {
        double step = 1e-4;
        double above = energy(Demo.posed(Demo.project(), 3, 20, lift + Math.toDegrees(step)).posed());
        double below = energy(Demo.posed(Demo.project(), 3, 20, lift - Math.toDegrees(step)).posed());
        double torque = Demo.posed(Demo.project(), 3, 20, lift).posed().liftTorque();
        assertThat(torque).isCloseTo((above - below) / (2 * step), within(1e-4));
    }

    private static double energy(PosedRig posed) {
        return posed.bodies().stream().mapToDouble(b -> b.mass() * FrameSolver.GRAVITY * b.centre().z()).sum();
    }

    /** Common practice and virtual work: how far out the gear sits on the end plate does not change the holding torque. */
    @Test
    void overhangDoesNotChangeTheHoldingTorque() {
        double near = Demo.posed(Demo.with("perch.arm.overhang", 0.02), 3, 0, 10).posed().liftTorque();
        double far = Demo.posed(Demo.with("perch.arm.overhang", 0.25), 3, 0, 10).posed().liftTorque();
        // Only the longer plate's own weight is added.
        double plates = (Demo.posed(Demo.with("perch.arm.overhang", 0.25), 3, 0, 10).posed().arm().endPlateMass()
                - Demo.posed(Demo.with("perch.arm.overhang", 0.02), 3, 0, 10).posed().arm().endPlateMass())
                * FrameSolver.GRAVITY * 0.68 * Math.cos(Math.toRadians(10));
        assertThat(far - near).isCloseTo(plates, within(1e-9));
    }

    /** The moments that the frame solver finds in the tightened pivots add up to the same torque (equilibrium). */
    @ParameterizedTest
    @CsvSource({"1, 0", "2, 0", "2, 30", "4, -25", "3, 40"})
    void pivotMomentsOfTheFrameAddUpToTheLiftTorque(int tightened, double lift) {
        Situation s = Demo.posed(Demo.with("perch.arm.tightened", tightened), 3, 15, lift);
        FrameSolution frame = s.frame().orElseThrow();
        double moments = 0;
        for (FrameModel.Member member : frame.model().members()) {
            if (member.name().contains("stick")) {
                double[] f = frame.forces(member.name());
                moments += f[4] + f[10];
            }
        }
        double torque = s.posed().liftTorque();
        assertThat(Math.abs(moments)).isCloseTo(torque, within(0.01 * torque));
    }

    /** The overhang's couple runs along the links as ±W·b/s: the frame with one tightened pivot shows it (statics). */
    @ParameterizedTest
    @ValueSource(doubles = {0, 20, 40})
    void coupleOfTheOverhangRunsAlongTheLinks(double lift) {
        Situation s = Demo.posed(Demo.with("perch.arm.tightened", 1, "perch.arm.overhang", 0.30), 3, 0, lift);
        PosedRig posed = s.posed();
        FrameSolution frame = s.frame().orElseThrow();
        // The upper link is hinged at both ends, so it carries the couple alone: N = W·b/(a·cos θ).
        double pull = 0;
        for (String stick : List.of("upper stick 1", "upper stick 2")) {
            pull += (frame.forces(stick)[6] - frame.forces(stick)[0]) / 2;
        }
        double weight = posed.endMass() * FrameSolver.GRAVITY;
        double couple = weight * posed.endLever() / (posed.arm().plateSpacing() * Math.cos(posed.lift()));
        // Half of the link's own weight hangs on its end and adds a little.
        double own = posed.arm().linksMass() / 2 * FrameSolver.GRAVITY;
        assertThat(pull).isCloseTo(couple, within(own));
        assertThat(StickEnd.pull(posed, posed.lift()) * 2).as("the check is on the safe side")
                .isGreaterThanOrEqualTo(0.99 * pull);
    }

    /** Forces rise without limit as the links line up with the plates' own line of holes (four-bar statics). */
    @Test
    void pullRisesAsTheArmFolds() {
        PosedRig posed = Demo.posed(Demo.project(), 3, 0, 0).posed();
        double level = StickEnd.pull(posed, 0);
        double steep = StickEnd.pull(posed, Math.toRadians(60));
        double nearly = StickEnd.pull(posed, Math.toRadians(89));
        assertThat(steep).isGreaterThan(2 * level);
        assertThat(nearly).isGreaterThan(30 * level);
        double breaks = StickEnd.breakingAngle(posed);
        assertThat(StickEnd.pull(posed, breaks)).isCloseTo(StickEnd.of(posed.arm()).strength(),
                within(1e-3 * StickEnd.of(posed.arm()).strength()));
    }

    /**
     * By hand with EN 338 D30 (f_v 3.9, f_t 18, ρ_k 530) and k_mod/γ_M = 0.6/1.3: a 20 × 45 stick, M8 in 8.5 mm, 60 mm to
     * its end: shear-out 2·60·20·1.8 = 4320 N, net (45−8.5)·20·8.308 = 6065 N, bearing 8·20·18.45 = 2953 N.
     */
    @Test
    void stickEndByHand() {
        StickEnd end = StickEnd.of(Material.ALL.get("oak-d30"), 0.045, 0.020, 0.060, 0.008, 0.0085);
        assertThat(end.shearOut()).isCloseTo(4320, within(1.0));
        assertThat(end.netSection()).isCloseTo(6065, within(1.0));
        assertThat(end.bearing()).isCloseTo(2953, within(1.5));
        assertThat(end.strength()).isEqualTo(end.bearing());
    }

    @Test
    void aHoleNearTheEndShearsOutFirst() {
        StickEnd end = StickEnd.of(Material.ALL.get("oak-d30"), 0.045, 0.020, 0.020, 0.008, 0.0085);
        assertThat(end.strength()).isEqualTo(end.shearOut());
    }

    /** Levers by hand: the load path's moment at the post's foot is the sum of weight times distance from its axis. */
    @Test
    void momentsOfTheLoadPath() {
        PosedRig posed = Demo.posed(Demo.project(), 3, 70, 20).posed();
        Vec3 sum = Vec3.ZERO;
        double mass = 0;
        for (Body body : posed.bodies()) {
            if (body.station().compareTo(Station.UPRIGHT) <= 0) {
                sum = sum.plus(body.centre().times(body.mass()));
                mass += body.mass();
            }
        }
        assertThat(posed.massFrom(Station.UPRIGHT)).isCloseTo(mass, within(1e-12));
        assertThat(posed.momentAt(Station.UPRIGHT)).isCloseTo(sum.radius() * FrameSolver.GRAVITY, within(1e-9));
        assertThat(posed.massFrom(Station.FEET)).isCloseTo(posed.mass(), within(1e-12));
    }
}

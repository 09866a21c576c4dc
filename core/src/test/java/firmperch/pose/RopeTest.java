package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Stiffness;
import firmperch.body.Surface;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A carriage on a mast with a weight on a rope over the mast's top: by virtual work, and in the space frame. */
class RopeTest {
    private static final double GRAVITY = 9.80665;
    private static final double MAST = 2;
    private static final Piece STIFF = null;

    /**
     * @param purchase how far the weight goes for each metre of the carriage: 1 straight over the top, 2 through a pulley on the
     *     carriage, its end made fast to the top
     */
    private static Rig mast(double moving, double balance, int purchase) {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("mast");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Mast", base, Vec3.ZERO);
        out.add(base, Piece.owned("Slab", Solid.Bought.box(0.6, 0.6, 0.1, 40)));
        for (int i = 0; i < 4; i++) {
            out.contact(new Contact.Foot(out.spot("foot " + i, base,
                    new Vec3(i < 2 ? 0.4 : -0.4, i % 2 == 0 ? 0.4 : -0.4, 0), Surface.FLOOR),
                    new Contact.Bearing(1e6, 100)));
        }
        Piece tube = out.add(base, Piece.cut("Tube", new Solid.Bar(new Section.Rectangle(0.06, 0.06), MAST),
                Material.ALL.get("spruce-c24")).at(Placement.along(Vec3.ZERO, Vec3.UP, Vec3.X.negated())));
        out.fasten("foot", "foot", tube, base, 0, 0, new Fastening.Grip.Cast(Material.ALL.get("spruce-c24")));
        Freedom up = out.freedom("up", "Height", Freedom.Kind.SLIDE, 0.3, 0.9);
        Body carriage = out.body("carriage", base, Placement.HERE, new Motion.Slide(up, Vec3.UP, 1));
        Body weight = out.body("weight", base, Placement.at(-0.1, 0, 1.9), new Motion.Slide(up, Vec3.UP, -purchase));
        out.add(carriage, Piece.owned("Load", Solid.Bought.box(0.1, 0.1, 0.1, moving)));
        out.add(weight, Piece.owned("Balance", Solid.Bought.box(0.1, 0.1, 0.1, balance)));
        out.joint("up", "carriage", new Joint.Side(base, Vec3.ZERO, List.of(tube)),
                Joint.Side.of(carriage, Vec3.ZERO),
                up, Vec3.UP, new Hold.Free(), JointStiffness.RIGID);
        out.joint("guide", "guide", Joint.Side.of(base, Vec3.ZERO), Joint.Side.of(weight, Vec3.ZERO), up, Vec3.UP,
                new Hold.Free(), JointStiffness.RIGID);
        Tie.Hook over = new Tie.Hook(base, new Vec3(0, 0, MAST), tube);
        Tie.Hook load = new Tie.Hook(carriage, Vec3.ZERO, STIFF);
        Tie.Hook hangs = new Tie.Hook(weight, new Vec3(0.1, 0, 0), STIFF);
        out.tie(new Tie.Rope(out.id("rope"), "rope", out.station(),
                purchase == 1 ? List.of(load, over, hangs) : List.of(over, load, over, hangs), 400));
        out.mount(carriage, Vec3.ZERO);
        // The camera's own station is the last.
        out.station("load", "Load", carriage, Vec3.ZERO, out.station());
        return Rig.of(out.build(), 0);
    }

    /** 13.0 kg moving needs 13.0 kg; a bar of 12.8 kg leaves 0.2 kg to trim (common practice, no source). */
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.55, 0.9})
    void theSameWeightBalancesInEveryPose(double height) {
        Posed even = Posed.of(mast(13, 13, 1), Pose.of(height));
        assertThat(even.potentialSlope(0)).isCloseTo(0, within(1e-9));
        Posed trimmed = Posed.of(mast(13, 12.8, 1), Pose.of(height));
        assertThat(trimmed.potentialSlope(0)).isCloseTo(0.2 * GRAVITY, within(1e-9));
        Tie rope = trimmed.rig().assembly().ties().getFirst();
        assertThat(trimmed.ties().pull(rope)).isCloseTo(12.8 * GRAVITY, within(1e-9));
        assertThat(trimmed.ties().length(rope)).as("it keeps its length").isCloseTo(
                Posed.of(trimmed.rig(), Pose.of(0.4)).ties().length(rope), within(1e-12));
    }

    /** Through one movable pulley half the weight balances, on twice the travel (statics). */
    @Test
    void aMovablePulleyHalvesTheWeight() {
        Posed posed = Posed.of(mast(13, 6.5, 2), Pose.of(0.5));
        Tie rope = posed.rig().assembly().ties().getFirst();
        assertThat(posed.ties().length(rope)).isCloseTo(Posed.of(posed.rig(), Pose.of(0.8)).ties().length(rope),
                within(1e-12));
        assertThat(posed.potentialSlope(0)).isCloseTo(0, within(1e-9));
        assertThat(posed.ties().pull(rope)).isCloseTo(6.5 * GRAVITY, within(1e-9));
    }

    /**
     * By hand: the mast's top is pressed by both strands, 2·12.8 kg; below the carriage the 0.2 kg that the rope does not carry come
     * in besides; the feet carry it all.
     */
    @Test
    void theFrameFeelsTheRopeAtTheTopOfTheMast() {
        Posed posed = Posed.of(mast(13, 12.8, 1), Pose.of(0.6));
        Framed framed = posed.framed(Stiffness.End.LOW);
        FrameSolution frame = FrameSolver.solve(framed.model()).orElseThrow();
        assertThat(framed.model().members()).hasSize(2);
        double[] lower = frame.forces(0);
        double[] upper = frame.forces(1);
        assertThat(upper[6]).as("pressed at its top").isCloseTo(-2 * 12.8 * GRAVITY, within(1e-6));
        assertThat(upper[0] + lower[6]).as("what the carriage hangs on the mast").isCloseTo(-0.2 * GRAVITY,
                within(1e-6));
        double up = 0;
        for (int i = 0; i < framed.feet().size(); i++) {
            up += frame.reaction(i);
        }
        assertThat(up).isCloseTo(posed.weight(), within(1e-6));
    }

    /** With a movable pulley by hand: three strands press the top, and nothing falls apart where two hooks are in one place. */
    @Test
    void twoHooksInOnePlaceAreOneInTheFrame() {
        Posed posed = Posed.of(mast(13, 6.5, 2), Pose.of(0.6));
        FrameSolution frame = FrameSolver.solve(posed.framed(Stiffness.End.LOW).model()).orElseThrow();
        assertThat(frame.forces(1)[6]).isCloseTo(-3 * 6.5 * GRAVITY, within(1e-6));
    }

    /** A carriage in the very place where something is hooked on: the same as a hair's breadth beside it. */
    @Test
    void aCarriageMayPassAHook() {
        double[] top = new double[2];
        for (int i = 0; i < 2; i++) {
            Posed posed = Posed.of(mast(13, 12.8, 1), Pose.of(MAST - i * 1e-4));
            FrameSolution frame = FrameSolver.solve(posed.framed(Stiffness.End.LOW).model()).orElseThrow();
            top[i] = frame
                    .movement(posed.framed(Stiffness.End.LOW).camera(), posed.framed(Stiffness.End.LOW).cameraOffset())
                    .z();
        }
        assertThat(top[0]).isCloseTo(top[1], within(1e-3 * Math.abs(top[1])));
    }

    @Test
    void aRopeNeedsAPulley() {
        Rig rig = mast(1, 1, 1);
        Tie.Hook hook = rig.assembly().ties().getFirst().from();
        assertThatThrownBy(() -> new Tie.Rope("r", "lift rope", null, List.of(hook, hook), 1))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("lift rope").hasMessageContaining("pulley");
        assertThatThrownBy(() -> new Tie.Cord("c", "safety cord", null, List.of(hook), 1))
                .isInstanceOf(InvalidValue.class).hasMessageContaining("safety cord").hasMessageContaining("two");
    }

    /** A spring from the ceiling takes off the feet what it pulls (statics): 300 N/m, 0.2 m stretched. */
    @Test
    void aSpringFromThePlaceCarriesItsShare() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("s");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Slab", base, Vec3.ZERO);
        out.add(base, Piece.owned("Slab", Solid.Bought.box(0.6, 0.6, 0.1, 20)));
        for (int i = 0; i < 3; i++) {
            out.contact(new Contact.Foot(
                    out.spot("foot " + i, base, new Vec3(0.3, 0, 0).turned(2 * Math.PI * i / 3), Surface.BENCH),
                    new Contact.Bearing(1e6, 100)));
        }
        out.tie(new Tie.Spring(out.id("up"), "spring", out.station(),
                List.of(new Tie.Hook(null, new Vec3(0, 0, 1.1)), new Tie.Hook(base, new Vec3(0, 0, 0.1))), 300, 0.8,
                1.5));
        out.mount(base, Vec3.ZERO);
        Posed posed = Posed.of(Rig.of(out.build(), 0), Pose.of());
        FrameSolution frame = FrameSolver.solve(posed.framed(Stiffness.End.LOW).model()).orElseThrow();
        for (int i = 0; i < 3; i++) {
            assertThat(frame.reaction(i)).isCloseTo((20 * GRAVITY - 60) / 3, within(1e-6));
        }
    }
}

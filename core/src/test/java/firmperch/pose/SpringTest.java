package firmperch.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A lever with a weight on it and a spring to a point above its hinge, by virtual work. */
class SpringTest {
    private static final double MASS = 2.5;
    private static final double LEVER = 0.6;
    private static final double ABOVE = 0.2;
    private static final double ALONG = 0.15;
    private static final double GRAVITY = 9.80665;

    private static Rig lever(double rate, double free, double spare) {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("lever");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        Freedom lift = out.freedom("lift", "Lift", Freedom.Kind.HINGE, -1.4, 1.4);
        Body arm = out.body("arm", base, Placement.HERE, new Motion.Turn(lift, Vec3.Y.negated()));
        out.station("", "Lever", arm, Vec3.ZERO);
        Solid.Bought box = Solid.Bought.box(0.05, 0.05, 0.05, MASS);
        Vec3 middle = box.massAt(1).centre();
        out.add(arm, Piece.owned("Weight", box).at(Placement.at(new Vec3(LEVER, 0, 0).minus(middle))));
        out.tie(new Tie.Spring("spring", "spring", out.station(), List.of(new Tie.Hook(base, new Vec3(0, 0, ABOVE)),
                new Tie.Hook(arm, new Vec3(ALONG, 0, 0))), rate, free, 1));
        out.mount(arm, new Vec3(LEVER, 0, 0));
        return Rig.of(out.build(), spare);
    }

    /**
     * A spring whose pull is in proportion to its whole length balances a lever in every pose if k·a·b = m·g·l (French and
     * Widden, <i>The spring-and-lever balancing mechanism</i>, Proc. IMechE C 214, 2000; cited from memory).
     */
    @ParameterizedTest
    @ValueSource(doubles = {-1.3, -0.7, -0.1, 0, 0.4, 0.9, 1.35})
    void aSpringOfNoFreeLengthBalancesInEveryPose(double angle) {
        double rate = MASS * GRAVITY * LEVER / (ABOVE * ALONG);
        Posed posed = Posed.of(lever(rate, 0, 0), Pose.of(angle));
        assertThat(posed.potentialSlope(0)).isCloseTo(0, within(1e-9));
        Posed weightless = Posed.of(lever(0, 0, 0), Pose.of(angle));
        assertThat(weightless.potentialSlope(0)).as("without it, the whole moment of the weight")
                .isCloseTo(MASS * GRAVITY * LEVER * Math.cos(angle), within(1e-9));
    }

    /** Level, by hand: the spring pulls at 53.13° to the lever with k·(0.25 − 0.1), so with an arm of 0.15·0.8 (statics). */
    @Test
    void aSpringWithFreeLengthPullsByItsStretch() {
        Posed level = Posed.of(lever(400, 0.1, 0), Pose.of(0));
        assertThat(level.potentialSlope(0)).isCloseTo(MASS * GRAVITY * LEVER - 400 * 0.15 * 0.15 * 0.8, within(1e-9));
    }

    @Test
    void aSlackSpringDoesNotPush() {
        Posed slack = Posed.of(lever(400, 0.3, 0), Pose.of(0));
        assertThat(slack.potentialSlope(0)).isCloseTo(MASS * GRAVITY * LEVER, within(1e-9));
    }
}

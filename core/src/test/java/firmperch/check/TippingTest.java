package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolver;
import firmperch.body.Vec3;
import firmperch.pose.Body;
import firmperch.pose.Contact;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tipping against a worked example, against statics by summing moments, and against the space frame lifting off. */
class TippingTest {
    private static SupportPolygon square(double half) {
        List<Contact> feet = new ArrayList<>();
        for (double[] s : new double[][]{{1, 1}, {-1, 1}, {-1, -1}, {1, -1}}) {
            Vec3 at = new Vec3(s[0] * half, s[1] * half, 0);
            feet.add(new Contact(at, at, 0, 1e5, 100));
        }
        return SupportPolygon.of(feet);
    }

    /** Worked example (rigid statics): 60 kg, d = 230 mm, h = 700 mm leans 18.19° and takes 90.2 N at 1.5 m. */
    @Test
    void workedExample() {
        Tipping tipping = new Tipping(60, new Vec3(0, 0, 0.7), square(0.23));
        assertThat(Math.toDegrees(tipping.leastLean())).isCloseTo(18.19, within(0.005));
        assertThat(tipping.push(1.5)).isCloseTo(90.2, within(0.05));
    }

    @Test
    void aMassOutsideTipsWhenItsMomentReachesTheWeights() {
        Tipping tipping = new Tipping(60, new Vec3(0.03, 0, 0.7), square(0.23));
        double mass = tipping.tippingMass(new Vec3(0.83, 0, 1.2));
        // Moments about the edge x = 0.23: 60·0.20 against m·0.60.
        assertThat(mass).isCloseTo(20, within(1e-9));
        assertThat(tipping.tippingMass(new Vec3(0.1, 0.1, 1))).isInfinite();
    }

    /** The same perch on the frame solver's feet that only push: it stands under 99 % of the push and not under 101 %. */
    @ParameterizedTest
    @CsvSource({"5, 0, 0", "2, 40, 30", "6, 133, -20", "0, -90, 45"})
    void theSpaceFrameTipsAtThePredictedPush(int pin, double swing, double lift) {
        Situation s = Demo.posed(Demo.project(), pin, swing, lift);
        SupportPolygon.Edge edge = s.support().nearest(s.posed().centre());
        double push = s.tipping().push(s.posed().mount().z());
        assertThat(standsUnder(s, edge, 0.99 * push)).isTrue();
        assertThat(standsUnder(s, edge, 1.01 * push)).isFalse();
    }

    /** A rigid lump with the perch's own mass on the perch's own feet, pushed sideways at the mount's height. */
    private static boolean standsUnder(Situation s, SupportPolygon.Edge edge, double push) {
        FrameModel.Builder frame = new FrameModel.Builder();
        int lump = frame.node(s.posed().centre());
        for (Contact c : s.posed().contacts()) {
            // Stiff feet: what is asked is where a rigid body tips, not how far tyres give before.
            frame.support(new FrameModel.Support(lump, c.point().minus(frame.at(lump)), 1e9, 1e9, 1e9, true));
        }
        for (Body body : s.posed().bodies()) {
            frame.mass(lump, body.centre(), body.mass());
        }
        FrameModel model = frame.build();
        Vec3 at = new Vec3(s.posed().centre().x(), s.posed().centre().y(), s.posed().mount().z());
        FrameModel pushed = model.with(model.masses(), List.of(new FrameModel.PointForce(lump,
                at.minus(model.nodes().get(lump)), new Vec3(edge.nx() * push, edge.ny() * push, 0))));
        return FrameSolver.solve(pushed).isPresent();
    }

    /** A leaning perch by turning it: at the predicted lean its centre of mass stands just over the edge (statics). */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.4, 1.2, 2.5, 4, 5.5})
    void atTheLeanTheCentreStandsOverTheEdge(double direction) {
        Situation s = Demo.posed(Demo.project(), 4, 25, 10);
        double lean = s.lean(direction);
        Vec3 centre = s.posed().centre();
        // Gravity seen from the leaning floor has a part along it: the line of action meets the floor shifted by h·tan θ.
        Vec3 foot = new Vec3(centre.x() + centre.z() * Math.tan(lean) * Math.cos(direction),
                centre.y() + centre.z() * Math.tan(lean) * Math.sin(direction), 0);
        assertThat(s.support().clearance(foot)).isCloseTo(0, within(1e-9));
    }

    /** Common practice, no source: turning the wheels inward before locking them narrows the stance, outward widens it. */
    @Test
    void lockedWheelsCountWhereTheyStand() {
        double out = Demo.posed(Demo.with("perch.base.trailHeading", 0.0), 4, 0, 0).leastLean();
        double in = Demo.posed(Demo.with("perch.base.trailHeading", Math.PI), 4, 0, 0).leastLean();
        double free = Demo.posed(Demo.with("perch.base.locked", false), 4, 0, 0).leastLean();
        assertThat(out).isGreaterThan(in);
        assertThat(free).as("free swivels may all have turned in at their worst").isLessThan(in);
    }

    @Test
    void moreConcreteAndWiderCastersStandFirmer() {
        Project drawn = Demo.project();
        double push = Demo.posed(drawn, 6, 0, 0).pushAvailable();
        assertThat(Demo.posed(Demo.with("perch.base.fill", 0.2), 6, 0, 0).pushAvailable()).isGreaterThan(push);
        assertThat(Demo.posed(Demo.with("perch.base.casterOut", 0.4), 6, 0, 0).pushAvailable()).isGreaterThan(push);
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameSolver;
import firmperch.frame.Vec3;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The head holds the gear whichever way it is turned. */
final class HeadHoldCheck implements Check {
    private static final About ABOUT = new About("head.hold", Station.HEAD, "Does the head hold the camera?",
            Quantity.TORQUE, Scope.NO_POSE, true,
            "the head gives", "M = m · g · lever, times the slip factor",
            "rigid statics; the head's rated or measured holding torque");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Vec3 lever = s.posed().centreFrom(Station.GEAR).minus(s.posed().mount());
        double moment = s.posed().massFrom(Station.GEAR) * FrameSolver.GRAVITY * lever.length();
        double asked = moment * s.project().policy().slip();
        return new Reading(asked, s.project().perch().head().holdingTorque(),
                () -> s.show(Quantity.MASS, s.posed().massFrom(Station.GEAR)) + " · g · "
                        + s.show(Quantity.LENGTH, lever.length()) + " · " + s.project().policy().slip() + " = "
                        + s.show(Quantity.TORQUE, asked));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.strongerHead(p));
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.LevelArm;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The tightened pivots hold the arm against gravity by friction. */
final class PivotHoldCheck implements Check {
    private static final About ABOUT = new About("arm.hold", Station.ARM, "Do the pivots hold?", Quantity.TORQUE,
            Scope.EVERY_POSE, true,
            "the arm's pivots slip", "M = pivots · n · μ · F · rₑ, F = T/(K·d)",
            "uniform-pressure clutch and bolt torque, Shigley; W·L·cos θ by virtual work; times the slip factor");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        LevelArm arm = s.posed().arm();
        PivotFriction pivot = PivotFriction.of(arm);
        double asked = s.posed().liftTorque() * s.project().policy().slip();
        double holds = arm.tightened() * pivot.moment();
        return new Reading(asked, holds,
                () -> arm.tightened() + " · " + arm.facesPerPivot() + " · " + arm.facePair().friction() + " · "
                        + s.show(Quantity.FORCE, pivot.clampForce()) + " · "
                        + s.show(Quantity.LENGTH, pivot.effectiveRadius()) + " = "
                        + s.show(Quantity.TORQUE, holds));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.strongerClosure(p), Remedies.morePivots(p), Remedies.moreFaces(p),
                Remedies.shorterArm(p));
    }
}

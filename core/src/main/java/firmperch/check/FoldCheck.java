package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.LevelArm;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The stops keep the links well away from the angle at which their own lines meet and the ends break out. */
final class FoldCheck implements Check {
    private static final About ABOUT = new About("arm.fold", Station.ARM, "Do the stops keep it from folding flat?",
            Quantity.ANGLE, Scope.NO_POSE, false,
            "the arm folds until its links break", "θ(N = strength) − largest stop",
            "four-bar statics: N rises as 1/cos θ; 15° kept: our own judgement");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        LevelArm arm = s.posed().arm();
        double stop = Math.max(Math.abs(arm.lowStop()), Math.abs(arm.highStop()));
        double breaks = StickEnd.breakingAngle(s.posed());
        return new Reading(s.project().policy().fold(), breaks - stop,
                () -> "ends break out at " + s.show(Quantity.ANGLE, breaks) + ", stops at "
                        + s.show(Quantity.ANGLE, stop));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.nearerStops(p), Remedies.longerEnds(p));
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The camera stands over the middle of the shot. */
final class OverTheWorkCheck implements Check {
    private static final About ABOUT = new About("shot.centre", Station.GEAR, "Is the camera over the work?",
            Quantity.LENGTH, Scope.SET_POSE, false,
            "the camera is not over the work", "distance seen from above", "geometry of the plan");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        return new Reading(s.offCentre(), s.project().policy().overshoot(),
                () -> s.show(Quantity.LENGTH, s.offCentre()) + " off the middle of the shot");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.cameraOverWork(p));
    }
}

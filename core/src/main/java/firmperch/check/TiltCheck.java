package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** How far the camera is turned from level, under everything's own weight. */
final class TiltCheck implements Check {
    private static final About ABOUT = new About("arm.tilt", Station.ARM, "Does the camera stay level?", Quantity.ANGLE,
            Scope.EVERY_POSE, false,
            "the camera tilts", "K · u = f", "space frame, direct stiffness (Przemieniecki); 1°: our own judgement");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        if (s.frame().isEmpty()) {
            return new Reading(s.project().policy().tilt(), 0, () -> "the perch does not stand in this pose");
        }
        double tilt = s.posed().mountTilt(s.frame().get());
        return new Reading(tilt, s.project().policy().tilt(),
                () -> String.format(java.util.Locale.ROOT, "turned by %.2f° under its own weight",
                        Math.toDegrees(tilt)));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.stiffen(p);
    }
}

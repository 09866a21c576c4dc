package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameSolution;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

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
        return s.loaded(s.project().policy().tilt(), frame -> reading(s, frame));
    }

    private static Reading reading(Situation s, FrameSolution frame) {
        double tilt = s.posed().mountTilt(frame);
        return new Reading(tilt, s.project().policy().tilt(),
                () -> String.format(Locale.ROOT, "turned by %.2f° under its own weight",
                        Math.toDegrees(tilt)));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.stiffen(p);
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import java.util.List;

/** The work is not nearer than the lens can focus. */
final class FocusCheck implements Check {
    private static final About ABOUT = new About("shot.focus", Station.GEAR, "Can the lens focus that near?",
            Quantity.LENGTH, Scope.SET_POSE, false,
            "the work is too near to focus on", "u + v ≥ nearest focus, and ≥ 4·f",
            "thin lens: u + v is least, 4·f, at life size; nearest focus as engraved on the lens");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Shot shot = s.project().shot();
        double nearest = Math.max(shot.nearestFocus(), shot.framing().nearestPossible());
        double distance = Math.max(0, s.sensorDistance());
        return new Reading(nearest, distance, () -> s.show(Quantity.LENGTH, distance) + " from sensor to work, "
                + s.show(Quantity.LENGTH, nearest) + " needed");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.cameraToHeight(p), Remedies.cameraUp(p));
    }
}

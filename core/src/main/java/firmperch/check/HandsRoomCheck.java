package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Hands and tools fit between the work and the lens. */
final class HandsRoomCheck implements Check {
    private static final About ABOUT = new About("shot.hands", Station.GEAR, "Is there room for the hands?",
            Quantity.LENGTH, Scope.SET_POSE, false,
            "the hands have no room", "room = D − lens", "geometry of the side view");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double room = Math.max(0, s.sensorDistance() - s.project().shot().lensLength());
        return new Reading(s.project().shot().handsRoom(), room,
                () -> s.show(Quantity.LENGTH, s.sensorDistance()) + " − "
                        + s.show(Quantity.LENGTH, s.project().shot().lensLength()) + " = "
                        + s.show(Quantity.LENGTH, room));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.cameraToHeight(p), Remedies.cameraUp(p));
    }
}

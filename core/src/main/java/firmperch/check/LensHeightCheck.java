package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.Vec3;
import firmperch.pose.Body;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The height that this lens needs over the work, with the gear above the sensor, is under the ceiling. */
final class LensHeightCheck implements Check {
    private static final About ABOUT = new About("shot.ceiling", Station.GEAR,
            "Is the camera's height under the ceiling?", Quantity.LENGTH, Scope.NO_POSE, false,
            "the camera would have to be above the ceiling", "work + u + v + gear above the sensor ≤ ceiling − gap",
            "thin lens: u + v for the wanted rectangle; geometry of the side view");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Vec3 sensor = s.posed().sensor();
        double above = s.posed().bodies().stream().filter(b -> b.station().compareTo(Station.HEAD) <= 0)
                .map(Body::centre).mapToDouble(c -> c.z() - sensor.z()).max().orElse(0);
        double distance = s.project().shot().sensorDistance();
        double needed = s.shotCentre().z() + distance + Math.max(0, above);
        return new Reading(needed, s.project().place().ceiling() - s.project().policy().gap(),
                () -> s.show(Quantity.LENGTH, s.shotCentre().z()) + " + " + s.show(Quantity.LENGTH, distance) + " + "
                        + s.show(Quantity.LENGTH, Math.max(0, above)) + " = " + s.show(Quantity.LENGTH, needed));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.shorterLens(p));
    }
}

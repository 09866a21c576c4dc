package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import java.util.List;

/** The picture has enough picture elements on each millimetre of the work. */
final class ScaleCheck implements Check {
    private static final About ABOUT = new About("shot.scale", Station.GEAR, "Is the picture fine enough?",
            Quantity.PICTURE_SCALE, Scope.SET_POSE, false,
            "the picture is too coarse", "pixels / seen width",
            "geometry of the picture; what is asked is our own judgement");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Shot shot = s.project().shot();
        double distance = s.sensorDistance();
        double scale = distance <= 0 ? 0 : shot.pixelsWide() / shot.framing().widthAt(distance);
        return new Reading(s.project().policy().scale(), scale, () -> shot.pixelsWide() + " px over "
                + s.show(Quantity.LENGTH, shot.framing().widthAt(Math.max(0, distance))) + " = "
                + s.show(Quantity.PICTURE_SCALE, scale));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.cameraToHeight(p),
                Remedies.morePixels(p));
    }
}

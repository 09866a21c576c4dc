package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.shot.Framing;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import java.util.List;

/** The wanted rectangle lies wholly in the picture: thin lens, the stricter side of the format decides. */
final class PictureCheck implements Check {
    private static final About ABOUT = new About("shot.picture", Station.GEAR, "Is the whole rectangle in the picture?",
            Quantity.LENGTH, Scope.SET_POSE, false,
            "the picture is too small", "seen = s / m, m + 1/m = D/f − 2",
            "thin lens (Gauss): m = s/W, u = f·(1 + 1/m), v = f·(1 + m)");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Shot shot = s.project().shot();
        Framing framing = shot.framing();
        double distance = Math.max(0, s.sensorDistance());
        double seen = distance <= 0
                ? 0
                : Math.min(framing.widthAt(distance), framing.depthAt(distance) * shot.width() / shot.depth());
        return new Reading(shot.width(), seen,
                () -> "D = " + s.show(Quantity.LENGTH, distance) + ", f = "
                        + s.show(Quantity.LENGTH, shot.focalLength()) + " sees "
                        + s.show(Quantity.LENGTH, framing.widthAt(distance)) + " × "
                        + s.show(Quantity.LENGTH, framing.depthAt(distance)));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.cameraToHeight(p), Remedies.shorterLens(p));
    }
}

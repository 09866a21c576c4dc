package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameSolver;
import firmperch.project.Project;
import firmperch.rig.PinnedPost;
import firmperch.rig.Station;
import firmperch.stock.Material;
import firmperch.units.Quantity;
import java.util.List;

/** The pin under the carriage in double shear, and the post's walls under it in bearing. */
final class PinCheck implements Check {
    private static final About ABOUT = new About("carriage.pin", Station.CARRIAGE, "Does the pin carry the carriage?",
            Quantity.FORCE, Scope.NO_POSE, true,
            "the pin gives", "min(2 · π/4·d² · f_v, 2 · d·t · 1.5·f_y) / 1.5",
            "EN 1993-1-8 pins and bolts in bearing, from memory; steel S235");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        PinnedPost post = s.posed().post();
        Material steel = Material.ALL.get("steel-s235");
        double shear = 2 * Math.PI / 4 * post.pin() * post.pin() * steel.allowedShearing();
        double wall = post.postStock().section().wall();
        double bearing = 2 * post.pin() * wall * post.postStock().material().allowedBearing(post.pin());
        double weight = s.posed().massFrom(Station.CARRIAGE) * FrameSolver.GRAVITY;
        return new Reading(weight, Math.min(shear, bearing), () -> "shear " + s.show(Quantity.FORCE, shear)
                + ", bearing " + s.show(Quantity.FORCE, bearing));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.thickerPin(p));
    }
}

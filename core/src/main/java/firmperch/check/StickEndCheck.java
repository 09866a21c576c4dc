package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.LevelArm;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The pull on a stick's end against what the wood beyond and around its pivot hole takes. */
final class StickEndCheck implements Check {
    private static final About ABOUT = new About("arm.end", Station.ARM, "Do the stick ends split?", Quantity.FORCE,
            Scope.EVERY_POSE, true,
            "a stick end splits", "N = W·b/(a·cos θ) + W·|sin θ| ≤ min(2·e·t·f_v, d·t·f_b, (w−d)·t·f_t)",
            "four-bar statics; bolted timber, strengths of EN 338 and EN 1995-1-1 8.5");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        StickEnd end = StickEnd.of(s.posed().arm());
        double pull = StickEnd.pull(s.posed(), s.posed().lift());
        return new Reading(pull, end.strength(), () -> "shear-out " + s.show(Quantity.FORCE, end.shearOut())
                + ", bearing " + s.show(Quantity.FORCE, end.bearing()) + ", net section "
                + s.show(Quantity.FORCE, end.netSection()));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.longerEnds(p), Remedies.widerPlates(p), Remedies.thickerSticks(p));
    }
}

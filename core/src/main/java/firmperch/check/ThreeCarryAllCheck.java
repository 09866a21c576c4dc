package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Three casters carry everything, as on an uneven floor one hangs in the air. */
final class ThreeCarryAllCheck implements Check {
    private static final About ABOUT = new About("caster.three", Station.FEET, "Do three casters carry it all?",
            Quantity.MASS, Scope.NO_POSE, true,
            "three casters are not enough", "total / 3 ≤ rating", "common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double share = s.posed().mass() / 3;
        return new Reading(share, s.posed().contacts().getFirst().rating(),
                () -> s.show(Quantity.MASS, s.posed().mass()) + " / 3 = " + s.show(Quantity.MASS, share));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.strongerCasters(p));
    }
}

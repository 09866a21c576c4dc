package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The footprint, wheels turned at their widest, leaves the walkway along the wall open. */
final class WalkwayCheck implements Check {
    private static final About ABOUT = new About("place.walkway", Station.PLACE, "Does the walkway stay open?",
            Quantity.LENGTH, Scope.NO_POSE, false,
            "the walkway closes", "wall to the nearest of board and wheels",
            "geometry of the plan; 450–600 mm is common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double open = Math.max(0, s.footprint().getEnvelopeInternal().getMinX());
        return new Reading(s.project().place().walkway(), open,
                () -> s.show(Quantity.LENGTH, open) + " open between wall and perch");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.standFurtherOut(p));
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.LevelArm;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The pivot holes lie far enough from the sticks' ends for the bolt's full value. */
final class EndDistanceCheck implements Check {
    private static final About ABOUT = new About("arm.distance", Station.ARM, "Are the holes far enough from the ends?",
            Quantity.LENGTH, Scope.NO_POSE, false,
            "a pivot hole lies too near the end", "e ≥ 7 · d",
            "EN 1995-1-1 table 8.4 (its 80 mm minimum is for building timber), NDS end distance 7D, from memory");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        LevelArm arm = s.posed().arm();
        double asked = 7 * arm.boltSize().diameter();
        return new Reading(asked, arm.endDistance(), () -> "7 · "
                + s.show(Quantity.LENGTH, arm.boltSize().diameter()) + " = " + s.show(Quantity.LENGTH, asked));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.longerEnds(p));
    }
}

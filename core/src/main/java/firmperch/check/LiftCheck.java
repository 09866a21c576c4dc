package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.rig.CastBox;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The heaviest piece one person has to lift: the carriage with arm and gear, or the base before it is filled. */
final class LiftCheck implements Check {
    private static final About ABOUT = new About("lift.mass", Station.CARRIAGE,
            "Can one person lift the heaviest piece?", Quantity.MASS, Scope.NO_POSE, false,
            "the heaviest piece is too much for one person", "sum of the pieces lifted together",
            Policy.SOURCE_LIFT);

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double arm = s.posed().massFrom(Station.CARRIAGE);
        double base = s.posed().box().boxMass() + s.posed().box().boardMass()
                + CastBox.CASTERS * s.posed().box().casterMass() + s.posed().post().mass();
        double heaviest = Math.max(arm, base);
        return new Reading(heaviest, s.project().policy().lift(),
                () -> "carriage, arm and gear " + s.show(Quantity.MASS, arm) + "; empty base with post "
                        + s.show(Quantity.MASS, base));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.thinnerBoard(p), Remedies.thinnerBox(p), Remedies.lighterSticks(p),
                Remedies.shorterArm(p));
    }
}

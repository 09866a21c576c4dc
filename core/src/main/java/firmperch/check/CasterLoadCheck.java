package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Largest share of the weight on one caster, wherever swivels have turned, against its rating. */
final class CasterLoadCheck implements Check {
    private static final About ABOUT = new About("caster.share", Station.FEET,
            "Does the busiest caster carry its share?", Quantity.MASS, Scope.EVERY_POSE, true,
            "a caster is overloaded", "N = a + b·x + c·y over the feet in contact",
            "rigid base on equal springs (Roark); the maker's rating");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double share = CasterLoads.largest(s.posed().contacts(), s.posed().mass(), s.posed().centre());
        double rating = s.posed().contacts().getFirst().rating();
        return new Reading(share, rating, () -> s.show(Quantity.MASS, share) + " of "
                + s.show(Quantity.MASS, s.posed().mass()) + " on one caster");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.strongerCasters(p));
    }
}

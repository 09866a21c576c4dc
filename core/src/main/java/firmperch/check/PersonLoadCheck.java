package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.Vec3;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** A person standing on a corner of the board does not overload the caster under it. */
final class PersonLoadCheck implements Check {
    private static final About ABOUT = new About("caster.person", Station.FEET,
            "Does a caster carry a person on its corner?", Quantity.MASS, Scope.EVERY_POSE,
            false, "a person on a corner overloads a caster", "N = a + b·x + c·y with the person on it",
            "rigid base on equal springs (Roark); a person of 100 kg: common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double person = s.project().policy().person();
        double worst = 0;
        for (Vec3 corner : Footprint.boardCorners(s.posed().box())) {
            double total = s.posed().mass() + person;
            Vec3 centre = s.posed().centre().times(s.posed().mass() / total).plus(corner.times(person / total));
            worst = Math.max(worst, CasterLoads.largest(s.posed().contacts(), total, centre));
        }
        double load = worst;
        return new Reading(load, s.posed().contacts().getFirst().rating(), () -> s.show(Quantity.MASS, load)
                + " on one caster with " + s.show(Quantity.MASS, person) + " on its corner");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.strongerCasters(p), Remedies.widerCasters(p));
    }
}

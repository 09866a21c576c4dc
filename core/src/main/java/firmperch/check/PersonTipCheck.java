package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.Vec3;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** A person standing on a corner of the board does not tip it. */
final class PersonTipCheck implements Check {
    private static final About ABOUT = new About("tip.person", Station.FEET,
            "Does it stay up with a person on a corner?", Quantity.MASS, Scope.EVERY_POSE, false,
            "a person on a corner tips it", "m = M · d / q",
            "rigid statics; a person of 100 kg: common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double person = s.project().policy().person();
        double least = Reading.PLENTY * Math.max(person, 0.1);
        for (Vec3 corner : Footprint.boardCorners(s.posed().box())) {
            least = Math.min(least, s.tippingMass(corner));
        }
        double tips = least;
        return new Reading(person, tips, () -> s.show(Quantity.MASS, tips) + " on the corner of the board tips it");
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.standFirmer(p);
    }
}

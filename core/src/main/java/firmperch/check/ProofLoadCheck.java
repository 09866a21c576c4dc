package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Mass that can be hung at the camera on top of the gear before it tips: the proof load, or the spare capacity wanted. */
final class ProofLoadCheck implements Check {
    private static final About ABOUT = new About("tip.proof", Station.BASE, "How much more can hang at the camera?",
            Quantity.MASS, Scope.EVERY_POSE, false,
            "the proof load tips it", "m = M · d / q",
            "rigid statics; hanging on four times the gear is common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double gear = s.project().gear().mass();
        double asked = Math.max(s.project().gear().spare(), (s.project().policy().proof() - 1) * gear);
        double tipping = Math.min(s.tippingMass(s.posed().mount()), Reading.PLENTY * Math.max(asked, 0.1));
        return new Reading(asked, tipping,
                () -> s.show(Quantity.MASS, s.posed().mass()) + " · "
                        + s.show(Quantity.LENGTH, s.support().clearance(s.posed().centre()))
                        + " / reach outside the edge, over all edges = " + s.show(Quantity.MASS, tipping));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.standFirmer(p);
    }
}

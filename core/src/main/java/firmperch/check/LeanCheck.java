package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Lean of the whole perch, in its weakest direction and pose, before it goes over; the floor's slope is taken off. */
final class LeanCheck implements Check {
    private static final About ABOUT = new About("tip.lean", Station.BASE, "How far may it lean before it goes?",
            Quantity.ANGLE, Scope.EVERY_POSE, false,
            "it tips over", "θ = atan(d / h) − slope",
            "rigid statics; what is asked: " + Policy.SOURCE_LEAN);

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double lean = s.leastLean() - s.project().place().slope();
        return new Reading(s.project().policy().lean(), lean,
                () -> "atan(" + s.show(Quantity.LENGTH, s.support().clearance(s.posed().centre())) + " / "
                        + s.show(Quantity.LENGTH, s.posed().centre().z()) + ") − "
                        + s.show(Quantity.ANGLE, s.project().place().slope()) + " = "
                        + s.show(Quantity.ANGLE, lean));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.standFirmer(p);
    }
}

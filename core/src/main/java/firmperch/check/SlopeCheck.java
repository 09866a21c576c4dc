package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** It stands on an ordinary sloping floor, or on this one if that slopes more. */
final class SlopeCheck implements Check {
    private static final About ABOUT = new About("tip.slope", Station.BASE, "Does it stand on a sloping floor?",
            Quantity.ANGLE, Scope.EVERY_POSE, false,
            "it tips on a sloping floor", "θ = atan(d / h)",
            "rigid statics; 5° of an ordinary floor: common practice, no source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double asked = Math.max(s.project().policy().slope(), s.project().place().slope());
        return new Reading(asked, s.leastLean(),
                () -> "atan(" + s.show(Quantity.LENGTH, s.support().clearance(s.posed().centre())) + " / "
                        + s.show(Quantity.LENGTH, s.posed().centre().z()) + ") = "
                        + s.show(Quantity.ANGLE, s.leastLean()));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.standFirmer(p);
    }
}

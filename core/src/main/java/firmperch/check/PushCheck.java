package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** Sideways push at the top, or at the height the policy says, that starts it tipping. */
final class PushCheck implements Check {
    private static final About ABOUT = new About("tip.push", Station.BASE, "What push does it take?", Quantity.FORCE,
            Scope.EVERY_POSE, false,
            "a push tips it", "F = W · d / z", "rigid statics; what is asked: " + Policy.SOURCE_PUSH);

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        return new Reading(s.pushAsked(), s.pushAvailable(),
                () -> s.show(Quantity.FORCE, s.weight()) + " · "
                        + s.show(Quantity.LENGTH, s.support().clearance(s.posed().centre())) + " / "
                        + s.show(Quantity.LENGTH, s.pushHeight()) + " = "
                        + s.show(Quantity.FORCE, s.pushAvailable()));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.standFirmer(p);
    }
}

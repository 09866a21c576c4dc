package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameSolution;
import firmperch.pose.Contact;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

/** How far the camera sinks below where the drawing has it, under everything's own weight. */
final class SagCheck implements Check {
    private static final About ABOUT = new About("arm.sag", Station.ARM, "Does the camera sag?", Quantity.LENGTH,
            Scope.EVERY_POSE, false,
            "the camera sags", "K · u = f", "space frame, direct stiffness (Przemieniecki); 3 mm: our own judgement");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        return s.loaded(s.project().policy().sag(), frame -> reading(s, frame));
    }

    private static Reading reading(Situation s, FrameSolution frame) {
        double tyres = s.weight() / s.posed().contacts().stream().mapToDouble(Contact::stiffness).sum();
        double sag = Math.max(0, -s.posed().mountMovement(frame).z() - tyres);
        return new Reading(sag, s.project().policy().sag(),
                () -> String.format(Locale.ROOT, "u_z = %.2f mm below the drawing, the tyres' even sink of "
                        + "%.2f mm left out", sag * 1e3, tyres * 1e3));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return Remedies.stiffen(p);
    }
}

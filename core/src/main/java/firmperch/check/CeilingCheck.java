package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;

/** The highest point of perch and gear clears the ceiling. */
final class CeilingCheck implements Check {
    private static final About ABOUT = new About("place.ceiling", Station.PLACE, "Does it clear the ceiling?",
            Quantity.LENGTH, Scope.EVERY_POSE, false,
            "it touches the ceiling", "ceiling − top", "geometry of the side view");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        double top = s.posed().top();
        double gap = s.project().place().ceiling() - top;
        return new Reading(s.project().policy().gap(), gap, () -> s.show(Quantity.LENGTH, s.project().place().ceiling())
                + " − " + s.show(Quantity.LENGTH, top) + " = " + s.show(Quantity.LENGTH, gap));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.lowerHighStop(p), Remedies.shorterPost(p));
    }
}

package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Place;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/** Base and post stand clear of the bench; a base low enough may go under it. */
final class BenchCheck implements Check {
    private static final About ABOUT = new About("place.bench", Station.PLACE, "Does it stand clear of the bench?",
            Quantity.LENGTH, Scope.NO_POSE, false,
            "it stands in the bench", "distance in plan of base and post from the bench", "geometry of the plan");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Place place = s.project().place();
        Geometry bench = Footprint.bench(place);
        double post = Footprint.post(s).distance(bench);
        double under = place.benchHeight() - place.benchTop();
        boolean passesUnder = s.posed().box().topHeight() + s.project().policy().gap() <= under;
        double gap = passesUnder ? post : Math.min(post, s.footprint().distance(bench));
        return new Reading(s.project().policy().gap(), gap,
                () -> s.show(Quantity.LENGTH, gap) + (passesUnder
                        ? " from post to bench; the base goes under it"
                        : " from base to bench"));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.standNearerWall(p));
    }
}

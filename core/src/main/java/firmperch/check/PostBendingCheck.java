package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameSolver;
import firmperch.project.Project;
import firmperch.rig.Station;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

/** Bending of the post where the concrete lets go of it, under gravity and the policy's push together, less the pin hole. */
final class PostBendingCheck implements Check {
    private static final About ABOUT = new About("post.bending", Station.UPRIGHT, "Does the post bend for good?",
            Quantity.STRESS, Scope.EVERY_POSE, true,
            "the post bends", "σ = (M + F·z) / S_net + N / A_net",
            "elastic bending (Roark); holes taken out of the extreme fibre; strength: the material's source");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        Section section = s.posed().post().postStock().section();
        Material material = s.posed().post().postStock().material();
        double lever = Math.max(0, s.pushHeight() - s.posed().castHeight());
        double moment = s.posed().momentAt(Station.UPRIGHT) + s.pushAsked() * lever;
        double hole = s.posed().post().pin();
        double wall = section.wall();
        double lostArea = 2 * hole * wall;
        double reach = section.depth() / 2 - wall / 2;
        double modulus = (section.secondMomentY() - lostArea * reach * reach) / (section.depth() / 2);
        double axial = s.posed().massFrom(Station.UPRIGHT) * FrameSolver.GRAVITY;
        double stress = moment / modulus + axial / (section.area() - lostArea);
        return new Reading(stress, material.allowedBending(),
                () -> s.show(Quantity.TORQUE, moment) + " / "
                        + String.format(Locale.ROOT, "%.2f cm³", modulus * 1e6) + " + "
                        + s.show(Quantity.FORCE, axial) + " / A = " + s.show(Quantity.STRESS, stress));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.stouterPost(p), Remedies.shorterArm(p));
    }
}

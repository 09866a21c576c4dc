package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.project.Project;
import firmperch.rig.LevelArm;
import firmperch.rig.Station;
import firmperch.stock.Material;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

/** Bending and pull together in the most loaded stick, at a pivot hole. */
final class StickBendingCheck implements Check {
    private static final About ABOUT = new About("arm.bending", Station.ARM, "Do the sticks break?", Quantity.NUMBER,
            Scope.EVERY_POSE, true,
            "a stick breaks", "N/(A_net·f_t) + M/(S_net·f_m) ≤ 1",
            "space frame; linear interaction (EN 1995-1-1 6.2.3), strengths of EN 338");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        return s.loaded(1, frame -> reading(s, frame));
    }

    private static Reading reading(Situation s, FrameSolution frame) {
        LevelArm arm = s.posed().arm();
        Material wood = arm.stickMaterial();
        double hole = arm.boltSize().hole();
        double depth = arm.stickDepth();
        double area = (depth - hole) * arm.stickThickness();
        double modulus = arm.stickThickness() * (depth * depth * depth - hole * hole * hole) / (6 * depth);
        double across = arm.stickThickness() * arm.stickThickness() * (depth - hole) / 6;
        double worst = 0;
        for (Member member : frame.model().members()) {
            if (member.name().endsWith("stick 1") || member.name().endsWith("stick 2")) {
                double[] f = frame.forces(member.name());
                double own = arm.stickSection().lineMass(wood) * FrameSolver.GRAVITY
                        * arm.linkLength() * arm.linkLength() / 8;
                double moment = Math.max(Math.abs(f[4]), Math.abs(f[10])) + own;
                double sideways = Math.max(Math.abs(f[5]), Math.abs(f[11]));
                worst = Math.max(worst, Math.abs(f[0]) / (area * wood.allowedTension())
                        + moment / (modulus * wood.allowedBending()) + sideways / (across * wood.allowedBending()));
            }
        }
        double used = worst;
        return new Reading(used, 1, () -> String.format(Locale.ROOT, "%.0f %% of the strength used",
                used * 100));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.thickerSticks(p), Remedies.shorterArm(p));
    }
}

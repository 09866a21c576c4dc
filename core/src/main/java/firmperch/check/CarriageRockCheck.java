package firmperch.check;

import firmperch.check.About.Scope;
import firmperch.project.Project;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.Station;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

/** How far the carriage can rock on the post within its clearance. */
final class CarriageRockCheck implements Check {
    private static final About ABOUT = new About("carriage.rock", Station.CARRIAGE,
            "Does the carriage rock on the post?", Quantity.ANGLE, Scope.NO_POSE, false,
            "the carriage rocks", "tilt = c / h", "clearance over guided height: geometry");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public Reading at(Situation s) {
        DropOnCarriage carriage = s.posed().carriage();
        double rock = Math.atan2(carriage.clearance(), carriage.height());
        return new Reading(rock, s.project().policy().rock(),
                () -> s.show(Quantity.LENGTH, carriage.clearance()) + " / "
                        + s.show(Quantity.LENGTH, carriage.height()) + " = "
                        + String.format(Locale.ROOT, "%.2f°", Math.toDegrees(rock)));
    }

    @Override
    public List<Remedy> remedies(Project p) {
        return List.of(Remedies.closerCarriage(p), Remedies.tallerCarriage(p));
    }
}

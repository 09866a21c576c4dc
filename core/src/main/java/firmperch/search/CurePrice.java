package firmperch.search;

import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.cost.Bill;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/** What a changed project costs more than the one that is to be cured: money, mass, reach and footprint. */
final class CurePrice {
    private final Study before;
    private final Project project;
    private final Bill bill;

    CurePrice(Study before) {
        this.before = before;
        project = before.project();
        bill = Bill.of(before.assembly(), project.units());
    }

    /** By which cures are put in order: money, and what is to be carried and lost of reach as money. */
    double of(Project changed) {
        Study study = Study.of(changed);
        Bill after = Bill.of(study.assembly(), project.units());
        double reach = reach(before) - reach(study);
        // Counts the money, one unit for each kilogram to carry, and one for each centimetre of reach lost.
        return after.price() - bill.price() + Math.abs(after.mass() - bill.mass()) + 100 * Math.max(0, reach);
    }

    /** What it costs more, in words; empty where nothing. */
    String words(Study after) {
        Bill bought = Bill.of(after.assembly(), project.units());
        List<String> words = new ArrayList<>();
        String money = project.purse().more(project.purse().here(bought.price() - bill.price()));
        if (!money.isEmpty()) {
            words.add(money);
        }
        double mass = bought.mass() - bill.mass();
        if (Math.abs(mass) >= 0.05) {
            words.add((mass > 0 ? "+" : "−") + Quantity.MASS.show(Math.abs(mass), project.units()));
        }
        double reach = reach(after) - reach(before);
        if (Math.abs(reach) >= 0.001) {
            words.add("reach " + (reach > 0 ? "+" : "−") + Quantity.LENGTH.show(Math.abs(reach), project.units()));
        }
        double foot = foot(after) - foot(before);
        if (Math.abs(foot) >= 0.001) {
            words.add("footprint " + (foot > 0 ? "+" : "−") + Quantity.LENGTH.show(Math.abs(foot), project.units()));
        }
        return String.join(", ", words);
    }

    /** How far out the camera is in the set pose, m. */
    private static double reach(Study study) {
        return study.set().posed().mount().radius();
    }

    /** How wide the rig stands along the room, m. */
    private static double foot(Study study) {
        double most = 0;
        double least = 0;
        Situation s = study.set();
        for (Piece piece : study.assembly().pieces()) {
            if (study.fixedTo(Surface.FLOOR).contains(piece.body())) {
                most = Math.max(most, s.posed().reach(piece, Vec3.X));
                least = Math.max(least, s.posed().reach(piece, Vec3.X.negated()));
            }
        }
        return most + least;
    }
}

package firmperch.choose;

import firmperch.body.Assembly;
import firmperch.cost.Bill;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What each choice that a part leaves would cost and weigh beside the one that is made: faces, closures, tubes, woods, where makers differ. How firmly it then
 * stands is not asked here.
 */
public final class Options {
    /** Less is not told, kg. */
    private static final double LITTLE = 0.01;

    private Options() {
    }

    /**
     * By how much each would be dearer and heavier, in words, or why it does not fit; nothing for the one that is chosen.
     *
     * @param path to a choice of the perch
     */
    public static Map<Catalogue.Row, String> of(Project project, Path path, List<? extends Catalogue.Row> rows) {
        Bill now = bill(project);
        Map<Catalogue.Row, String> all = new LinkedHashMap<>();
        for (Catalogue.Row row : rows) {
            if (!row.equals(path.get(project))) {
                all.put(row, words(project, path, row, now));
            }
        }
        return all;
    }

    private static String words(Project project, Path path, Catalogue.Row row, Bill now) {
        try {
            Bill other = bill(path.with(project, row));
            List<String> words = new ArrayList<>();
            String money = project.purse().more(project.purse().here(other.price() - now.price()));
            if (!money.isEmpty()) {
                words.add(money);
            }
            double mass = other.mass() - now.mass();
            if (Math.abs(mass) >= LITTLE) {
                words.add((mass > 0 ? "+" : "−") + Quantity.MASS.show(Math.abs(mass), project.units()));
            }
            return words.isEmpty() ? "costs and weighs the same" : String.join(", ", words);
        } catch (InvalidValue doesNotFit) {
            return "does not fit: " + doesNotFit.getMessage();
        }
    }

    private static Bill bill(Project project) {
        Assembly assembly = project.perch().assembly(project.gear(), project.cameraRoom(),
                project.place().surroundings(), project.units());
        return Bill.of(assembly, project.units());
    }
}

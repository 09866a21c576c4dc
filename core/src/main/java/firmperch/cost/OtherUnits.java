package firmperch.cost;

import firmperch.body.Assembly;
import firmperch.body.Purchase;
import firmperch.cost.Shopping.Line;
import firmperch.param.Path;
import firmperch.project.Owned;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.units.UnitSystem;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A project told in other units. What a maker has is kept by its name on the shopping list, and that has lengths in it: what the rig needs is called there
 * as it is then, so that it stays ticked. What other rigs need keeps its name.
 */
public final class OtherUnits {
    private OtherUnits() {
    }

    /** The same project in those units. */
    public static Project of(Project project, UnitSystem units) {
        if (project.units() == units) {
            return project;
        }
        Project other = Path.of("units").with(project, units);
        if (project.purse().has().isEmpty()) {
            return other;
        }
        Assembly was = assembly(project);
        Assembly is = assembly(other);
        Map<String, Line> before = lines(was, project.units());
        Map<String, Line> now = lines(is, units);
        Map<String, String> names = names(was, project.units(), is, units);
        Purse purse = project.purse();
        for (Owned owned : project.purse().has()) {
            String name = names.getOrDefault(owned.item(), owned.item());
            // Bags of the one system hold more than those of the other.
            double more = before.containsKey(owned.item()) && now.containsKey(name)
                    && before.get(owned.item()).sort() == Shopping.Sort.BAG
                            ? now.get(name).amount() / before.get(owned.item()).amount()
                            : 1;
            double there = name.equals(owned.item()) ? 0 : purse.has(name);
            purse = purse.having(owned.item(), 0).having(name, there + owned.amount() * more);
        }
        return other.with(purse);
    }

    private static Assembly assembly(Project project) {
        return project.perch().assembly(project.gear(), project.cameraRoom(), project.place().surroundings(),
                project.units());
    }

    private static Map<String, Line> lines(Assembly assembly, UnitSystem units) {
        return Shopping.of(assembly, units).lines().stream().collect(Collectors.toMap(Line::item, Function.identity()));
    }

    /** What each thing is called then, by what it is called now: piece by piece, as the rig is the same. */
    private static Map<String, String> names(Assembly was, UnitSystem units, Assembly is, UnitSystem then) {
        Map<String, String> names = new HashMap<>();
        IntStream.range(0, was.pieces().size())
                .forEach(i -> Shopping.item(was.pieces().get(i), units).ifPresent(
                        name -> Shopping.item(is.pieces().get(i), then).ifPresent(other -> names.put(name, other))));
        List<Purchase> before = was.making().purchases();
        IntStream.range(0, before.size())
                .forEach(i -> names.put(before.get(i).item(), is.making().purchases().get(i).item()));
        names.put(Shopping.concrete(units), Shopping.concrete(then));
        return names;
    }
}

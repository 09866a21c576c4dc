package firmperch.search;

import firmperch.body.Piece;
import firmperch.body.Supply;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.project.Project;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How much ballast the policy needs: the least filling with which no question about standing is short in any pose.
 * More is not always better, because a tall filling raises the centre of mass, so the whole range is searched.
 *
 * @param poured mass of the filling as drawn, kg
 * @param needed the project with the least filling that holds, or with its container widened and filled; nothing if
 * none does
 * @param mass of that filling, kg; NaN if none does
 * @param volume of that filling, m³
 * @param widened true if the container as drawn does not hold it
 * @param changes what is set, in words of the values' own labels
 */
public record BallastSizing(double poured, Optional<Project> needed, double mass, double volume, boolean widened,
        List<String> changes) {
    /** True if the rig has a part that takes ballast. */
    public static boolean applies(Project project) {
        return project.perch().parts().stream().anyMatch(p -> !p.part().ballast().isEmpty());
    }

    /** Sizes the ballast of a project that takes some. */
    public static BallastSizing of(Project project, Progress progress) {
        Mounted mounted = project.perch().parts().stream().filter(p -> !p.part().ballast().isEmpty()).findFirst()
                .orElseThrow(() -> new InvalidValue("Ballast", "a rig that takes none", "a base to be filled"));
        List<Path> paths = mounted.part().ballast().stream()
                .map(p -> Path.of("perch." + mounted.name() + "." + p)).toList();
        double poured = filling(project)[0];
        FillingSearch search = new FillingSearch(paths.getFirst(), progress);
        Optional<Project> filled = search.least(project);
        boolean widened = filled.isEmpty();
        if (widened && paths.size() > 1) {
            filled = search.widened(project, paths.get(1));
        }
        if (filled.isEmpty()) {
            return new BallastSizing(poured, filled, Double.NaN, Double.NaN, true, List.of());
        }
        double[] need = filling(filled.get());
        return new BallastSizing(poured, filled, need[0], need[1], widened, changes(project, filled.get(), paths));
    }

    private static List<String> changes(Project before, Project after, List<Path> paths) {
        List<String> changes = new ArrayList<>();
        for (Path path : paths) {
            Param param = path.param(after);
            Param.Measure m = (Param.Measure) param.kind();
            if (path.number(before) != path.number(after)) {
                changes.add(Character.toLowerCase(param.label().charAt(0)) + param.label().substring(1) + " "
                        + m.quantity().show(path.number(after), after.units()));
            }
        }
        return changes;
    }

    /** Mass and volume of what is poured, kg and m³. */
    public static double[] filling(Project project) {
        double mass = 0;
        double volume = 0;
        for (Piece piece : Study.of(project).assembly().pieces()) {
            if (piece.supply() instanceof Supply.Poured) {
                mass += piece.own().mass();
                volume += piece.solid().massAt(1).mass();
            }
        }
        return new double[]{mass, volume};
    }
}

package firmperch.search;

import firmperch.body.Piece;
import firmperch.body.Supply;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.project.Project;
import firmperch.stock.PremixBag;
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
    private static final int COARSE = 24;
    private static final double STEP = 0.001;

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
        Optional<Project> filled = least(project, paths.getFirst(), progress);
        boolean widened = filled.isEmpty();
        if (widened && paths.size() > 1) {
            filled = widened(project, paths, progress);
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

    /** Widens the container step by step until some filling of it holds. */
    private static Optional<Project> widened(Project project, List<Path> paths, Progress progress) {
        Param.Measure m = (Param.Measure) paths.get(1).param(project).kind();
        for (double size = paths.get(1).number(project) + m.step(); size <= m.most(); size += m.step()) {
            Optional<Project> wider = with(project, paths.get(1), size);
            if (wider.isEmpty()) {
                return Optional.empty();
            }
            Optional<Project> filled = least(wider.get(), paths.getFirst(), progress);
            if (filled.isPresent()) {
                return filled;
            }
        }
        return Optional.empty();
    }

    /**
     * The least filling with which the rig stands. Walks up through the range to the first filling that holds, then
     * bisects between it and the last that did not.
     */
    private static Optional<Project> least(Project project, Path path, Progress progress) {
        Param.Measure m = (Param.Measure) path.param(project).kind();
        double last = Double.NaN;
        for (int i = 0; i <= COARSE; i++) {
            progress.at((double) i / COARSE, "sizing the ballast");
            double value = m.least() + (m.most() - m.least()) * i * i / (COARSE * COARSE);
            Optional<Project> changed = with(project, path, value);
            if (changed.map(BallastSizing::stands).orElse(false)) {
                return Optional.of(Double.isNaN(last) ? changed.get() : halved(project, path, last, value));
            }
            if (changed.isEmpty() && !Double.isNaN(last)) {
                // The container cannot hold that much: try the most that it can, once.
                return most(project, path, last, value);
            }
            last = value;
        }
        return Optional.empty();
    }

    private static Optional<Project> most(Project project, Path path, double fits, double not) {
        double low = fits;
        double high = not;
        while (high - low > STEP / 4) {
            double middle = (low + high) / 2;
            if (with(project, path, middle).isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Optional<Project> full = with(project, path, low);
        return full.filter(BallastSizing::stands).map(p -> halved(project, path, fits, path.number(p)));
    }

    private static Project halved(Project project, Path path, double not, double holds) {
        double low = not;
        double high = holds;
        while (high - low > STEP) {
            double middle = (low + high) / 2;
            if (with(project, path, middle).map(BallastSizing::stands).orElse(false)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return with(project, path, high).orElseThrow();
    }

    private static Optional<Project> with(Project project, Path path, double value) {
        try {
            return Optional.of(path.with(project, value));
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }

    private static boolean stands(Project project) {
        Study study = Study.of(project);
        List<Question<?>> standing = RaisedQuestions.of(study).stream()
                .filter(q -> q.about().topic() == Topic.FALLS || q.about().topic() == Topic.FIRMNESS).toList();
        return Assessor.everyPose(study, standing, question -> true, Progress.NONE).stream()
                .noneMatch((Finding f) -> f.verdict() == Verdict.GIVES);
    }

    /** Whole bags of a mix that make a volume given in m³. */
    public static int bags(double volume, PremixBag bag) {
        return (int) Math.ceil(volume / bag.yield() - 1e-9);
    }
}

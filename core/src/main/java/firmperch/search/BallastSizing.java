package firmperch.search;

import firmperch.check.Check;
import firmperch.check.Checks;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.rig.CastBox;
import firmperch.rig.PinnedPost;
import firmperch.stock.PremixBag;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * How much concrete the policy needs: the least with which no tipping check is short in any pose.
 *
 * @param poured mass of the concrete as drawn, kg
 * @param needed mass of the concrete needed, kg; in the box as drawn if it fits, else in the box of {@code side}
 * @param fill height that the needed concrete fills its box to, m
 * @param side outer side of the box that holds the needed concrete, m; NaN if no box under this board does
 * @param fits true if the box as drawn holds it
 * @param volume of the needed concrete, m³
 */
public record BallastSizing(double poured, double needed, double fill, double side, boolean fits, double volume) {
    private static final double STEP = 0.001;
    private static final List<Check> TIPPING = Checks.ALL.stream().filter(c -> c.about().id().startsWith("tip."))
            .toList();

    /** Sizes the ballast of a project. */
    public static BallastSizing of(Project project, Progress progress) {
        CastBox box = box(project);
        OptionalDouble fill = least(0, box.innerHeight(), f -> set(project, "perch.base.fill", f), progress);
        if (fill.isPresent()) {
            return sized(project, set(project, "perch.base.fill", fill.getAsDouble()), true);
        }
        // Filled to the rim, how wide must the box be? It may grow to the edge of its board.
        Project full = set(project, "perch.base.fill", box.innerHeight());
        OptionalDouble side = least(box.side(), box.boardSide(), s -> set(full, "perch.base.side", s), progress);
        if (side.isPresent()) {
            return sized(project, set(full, "perch.base.side", side.getAsDouble()), false);
        }
        double poured = concrete(project);
        return new BallastSizing(poured, Double.NaN, Double.NaN, Double.NaN, false, Double.NaN);
    }

    private static BallastSizing sized(Project asDrawn, Project needed, boolean fits) {
        CastBox box = box(needed);
        double mass = concrete(needed);
        return new BallastSizing(concrete(asDrawn), mass, box.fill(), box.side(), fits, mass / box.concreteDensity());
    }

    /** Halves the range between a value that is short and one that holds; more ballast never makes tipping worse. */
    private static OptionalDouble least(double from, double to, DoubleFunction<Project> with, Progress progress) {
        if (!stands(with.apply(to))) {
            return OptionalDouble.empty();
        }
        if (stands(with.apply(from))) {
            return OptionalDouble.of(from);
        }
        double low = from;
        double high = to;
        while (high - low > STEP) {
            progress.at(1 - (high - low) / (to - from), "sizing the ballast");
            double middle = (low + high) / 2;
            if (stands(with.apply(middle))) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return OptionalDouble.of(high);
    }

    private static boolean stands(Project project) {
        return Assessor.everyPose(project, TIPPING, Progress.NONE).findings().stream()
                .noneMatch(f -> f.verdict() == Verdict.GIVES);
    }

    private static Project set(Project project, String path, double value) {
        return RecordPath.of(path).with(project, value);
    }

    private static CastBox box(Project project) {
        return switch (project.perch().base()) {
            case CastBox box -> box;
        };
    }

    private static double concrete(Project project) {
        return switch (project.perch().upright()) {
            case PinnedPost post -> box(project).concreteMass(post.postStock().section());
        };
    }

    /** The project with the box filled, or widened and filled, to what is needed. */
    public Project applied(Project project) {
        if (Double.isNaN(needed)) {
            throw new InvalidValue("Ballast", "a box that cannot hold enough", "casters further out first");
        }
        // The side first: a wider box always takes the fill that its sizing found.
        return set(set(project, "perch.base.side", side), "perch.base.fill", fill);
    }

    /** Whole bags of that mix for a volume, m³. */
    public static int bags(double volume, PremixBag bag) {
        return (int) Math.ceil(volume / bag.yield() - 1e-9);
    }
}

package firmperch.choose;

import firmperch.body.Assembly;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.cost.Bill;
import firmperch.param.Path;
import firmperch.part.Kind;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.search.Progress;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;

/**
 * Makes a kind as long and as high as a project's set-ups need: each of its sizes in turn is the one with which least is short as the joints are set,
 * and of those the cheapest. One size after the other, a few times over: a pair of sizes that only together is better is not found. What is asked over every
 * pose is asked here as the joints are set.
 */
final class Sizing {
    /** What is found for one measure may make room for another. */
    private static final int ROUNDS = 3;
    private static final double SAME = 1e-6;
    /** So many are tried at a time. */
    private static final int TOGETHER = ForkJoinPool.getCommonPoolParallelism() + 1;

    private final Project project;
    private final Kind kind;
    private final Progress progress;
    /** What has been tried: what was no better than the best by then is no better later. */
    private final Set<Perch> known = new HashSet<>();

    /** One that can be put together, and the price of all of it. */
    private record Priced(Perch perch, double price) {}

    /**
     * How well a size does.
     *
     * @param gives how many questions are short
     * @param lacks by how much, in sum
     */
    private record Tried(Priced priced, Project project, int gives, double lacks) {
        private static final Comparator<Tried> BEST = Comparator.comparingInt(Tried::gives)
                .thenComparingDouble(t -> Math.rint(t.lacks * 100) / 100).thenComparingDouble(t -> t.priced.price);

        /** Nothing is short, and it is cheaper. */
        boolean beats(Priced other) {
            return gives == 0 && priced.price < other.price;
        }
    }

    private Sizing(Project project, Kind kind, Progress progress) {
        this.project = project;
        this.kind = kind;
        this.progress = progress;
    }

    /**
     * The project with that kind so sized.
     *
     * @throws InvalidValue if the kind cannot stand in this place as it starts: it says why
     */
    static Project of(Project project, Kind kind, Progress progress) {
        return new Sizing(project, kind, progress).sized();
    }

    private Project sized() {
        Tried best = tried(priced(Choosing.tilting(project, kind.start().get())), Integer.MAX_VALUE).orElseThrow();
        int sizes = kind.sizes().size();
        // How many in a row are at their best with all the others as they are now.
        int settled = 0;
        for (int i = 0; i < ROUNDS * sizes && settled < sizes; i++) {
            Tried before = best;
            best = sized(before, kind.sizes().get(i % sizes));
            settled = best == before ? settled + 1 : 1;
        }
        return best.project;
    }

    /** With one of its measures at its best; the changes are told from the start. The cheapest first, until what is left costs more than one that is short of nothing. */
    private Tried sized(Tried start, Kind.Size size) {
        Path first = Path.of(size.paths().getFirst());
        double done = first.number(start.priced.perch) - first.number(kind.start().get());
        List<Perch> changed = size.changes().parallelStream().map(change -> change - done)
                .filter(by -> Math.abs(by) > SAME).flatMap(by -> changed(start.priced.perch, size, by).stream())
                .toList();
        List<Perch> open = changed.stream().filter(known::add).toList();
        List<Priced> all = open.parallelStream().flatMap(perch -> orNothing(() -> priced(perch)).stream())
                .sorted(Comparator.comparingDouble(Priced::price)).toList();
        Tried best = start;
        for (int i = 0; i < all.size() && !best.beats(all.get(i)); i += TOGETHER) {
            best = best(best, all.subList(i, Math.min(i + TOGETHER, all.size())));
        }
        return best;
    }

    private Tried best(Tried sofar, List<Priced> others) {
        return others.parallelStream().filter(other -> !sofar.beats(other))
                .flatMap(other -> orNothing(() -> tried(other, sofar.gives)).flatMap(found -> found).stream())
                .min(Tried.BEST).filter(other -> Tried.BEST.compare(other, sofar) < 0).orElse(sofar);
    }

    /** What lies between may not be possible in the one order, and in the other one be. */
    private static Optional<Perch> changed(Perch perch, Kind.Size size, double change) {
        return orNothing(() -> changed(perch, size.paths(), change))
                .or(() -> orNothing(() -> changed(perch, size.paths().reversed(), change)));
    }

    private static Perch changed(Perch perch, List<String> paths, double change) {
        Perch now = perch;
        for (String path : paths) {
            Path at = Path.of(path);
            now = at.with(now, Math.rint((at.number(now) + change) * 1e4) / 1e4);
        }
        return now;
    }

    /** Nothing where it cannot be. */
    private static <T> Optional<T> orNothing(Supplier<T> what) {
        try {
            return Optional.of(what.get());
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }

    private Priced priced(Perch perch) {
        Assembly assembly = perch.assembly(project.gear(), project.cameraRoom(), project.place().surroundings(),
                project.units());
        return new Priced(perch, Bill.of(assembly, project.units()).price());
    }

    /** Nothing as soon as more than that many questions are short. */
    private Optional<Tried> tried(Priced priced, int most) {
        progress.at(0, "sizing: " + kind.label());
        Study there = Choosing.study(project, priced.perch, kind.joints());
        return Assessor.now(there, most).map(now -> {
            List<Finding> gives = now.findings().stream().filter(f -> f.verdict() == Verdict.GIVES).toList();
            return new Tried(priced, there.project(), gives.size(),
                    gives.stream().mapToDouble(f -> 1 - Math.clamp(f.margin(), 0, 1)).sum());
        });
    }
}

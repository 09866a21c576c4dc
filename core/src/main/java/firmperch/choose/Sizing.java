package firmperch.choose;

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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Makes a kind as long and as high as a project's set-ups need: each of its sizes in turn is the one with which least is short as the joints are set,
 * and of those the cheapest. One size after the other, a few times over: a pair of sizes that only together is better is not found. What is asked over every
 * pose is asked here as the joints are set.
 */
final class Sizing {
    /** What is found for one measure may make room for another. */
    private static final int ROUNDS = 3;
    private static final double SAME = 1e-6;

    private final Project project;
    private final Kind kind;
    private final Progress progress;
    /** What has been tried; nothing where it cannot be put up, or where more is short than in the best by then. */
    private final Map<Perch, Optional<Tried>> known = new ConcurrentHashMap<>();
    /** How many questions are short in the best so far. */
    private final AtomicInteger fewest = new AtomicInteger(Integer.MAX_VALUE);

    /**
     * How well a size does.
     *
     * @param gives how many questions are short
     * @param lacks by how much, in sum
     * @param price of all of it
     */
    private record Tried(Project project, Perch perch, int gives, double lacks, double price) {
        private static final Comparator<Tried> BEST = Comparator.comparingInt(Tried::gives)
                .thenComparingDouble(t -> Math.rint(t.lacks * 100) / 100).thenComparingDouble(Tried::price);
    }

    private Sizing(Project project, Kind kind, Progress progress) {
        this.project = project;
        this.kind = kind;
        this.progress = progress;
    }

    /**
     * The project with that kind so sized; nothing if it cannot be put up at all.
     *
     * @throws InvalidValue if the kind cannot stand in this place as it starts: it says why
     */
    static Project of(Project project, Kind kind, Progress progress) {
        return new Sizing(project, kind, progress).sized();
    }

    private Project sized() {
        Perch perch = kind.start().get();
        Tried best = tried(perch).orElseThrow();
        for (int round = 0; round < ROUNDS; round++) {
            Tried before = best;
            for (Kind.Size size : kind.sizes()) {
                best = sized(best, size);
            }
            if (best == before || kind.sizes().size() == 1) {
                break;
            }
        }
        return best.project;
    }

    /** With one of its measures at its best; the changes are told from the start. */
    private Tried sized(Tried start, Kind.Size size) {
        Path first = Path.of(size.paths().getFirst());
        double done = first.number(start.perch) - first.number(kind.start().get());
        return size.changes().stream().map(change -> change - done).filter(by -> Math.abs(by) > SAME).parallel()
                .flatMap(by -> changed(start.perch, size, by).stream())
                .flatMap(perch -> known.computeIfAbsent(perch, this::orNothing).stream())
                .min(Tried.BEST).filter(b -> Tried.BEST.compare(b, start) < 0).orElse(start);
    }

    private static Optional<Perch> changed(Perch perch, Kind.Size size, double change) {
        try {
            Perch now = perch;
            for (String path : size.paths()) {
                Path at = Path.of(path);
                now = at.with(now, Math.rint((at.number(now) + change) * 1e4) / 1e4);
            }
            return Optional.of(now);
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }

    private Optional<Tried> orNothing(Perch perch) {
        try {
            return tried(perch);
        } catch (InvalidValue doesNotFit) {
            return Optional.empty();
        }
    }

    /** Nothing as soon as more is short than in the best so far. */
    private Optional<Tried> tried(Perch perch) {
        progress.at(0, "sizing: " + kind.label());
        Study there = Choosing.study(project, perch, kind.joints());
        return Assessor.now(there, fewest.get()).map(now -> {
            List<Finding> gives = now.findings().stream().filter(f -> f.verdict() == Verdict.GIVES).toList();
            fewest.accumulateAndGet(gives.size(), Math::min);
            return new Tried(there.project(), perch, gives.size(),
                    gives.stream().mapToDouble(f -> 1 - Math.clamp(f.margin(), 0, 1)).sum(),
                    Bill.of(now.study().assembly(), project.units()).price());
        });
    }
}

package firmperch.search;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.search.Changes.Change;
import firmperch.search.Cures.Tried;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A first cure that spoils nothing and gives up nothing. The first doses of all changes are tried before the second ones, so that what is
 * small is found before what is large; what cannot be such a cure is not proven. How much is looked at is a number of tries, so that the same is
 * found on any machine.
 */
final class CleanCure {
    /** No more doses are tried after so many. */
    private static final int MOST_TRIES = 120;

    private final Cures cures;
    private final Finding told;
    private final Predicate<Project> wished;
    private final Runnable tried;
    private final Map<Tried, Boolean> spoils = new IdentityHashMap<>();
    private final Set<Tried> proven = Collections.newSetFromMap(new IdentityHashMap<>());

    /**
     * @param told by its effect on which a cure is told
     * @param wished which changed projects are still as they are wanted
     */
    CleanCure(Cures cures, Finding told, Predicate<Project> wished, Runnable tried) {
        this.cures = cures;
        this.told = told;
        this.wished = wished;
        this.tried = tried;
    }

    Optional<Cured> of(Finding asked) {
        List<OfValue> all = values(asked);
        List<OfValue> open = all;
        int tries = 0;
        for (int number : Cures.FIRST) {
            tries += open.parallelStream().mapToInt(value -> {
                tried.run();
                return value.dose(number);
            }).sum();
            Optional<Cured> cure = first(bests(open));
            if (cure.isPresent() || tries > MOST_TRIES) {
                return cure;
            }
            open = open.stream().filter(OfValue::open).toList();
        }
        return first(cures.pairs(asked, bests(all), spoils, tried));
    }

    /** Changes that give up nothing, those of the same value together. */
    private List<OfValue> values(Finding asked) {
        Map<Path, List<Dosed>> by = new LinkedHashMap<>();
        List<OfValue> values = new ArrayList<>();
        for (Change change : cures.changes(asked)) {
            Dosed dosed = new Dosed(cures, asked, change, wished);
            if (change.path() != null && !change.givesUp()) {
                by.computeIfAbsent(change.path(), path -> new ArrayList<>()).add(dosed);
            } else if (!change.givesUp()) {
                values.add(new OfValue(List.of(dosed)));
            }
        }
        by.values().forEach(same -> values.add(new OfValue(same)));
        return values;
    }

    /**
     * All ways to change one value. Where a larger one makes no difference at all a smaller one is not tried, and where neither the first nor the last
     * row of a catalogue does, none between: a cure by what only starts to count further on is not found.
     */
    private static final class OfValue {
        private final List<Dosed> ways;
        private final int tell;

        OfValue(List<Dosed> inOrder) {
            ways = new ArrayList<>(inOrder);
            // The last row of a catalogue is tried second.
            ways.add(Math.min(1, ways.size() - 1), ways.removeLast());
            tell = inOrder.getFirst().growing() ? 1 : 2;
        }

        /** @return how many were asked */
        int dose(int number) {
            int asked = 0;
            int idle = 0;
            for (Dosed way : ways) {
                if (idle == tell && idle == asked) {
                    way.leave();
                }
                if (way.dose(number)) {
                    asked++;
                    idle += way.idle() ? 1 : 0;
                }
            }
            return asked;
        }

        boolean open() {
            return ways.stream().anyMatch(way -> !way.over());
        }

        Stream<Tried> best() {
            return ways.stream().map(Dosed::best).flatMap(Optional::stream);
        }
    }

    private static List<Tried> bests(List<OfValue> values) {
        return values.stream().flatMap(OfValue::best).toList();
    }

    private Optional<Cured> first(List<Tried> candidates) {
        return candidates.stream()
                .filter(t -> t.verdict() != Verdict.GIVES && wished.test(cures.changed(t.dose())))
                .sorted(Comparator.comparing((Tried t) -> t.verdict().ordinal()).thenComparingDouble(cures::guess))
                .filter(t -> !spoils.computeIfAbsent(t, cures::spoils)).filter(proven::add).limit(Cures.MOST_SINGLES)
                .map(t -> {
                    tried.run();
                    return cures.enough(told, t);
                }).flatMap(Optional::stream)
                .filter(c -> c.cure().verdict() != Verdict.GIVES && c.cure().worsens().isEmpty())
                .findFirst();
    }
}

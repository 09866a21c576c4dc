package firmperch.search;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.search.Cures.Dosed;
import firmperch.search.Cures.Tried;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * A first cure that spoils nothing and gives up nothing. The first doses of all changes are tried before the second ones, so that what is
 * small is found before what is large; what cannot be such a cure is not proven. How much is looked at is a number of tries, so that the same is
 * found on any machine.
 */
final class CleanCure {
    /** No more doses are tried after so many. */
    private static final int MOST_TRIES = 250;

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
        List<Dosed> all = cures.changes(asked).stream().map(change -> cures.new Dosed(asked, change)).toList();
        List<Dosed> open = all;
        int tries = 0;
        for (int number : Cures.FIRST) {
            open.parallelStream().forEach(dosed -> {
                tried.run();
                dosed.dose(number);
            });
            tries += open.size();
            Optional<Cured> cure = first(bests(open));
            if (cure.isPresent() || tries > MOST_TRIES) {
                return cure;
            }
            open = open.stream().filter(dosed -> !dosed.over()).toList();
        }
        return first(cures.pairs(asked, bests(all), spoils, tried));
    }

    private static List<Tried> bests(List<Dosed> dosed) {
        return dosed.stream().map(Dosed::best).flatMap(Optional::stream).toList();
    }

    private Optional<Cured> first(List<Tried> candidates) {
        return candidates.stream()
                .filter(t -> t.verdict() != Verdict.GIVES && !t.givesUp() && wished.test(cures.changed(t)))
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

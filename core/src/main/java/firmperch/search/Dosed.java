package firmperch.search;

import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.search.Changes.Change;
import firmperch.search.Changes.Dose;
import firmperch.search.Cures.Tried;
import java.util.Optional;
import java.util.function.Predicate;

/** A change of which doses are tried, smaller ones first: the smallest that cures, or else the one that helps most. */
final class Dosed {
    private final Cures cures;
    private final Finding finding;
    private final Change change;
    private final Predicate<Project> wished;
    private Tried best;
    private int worse;
    private int below = -1;
    private boolean over;
    private boolean idle;

    /** @param wished which changed projects are still as they are wanted: of a change that makes others no dose is tried */
    Dosed(Cures cures, Finding finding, Change change, Predicate<Project> wished) {
        this.cures = cures;
        this.finding = finding;
        this.change = change;
        this.wished = wished;
        over = change.doses().isEmpty();
    }

    /**
     * Tries the dose of that number, or the last.
     *
     * @return whether the question was asked
     */
    boolean dose(int number) {
        int index = Math.min(number, change.doses().size()) - 1;
        over = over || index <= below;
        if (over) {
            return false;
        }
        Optional<Dose> dose = change.doses().get(index).get();
        if (dose.filter(d -> !wished.test(cures.changed(d))).isPresent()) {
            over = true;
            return false;
        }
        dose.flatMap(d -> cures.tried(finding, change, index, d)).ifPresent(this::take);
        below = index;
        return dose.isPresent();
    }

    private void take(Tried tried) {
        if ((best == null || tried.ratio() > best.ratio()) && Cures.betters(tried.ratio(), finding)) {
            best = tried;
            if (best.verdict() == Verdict.HOLDS) {
                best = cures.smallest(finding, change, below + 1, best);
                over = true;
            }
            return;
        }
        double was = finding.reading().ratio();
        idle = tried.ratio() == was && was > 0;
        // No difference at all, or worse twice in a row: give up. A collision may still clear further on, so
        // one worse step is allowed.
        over = idle || ++worse == 2 && best == null && was > 0;
    }

    Optional<Tried> best() {
        return Optional.ofNullable(best);
    }

    /** Whether no further dose is worth a try. */
    boolean over() {
        return over;
    }

    /** Whether there is more than one dose. */
    boolean growing() {
        return change.doses().size() > 1;
    }

    /** Whether the last dose made no difference at all. */
    boolean idle() {
        return idle;
    }

    /** Tries no further dose. */
    void leave() {
        over = true;
    }
}

package firmperch.search;

import firmperch.check.About;
import firmperch.check.Finding.Cure;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.search.Changes.Change;
import firmperch.search.Changes.Dose;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Searches for changes that cure a finding ({@link Changes}): one at a time and, where no single change cures without
 * spoiling something else, in pairs.
 *
 * <p>Trying is done in two stages because a full run is dear. First each dose is tried in the finding's worst pose
 * only. Those that help there are run again over every pose and every question. The price of a cure is the difference
 * of the two bills, and the cheapest cure comes first.
 */
final class Cures {
    /**
     * Doses tried first, by number, smallest first. Once one cures, the doses between it and the one before are tried
     * as well.
     */
    static final int[] FIRST = {1, 2, 3, 5, 8, 12, 18, 27, 40};
    /** An improvement smaller than this share does not count. */
    private static final double WORTH = 0.005;
    /** If nothing cures, a change that closes less than this share of the gap is not offered. */
    private static final double HELPS = 0.1;
    /** A dose that is enough in one pose but not over all poses is enlarged at most this many times. */
    private static final int MORE = 3;
    static final int MOST_SINGLES = 8;
    private static final int PAIRED = 6;
    private static final int ENOUGH = 3;
    private static final int MOST_PAIRS = 4;

    private final Assessment before;
    private final Project project;
    private final CurePrice price;
    private final Set<String> asked;
    /** What was found, what is likeliest to give after a change first. */
    private final List<Finding> likeliest;
    /** By the number of the set-up that is changed where a change is of one only. */
    private final Map<Integer, List<Change>> changes = new HashMap<>();
    /** Mass hung on beyond the gear while trying, kg; 0 means the spare. */
    private double more;

    /** What was wished for is given up last, whatever it costs. */
    private static final double WISH = 1e6;

    /**
     * A dose that helps in the finding's worst pose.
     *
     * @param change that it is a dose of; null for two together
     * @param index which dose of it
     */
    record Tried(Dose dose, double ratio, Verdict verdict, Change change, int index) {
        boolean moves() {
            return change != null && change.moves();
        }

        boolean givesUp() {
            return change != null && change.givesUp();
        }
    }

    Cures(Assessment before) {
        this.before = before;
        project = before.project();
        price = new CurePrice(before.study());
        likeliest = before.findings().stream().sorted(Assessment.WEAKEST_FIRST).toList();
        asked = before.findings().stream().map(Finding::id).collect(Collectors.toSet());
    }

    /** Changes of the set-up that a finding is about, or of the one shown. */
    List<Change> changes(Finding finding) {
        int setUp = finding.setUp() == Finding.NO_SETUP ? project.shown() : finding.setUp();
        return changes.computeIfAbsent(setUp,
                each -> Changes.of(before.study().moved(project.showing(each)).set()));
    }

    /** Cures of a finding. Those that cure it come first, cheapest first. */
    List<Cure> of(Finding finding, Runnable tried) {
        return of(finding, ENOUGH, tried);
    }

    /** The cheapest cure of a finding, found without looking for the others. */
    List<Cure> cheapest(Finding finding, Runnable tried) {
        return of(finding, 1, tried);
    }

    /**
     * A cure that spoils nothing and gives up nothing, the cheapest that is found first: what cannot be one is not proven.
     *
     * @param wished which changed projects are still as they are wanted
     */
    Optional<Cured> clean(Finding finding, Predicate<Project> wished, Runnable tried) {
        return carried(finding, asked -> new CleanCure(this, finding, wished, tried).of(asked))
                .orElse(Optional.empty());
    }

    private List<Cure> of(Finding finding, int wanted, Runnable tried) {
        return carried(finding, asked -> sought(asked, finding, wanted, tried)).orElse(List.of());
    }

    /**
     * Searches for what improves one finding and reports it by its effect on another, which may be the same one.
     *
     * @param wanted how many that cure and spoil nothing
     */
    private List<Cure> sought(Finding finding, Finding told, int wanted, Runnable tried) {
        List<Tried> singles = singles(finding, tried);
        Map<Tried, Boolean> spoils = new IdentityHashMap<>();
        List<Cure> cures = new ArrayList<>();
        for (Iterator<Tried> best = inOrder(singles, spoils).limit(MOST_SINGLES).iterator(); best.hasNext();) {
            Tried one = best.next();
            List<Cure> clean = cures.stream().filter(Cures::clean).toList();
            // What spoils something in one pose spoils it over all poses too.
            if (clean.size() >= wanted && (one.verdict != Verdict.HOLDS || spoils.getOrDefault(one, false)
                    || clean.stream().anyMatch(c -> c.cost() <= guess(one)))) {
                break;
            }
            tried.run();
            enough(told, one).map(Cured::cure).ifPresent(cures::add);
        }
        if (cures.stream().noneMatch(Cures::clean)) {
            for (Tried pair : pairs(finding, singles, spoils, tried)) {
                tried.run();
                proven(told, pair).map(Cured::cure).ifPresent(cures::add);
            }
        }
        boolean cured = cures.stream().anyMatch(c -> c.verdict() == Verdict.HOLDS && c.worsens().isEmpty());
        // A small improvement is noise beside a cure.
        double least = told.left() + HELPS * Math.max(0, 1 - told.left());
        cures.removeIf(c -> cured ? c.verdict() == Verdict.GIVES : c.left() < least);
        cures.sort(Comparator.comparingInt((Cure c) -> c.verdict().ordinal()).thenComparing(c -> !c.worsens().isEmpty())
                .thenComparingDouble(Cure::cost).thenComparing(c -> !c.moves()));
        return cures;
    }

    /**
     * Candidates in the order to look at: those that cure and spoil nothing, cheapest first, then those that help
     * most. Evaluated only as far as the caller reads.
     */
    private Stream<Tried> inOrder(List<Tried> tried, Map<Tried, Boolean> spoils) {
        Map<Tried, Double> costs = new IdentityHashMap<>();
        tried.forEach(t -> costs.put(t, t.verdict == Verdict.GIVES ? -t.ratio : guess(t)));
        List<Tried> sorted = tried.stream()
                .sorted(Comparator.comparing((Tried t) -> t.verdict.ordinal()).thenComparingDouble(costs::get))
                .toList();
        List<Tried> cure = sorted.stream().filter(t -> t.verdict == Verdict.HOLDS).toList();
        return Stream.concat(
                Stream.concat(cure.stream().filter(t -> !spoils.computeIfAbsent(t, this::spoils)),
                        cure.stream().filter(spoils::get)),
                sorted.stream().filter(t -> t.verdict != Verdict.HOLDS));
    }

    /** Proves a candidate over every pose, and enlarges it a little if it was enough in one pose only. */
    Optional<Cured> enough(Finding told, Tried tried) {
        Optional<Cured> cure = proven(told, tried);
        for (int i = 1; i <= MORE && tried.verdict == Verdict.HOLDS && tried.index + i < tried.change.doses().size()
                && cure.filter(c -> c.cure().verdict() != Verdict.HOLDS).isPresent(); i++) {
            int index = tried.index + i;
            Optional<Cured> larger = tried.change.doses().get(index).get()
                    .flatMap(dose -> proven(told, new Tried(dose, tried.ratio, tried.verdict, tried.change, index)));
            if (larger.isEmpty()) {
                break;
            }
            cure = larger;
        }
        return cure;
    }

    /** Cures, spoils nothing and gives up nothing that was wished for. */
    private static boolean clean(Cure cure) {
        return !cure.givesUp() && cure.verdict() == Verdict.HOLDS && cure.worsens().isEmpty();
    }

    /**
     * Looks for something with what a finding asks: of the question what goes first under added weight that is whatever goes first, under so
     * much weight.
     */
    private <T> Optional<T> carried(Finding finding, Function<Finding, T> look) {
        if (!finding.id().equals(FirstToGo.ID)) {
            return Optional.of(look.apply(finding));
        }
        return FirstToGo.first(before.findings(), before.study(), FirstToGo.asked(before.study()) + 1)
                .flatMap(first -> before.find(first.id())).map(goes -> {
                    more = FirstToGo.asked(before.study());
                    try {
                        return look
                                .apply(Assessor.answered(goes.question(), before.study().carrying(more).in(goes.pose()),
                                        goes.search()));
                    } finally {
                        more = 0;
                    }
                });
    }

    /** What each change is at its best. */
    private List<Tried> singles(Finding finding, Runnable tried) {
        return changes(finding).parallelStream().map(change -> {
            tried.run();
            Dosed dosed = new Dosed(this, finding, change, any -> true);
            for (int number : FIRST) {
                dosed.dose(number);
            }
            return dosed.best();
        }).flatMap(Optional::stream).toList();
    }

    Tried smallest(Finding finding, Change change, int from, Tried enough) {
        for (int index = from; index < enough.index; index++) {
            Optional<Tried> less = tried(finding, change, index).filter(t -> t.verdict == Verdict.HOLDS);
            if (less.isPresent()) {
                return less.get();
            }
        }
        return enough;
    }

    /**
     * The effect of a dose in the finding's worst pose; nothing if the geometry does not allow it or the question is
     * then not asked.
     */
    private Optional<Tried> tried(Finding finding, Change change, int index) {
        return change.doses().get(index).get().flatMap(dose -> tried(finding, change, index, dose));
    }

    Optional<Tried> tried(Finding finding, Change change, int index, Dose dose) {
        return reading(finding, dose.changed()).map(r -> tried(finding, dose, r, change, index));
    }

    private Tried tried(Finding finding, Dose dose, Reading reading, Change change, int index) {
        return new Tried(dose, reading.ratio(), reading.verdict(finding.about().reserve(), project.policy().near()),
                change, index);
    }

    static boolean betters(double ratio, Finding finding) {
        double was = finding.reading().ratio();
        return ratio > was + WORTH * Math.abs(was);
    }

    /**
     * Asks the finding's question of a changed project in the finding's worst pose; nothing if it is not asked any
     * more.
     */
    private Optional<Reading> reading(Finding finding, Project changed) {
        Study study = Study.of(changed);
        return reading(finding, more > project.gear().spare() ? study.carrying(more) : study);
    }

    private Optional<Reading> reading(Finding finding, Study study) {
        Situation set = finding.setUp() == Finding.NO_SETUP ? study.set() : study.in(finding.setUp());
        return RaisedQuestions.same(finding.question(), set.study()).map(question -> {
            if (finding.about().scope() != About.Scope.EVERY_POSE || finding.search() == null) {
                return question.told(set);
            }
            Map<String, Double> joints = new HashMap<>(study.project().stance().joints());
            joints.putAll(finding.pose().joints(before.study().assembly()));
            return question.told(study.in(Pose.of(study.assembly(), joints)));
        });
    }

    /** True if something else gives in its own worst pose, or what only now is asked does. Such a change is looked at after the others. */
    boolean spoils(Tried tried) {
        Study study = Study.of(tried.dose.changed());
        double near = project.policy().near();
        Stream<Verdict> still = likeliest.stream()
                .filter(was -> was.verdict() != Verdict.GIVES && !was.id().equals(FirstToGo.ID))
                .flatMap(was -> reading(was, study).stream().map(r -> r.verdict(was.about().reserve(), near)));
        Stream<Verdict> anew = RaisedQuestions.of(study).stream().filter(q -> !asked.contains(q.id()))
                .map(q -> q.at(study.set()).verdict(q.about().reserve(), near));
        return Stream.concat(still, anew).anyMatch(v -> v == Verdict.GIVES);
    }

    /** The changed project, with the same set-up shown. */
    Project changed(Dose dose) {
        return dose.changed().showing(project.shown());
    }

    double guess(Tried tried) {
        return (tried.moves() ? 0 : price.of(tried.dose.changed())) + (tried.givesUp() ? WISH : 0);
    }

    /**
     * Pairs of changes. Takes the best change of each value, preferring those that spoil nothing, and combines the
     * best of them two by two.
     */
    List<Tried> pairs(Finding finding, List<Tried> singles, Map<Tried, Boolean> spoils, Runnable tried) {
        Map<Path, Tried> best = new LinkedHashMap<>();
        List<Tried> unknown = singles.stream().filter(t -> !spoils.containsKey(t)).toList();
        List<Boolean> looked = unknown.parallelStream().map(this::spoils).toList();
        for (int i = 0; i < looked.size(); i++) {
            spoils.put(unknown.get(i), looked.get(i));
        }
        singles.stream().filter(t -> t.dose.path() != null)
                .sorted(Comparator.comparing((Tried t) -> spoils.get(t)).thenComparingDouble(t -> -t.ratio))
                .forEach(t -> best.putIfAbsent(t.dose.path(), t));
        List<Tried> most = best.values().stream().limit(PAIRED).toList();
        List<Tried> pairs = new ArrayList<>();
        for (int i = 0; i < most.size(); i++) {
            for (int j = i + 1; j < most.size(); j++) {
                tried.run();
                most.get(j).dose.after(most.get(i).dose).flatMap(both -> reading(finding, both.changed())
                        .map(r -> tried(finding, both, r, null, 0))).filter(t -> betters(t.ratio, finding))
                        .ifPresent(pairs::add);
            }
        }
        return inOrder(pairs, new IdentityHashMap<>()).limit(MOST_PAIRS).toList();
    }

    /** Runs the candidate over every pose with every question. */
    private Optional<Cured> proven(Finding finding, Tried tried) {
        Assessment after = Assessor.everyPose(Study.of(tried.dose.changed()), finding.id());
        return after.find(finding.id()).filter(f -> betters(f.reading().ratio(), finding)).map(f -> {
            List<String> worsens = after.findings().stream()
                    .filter(g -> g.verdict() == Verdict.GIVES && before.find(g.id())
                            .map(was -> was.verdict() != Verdict.GIVES).orElse(true))
                    .sorted(Assessment.WEAKEST_FIRST).map(Finding::says).toList();
            Cure cure = new Cure(tried.dose.what(), price.words(after.study()), guess(tried), f.left(), f.verdict(),
                    worsens, tried.givesUp(), tried.moves(), changed(tried.dose));
            return new Cured(cure, after);
        });
    }
}

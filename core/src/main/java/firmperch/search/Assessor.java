package firmperch.search;

import firmperch.check.About.Scope;
import firmperch.check.Check;
import firmperch.check.Checks;
import firmperch.check.Finding;
import firmperch.check.Finding.Cure;
import firmperch.check.Reading;
import firmperch.check.Remedy;
import firmperch.check.Remedy.Dose;
import firmperch.check.Situation;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;

/** Runs the checks: in the set pose, over every pose, and again for each cure. */
public final class Assessor {
    private Assessor() {
    }

    /** Every check in the pose that is set; quick enough for every frame of a drag. */
    public static Assessment now(Project project) {
        Situation set = Situation.of(project);
        List<Finding> findings = Checks.ALL.stream().map(check -> inSetPose(check, set)).toList();
        return new Assessment(project, set, findings, false);
    }

    /**
     * The set pose anew, with what an earlier assessment found over every pose kept: right as long as only the joints or
     * the stand have changed since.
     */
    public static Assessment now(Project project, Assessment earlier) {
        Situation set = Situation.of(project);
        List<Finding> findings = earlier.findings().stream()
                .map(f -> f.about().scope() == Scope.EVERY_POSE ? f : inSetPose(f.check(), set)).toList();
        return new Assessment(project, set, findings, earlier.complete());
    }

    private static Finding inSetPose(Check check, Situation set) {
        return finding(check, check.at(set), set, null);
    }

    private static Finding finding(Check check, Reading reading, Situation s, Finding.Search search) {
        Verdict verdict = reading.verdict(check.about().reserve(), s.project().policy().near());
        return new Finding(check, reading, verdict, s.posed().pose(), search, List.of());
    }

    /** Every check in its worst pose over the whole travel of every joint. */
    public static Assessment everyPose(Project project, Progress progress) {
        return everyPose(project, Checks.ALL, progress);
    }

    /** The same for some of the checks. */
    static Assessment everyPose(Project project, List<Check> checks, Progress progress) {
        Situation set = Situation.of(project);
        List<Check> swept = checks.stream().filter(c -> c.about().scope() == Scope.EVERY_POSE).toList();
        WorstPose travel = new WorstPose(set.posed().rig());
        double[][] grid = swept.isEmpty() ? new double[0][0] : sweep(set, travel.grid(), swept);
        progress.at(0.3, "looking at every pose");

        List<Finding> findings = checks.parallelStream().map(check -> {
            int row = swept.indexOf(check);
            if (row < 0) {
                return inSetPose(check, set);
            }
            WorstPose.Found worst = travel.largest(grid[row], pose -> used(check, set.in(pose)), set.posed().pose());
            progress.at(0.3 + 0.7 * row / swept.size(), check.about().question());
            Situation there = set.in(worst.pose());
            return finding(check, check.at(there), there, worst.search());
        }).toList();
        return new Assessment(project, set, findings, true);
    }

    private static double[][] sweep(Situation set, List<Pose> grid, List<Check> checks) {
        double[][] figures = new double[checks.size()][grid.size()];
        IntStream.range(0, grid.size()).parallel().forEach(i -> {
            Situation there = set.in(grid.get(i));
            for (int c = 0; c < checks.size(); c++) {
                figures[c][i] = used(checks.get(c), there);
            }
        });
        return figures;
    }

    /** Asked over available: what the search makes as large as it gets. */
    private static double used(Check check, Situation s) {
        Reading reading = check.at(s);
        double asked = Math.max(reading.asked(), 0);
        return asked >= Reading.PLENTY * reading.available() ? Reading.PLENTY : asked / reading.available();
    }

    /** The assessment with cures sought for every finding, the weakest first; each is re-run over every pose. */
    public static Assessment withCures(Assessment assessment, Progress progress) {
        List<Finding> order = new ArrayList<>(assessment.findings());
        order.sort(Comparator.comparingDouble(Finding::margin));
        Map<String, Finding> cured = new ConcurrentHashMap<>();
        order.parallelStream().forEach(finding -> {
            // Said at every dose, as whoever listens may have the search stopped.
            Runnable tried = () -> progress.at((double) cured.size() / order.size(),
                    "cures for: " + finding.about().question());
            cured.put(finding.about().id(), finding.with(cures(assessment, finding, tried)));
        });
        List<Finding> findings = assessment.findings().stream().map(f -> cured.get(f.about().id())).toList();
        return new Assessment(assessment.project(), assessment.situation(), findings, assessment.complete());
    }

    private static List<Cure> cures(Assessment assessment, Finding finding, Runnable tried) {
        List<Cure> cures = new ArrayList<>();
        for (Remedy remedy : finding.check().remedies(assessment.project())) {
            Cure best = null;
            double most = finding.reading().ratio();
            for (Dose dose : remedy.doses()) {
                tried.run();
                Finding after = everyPose(dose.changed(), List.of(finding.check()), Progress.NONE).findings()
                        .getFirst();
                if (after.reading().ratio() > most) {
                    most = after.reading().ratio();
                    best = cure(assessment, finding, dose, after);
                }
                if (best != null && best.verdict() == Verdict.HOLDS) {
                    break;
                }
            }
            if (best != null) {
                cures.add(best);
            }
        }
        // Real cures before mere betterments; among equals the order of the check, cheapest first, stays.
        cures.sort(Comparator.comparingInt(c -> c.verdict().ordinal()));
        return cures;
    }

    private static Cure cure(Assessment before, Finding finding, Dose dose, Finding after) {
        List<String> worsens = List.of();
        if (finding.verdict() != Verdict.HOLDS && after.verdict() != Verdict.GIVES) {
            worsens = everyPose(dose.changed(), Progress.NONE).findings().stream()
                    .filter(f -> f.verdict() == Verdict.GIVES
                            && before.finding(f.about().id()).verdict() != Verdict.GIVES)
                    .map(f -> f.about().question()).toList();
        }
        boolean moves = !dose.changed().stance().equals(before.project().stance());
        return new Cure(dose.what(), dose.price(), after.margin(), after.verdict(), worsens, moves, dose.changed());
    }

    /** Everything at once: every pose, then cures. */
    public static Assessment full(Project project, Progress progress) {
        return withCures(everyPose(project, progress), progress);
    }
}

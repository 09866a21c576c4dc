package firmperch.search;

import firmperch.check.About.Scope;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;

/** Asks the questions: in the set pose, over every pose, and again for each cure. */
public final class Assessor {
    private Assessor() {
    }

    /** Every question in the pose that is set; quick enough for every edit. */
    public static Assessment now(Project project) {
        Situation set = Study.of(project).set();
        List<Finding> findings = new ArrayList<>();
        for (Question<?> question : RaisedQuestions.of(set.study())) {
            findings.add(answered(question, set, null));
        }
        return new Assessment(set, findings, false);
    }

    /**
     * The set pose anew, with what an earlier assessment found over every pose kept: right as long as only the joints or the
     * stand have changed since, and the room is asked again.
     */
    public static Assessment now(Project project, Assessment earlier) {
        Situation set = earlier.study().moved(project).set();
        List<Finding> findings = new ArrayList<>();
        for (Finding f : earlier.findings()) {
            findings.add(f.about().scope() == Scope.SET_POSE ? answered(f.question(), set, null) : f);
        }
        return new Assessment(set, findings, earlier.complete(),
                project.stance().samePlace(earlier.project().stance()) ? earlier.coverage() : Optional.empty());
    }

    /** The assessment with how much of the bench the camera reaches, if that is not known yet. */
    public static Assessment withCoverage(Assessment assessment, Progress progress) {
        return assessment.coverage().isPresent()
                ? assessment
                : new Assessment(assessment.situation(), assessment.findings(), assessment.complete(),
                        Optional.of(Coverage.of(assessment.study().set(), progress)));
    }

    static Finding answered(Question<?> question, Situation s, Finding.Search search) {
        Reading reading = question.at(s);
        Verdict verdict = reading.verdict(question.about().reserve(), s.policy().near());
        return new Finding(question, reading, verdict, s.posed().pose(), search);
    }

    private static List<Finding> withFirst(List<Finding> findings, Study study) {
        List<Finding> all = new ArrayList<>(findings);
        FirstToGo.finding(findings, study).ifPresent(all::add);
        return all;
    }

    /** Every question in its worst pose over the whole travel of every joint. */
    public static Assessment everyPose(Project project, Progress progress) {
        return everyPose(Study.of(project), progress);
    }

    static Assessment everyPose(Study study, Progress progress) {
        List<Finding> findings = everyPose(study, RaisedQuestions.of(study), question -> true, progress);
        return new Assessment(study.set(), withFirst(findings, study), true);
    }

    /**
     * The same with one finding's figure proven, all others sampled, and of these what there is plenty of only coarsely: enough
     * to know what a change spoils, at a third of the work.
     */
    static Assessment everyPose(Study study, String proven) {
        List<Finding> findings = everyPose(study, RaisedQuestions.of(study), question -> question.id().equals(proven),
                Progress.NONE);
        return new Assessment(study.set(), withFirst(findings, study), true);
    }

    /** The same for some of the questions, and of these a proof for some. */
    static List<Finding> everyPose(Study study, List<Question<?>> questions, Predicate<Question<?>> proof,
            Progress progress) {
        Situation set = study.set();
        List<Question<?>> swept = questions.stream().filter(q -> q.about().scope() == Scope.EVERY_POSE).toList();
        WorstPose travel = swept.isEmpty() ? null : new WorstPose(study);
        double[][] grid = swept.isEmpty() ? new double[0][0] : travel.sweep(swept, proof);
        progress.at(0.4, "looking at every pose");
        return questions.parallelStream().map(question -> {
            int row = swept.indexOf(question);
            if (row < 0) {
                return answered(question, set, null);
            }
            WorstPose.Found worst = proof.test(question)
                    ? travel.worst(question, grid[row], set.posed().pose(), true)
                    : travel.roughly(question, grid[row], set.posed().pose());
            progress.at(0.4 + 0.6 * row / swept.size(), question.words());
            return answered(question, study.in(worst.pose()), worst.search());
        }).toList();
    }

    /** The assessment with cures sought for what is short or near, the weakest first; each is re-run over every pose. */
    public static Assessment withCures(Assessment assessment, Progress progress) {
        List<Finding> wanting = assessment.findings().stream().filter(f -> f.verdict() != Verdict.HOLDS)
                .sorted(Assessment.WEAKEST_FIRST).toList();
        Map<String, Finding> cured = new ConcurrentHashMap<>();
        Cures cures = new Cures(assessment);
        for (int i = 0; i < wanting.size(); i++) {
            Finding finding = wanting.get(i);
            double share = (double) i / wanting.size();
            cured.put(finding.id(), finding.with(cures.of(finding,
                    () -> progress.at(share, "cures for: " + finding.question().words()))));
        }
        return assessment.with(assessment.findings().stream().map(f -> cured.getOrDefault(f.id(), f)).toList());
    }

    /** Cures of one finding, also where it holds, for when they are asked for. */
    public static Assessment withCures(Assessment assessment, Finding of, Progress progress) {
        return with(assessment, of, new Cures(assessment).of(of, seeking(of, progress)));
    }

    /** Everything at once: every pose, how far it reaches, then cures. */
    public static Assessment full(Project project, Progress progress) {
        return withCures(withCoverage(everyPose(project, progress), progress), progress);
    }

    /** Every pose, then only the cure that the sentence under the verdict tells: the cheapest of what is weakest. */
    public static Assessment told(Project project, Progress progress) {
        return withCheapest(everyPose(project, progress), progress);
    }

    /** The assessment with the cheapest cure of what is weakest, where that is short or near. */
    public static Assessment withCheapest(Assessment every, Progress progress) {
        Finding weakest = every.weakest();
        return weakest.verdict() == Verdict.HOLDS
                ? every
                : with(every, weakest, new Cures(every).cheapest(weakest, seeking(weakest, progress)));
    }

    private static Runnable seeking(Finding finding, Progress progress) {
        return () -> progress.at(0, "cures for: " + finding.question().words());
    }

    private static Assessment with(Assessment assessment, Finding of, List<Finding.Cure> cures) {
        return assessment
                .with(assessment.findings().stream().map(f -> f.id().equals(of.id()) ? f.with(cures) : f).toList());
    }
}

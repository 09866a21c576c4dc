package firmperch.search;

import firmperch.check.About.Scope;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Runs every question: in the set pose, over every pose, and again for each cure that is tried. */
public final class Assessor {
    private Assessor() {
    }

    /** Every question in the pose that is set. Fast enough to run on each edit. */
    public static Assessment now(Project project) {
        Study study = Study.of(project);
        InEach each = new InEach(study);
        return new Assessment(each.shown(), RaisedQuestions.of(study).stream().map(each::answered).toList(), false);
    }

    /** The same of one that is tried among others, put up already: nothing as soon as more than that many questions are short. */
    public static Optional<Assessment> now(Study study, int most) {
        InEach each = new InEach(study);
        List<Finding> findings = new ArrayList<>();
        int gives = 0;
        for (Question<?> question : RaisedQuestions.of(study)) {
            Finding finding = each.answered(question);
            findings.add(finding);
            gives += finding.verdict() == Verdict.GIVES ? 1 : 0;
            if (gives > most) {
                return Optional.empty();
            }
        }
        return Optional.of(new Assessment(each.shown(), findings, false));
    }

    /**
     * Assesses a new set pose and keeps what an earlier assessment found over every pose. Valid as long as only the
     * joints or the stand have changed since; questions about the room are asked again.
     */
    public static Assessment now(Project project, Assessment earlier) {
        InEach each = new InEach(earlier.study().moved(project));
        List<Finding> findings = earlier.findings().stream()
                .map(f -> f.about().scope() == Scope.SET_POSE ? each.answered(f.question()) : f).toList();
        boolean sameReach = project.shown() == earlier.project().shown()
                && project.stance().samePlace(earlier.project().stance());
        return new Assessment(each.shown(), findings, earlier.complete(), false,
                sameReach ? earlier.coverage() : Optional.empty());
    }

    /** What is weakest in one of the set-ups, of all that is asked of the set pose. */
    public static Finding weakestIn(Study study, int setUp) {
        InEach each = new InEach(study);
        return RaisedQuestions.of(study).stream().filter(q -> q.about().scope() == Scope.SET_POSE)
                .flatMap(q -> each.answered(q, setUp).stream()).min(Assessment.WEAKEST_FIRST).orElseThrow();
    }

    /** Adds how much of the bench the camera reaches, if that is not known yet. */
    public static Assessment withCoverage(Assessment assessment, Progress progress) {
        return assessment.coverage().isPresent()
                ? assessment
                : assessment.with(Coverage.of(assessment.study().set(), progress));
    }

    static Finding answered(Question<?> question, Situation s, Finding.Search search) {
        return found(question, question.told(s), s, Finding.NO_SETUP, search);
    }

    static Finding found(Question<?> question, Reading reading, Situation s, int setUp, Finding.Search search) {
        return Finding.of(question, reading, question.about().reserve(), s.policy().near(),
                s.posed().pose(), setUp, search);
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
        return new Assessment(study.shown(), withFirst(findings, study), true);
    }

    /**
     * A cheaper run for trying a cure: one finding is proven, all others are only sampled, and those with plenty in
     * hand only coarsely. Enough to see what a change spoils, at a third of the work.
     */
    static Assessment everyPose(Study study, String proven) {
        List<Finding> findings = everyPose(study, RaisedQuestions.of(study), question -> question.id().equals(proven),
                Progress.NONE);
        return new Assessment(study.shown(), withFirst(findings, study), true);
    }

    /** Every question looked for its worst pose by sampling alone: a third of the work, and what is found may be a little better than the worst. */
    public static Assessment sampled(Project project, Progress progress) {
        progress.at(0, "looking at poses");
        return everyPose(Study.of(project), "");
    }

    /**
     * With some of what was only looked at roughly looked for from the worst pose that is known of it: what has plenty in hand
     * is told by a few poses else, and may be some per cent better than the worst.
     */
    public static Assessment closely(Assessment a, Predicate<Finding> which) {
        WorstPose travel = new WorstPose(a.study());
        return a.with(a.findings().parallelStream()
                .map(f -> roughly(f) && which.test(f) ? climbed(a, f, travel) : f).toList());
    }

    /** What goes first under added weight follows from the others. */
    private static boolean roughly(Finding f) {
        return f.search() != null && !f.search().proven() && !f.id().equals(FirstToGo.ID);
    }

    private static Finding climbed(Assessment a, Finding f, WorstPose travel) {
        WorstPose.Found found = travel.from(f.question(), f.pose(), f.search());
        return answered(f.question(), a.study().in(found.pose()), found.search());
    }

    /** Answers some of the questions over every pose, with a proof for those among them that are named. */
    static List<Finding> everyPose(Study study, List<Question<?>> questions, Predicate<Question<?>> proof,
            Progress progress) {
        InEach each = new InEach(study);
        // Where a hand holds the camera instead of a rig, only where it is wanted counts.
        List<Question<?>> swept = study.project().perch().none()
                ? List.of()
                : questions.stream().filter(q -> q.about().scope() == Scope.EVERY_POSE).toList();
        Map<Question<?>, WorstPose.Found> worst = swept.isEmpty()
                ? Map.of()
                : worst(study, swept, proof, progress);
        return questions.parallelStream().map(question -> {
            WorstPose.Found found = worst.get(question);
            return found == null
                    ? each.answered(question)
                    : answered(question, study.in(found.pose()), found.search());
        }).toList();
    }

    private static Map<Question<?>, WorstPose.Found> worst(Study study, List<Question<?>> swept,
            Predicate<Question<?>> proof, Progress progress) {
        Pose usual = study.set().posed().pose();
        WorstPose travel = new WorstPose(study);
        double[][] grid = travel.sweep(swept, proof);
        boolean[][] felt = travel.felt(swept, grid, proof);
        progress.at(0.4, "looking at every pose");
        WorstPose.Found[] found = new WorstPose.Found[swept.size()];
        IntStream.range(0, found.length).parallel().forEach(i -> {
            Question<?> question = swept.get(i);
            found[i] = proof.test(question)
                    ? travel.climbed(question, grid[i], felt[i], usual, true)
                    : travel.roughly(question, grid[i], felt[i], usual);
            progress.at(0.4 + 0.3 * i / found.length, question.words());
        });
        Map<Question<?>, WorstPose.Found> worst = new IdentityHashMap<>();
        List<Question<?>> proven = new ArrayList<>();
        for (int i = 0; i < found.length; i++) {
            worst.put(swept.get(i), found[i]);
            if (proof.test(swept.get(i))) {
                proven.add(swept.get(i));
            }
        }
        worst.putAll(travel.proven(proven, worst, () -> progress.at(0.7, "proving that no pose is worse")));
        return worst;
    }

    /**
     * Adds cures for everything short or near, weakest first. Each cure is run again over every pose before it is
     * told.
     */
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
        return assessment.cured(assessment.findings().stream().map(f -> cured.getOrDefault(f.id(), f)).toList());
    }

    /** Cures of one finding, even where it holds, for when the user asks for them. */
    public static Assessment withCures(Assessment assessment, Finding of, Progress progress) {
        return with(assessment, of, new Cures(assessment).of(of, seeking(of, progress)));
    }

    /** The full answer in one call: every pose, then the reach over the bench, then the cures. */
    public static Assessment full(Project project, Progress progress) {
        return withCures(withCoverage(everyPose(project, progress), progress), progress);
    }

    /**
     * Every pose, then only the cure that the sentence under the verdict names: the cheapest one of the weakest
     * finding.
     */
    public static Assessment told(Project project, Progress progress) {
        return withCheapest(everyPose(project, progress), progress);
    }

    /** Adds the cheapest cure of the weakest finding, if that is short or near. */
    public static Assessment withCheapest(Assessment every, Progress progress) {
        Finding weakest = every.weakest();
        return weakest.verdict() == Verdict.HOLDS
                ? every
                : with(every, weakest, new Cures(every).cheapest(weakest, seeking(weakest, progress)));
    }

    /**
     * A cure of the weakest finding that spoils nothing and gives up nothing that is wished for, if there is one.
     *
     * @param wished which changed projects are still as they are wanted
     */
    public static Optional<Cured> clean(Assessment assessed, Predicate<Project> wished, Progress progress) {
        Finding weakest = assessed.weakest();
        return new Cures(assessed).clean(weakest, wished, seeking(weakest, progress));
    }

    private static Runnable seeking(Finding finding, Progress progress) {
        return () -> progress.at(0, "cures for: " + finding.question().words());
    }

    private static Assessment with(Assessment assessment, Finding of, List<Finding.Cure> cures) {
        return assessment
                .with(assessment.findings().stream().map(f -> f.id().equals(of.id()) ? f.with(cures) : f).toList());
    }
}

package firmperch.search;

import firmperch.body.Station;
import firmperch.check.About;
import firmperch.check.Finding;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.Comparator;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Everything the checks say of a project.
 *
 * @param situation the pose that is set in the set-up shown
 * @param findings one a question, in the checks' order
 * @param complete true if every pose has been looked at; false while checks over every pose show only the set one
 * @param cured true if cures have been sought of all that does not hold
 * @param coverage how much of the bench the camera reaches from where the rig stands; nothing until that has been looked at
 */
public record Assessment(Situation situation, List<Finding> findings, boolean complete, boolean cured,
        Optional<Coverage> coverage) {
    /**
     * Weakest finding first. Those that give are ordered by what is physically worst, falling before breaking before sagging, and by how
     * far they are short: what is three times as short as one of the kind before it comes first. By how much is our own judgement.
     */
    public static final Comparator<Finding> WEAKEST_FIRST = Comparator
            .comparing((Finding f) -> -f.verdict().ordinal())
            .thenComparingDouble(f -> f.verdict() == Verdict.GIVES ? badness(f.about().topic(), f.margin()) : 0)
            .thenComparingDouble(Finding::left);
    private static final double A_KIND = 3;

    /** The less the worse. */
    static double badness(Topic topic, double margin) {
        return Math.max(margin, 1e-6) * Math.pow(A_KIND, topic.ordinal());
    }

    public Assessment {
        findings = List.copyOf(findings);
    }

    /** An assessment whose reach over the bench is not known yet. */
    public Assessment(Situation situation, List<Finding> findings, boolean complete) {
        this(situation, findings, complete, false, Optional.empty());
    }

    /** A copy with these findings in place of its own. */
    Assessment with(List<Finding> others) {
        return new Assessment(situation, others, complete, cured, coverage);
    }

    /**
     * The same of the same project called otherwise: all that was found holds.
     *
     * @param renamed nothing else differs
     */
    public Assessment called(Project renamed) {
        return new Assessment(study().moved(renamed).shown(),
                findings.stream().map(f -> f.called(renamed.name(), renamed.studio())).toList(), complete, cured,
                coverage);
    }

    /** A copy that tells how much of the bench the camera reaches. */
    public Assessment with(Coverage reached) {
        return new Assessment(situation, findings, complete, cured, Optional.of(reached));
    }

    /** A copy whose findings carry their cures, marked as cured. */
    Assessment cured(List<Finding> others) {
        return new Assessment(situation, others, complete, true, coverage);
    }

    /** True if there is nothing more to look for: every pose, how far it reaches and all cures are known. */
    public boolean finished() {
        return complete && cured && coverage.isPresent();
    }

    public Project project() {
        return situation.project();
    }

    /** The rig with the room that its camera takes in whichever set-up. */
    public Study study() {
        return situation.study().whole();
    }

    /**
     * The findings to show. Of a check that is told once for all its subjects, only the weakest that holds is kept;
     * those that give are all kept.
     */
    public List<Finding> told() {
        Map<String, Finding> weakest = new HashMap<>();
        for (Finding f : findings) {
            if (f.verdict() == Verdict.HOLDS && f.question().check().together()) {
                weakest.merge(f.about().id(), f, (a, b) -> a.left() <= b.left() ? a : b);
            }
        }
        return findings.stream().filter(f -> f.verdict() != Verdict.HOLDS || !f.question().check().together()
                || weakest.get(f.about().id()) == f).toList();
    }

    /** The finding with this id. For a check with one subject, the id of the check is enough. */
    public Finding finding(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no finding of " + id));
    }

    /** The finding with this id, if this rig raises the question. */
    public Optional<Finding> find(String id) {
        return findings.stream().filter(f -> f.id().equals(id)).findFirst()
                .or(() -> findings.stream().filter(f -> f.about().id().equals(id)).findFirst());
    }

    /** The findings at a station, weakest first; null means those of the place itself. */
    public List<Finding> at(Station station) {
        return told().stream().filter(f -> Objects.equals(f.station(), station)).sorted(WEAKEST_FIRST).toList();
    }

    /** The weakest finding at a station, if it has any. */
    public Optional<Finding> weakest(Station station) {
        return at(station).stream().findFirst();
    }

    /** The weakest finding of all. */
    public Finding weakest() {
        return findings.stream().min(WEAKEST_FIRST).orElseThrow();
    }

    /** The verdict on the whole. */
    public Verdict verdict() {
        return weakest().verdict();
    }

    /** The verdict as a person would say it: what is physically wrong first, in figures a maker knows. */
    public String sentence() {
        if (project().perch().none()) {
            return "No rig holds the camera yet. Held there, "
                    + (verdict() == Verdict.HOLDS ? "it sees all that you want." : weakest().says() + within() + ".");
        }
        boolean falls = findings.stream()
                .anyMatch(f -> f.about().topic() == Topic.FALLS && f.verdict() == Verdict.GIVES);
        String opening = (situation.stands() ? "It stands" : "It hangs") + (balances() ? " and balances" : "")
                + (complete ? " in every pose" : " in this pose");
        Finding weakest = weakest();
        return switch (weakest.verdict()) {
            case GIVES -> falls
                    ? capital(weakest.says()) + within() + "."
                    : opening + ", but " + weakest.says() + within() + ".";
            case NEAR -> weakest.reading().doubtful()
                    ? opening + ". It may be that " + weakest.says() + within() + ": "
                            + weakest.reading().doubt().get().assumption() + " is a judgement, to be measured."
                    : opening + ". " + capital(weakest.question().weakness()) + within() + " first, at "
                            + Finding.text(weakest.margin()).substring(1) + " times the load; you want "
                            + wanted(weakest) + ".";
            case HOLDS -> opening + ", and everything holds.";
        };
    }

    /** What gives first, or would, as a sentence of its own: "The pivots slip in “Overhead”."; that everything holds where it does. */
    public String trouble() {
        Finding weakest = weakest();
        return switch (weakest.verdict()) {
            case GIVES -> capital(weakest.says()) + within() + ".";
            case NEAR -> capital(weakest.question().weakness()) + within() + " first, at "
                    + Finding.text(weakest.margin()).substring(1) + " times the load; you want " + wanted(weakest)
                    + ".";
            case HOLDS -> "Everything holds.";
        };
    }

    /** How many times what is asked is wanted: more than once where that is a reserve. */
    private String wanted(Finding f) {
        double times = f.about().reserve() ? project().policy().near() : 1;
        return BigDecimal.valueOf(times).round(new MathContext(3)).stripTrailingZeros().toPlainString();
    }

    /** Of which set-up the weakest is told, in words. */
    private String within() {
        String name = weakest().in(project());
        return name.isEmpty() ? "" : " in “" + name + "”";
    }

    /** True if a weight balances the rig and the balance holds. */
    private boolean balances() {
        List<Finding> asked = findings.stream().filter(f -> f.question().check().balances()).toList();
        return !asked.isEmpty() && asked.stream().allMatch(f -> f.verdict() != Verdict.GIVES);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The cheapest cure of the weakest finding, in words; nothing while none is known or needed. */
    public Optional<Finding.Cure> cheapestCure() {
        Finding weakest = weakest();
        if (weakest.verdict() == Verdict.HOLDS) {
            return Optional.empty();
        }
        return weakest.cures().stream().filter(c -> c.verdict() == Verdict.HOLDS && c.worsens().isEmpty()).findFirst()
                .or(() -> weakest.cures().stream().filter(c -> c.verdict() != Verdict.GIVES && c.worsens().isEmpty())
                        .findFirst())
                .or(() -> weakest.cures().stream().findFirst());
    }

    /** The second line under the verdict: the cheapest cure and what it leads to. */
    public String cureSentence() {
        Finding weakest = weakest();
        return cheapestCure().map(c -> {
            String effect = c.verdict() == Verdict.GIVES ? " helps, but only: " : ", then ";
            return capital(c.told()) + effect + Finding.change(weakest.left(), c.left())
                    + (c.price().isEmpty() ? "" : " (" + c.price() + ")")
                    + (c.worsens().isEmpty() ? "" : ", but then " + c.worsens().getFirst())
                    + (c.worsens().size() > 1 ? "; " + (c.worsens().size() - 1) + " more" : "") + ".";
        }).orElse("");
    }

    /** The worst pose of a finding, or nothing if its answer does not depend on the pose. */
    public static Optional<Pose> worstPose(Finding finding) {
        return finding.about().scope() == About.Scope.EVERY_POSE && finding.search() != null
                ? Optional.of(finding.pose())
                : Optional.empty();
    }
}

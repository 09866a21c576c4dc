package firmperch.search;

import firmperch.check.About;
import firmperch.check.Finding;
import firmperch.check.Situation;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.rig.Station;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Everything the checks say of a project.
 *
 * @param situation the pose that is set
 * @param findings one a check, in the checks' order
 * @param complete true if every pose has been looked at; false while checks over every pose show only the set one
 */
public record Assessment(Project project, Situation situation, List<Finding> findings, boolean complete) {
    public Assessment {
        findings = List.copyOf(findings);
    }

    /** The finding of that check. */
    public Finding finding(String check) {
        return findings.stream().filter(f -> f.about().id().equals(check)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no finding of " + check));
    }

    /** What was found at that station, the weakest first. */
    public List<Finding> at(Station station) {
        return findings.stream().filter(f -> f.about().station() == station).sorted(WEAKEST_FIRST).toList();
    }

    private static final Comparator<Finding> WEAKEST_FIRST = Comparator
            .comparing((Finding f) -> -f.verdict().ordinal()).thenComparingDouble(Finding::margin);

    /** The weakest finding at a station, if it has any. */
    public Optional<Finding> weakest(Station station) {
        return at(station).stream().findFirst();
    }

    /** The weakest finding of all. */
    public Finding weakest() {
        return findings.stream().min(WEAKEST_FIRST).orElseThrow();
    }

    /** The verdict on a station: its weakest finding's. */
    public Verdict verdict(Station station) {
        return weakest(station).map(Finding::verdict).orElse(Verdict.HOLDS);
    }

    /** The verdict on the whole. */
    public Verdict verdict() {
        return weakest().verdict();
    }

    /** The verdict as a person would say it: does it stand, and what goes first. */
    public String sentence() {
        boolean stands = findings.stream().filter(f -> f.about().id().startsWith("tip."))
                .allMatch(f -> f.verdict() != Verdict.GIVES);
        String opening = stands
                ? complete ? "It stands in every pose" : "It stands in this pose"
                : "It does not stand firmly enough";
        Finding weakest = weakest();
        String goes = weakest.about().weakness();
        String capital = Character.toUpperCase(goes.charAt(0)) + goes.substring(1);
        return switch (weakest.verdict()) {
            case GIVES -> weakest.about().id().startsWith("tip.")
                    ? opening + ": " + goes + ", at " + share(weakest) + " of what is asked."
                    : opening + (stands ? ", but " : "; and ") + goes + ": " + share(weakest) + " of what is asked.";
            case NEAR -> opening + ". " + capital + " first, at " + times(weakest) + " what is asked.";
            case HOLDS -> opening + ", and everything holds.";
        };
    }

    private static String share(Finding finding) {
        return finding.marginText().substring(1);
    }

    private static String times(Finding finding) {
        return finding.marginText().substring(1) + " times";
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

    /** The second line under the verdict: what would better it. */
    public String cureSentence() {
        return cheapestCure().map(c -> {
            String what = Character.toUpperCase(c.what().charAt(0)) + c.what().substring(1);
            String effect = c.verdict() == Verdict.GIVES ? " helps, but only to " : ", then ";
            return what + effect + Finding.marginText(c.margin()) + (c.price().isEmpty() ? "" : " (" + c.price() + ")")
                    + (c.worsens().isEmpty() ? "." : ", but then look at: " + c.worsens().getFirst());
        }).orElse("");
    }

    /** The worst pose of a finding that depends on the pose; nothing for the others. */
    public static Optional<Pose> worstPose(Finding finding) {
        return finding.about().scope() == About.Scope.EVERY_POSE && finding.search() != null
                ? Optional.of(finding.pose())
                : Optional.empty();
    }
}

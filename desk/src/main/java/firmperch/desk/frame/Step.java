package firmperch.desk.frame;

import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.search.Assessment;
import java.util.function.BiPredicate;

/** The steps of the work, in its order; none is locked. */
public enum Step {
    SHOT("Shot", (a, f) -> f.about().topic() == Topic.PICTURE), GEAR("Gear", Step::hangs), PLACE("Place",
            (a, f) -> f.about().topic() == Topic.HITS || f.about().topic() == Topic.WAY), KIND("Kind",
                    (a, f) -> false), PERCH("Perch",
                            (a, f) -> switch (f.about().topic()) {
                                case SLIPS, BREAKS, GIVES, HANDLING -> true;
                                default -> false;
                            }), STEADY("Steady", (a, f) -> true), BALLAST("Ballast",
                                    (a, f) -> f.about().topic() == Topic.FALLS
                                            || f.about().topic() == Topic.FIRMNESS), MAKE(
                                                    "Make", (a, f) -> false), PROVE("Prove", (a, f) -> false);

    private final String label;
    private final BiPredicate<Assessment, Finding> settles;

    Step(String label, BiPredicate<Assessment, Finding> settles) {
        this.label = label;
        this.settles = settles;
    }

    public String label() {
        return label;
    }

    /** What hangs at the camera, and what it is screwed on. */
    private static boolean hangs(Assessment assessment, Finding finding) {
        Station payload = assessment.study().assembly().payload();
        return finding.station() != null && finding.about().topic() != Topic.PICTURE
                && (payload.equals(finding.station()) || payload.on().contains(finding.station()));
    }

    /** What an assessment tells that is settled in this step. */
    public boolean settles(Assessment assessment, Finding finding) {
        return settles.test(assessment, finding);
    }

    /** True if it is about a rig: there must be one. */
    boolean aboutRig() {
        return this == PERCH || this == STEADY || this == BALLAST || this == MAKE || this == PROVE;
    }

    /** True if a rig has anything to do with it: nothing balances on feet that hangs. */
    boolean applies(Assessment assessment) {
        return this != BALLAST || assessment.situation().stands();
    }

    /** The worst verdict of the checks that this step settles; null if it settles none. */
    Verdict verdict(Assessment assessment) {
        if (aboutRig() && assessment.project().perch().none()) {
            return null;
        }
        return assessment.findings().stream().filter(f -> settles.test(assessment, f)).map(Finding::verdict)
                .max(Verdict::compareTo)
                .orElse(null);
    }
}

package firmperch.desk;

import firmperch.check.Verdict;
import firmperch.rig.Station;
import firmperch.search.Assessment;
import java.util.List;
import java.util.stream.Stream;

/** The steps of the work, in its order; none is locked. */
public enum Step {
    SHOT("Shot", List.of("shot.")), GEAR("Gear", List.of("head.", "lift.")), PLACE("Place", List.of("place.")), PERCH(
            "Perch", List.of("arm.", "carriage.", "post.", "caster.")), STEADY("Steady",
                    List.of("")), BALLAST("Ballast",
                            List.of("tip.")), MAKE("Make", List.of()), PROVE("Prove", List.of());

    private final String label;
    private final List<String> checks;

    Step(String label, List<String> checks) {
        this.label = label;
        this.checks = checks;
    }

    public String label() {
        return label;
    }

    /** The worst verdict of the checks that this step settles; null if it settles none. */
    Verdict verdict(Assessment assessment) {
        return assessment.findings().stream()
                .filter(f -> checks.stream().anyMatch(prefix -> f.about().id().startsWith(prefix)))
                .map(f -> f.verdict()).max(Verdict::compareTo).orElse(null);
    }

    /** The stations of the load path, from the camera down. */
    static List<Station> path() {
        return Stream.of(Station.values()).filter(s -> s != Station.PLACE).toList();
    }
}

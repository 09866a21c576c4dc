package firmperch.search;

import firmperch.body.Stiffness;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What hangs on figures that nobody can look up: for each of a project's, which finding moves most when it is halved and when it is
 * doubled, and whether a verdict turns.
 *
 * <p>Left out: what is judged and stands in the code, such as the low ends of friction; the torque of a hand, which is multiplied by them,
 * stands for them here.
 */
public final class Judgements {
    /** A finding with more than this in hand is not told: nothing hangs on it. */
    private static final double IN_HAND = 4;

    private Judgements() {
    }

    /**
     * A judged figure.
     *
     * @param what it is, in words
     * @param value as it is taken
     * @param halved what moves most with half of it; nothing where that cannot be
     * @param doubled what moves most with twice as much
     */
    public record Row(String what, String value, Optional<Moved> halved, Optional<Moved> doubled) {
        /** True if a verdict hangs on it. */
        public boolean decides() {
            return Stream.of(halved, doubled).flatMap(Optional::stream).anyMatch(Moved::turns);
        }
    }

    /** A finding as it is and as it would be. */
    public record Moved(Finding is, Finding would) {
        /** True if the verdict is another. */
        public boolean turns() {
            return is.verdict() != would.verdict();
        }

        private double by() {
            return (turns() ? 100 : 0)
                    + Math.abs(Math.log(Math.max(would.margin(), 1e-3) / Math.max(is.margin(), 1e-3)));
        }
    }

    /** All of a project's, in the order of its parts. */
    public static List<Row> of(Project project, Progress progress) {
        Assessment is = Assessor.everyPose(project, Progress.NONE);
        List<Row> rows = new ArrayList<>();
        stiffness(is).ifPresent(rows::add);
        for (Mounted mounted : project.perch().parts()) {
            walk(mounted.part(), Path.of("perch").then(mounted.name()), mounted.name() + ": ", is, rows, progress);
        }
        walk(project.policy(), Path.of("policy"), "", is, rows, progress);
        return List.copyOf(rows);
    }

    private static void walk(Described record, Path path, String whose, Assessment is, List<Row> rows,
            Progress progress) {
        for (Param param : record.params().all()) {
            Object value = record.params().value((Record) record, param.name());
            Path at = path.then(param.name());
            if (param.kind() instanceof Param.Group) {
                walk((Described) value, at, whose, is, rows, progress);
            } else if (param.judged() && param.kind() instanceof Param.Measure m && (double) value > 0) {
                progress.at(0, whose + param.label());
                rows.add(new Row(whose + param.label(), m.quantity().show((double) value, is.project().units()),
                        moved(is, at, (double) value / 2), moved(is, at, (double) value * 2)));
            }
        }
    }

    private static Optional<Moved> moved(Assessment is, Path at, double value) {
        try {
            return most(is, Assessor.everyPose(at.with(is.project(), value), Progress.NONE));
        } catch (InvalidValue beyond) {
            return Optional.empty();
        }
    }

    private static Optional<Moved> most(Assessment is, Assessment would) {
        return is.findings().stream().filter(f -> !f.id().equals(FirstToGo.ID))
                .flatMap(f -> would.find(f.id()).filter(w -> w.id().equals(f.id())).map(w -> new Moved(f, w)).stream())
                .filter(m -> m.turns() || Math.min(m.is().margin(), m.would().margin()) < IN_HAND)
                .filter(m -> m.by() > 0.01).max(Comparator.comparingDouble(Moved::by));
    }

    /** How far joints give: taken at the low end, half of what is usual; twice that is usual, four times the high end. */
    private static Optional<Row> stiffness(Assessment is) {
        boolean judged = is.study().assembly().joints().stream()
                .anyMatch(j -> j.stiffness().rotational().uncertain() || j.stiffness().bearing().uncertain());
        Finding sag = is.finding("sag");
        return judged
                ? Optional.of(new Row("Stiffness of joints", "low end, half of what is usual", Optional.empty(),
                        Optional.of(new Moved(sag, Assessor.answered(sag.question(),
                                is.study().in(sag.pose()).with(Stiffness.End.TYPICAL), sag.search())))))
                : Optional.empty();
    }

    /** A row in a line: what, its value, and what half and twice of it do. */
    public static String line(Row row) {
        return String.format("%-52s %-28s %-58s %s%s", row.what, row.value, "half: " + words(row.halved),
                "twice: " + words(row.doubled), row.decides() ? "  DECIDES" : "");
    }

    private static String words(Optional<Moved> moved) {
        return moved.map(m -> m.is.id() + " " + Finding.change(m.is.margin(), m.would.margin())
                + (m.turns() ? " (" + word(m.is.verdict()) + " → " + word(m.would.verdict()) + ")" : ""))
                .orElse("nothing");
    }

    private static String word(Verdict verdict) {
        return verdict.word();
    }
}

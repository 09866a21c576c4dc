package firmperch.search;

import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Looks for the least filling of a container with which a rig stands in every pose. Most fillings that are tried fall
 * short, and most of those in the same pose as the one before: it is asked first.
 */
final class FillingSearch {
    /** Fillings tried from none to the most, closer together where there is little. */
    private static final int COARSE = 24;
    /** How exactly the least filling is found, m of its height. */
    private static final double STEP = 0.001;

    private final Path path;
    private final Progress progress;
    /** The joints as they were set where a question was short, by its id. */
    private final Map<String, Map<String, Double>> wasShort = new HashMap<>();

    /**
     * @param path to the height of the filling
     */
    FillingSearch(Path path, Progress progress) {
        this.path = path;
        this.progress = progress;
    }

    /** Widens the container step by step until some filling of it holds. */
    Optional<Project> widened(Project project, Path container) {
        Param.Measure m = (Param.Measure) container.param(project).kind();
        for (double size = container.number(project) + m.step(); size <= m.most(); size += m.step()) {
            Optional<Project> wider = with(project, container, size);
            if (wider.isEmpty()) {
                return Optional.empty();
            }
            Optional<Project> filled = least(wider.get());
            if (filled.isPresent()) {
                return filled;
            }
        }
        return Optional.empty();
    }

    /**
     * The least filling with which the rig stands. Walks up through the range to the first filling that holds, then
     * bisects between it and the last that did not.
     */
    Optional<Project> least(Project project) {
        Param.Measure m = (Param.Measure) path.param(project).kind();
        double last = Double.NaN;
        for (int i = 0; i <= COARSE; i++) {
            progress.at((double) i / COARSE, "sizing the ballast");
            double value = m.least() + (m.most() - m.least()) * i * i / (COARSE * COARSE);
            Optional<Project> changed = with(project, path, value);
            if (changed.map(this::stands).orElse(false)) {
                return Optional.of(Double.isNaN(last) ? changed.get() : halved(project, last, value));
            }
            if (changed.isEmpty() && !Double.isNaN(last)) {
                // The container cannot hold that much: try the most that it can, once.
                return most(project, last, value);
            }
            last = value;
        }
        return Optional.empty();
    }

    private Optional<Project> most(Project project, double fits, double not) {
        double low = fits;
        double high = not;
        while (high - low > STEP / 4) {
            double middle = (low + high) / 2;
            if (with(project, path, middle).isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Optional<Project> full = with(project, path, low);
        return full.filter(this::stands).map(p -> halved(project, fits, path.number(p)));
    }

    private Project halved(Project project, double not, double holds) {
        double low = not;
        double high = holds;
        while (high - low > STEP) {
            double middle = (low + high) / 2;
            if (with(project, path, middle).map(this::stands).orElse(false)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return with(project, path, high).orElseThrow();
    }

    private static Optional<Project> with(Project project, Path path, double value) {
        try {
            return Optional.of(path.with(project, value));
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }

    /** True if no question about standing is short in any pose. */
    private boolean stands(Project project) {
        Study study = Study.of(project);
        List<Question<?>> standing = RaisedQuestions.of(study).stream()
                .filter(q -> q.about().topic() == Topic.FALLS || q.about().topic() == Topic.FIRMNESS).toList();
        if (standing.stream().anyMatch(q -> isShortAgain(q, study))) {
            return false;
        }
        boolean stands = true;
        for (Finding finding : Assessor.everyPose(study, standing, question -> true, Progress.NONE)) {
            if (finding.verdict() == Verdict.GIVES) {
                wasShort.put(finding.id(), finding.pose().joints(study.assembly()));
                stands = false;
            }
        }
        return stands;
    }

    /** True if a question is short where it was with a filling tried before: then no other pose need be looked at. */
    private boolean isShortAgain(Question<?> question, Study study) {
        Map<String, Double> joints = wasShort.get(question.id());
        return joints != null && Assessor.answered(question, study.in(Pose.of(study.assembly(), joints)), null)
                .verdict() == Verdict.GIVES;
    }
}

package firmperch;

import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Assessments that several tests look at, worked out once for all of them. Tests that run at the same time may work one out
 * twice: to lock it would have a thread that helps another wait for itself.
 */
public final class Known {
    private static final Map<Project, Assessment> EVERY_POSE = new ConcurrentHashMap<>();
    private static final Map<Project, Assessment> TOLD = new ConcurrentHashMap<>();
    private static final Map<Project, Assessment> REACHING = new ConcurrentHashMap<>();
    private static final Map<Project, Assessment> FULL = new ConcurrentHashMap<>();

    private Known() {
    }

    private static Assessment once(Map<Project, Assessment> known, Project project,
            Function<Project, Assessment> assessed) {
        Assessment before = known.get(project);
        if (before != null) {
            return before;
        }
        Assessment now = assessed.apply(project);
        known.put(project, now);
        return now;
    }

    /** Every question in its worst pose. */
    public static Assessment everyPose(Project project) {
        return once(EVERY_POSE, project, p -> Assessor.everyPose(p, Progress.NONE));
    }

    /** What the sentence tells: every pose and the cheapest cure. */
    public static Assessment told(Project project) {
        return once(TOLD, project, p -> Assessor.withCheapest(everyPose(p), Progress.NONE));
    }

    /** The same and how far the camera reaches. */
    public static Assessment reaching(Project project) {
        return once(REACHING, project, p -> Assessor.withCoverage(told(p), Progress.NONE));
    }

    /** All there is to know: every pose, how far the camera reaches, all cures. */
    public static Assessment full(Project project) {
        return once(FULL, project, p -> Assessor.withCures(Assessor.withCoverage(everyPose(p), Progress.NONE),
                Progress.NONE));
    }
}

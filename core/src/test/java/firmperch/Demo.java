package firmperch;

import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;

/** The shipped project in its first set-up, changed where a test wants it; it only serves as a rig to ask physics about. */
public final class Demo {
    private Demo() {
    }

    public static Project project() {
        return alone(Samples.wedgingBench());
    }

    /** A project with its first set-up alone, in a room with nothing but the bench. */
    public static Project alone(Project project) {
        return project.with(List.of(project.setUps().getFirst()), 0).with(project.place().with(List.of()));
    }

    /** The project with values at paths: "perch.arm.links.length", 0.5, … */
    public static Project with(Object... pathsAndValues) {
        return with(project(), pathsAndValues);
    }

    /** Any project with values at paths. */
    public static Project with(Project start, Object... pathsAndValues) {
        Project project = start;
        for (int i = 0; i < pathsAndValues.length; i += 2) {
            project = Path.of((String) pathsAndValues[i]).with(project, pathsAndValues[i + 1]);
        }
        return project;
    }

    /** A project in a pose: pin hole, swing and lift in degrees. */
    public static Situation posed(Project project, int pin, double swing, double lift) {
        return Study.of(project).in(Pose.of(pin, Math.toRadians(swing), Math.toRadians(lift)));
    }

    /** The demo's room, shot and gear with a perch of that kind. */
    public static Project of(Kind kind) {
        Project demo = project();
        return demo.with(demo.stance().with(java.util.Map.of())).with(kind.start().get())
                .with(demo.stance().with(kind.joints()));
    }

    /** The kind of that id. */
    public static Kind kind(String id) {
        return Parts.kinds().stream().filter(k -> k.id().equals(id)).findFirst().orElseThrow();
    }
}

package firmperch;

import firmperch.check.Situation;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.project.Sample;
import firmperch.rig.Rig;

/** The shipped project, changed where a test wants it; it only serves as a rig to ask physics about. */
public final class Demo {
    private Demo() {
    }

    public static Project project() {
        return Sample.project();
    }

    /** The project with values at paths: "perch.arm.linkLength", 0.5, … */
    public static Project with(Object... pathsAndValues) {
        Project project = project();
        for (int i = 0; i < pathsAndValues.length; i += 2) {
            project = RecordPath.of((String) pathsAndValues[i]).with(project, pathsAndValues[i + 1]);
        }
        return project;
    }

    /** A project in a pose: pin hole, swing and lift in degrees. */
    public static Situation posed(Project project, int pin, double swing, double lift) {
        Rig rig = Rig.of(project.perch(), project.gear(), project.shot());
        return Situation.of(project, rig, Pose.of(pin, Math.toRadians(swing), Math.toRadians(lift)));
    }
}

package firmperch.search;

import firmperch.body.Vec3;
import firmperch.part.Kind;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;
import java.util.Map;

/** Puts another kind of rig into a project, with the camera over the work as well as that kind can. */
public final class Choosing {
    /** What the camera is set higher than it must be, so that nothing of the rectangle is lost to rounding, m. */
    private static final double MORE = 0.003;

    private Choosing() {
    }

    /**
     * The project with that kind as it starts: its joints brought to where the lens sees the wanted rectangle, and the whole of it
     * to where the camera is over the middle of the work.
     */
    public static Project of(Project project, Kind kind) {
        Project bare = project.with(new Stance(project.stance().x(), project.stance().y(), 0, Map.of()));
        Project started = bare.with(kind.start().get()).with(bare.stance().with(kind.joints()));
        Situation s = Situation.of(started);
        Pose pose = Reach.to(s.study().rig(), s.posed().pose(), s.sensorHook(),
                Reach.Goal.height(s.sensorHeightWanted() + MORE));
        Stance set = started.stance().with(pose.joints(s.study().assembly()));
        Vec3 off = Situation.of(started.with(set)).offCentre();
        double depth = project.place().room().depth();
        try {
            return started.with(set.at(Math.clamp(set.x() - off.x(), 0, depth), set.y() - off.y()));
        } catch (InvalidValue outside) {
            // It cannot be stood where the camera would be over the work: then where the other stood.
            return started.with(set);
        }
    }
}

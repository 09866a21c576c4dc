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

/** Puts another kind of rig into a project, with the camera as near over the work as that kind can bring it. */
public final class Choosing {
    /** Extra height of the camera, m, so that rounding does not crop the wanted rectangle. */
    private static final double MORE = 0.003;

    private Choosing() {
    }

    /**
     * The project with that kind at its starting values. Its joints are set so that the lens sees the wanted
     * rectangle, and the rig is placed so that the camera is over the middle of the work.
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
            // It cannot stand where the camera would be over the work, so it takes the place of the rig before it.
            return started.with(set);
        }
    }
}

package firmperch.search;

import firmperch.body.Vec3;
import firmperch.part.Kind;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Target;
import firmperch.units.InvalidValue;
import java.util.Map;

/** Puts another kind of rig into a project, with the camera as near over the work as that kind can bring it. */
public final class Choosing {
    /** A head is made to tilt that much further than it must, rad; less than that is none. */
    private static final double SLIGHT = Math.toRadians(5);

    private Choosing() {
    }

    /**
     * The project with that kind at its starting values. In the first set-up the rig is placed so that the camera is over the middle of the
     * work and sees the wanted rectangle; from there it is brought to each other one with as few joints as will do.
     */
    public static Project of(Project project, Kind kind) {
        Project first = project.with(project.setUps().stream()
                .map(s -> s.with(new Stance(project.setUps().getFirst().stance().x(),
                        project.setUps().getFirst().stance().y(), 0, Map.of())))
                .toList(), 0).with(kind.start().get().tilting(tilt(project)));
        Project placed = placed(first.with(first.stance().with(kind.joints())));
        for (int i = 1; i < project.setUps().size(); i++) {
            placed = Aim.of(placed.showing(i).with(placed.setUps().get(i - 1).stance()));
        }
        return placed.showing(project.shown());
    }

    /** How far from straight down the camera is to look in whichever set-up, rad, and a little more; 0 if straight down in all. */
    private static double tilt(Project project) {
        double most = project.inEach().stream()
                .mapToDouble(p -> Math.acos(Math.clamp(-Target.of(p).ahead().z(), -1, 1))).max().orElse(0);
        return most < SLIGHT ? 0 : most + SLIGHT;
    }

    private static Project placed(Project started) {
        Situation set = Study.of(started).shown();
        Situation s = set.in(Orientation.toward(set));
        Vec3 over = s.sensorWanted(s.distanceWanted() + Aim.MORE);
        boolean[] heads = Orientation.heads(s.study());
        Pose pose = Reach.to(s.study().rig(), s.posed().pose(), s.sensorHook(), Reach.Goal.height(over.z()),
                f -> !heads[f]);
        Stance stance = started.stance().with(pose.joints(s.study().assembly()));
        Vec3 off = s.inRoom(s.in(pose).sensor()).minus(over);
        double depth = started.place().room().depth();
        try {
            return started.with(stance.at(Math.clamp(stance.x() - off.x(), 0, depth), stance.y() - off.y()));
        } catch (InvalidValue outside) {
            // It cannot stand where the camera would be over the work, so it takes the place of the rig before it.
            return started.with(stance);
        }
    }
}

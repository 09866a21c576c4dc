package firmperch.search;

import firmperch.body.Vec3;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;

/**
 * A rig with its camera brought to a height above the floor, as near as it comes.
 *
 * @param set from where
 * @param there with the joints moved
 */
record AtHeight(Situation set, Situation there) {
    static AtHeight of(Situation set, double height) {
        Pose pose = Reach.to(set.study().rig(), set.posed().pose(), set.sensorHook(), Reach.Goal.height(height));
        return new AtHeight(set, set.in(pose));
    }

    /** Standing where it stands. */
    Project standing() {
        return set.project().with(stance());
    }

    /**
     * Rolled as far as the arm's tip moved, so that the camera stays over the same spot.
     *
     * @throws InvalidValue if it cannot stand there
     */
    Project rolled() {
        Vec3 back = set.inRoom(set.sensor()).minus(set.inRoom(there.sensor()));
        return set.project().with(stance().at(stance().x() + back.x(), stance().y() + back.y()));
    }

    private Stance stance() {
        return set.project().stance().with(there.posed().pose().joints(set.study().assembly()));
    }
}

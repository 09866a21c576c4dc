package firmperch.check;

import java.util.List;
import java.util.stream.Stream;

/** All checks, in the order of the work and then of the worst that can happen. */
public final class Checks {
    /** The list. A new check is a new entry here or in its group. */
    public static final List<Check<?>> ALL = Stream
            .of(PictureChecks.all(), ClearanceChecks.all(), RoomChecks.all(), JointChecks.all(),
                    FreedomChecks.all(), BarChecks.all(), UprightChecks.all(), CameraChecks.all(), StandingChecks.all(),
                    FeetChecks.all(),
                    AnchorChecks.all(),
                    TieChecks.all(), ThreadChecks.all(), GripChecks.all(), BearingChecks.all(), CatchChecks.all(),
                    GearChecks.all())
            .<Check<?>>flatMap(List::stream)
            .toList();

    private Checks() {
    }
}

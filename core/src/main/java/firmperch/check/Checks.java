package firmperch.check;

import java.util.List;
import java.util.stream.Stream;

/** Every check there is, in the order of the work and then of the worst that can happen. */
public final class Checks {
    /** The list; a new check is a new row. */
    public static final List<Check<?>> ALL = Stream.of(PictureChecks.all(), ClearanceChecks.all(), JointChecks.all(),
            BarChecks.all(), CameraChecks.all(), StandingChecks.all(), FeetChecks.all(), AnchorChecks.all(),
            TieChecks.all(), ThreadChecks.all(), BearingChecks.all(), CatchChecks.all()).<Check<?>>flatMap(List::stream)
            .toList();

    private Checks() {
    }
}

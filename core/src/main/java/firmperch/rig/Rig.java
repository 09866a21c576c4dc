package firmperch.rig;

import firmperch.shot.Shot;
import java.util.List;

/**
 * A perch with what hangs on it and how it can move.
 *
 * @param freedoms from the floor up; a pose has one value for each, in this order
 */
public record Rig(Perch perch, Gear gear, Shot shot, List<Freedom> freedoms) {
    /** The arm around the post, rad from the perch's own forward. */
    public static final String SWING = "swing";
    /** The arm's angle above level, rad. */
    public static final String LIFT = "lift";
    /** The pin hole the carriage rests at, from 0 at the bottom. */
    public static final String PIN = "pin";

    public Rig {
        freedoms = List.copyOf(freedoms);
    }

    /** The rig that a composition makes with that gear on it. */
    public static Rig of(Perch perch, Gear gear, Shot shot) {
        Freedom pin = switch (perch.upright()) {
            case PinnedPost post -> new Freedom(PIN, "Pin hole", Freedom.Motion.STEP, 0, post.holes() - 1);
        };
        Freedom swing = switch (perch.carriage()) {
            case DropOnCarriage _ -> new Freedom(SWING, "Swing", Freedom.Motion.SWING, -Math.PI, Math.PI);
        };
        Freedom lift = switch (perch.arm()) {
            case LevelArm arm -> new Freedom(LIFT, "Arm angle", Freedom.Motion.HINGE, arm.lowStop(), arm.highStop());
        };
        return new Rig(perch, gear, shot, List.of(pin, swing, lift));
    }

    /** Where in a pose the freedom of that name stands. */
    public int indexOf(String freedom) {
        for (int i = 0; i < freedoms.size(); i++) {
            if (freedoms.get(i).name().equals(freedom)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no freedom " + freedom);
    }
}

package firmperch.place;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;

/**
 * Where something is in the room: its middle in the plan, and how it is turned. Its width lies along the wall and its depth away from it
 * while it is not turned.
 *
 * @param x wall to its middle, m
 * @param y its middle to the left of the bench's middle, m
 * @param turn about an upright line, to the left, rad
 */
public record Spot(double x, double y, double turn) implements Described {
    static final Params<Spot> PARAMS = Params.of(Spot.class).length("x", "Wall to its middle", -1, 50)
            .length("y", "Its middle to the left", -25, 25).angle("turn", "Turned to the left", -180, 180).done();

    public Spot {
        PARAMS.check(x, y, turn);
    }

    @Override
    public Params<Spot> params() {
        return PARAMS;
    }

    /** The same way round, elsewhere. */
    public Spot at(double otherX, double otherY) {
        return new Spot(otherX, otherY, turn);
    }

    /** A point given from its middle, away from the wall and to the left before it is turned, in the room: m. */
    public Vec3 point(double away, double left, double up) {
        return new Vec3(away, left, 0).turned(turn).plus(new Vec3(x, y, up));
    }

    /** A point of the room as it lies from the middle, not turned; the way back from {@link #point}. */
    public Vec3 inside(Vec3 room) {
        return new Vec3(room.x() - x, room.y() - y, room.z()).turned(-turn);
    }
}

package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * The room. Lengths in m.
 *
 * @param depth wall to the opposite wall
 * @param ceiling floor to ceiling or lowest beam; to its low side where it slopes
 * @param walkway width to be kept open between the wall and whatever stands on the floor
 * @param slope of the floor, rad
 * @param walls at its sides
 * @param joists above the ceiling
 * @param ground what else is known of the floor
 * @param pitch how the ceiling slopes
 */
public record Room(double depth, double ceiling, double walkway, double slope, Walls walls, Joists joists,
        Ground ground,
        Pitch pitch)
        implements
            Described {
    static final Params<Room> PARAMS = Params.of(Room.class).length("depth", "Depth of the room", 0.5, 50)
            .length("ceiling", "Ceiling", 1, 20).length("walkway", "Walkway", 0, 5)
            .angle("slope", "Slope of the floor", 0, 20)
            .group("walls", "The walls", Walls.PARAMS).orElse(Walls.UNKNOWN)
            .group("joists", "Above the ceiling", Joists.PARAMS).orElse(Joists.UNKNOWN)
            .group("ground", "The floor", Ground.PARAMS).orElse(Ground.EVEN)
            .group("pitch", "A ceiling that slopes", Pitch.PARAMS).orElse(Pitch.LEVEL).done();

    public Room {
        PARAMS.check(depth, ceiling, walkway, slope, walls, joists, ground, pitch);
        if (pitch.slopes() && pitch.rises().way().y() != 0 && !walls.measured()) {
            throw new InvalidValue("A ceiling that slopes", pitch.rises().toString(),
                    "how far the walls beside the bench are, as it is measured from there");
        }
        boolean away = joists.run() == Joists.Run.AWAY;
        double from = away ? -walls.right() : 0;
        double to = away ? walls.left() : depth;
        if (joists.there() && (joists.first() < from || joists.first() > to)) {
            throw new InvalidValue("Middle of one of the joists", LENGTH.show(joists.first(), UnitSystem.METRIC),
                    "inside the room: " + LENGTH.show(from, UnitSystem.METRIC) + " to "
                            + LENGTH.show(to, UnitSystem.METRIC));
        }
    }

    /** One with an even floor and a level ceiling. */
    public Room(double depth, double ceiling, double walkway, double slope, Walls walls, Joists joists) {
        this(depth, ceiling, walkway, slope, walls, joists, Ground.EVEN, Pitch.LEVEL);
    }

    /** The same room told from elsewhere along its first wall. */
    Room from(Walls otherWalls, Joists otherJoists) {
        return new Room(depth, ceiling, walkway, slope, otherWalls, otherJoists, ground, pitch);
    }

    /** True if part of the ceiling slopes. */
    public boolean slopes() {
        return pitch.slopes() && highest() > ceiling;
    }

    /** Height of the level part of the ceiling, m: of all of it, where nothing slopes. */
    public double highest() {
        return pitch.slopes() ? Math.max(ceiling, pitch.to()) : ceiling;
    }

    /** Out of the slanting part of the ceiling, upward and of length 1; straight up where none slants. */
    public Vec3 slanting() {
        return Vec3.UP.times(Math.cos(pitch.by())).minus(pitch.rises().way().times(Math.sin(pitch.by())));
    }

    /** How far along {@link #slanting} the slanting part lies from the room's origin, m. */
    public double slantingAt() {
        return lowSide().dot(slanting());
    }

    /** A point of the ceiling's low edge. */
    private Vec3 lowSide() {
        return switch (pitch.rises()) {
            case TOWARD -> new Vec3(depth, 0, ceiling);
            case LEFT -> new Vec3(0, -walls.right(), ceiling);
            case RIGHT -> new Vec3(0, walls.left(), ceiling);
            case AWAY, NOT -> new Vec3(0, 0, ceiling);
        };
    }

    /** Corners of the ceiling's lower side in a section away from the wall, at that place along it, from the wall on, m. */
    public List<Vec3> section(double y) {
        List<Vec3> corners = new ArrayList<>(List.of(new Vec3(0, y, ceilingAt(0, y))));
        double run = (highest() - ceiling) / Math.tan(pitch.by());
        double knee = pitch.rises() == Pitch.Rises.TOWARD ? depth - run : run;
        if (slopes() && pitch.rises().way().y() == 0 && knee > 0 && knee < depth) {
            corners.add(new Vec3(knee, y, highest()));
        }
        corners.add(new Vec3(depth, y, ceilingAt(depth, y)));
        return corners;
    }

    /** Height of the ceiling in words: "2400 mm", or "1200 mm to 2400 mm" where it slopes. */
    public String ceilingWords(UnitSystem units) {
        return LENGTH.show(ceiling, units) + (slopes() ? " to " + LENGTH.show(highest(), units) : "");
    }

    /** Height of the ceiling over a place, m. */
    public double ceilingAt(double x, double y) {
        if (!slopes()) {
            return ceiling;
        }
        double run = new Vec3(x, y, 0).minus(lowSide()).dot(pitch.rises().way());
        return Math.clamp(ceiling + run * Math.tan(pitch.by()), ceiling, highest());
    }

    @Override
    public Params<Room> params() {
        return PARAMS;
    }
}

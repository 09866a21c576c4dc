package firmperch.body;

import java.util.OptionalDouble;

/**
 * Where the surfaces of a place lie in the axes of a rig, which has its origin on the floor (or on the wall or at the post's middle, where it is put on
 * one).
 *
 * @param bench height of the bench's top, m
 * @param ceiling height of the ceiling, m
 * @param table height of whatever else of the room is to carry a rig, m; nothing if nothing is
 * @param post how thick the post of the room is that a rig is to be clamped round, m; nothing if none is
 */
public record Surroundings(double bench, double ceiling, OptionalDouble table, OptionalDouble post) {
    /** Of no place in particular: what parts are tried with before they stand in one. */
    public static final Surroundings ANY = new Surroundings(0.8, 2.5, OptionalDouble.of(0.75), OptionalDouble.of(0.06));

    /** True if there is such a surface. */
    public boolean has(Surface surface) {
        return switch (surface) {
            case TABLE -> table.isPresent();
            case POST -> post.isPresent();
            case FLOOR, BENCH, CEILING, WALL -> true;
        };
    }

    /** How thick what of a surface is that something is clamped round, m; 0 if nothing is. */
    public double thick(Surface surface) {
        return surface == Surface.POST ? post.orElseThrow() : 0;
    }

    /** The axes of a port on a surface: z away from it; a post's lies where its middle meets the floor. */
    public Placement on(Surface surface) {
        return switch (surface) {
            case FLOOR -> Placement.HERE;
            case BENCH -> Placement.at(0, 0, bench);
            case TABLE -> Placement.at(0, 0, table.orElseThrow());
            case CEILING -> new Placement(new Vec3(0, 0, ceiling), Vec3.X, Vec3.Y.negated(),
                    Vec3.DOWN);
            case WALL, POST -> new Placement(Vec3.ZERO, Vec3.DOWN, Vec3.Y, Vec3.X);
        };
    }
}

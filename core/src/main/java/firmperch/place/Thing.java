package firmperch.place;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import java.util.List;

/**
 * Something of the room beside the filmed bench. Whoever adds a sort of thing writes one record and adds it to {@link Things}; it is then edited, drawn,
 * saved and kept clear of.
 */
public interface Thing extends Described {
    /** Begins the description of a sort of thing: each has a name and a place. */
    static <T extends Record & Thing> Params.Builder<T> described(Class<T> sort) {
        return Params.of(sort).name("name", "Name").group("spot", "Where it is", Spot.PARAMS);
    }

    /** What the maker calls it. */
    String name();

    /** Where it is. */
    Spot spot();

    /** Its sides in the plan before it is turned. */
    Sides sides();

    /** What of it a rig must not run into, in a room. */
    List<Block> solid(Room room);

    /** What of the floor, and of the room above it, is to be kept free for it: the swing of a door, a way. */
    default List<Block> free(Room room) {
        return List.of();
    }

    /** What else is drawn of it in the plan: lines through points of the room, m. */
    default List<List<Vec3>> lines() {
        return List.of();
    }

    /** The same thing elsewhere. */
    default Thing at(Spot other) {
        return (Thing) params().with((Record) this, "spot", other);
    }

    /** The same thing under another name. */
    default Thing named(String other) {
        return (Thing) params().with((Record) this, "name", other);
    }

    /** The same thing with other sides in the plan, as far as it has such sides. */
    default Thing sized(Sides other) {
        return this;
    }

    /** Its outline in the plan, counter-clockwise, m. */
    default List<Vec3> outline() {
        return Block.around(spot(), sides().depth(), sides().width(), 0, 0).plan();
    }

    /** True if it belongs to a wall, and so is put against one. */
    default boolean onWall() {
        return false;
    }

    /**
     * How large something is in the plan.
     *
     * @param depth away from the wall while it is not turned, m
     * @param width along it, m
     */
    record Sides(double depth, double width) {}
}

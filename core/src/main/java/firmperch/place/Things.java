package firmperch.place;

import firmperch.param.Param;
import firmperch.param.Params;
import java.util.List;
import java.util.function.BiFunction;

/** Every sort of thing that a room may hold. A new sort is a record and a line here. */
public final class Things {
    /** More than anyone measures in a room. */
    public static final int MOST = 120;

    /**
     * A sort of thing.
     *
     * @param hint what it is for, in a few words
     * @param start a usual one of that name at a spot
     */
    public record Sort(Param.Variant variant, String hint, BiFunction<String, Spot, Thing> start) {
        private static Sort of(String id, String label, String hint, Params<?> params,
                BiFunction<String, Spot, Thing> start) {
            return new Sort(new Param.Variant(id, label, params), hint, start);
        }

        /** What it is called on the screen. */
        public String label() {
            return variant.label();
        }
    }

    /** All of them, in the order in which they are offered. */
    public static final List<Sort> ALL = List.of(
            Sort.of("table", "Bench or table", "beside the filmed one", Table.PARAMS,
                    (name, at) -> new Table(name, at, new Size(0.6, 1.2, 0.75), 0.04, 0, true)),
            Sort.of("cupboard", "Shelf or cupboard", "on the floor or the wall", Cupboard.PARAMS,
                    (name, at) -> new Cupboard(name, at, new Size(0.35, 0.9, 1.8), 0)),
            Sort.of("machine", "Machine", "shakes, or moves", Machine.PARAMS,
                    (name, at) -> new Machine(name, at, new Size(0.6, 0.6, 0.9), 4, Machine.Shake.LITTLE, 0)),
            Sort.of("lamp", "Lamp", "hangs, throws shadows", Lamp.PARAMS,
                    (name, at) -> new Lamp(name, at, 0.35, 1.85, 0.2)),
            Sort.of("hanging", "Pipe or beam", "under the ceiling", Hanging.PARAMS,
                    (name, at) -> new Hanging(name, at, 0.1, 1.5, 2.1)),
            Sort.of("post", "Post or tube", "that is there", Post.PARAMS,
                    (name, at) -> new Post(name, at, 0.1, 0, 2.2)),
            Sort.of("worker", "You", "where you stand or sit", Worker.PARAMS, Worker::new),
            Sort.of("way", "Way to keep open", "its width", Way.PARAMS,
                    (name, at) -> new Way(name, at, 0.6, 2)),
            Sort.of("socket", "Socket", "for cables", Socket.PARAMS, (name, at) -> new Socket(name, at, 0.3)),
            Sort.of("door", "Door", "swings", Door.PARAMS,
                    (name, at) -> new Door(name, at, 0.8, 2, true, true)),
            Sort.of("window", "Window", "light from the side", Window.PARAMS,
                    (name, at) -> new Window(name, at, 1, 0.9, 2)),
            Sort.of("wall", "Piece of wall", "pillar, chimney, corner", WallPiece.PARAMS,
                    (name, at) -> new WallPiece(name, at, 0.4, 0.4)));

    /** How they stand in a file. */
    static final List<Param.Variant> VARIANTS = ALL.stream().map(Sort::variant).toList();

    private Things() {
    }

    /** Of which sort a thing is. */
    public static Sort of(Thing thing) {
        return ALL.stream().filter(s -> s.variant.params() == thing.params()).findFirst().orElseThrow();
    }
}

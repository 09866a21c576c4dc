package firmperch.place;

import firmperch.param.Params;
import firmperch.units.Quantity;
import java.util.List;

/**
 * A machine: it stands there, may shake, and may move out of its own outline.
 *
 * @param speed of what turns in it, 1/s; nothing is asked of it yet
 * @param shake how much it shakes the floor
 * @param travel how far its moving parts reach beyond its sides, m
 */
public record Machine(String name, Spot spot, Size size, double speed, Shake shake, double travel) implements Thing {
    /** How much a machine shakes, in a maker's words. Kept for when the picture's shake is worked out: nothing is asked of it yet. */
    public enum Shake {
        NONE("not felt"), LITTLE("felt with a hand on the bench"), MUCH("seen in a glass of water");

        private final String words;

        Shake(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    static final Params<Machine> PARAMS = Thing.described(Machine.class).group("size", "How large it is", Size.PARAMS)
            .measure("speed", "Turns at", Quantity.FREQUENCY, 0, 500)
            .help("Typical, our own judgement: potter's wheel 1 to 4 Hz, drill press 8 to 40, lathe 10 to 30, sewing machine 15, grinder 50, router 300.")
            .oneOf("shake", "Its shake is", Shake.class)
            .help("Typical, our own judgement: wheel and lathe in balance felt with a hand; grinder, press and compressor seen in a glass of water.")
            .length("travel", "Moves beyond its sides by", 0, 5).done();

    public Machine {
        PARAMS.check(name, spot, size, speed, shake, travel);
    }

    @Override
    public Params<Machine> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return size.sides();
    }

    @Override
    public Thing sized(Sides other) {
        return new Machine(name, spot, size.with(other), speed, shake, travel);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of(Block.around(spot, size.depth() + 2 * travel, size.width() + 2 * travel, 0, size.height()));
    }
}

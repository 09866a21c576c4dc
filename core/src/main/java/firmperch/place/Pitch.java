package firmperch.place;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;

/**
 * How a ceiling slopes that is not level, as under a roof: from its least height at one wall up to a height from which on it is level.
 *
 * @param rises which way it rises
 * @param by so steeply, rad
 * @param to height of the level part, m; as much as the room's ceiling or less if there is none
 */
public record Pitch(Rises rises, double by, double to) implements Described {
    /** Which way a ceiling rises. */
    public enum Rises {
        NOT("nowhere: it is level", Vec3.ZERO), AWAY("away from the first wall", Vec3.X), LEFT("to the left",
                Vec3.Y), TOWARD("toward the first wall", Vec3.X.negated()), RIGHT("to the right", Vec3.Y.negated());

        private final String words;
        private final Vec3 way;

        Rises(String words, Vec3 way) {
            this.words = words;
            this.way = way;
        }

        /** That way, of length 1; of none if it is level. */
        Vec3 way() {
            return way;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    private static final double STEEPEST = 75;
    static final Params<Pitch> PARAMS = Params.of(Pitch.class).oneOf("rises", "It rises", Rises.class)
            .angle("by", "By", 0, STEEPEST).length("to", "Up to a level part at", 0, 20)
            .help("The ceiling's height is then that at its low side.").done();
    /** Level. */
    static final Pitch LEVEL = new Pitch(Rises.NOT, 0, 0);

    public Pitch {
        PARAMS.check(rises, by, to);
    }

    @Override
    public Params<Pitch> params() {
        return PARAMS;
    }

    /** True if it slopes. */
    boolean slopes() {
        return rises != Rises.NOT && by > 0;
    }
}

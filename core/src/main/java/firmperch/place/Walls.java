package firmperch.place;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * The walls beside and behind the bench.
 *
 * @param left the bench's middle to the wall at its left, m
 * @param right the bench's middle to the wall at its right, m
 * @param made what the wall is made of at which measuring begins
 */
public record Walls(double left, double right, Made made) implements Described {
    /** What a wall is made of. */
    public enum Made {
        UNKNOWN("not known"), MASONRY("brick or concrete"), STUDS("board on studs"), BOARD("board alone");

        private final String words;

        Made(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    /** As far as a wall may be that nobody has measured, m. */
    private static final double FAR = 25;
    static final Params<Walls> PARAMS = Params.of(Walls.class)
            .length("left", "Bench's middle to the left wall", 0.1, FAR)
            .length("right", "Bench's middle to the right wall", 0.1, FAR)
            .oneOf("made", "The first wall is", Made.class)
            .done();
    /** Nobody has looked yet. */
    static final Walls UNKNOWN = new Walls(FAR, FAR, Made.UNKNOWN);

    public Walls {
        PARAMS.check(left, right, made);
    }

    @Override
    public Params<Walls> params() {
        return PARAMS;
    }

    /** True if somebody has said where both are. */
    public boolean measured() {
        return left < FAR && right < FAR;
    }
}

package firmperch.place;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * What else is known of the floor.
 *
 * @param falls which way it slopes down
 * @param uneven how much higher one foot may stand than the others, m: joints, boards, grit
 */
public record Ground(Falls falls, double uneven) implements Described {
    /** Which way a floor slopes down. */
    public enum Falls {
        ANY("the worst way", Double.NaN), AWAY("away from the first wall", 0), LEFT("to the left",
                Math.PI / 2), TOWARD("toward the first wall", Math.PI), RIGHT("to the right", -Math.PI / 2);

        private final String words;
        private final double direction;

        Falls(String words, double direction) {
            this.words = words;
            this.direction = direction;
        }

        /** True if somebody has said which way. */
        public boolean known() {
            return this != ANY;
        }

        /** From the way away from the wall to the left, rad; no number if it is not known. */
        public double direction() {
            return direction;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    static final Params<Ground> PARAMS = Params.of(Ground.class).oneOf("falls", "It falls", Falls.class)
            .help("What rolls may be turned: for it, whichever way is worst.")
            .length("uneven", "Uneven by", 0, 0.03)
            .help("How much higher one foot may come to stand than the others.").done();
    /** Even, and nobody has said which way it slopes. */
    static final Ground EVEN = new Ground(Falls.ANY, 0);

    public Ground {
        PARAMS.check(falls, uneven);
    }

    @Override
    public Params<Ground> params() {
        return PARAMS;
    }
}

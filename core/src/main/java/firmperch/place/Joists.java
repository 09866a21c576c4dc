package firmperch.place;

import firmperch.param.Described;
import firmperch.param.Params;
import java.util.ArrayList;
import java.util.List;

/**
 * What is above the ceiling, lengths in m. Joists that run away from the wall are measured from the left of the bench's middle, others from the wall.
 *
 * @param made what the ceiling is made of
 * @param run which way the joists run
 * @param first middle of one of them: from the wall, or to the left of the bench's middle
 * @param spacing from middle to middle
 * @param width of each
 * @param depth of each, upright
 */
public record Joists(Made made, Run run, double first, double spacing, double width, double depth)
        implements
            Described {
    /** What a ceiling is made of. */
    public enum Made {
        UNKNOWN("not known"), PLASTER("plaster on joists"), OPEN("open joists"), CONCRETE("concrete");

        private final String words;

        Made(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    /** Which way joists run. */
    public enum Run {
        AWAY("away from the wall"), ALONG("along the wall");

        private final String words;

        Run(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    static final Params<Joists> PARAMS = Params.of(Joists.class).oneOf("made", "The ceiling is", Made.class)
            .oneOf("run", "Joists run", Run.class).length("first", "Middle of one of them at", -25, 50)
            .help("From the wall, or to the left of the bench's middle where they run away from the wall.")
            .length("spacing", "From one to the next", 0.1, 5).length("width", "Their width", 0.02, 0.5)
            .length("depth", "Their depth", 0.04, 1).done();
    /** Nobody has looked yet. */
    static final Joists UNKNOWN = new Joists(Made.UNKNOWN, Run.AWAY, 0, 0.4, 0.06, 0.18);

    public Joists {
        PARAMS.check(made, run, first, spacing, width, depth);
    }

    @Override
    public Params<Joists> params() {
        return PARAMS;
    }

    /** True if something can be screwed into them. */
    public boolean there() {
        return made == Made.PLASTER || made == Made.OPEN;
    }

    /** Middles of the joists from one place to another, m. */
    public List<Double> between(double from, double to) {
        List<Double> middles = new ArrayList<>();
        if (there()) {
            for (double at = first + Math.ceil((from - first) / spacing) * spacing; at <= to; at += spacing) {
                middles.add(at);
            }
        }
        return middles;
    }
}

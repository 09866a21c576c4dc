package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import java.util.function.Predicate;

/**
 * Tools that the maker has or can borrow. Those that nobody is without, as a screwdriver or a bucket, are not asked for.
 *
 * @param saw for wood and boards
 * @param hacksaw for metal tube
 * @param drill for wood and metal
 * @param spanners for bolts and nuts
 */
public record Tools(boolean saw, boolean hacksaw, boolean drill, boolean spanners) implements Described {
    private static final String THERE = "there";
    private static final String MISSING = "not there";
    static final Params<Tools> PARAMS = Params.of(Tools.class).either("saw", "Saw for wood", THERE, MISSING)
            .either("hacksaw", "Hacksaw", THERE, MISSING).either("drill", "Drill", THERE, MISSING)
            .either("spanners", "Spanners", THERE, MISSING).done();
    /** All of them. */
    public static final Tools ALL = new Tools(true, true, true, true);

    @Override
    public Params<Tools> params() {
        return PARAMS;
    }

    /** One of them, in a maker's words. */
    public enum Tool {
        SAW("saw", Tools::saw), HACKSAW("hacksaw", Tools::hacksaw), DRILL("drill", Tools::drill), SPANNERS("spanners",
                Tools::spanners);

        private final String words;
        private final Predicate<Tools> there;

        Tool(String words, Predicate<Tools> there) {
            this.words = words;
            this.there = there;
        }

        /** What it is called; also the name of its value. */
        public String words() {
            return words;
        }

        /** True if it is among those. */
        public boolean in(Tools tools) {
            return there.test(tools);
        }
    }
}

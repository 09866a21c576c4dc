package firmperch.part.head;

import firmperch.body.Builder;
import firmperch.body.Tie;
import firmperch.stock.Fitting;
import java.util.List;

/**
 * Short cord tethers, a second catch for what hangs over work and hands: polyamide cord Ø 7 between two locking hooks, which break
 * first, at 8 kN; it gives a tenth of its length before that (common practice, no source).
 */
public final class Tethers {
    private static final double BREAKS = 8000;
    private static final double STRAIN = 0.10;
    /** So much longer than the way from hook to hook, m: enough to hook it on. */
    private static final double SLACK = 0.03;
    private static final double LEAST = 0.15;
    /** A metre of the cord, and a hook of steel, kg: common practice, no source. */
    private static final double CORD = 0.032;
    private static final double HOOK = 0.045;

    private Tethers() {
    }

    /**
     * Adds one.
     *
     * @param name in words: "camera tether"
     * @param from what holds, and where
     * @param to what is held, and where
     * @param apart how far the hooks are apart as it is built, m
     */
    public static void add(Builder out, String name, Tie.Hook from, Tie.Hook to, double apart, String use) {
        double length = Math.max(apart, 0) + SLACK;
        double cord = Math.max(LEAST, length);
        out.tie(new Tie.Tether(out.id("tether"), name, out.station(), List.of(from, to), length, BREAKS,
                BREAKS / (STRAIN * cord)));
        out.fit(from.body(), from.at(), 1, new Fitting("Cord tether Ø " + out.length(0.007)
                + " polyamide with two locking hooks, " + out.length(cord), 2 * HOOK + CORD * cord, 6), use);
    }
}

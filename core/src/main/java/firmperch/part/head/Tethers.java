package firmperch.part.head;

import firmperch.body.Builder;
import firmperch.body.Tie;
import firmperch.stock.Fitting;
import firmperch.stock.TetherCord;
import java.util.List;

/**
 * Tethers, a second catch for what hangs over work and hands: between two locking hooks, or hitched round what they are on.
 */
public final class Tethers {
    /** What a hitch leaves of a cord's strength: common practice, no source. */
    private static final double HITCHED = 0.75;
    /** A hitch round a plate at either end, m. */
    private static final double ROUND = 0.3;
    /** So much longer than the way from hook to hook, m: enough to hook it on. */
    private static final double SLACK = 0.03;
    private static final double LEAST = 0.15;
    /** A hook of steel, kg, and the price of two and their sewing, €: common practice, no source. */
    private static final double HOOK = 0.045;
    private static final double HOOKS = 5.85;

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
        add(out, TetherCord.CORD, name, new Ends(from, to), length, cord, 1, use);
    }

    /**
     * Adds one that is hitched round what it is on.
     *
     * @param name in words: what it is to catch
     * @param length taut, m
     */
    public static void hitched(Builder out, TetherCord cord, String name, Tie.Hook from, Tie.Hook to, double length,
            String use) {
        add(out, cord, name, new Ends(from, to), length, length + 2 * ROUND, HITCHED, use);
    }

    /** What holds and what is held. */
    private record Ends(Tie.Hook from, Tie.Hook to) {}

    private static void add(Builder out, TetherCord of, String name, Ends ends, double length, double cord,
            double strength, String use) {
        out.tie(new Tie.Tether(out.id("tether"), name, out.station(), List.of(ends.from, ends.to), length,
                strength * of.breaks(), of.breaks() / (of.strain() * cord)));
        out.fit(ends.from.body(), ends.from.at(), 1, new Fitting(of.sort() + " tether " + (of.round() ? "Ø " : "")
                + out.length(of.width()) + " polyamide with two locking hooks, " + out.length(cord),
                2 * HOOK + of.mass() * cord, HOOKS + of.price() * cord), use);
    }
}

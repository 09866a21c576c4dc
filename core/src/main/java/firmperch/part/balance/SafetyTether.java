package firmperch.part.balance;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Port;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.part.head.Tethers;
import firmperch.stock.TetherCord;
import firmperch.units.InvalidValue;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;

/**
 * A tether from the plate at one pivot of an arm to that at another further out: it catches what hangs there if a stick breaks or a pivot
 * lets go. It is hitched round the plates behind their bolts, so it bends none of these, and is as long as they come apart; how far what it
 * holds then falls, and whether it ever holds the arm back, is asked in every pose: so how far they come apart is only tried, in a few settings of each
 * joint, and what that leaves out (some 7 mm of a metre) is seen there.
 *
 * <p>Left out: that what is caught swings in against the rig, and what the plates' edges take off the cord beyond the hitch.
 *
 * @param cord what it is of
 * @param spare by how much it is longer than the two come apart, m
 */
public record SafetyTether(TetherCord cord, double spare) implements Part {
    public static final Params<SafetyTether> PARAMS = Params.of(SafetyTether.class)
            .choice("cord", "Tether of", TetherCord.ALL).varied()
            .length("spare", "Longer than it must be", 0.01, 0.5).varied(0.01)
            .help("It is as long as its ends come apart, and by this longer: what falls further is caught harder.")
            .done();
    private static final String WHO = "Tether";
    private static final int ENDS = 2;
    /** Settings of each joint between the ends, stops and all, in which they are tried; and joints that may lie between them. */
    private static final int TRIED = 7;
    private static final int MOST = 3;

    public SafetyTether {
        PARAMS.check(cord, spare);
    }

    @Override
    public Params<SafetyTether> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        if (on.size() != ENDS) {
            throw new InvalidValue(WHO, "on " + on.size() + " pivots", "two");
        }
        Port holds = on.getFirst();
        Port held = on.getLast();
        holds.fitting(WHO, Port.Pivot.class, "the pivots of arms");
        held.fitting(WHO, Port.Pivot.class, "the pivots of arms");
        Deque<Body> between = new ArrayDeque<>();
        for (Body body = held.body(); body != null && !body.equals(holds.body()); body = body.parent()) {
            between.addFirst(body);
        }
        if (between.isEmpty() || !holds.body().equals(between.getFirst().parent())) {
            throw new InvalidValue(WHO, "to a pivot that does not hang on the first",
                    "the pivot that holds, then one further out");
        }
        double length = apart(between, holds.at().origin(), held.at().origin()) + spare;
        String caught = held.station().label().toLowerCase(Locale.ROOT);
        out.station("", "Tether of " + out.length(length), holds.body(), holds.at().origin(), holds.station());
        Tethers.hitched(out, cord, caught, new Tie.Hook(holds.body(), holds.at().origin()),
                new Tie.Hook(held.body(), held.at().origin()), length, "a second catch for the " + caught);
        out.work("tether " + out.part(),
                "Hitch the tether round the plate that holds and round the one further out, each behind its bolt, where it cannot slip off: "
                        + out.length(length)
                        + " taut between them. Move the arm all the way and see that it never comes taut.",
                List.of("arm"), "",
                "It catches what falls once: after that, a new one. Nobody stands under an arm while it is worked on.");
    }

    /** How far the two come apart at most, m, in so many settings of each joint between them. */
    private static double apart(Deque<Body> between, Vec3 holds, Vec3 held) {
        List<Freedom> freedoms = new ArrayList<>();
        for (Body body : between) {
            if (!(body.motion() instanceof Motion.Fixed) && !freedoms.contains(body.motion().freedom())) {
                freedoms.add(body.motion().freedom());
            }
        }
        if (freedoms.size() > MOST) {
            throw new InvalidValue(WHO, "across " + freedoms.size() + " joints",
                    "pivots with at most three joints between them");
        }
        double most = 0;
        for (int pose = 0; pose < Math.pow(TRIED, freedoms.size()); pose++) {
            Vec3 end = held;
            for (Body body : (Iterable<Body>) between::descendingIterator) {
                Motion motion = body.motion();
                int number = (int) (pose / Math.pow(TRIED, freedoms.indexOf(motion.freedom()))) % TRIED;
                end = body.at().point(motion instanceof Motion.Fixed
                        ? end
                        : motion.at(setting(motion.freedom(), number)).point(end));
            }
            most = Math.max(most, end.minus(holds).length());
        }
        return most;
    }

    private static double setting(Freedom f, int number) {
        return f.nearest(f.from() + (f.to() - f.from()) * number / (TRIED - 1));
    }
}

package firmperch.make;

import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.check.Finding;
import firmperch.check.Opened;
import firmperch.search.Assessment;
import firmperch.study.Falling;
import firmperch.study.Loading;
import firmperch.study.Situation;
import firmperch.study.Tightened;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

/** How a maker sets and opens joints: how tight, what falls when it is opened, what to lock before the camera comes off. */
public final class Handling {
    /** A limit so many times as much as is wanted is not reached by accident. */
    private static final double PLENTY = 3;

    private Handling() {
    }

    /** How tight each of the joints that friction holds is to be, in the order of the freedoms. */
    public static List<String> recipes(Assessment assessment) {
        return Tightened.of(assessment.study()).stream().flatMap(set -> tighten(set, assessment).stream()).toList();
    }

    /**
     * How tight, told without a torque wrench: the pull at the camera at which pivots begin to turn, from what they must hold in every pose
     * to what bolt and wood bear, or to what one hand moves where they are not opened for it.
     */
    private static Optional<String> tighten(Tightened set, Assessment assessment) {
        Situation s = assessment.situation();
        Freedom freedom = s.study().assembly().freedoms().get(set.freedom());
        Optional<Finding> holds = assessment.find("friction@" + freedom.id());
        if (holds.isEmpty()) {
            return Optional.empty();
        }
        double least = set.pull(s, holds.get().reading().asked());
        double bears = set.pull(s, set.held(s, Hold.Friction::most));
        boolean byHand = set.hold().closure().byHand();
        double most = byHand ? bears : Math.min(bears, s.policy().movement().pull());
        String how = "Tighten the " + set.name() + " (" + s.study().named(freedom)
                + "), set as drawn, until a luggage scale, pulled at the camera "
                + "along its way and upward, reads " + scale(s, least) + " as it begins to move";
        return Optional.of(most > least
                ? how + (most < PLENTY * least ? ", and no more than " + scale(s, most) : "") + "."
                : how + ". That is more than " + (byHand ? "bolt and wood bear" : "one hand's pull") + ", "
                        + scale(s, most)
                        + ": take weight off it with a spring or a counterweight, or more rubbing faces.");
    }

    private static String scale(Situation s, double pull) {
        return s.show(Quantity.FORCE, pull) + " (" + s.show(Quantity.MASS, pull / Gravity.STANDARD) + ")";
    }

    /** What is to be locked before the camera comes off: what stays, or falls, with it and runs the other way without it. */
    static String lockFirst(Situation s) {
        return listed(s, Loading.BARE, (bare, with) -> with.map(f -> f.height() * bare.height() < 0).orElse(true),
                " Before it comes off, lock: ");
    }

    static String falls(Situation s) {
        return listed(s, Loading.GEAR, (gear, same) -> true, "Hold the camera whenever you open: ");
    }

    private static String listed(Situation s, Loading loading, BiPredicate<Falling, Optional<Falling>> told,
            String opening) {
        List<String> all = new ArrayList<>();
        List<Freedom> freedoms = s.study().assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            String label = s.study().named(freedoms.get(f));
            Optional<Falling> with = Opened.of(s, f, Loading.GEAR);
            Opened.of(s, f, loading).filter(falling -> told.test(falling, with))
                    .ifPresent(falling -> all.add(label + " (let go, it " + falling.words(s) + ")"));
        }
        return all.isEmpty() ? "" : opening + String.join(", ", all) + ".";
    }
}

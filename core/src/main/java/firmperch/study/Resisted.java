package firmperch.study;

import firmperch.body.Freedom;
import firmperch.body.Vec3;
import firmperch.pose.Posed;
import java.util.ArrayList;
import java.util.List;

/**
 * In which directions a push at the camera is resisted. Along a freedom that nothing holds, or whose brake or head slips sooner, it moves
 * the rig instead; at a stop of that freedom it is resisted, both ways (against the stop it bears; away from it, it is taken to as well,
 * which is on the safe side).
 *
 * <p>Left out: the friction of a freedom without a brake, a few newtons of a hand's sixty, and that tightened pivots slip too, which
 * would only take less.
 */
final class Resisted {
    /**
     * What a hand's push that moves the rig bends it by, as a share of what it would bend it by if it were held: the inertia of a uniform
     * arm pushed at its end bends it by F·L/(3·√3) = 0.1925·F·L at most as it swings about its other end, and by 4/27·F·L as it runs
     * along (d'Alembert); a heavy camera takes more of the push itself.
     */
    private static final double SWUNG = 0.2;
    /** Nearer to a stop than this share of its travel a freedom is at it. */
    private static final double AT_STOP = 1e-6;
    /** A direction of which less than this is left counts as moving. */
    private static final double LITTLE = 1e-3;

    private Resisted() {
    }

    /** A brake may hold so many times what it is said to: our own judgement. */
    private static final double AT_MOST = 1.5;

    /**
     * Directions at right angles of which every direction in which that push, N, is resisted among those that these span is made; none where
     * it moves the rig in all of them.
     */
    static List<Vec3> among(List<Vec3> directions, Posed posed, double push) {
        List<Moving> moving = moving(directions, posed, push, 1);
        return moving.isEmpty() ? directions : beside(moving, directions);
    }

    /**
     * How much of a push of that many newtons along each of three directions at right angles bends and shears the rig: all of it, a length
     * of 1, where it is resisted.
     */
    static List<Vec3> hand(Posed posed, double push) {
        List<Vec3> axes = List.of(Vec3.X, Vec3.Y, Vec3.UP);
        List<Moving> moving = moving(axes, posed, push, AT_MOST);
        if (moving.isEmpty()) {
            return axes;
        }
        List<Vec3> hand = new ArrayList<>(beside(moving, axes));
        moving.forEach(m -> hand.add(m.direction.times(Math.max(SWUNG, Math.min(1, m.slips / push)))));
        return hand;
    }

    /** A direction in which the camera moves when it is pushed with so many newtons. */
    private record Moving(Vec3 direction, double slips) {}

    /** Directions at right angles, among those that others span, in which a push moves the camera. */
    private static List<Moving> moving(List<Vec3> directions, Posed posed, double push, double atMost) {
        List<Moving> moving = new ArrayList<>();
        List<Vec3> known = new ArrayList<>();
        List<Freedom> freedoms = posed.rig().assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            double holds = posed.rig().slips(f) * atMost;
            if (Double.isInfinite(holds) || atStop(freedoms.get(f), posed.pose().get(f))) {
                continue;
            }
            Vec3 moves = posed.velocity(posed.rig().assembly().mount().body(), posed.mount(), f);
            Vec3 within = Vec3.ZERO;
            for (Vec3 direction : directions) {
                within = within.plus(direction.times(direction.dot(moves)));
            }
            double slips = within.length() < 1e-9 ? Double.POSITIVE_INFINITY : holds / within.length();
            if (slips < push) {
                add(known, within);
                if (known.size() > moving.size()) {
                    moving.add(new Moving(known.getLast(), slips));
                }
            }
        }
        return moving;
    }

    private static List<Vec3> beside(List<Moving> moving, List<Vec3> directions) {
        List<Vec3> all = new ArrayList<>();
        moving.forEach(m -> all.add(m.direction));
        directions.forEach(direction -> add(all, direction));
        return all.subList(moving.size(), all.size());
    }

    private static boolean atStop(Freedom f, double at) {
        double near = AT_STOP * (f.to() - f.from());
        return f.kind() != Freedom.Kind.SWING && (at - f.from() < near || f.to() - at < near);
    }

    /** Adds what is left of a direction beside those that are there (Gram and Schmidt), if anything is. */
    private static void add(List<Vec3> directions, Vec3 direction) {
        double length = direction.length();
        if (length < 1e-9) {
            return;
        }
        Vec3 left = direction.times(1 / length);
        for (Vec3 known : directions) {
            left = left.minus(known.times(known.dot(left)));
        }
        if (left.length() > LITTLE) {
            directions.add(left.unit());
        }
    }
}

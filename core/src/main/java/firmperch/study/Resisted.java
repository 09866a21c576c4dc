package firmperch.study;

import firmperch.body.Freedom;
import firmperch.body.Vec3;
import firmperch.pose.Posed;
import java.util.ArrayList;
import java.util.List;

/**
 * In which directions a push at the camera is resisted. Along a freedom that nothing holds it moves the rig instead; at a stop of that
 * freedom it is resisted, both ways (against the stop it bears; away from it, it is taken to as well, which is on the safe side).
 *
 * <p>Left out: the friction of such a freedom, a few newtons of a hand's sixty.
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

    /** Directions at right angles of which every resisted direction among those that these span is made; none where all move. */
    static List<Vec3> among(List<Vec3> directions, Posed posed) {
        List<Vec3> moving = moving(directions, posed);
        return moving.isEmpty() ? directions : beside(moving, directions);
    }

    /** How much of a push along each of three directions at right angles bends and shears the rig: all where it is resisted. */
    static List<Vec3> hand(Posed posed) {
        List<Vec3> axes = List.of(Vec3.X, Vec3.Y, Vec3.UP);
        List<Vec3> moving = moving(axes, posed);
        if (moving.isEmpty()) {
            return axes;
        }
        List<Vec3> hand = new ArrayList<>(beside(moving, axes));
        moving.forEach(direction -> hand.add(direction.times(SWUNG)));
        return hand;
    }

    /** Directions at right angles, among those that others span, in which the camera moves freely. */
    private static List<Vec3> moving(List<Vec3> directions, Posed posed) {
        List<Vec3> moving = new ArrayList<>();
        List<Freedom> freedoms = posed.rig().assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            if (!posed.rig().held(f) && !atStop(freedoms.get(f), posed.get(freedoms.get(f)))) {
                Vec3 moves = posed.velocity(posed.rig().assembly().mount().body(), posed.mount(), f);
                Vec3 within = Vec3.ZERO;
                for (Vec3 direction : directions) {
                    within = within.plus(direction.times(direction.dot(moves)));
                }
                add(moving, within);
            }
        }
        return moving;
    }

    private static List<Vec3> beside(List<Vec3> moving, List<Vec3> directions) {
        List<Vec3> all = new ArrayList<>(moving);
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

package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * How far two bodies stay apart in whatever pose, because each moves in layers of its own: along a direction about which all
 * turns between them go, and square to which all slides run, nothing of either ever moves. So do the sides of an arm along its
 * pivots, and what turns on a table above what does not.
 *
 * <p>Left out: directions square to slides where nothing turns, of which there are many; a bound found otherwise serves there.
 */
final class SeparateLayers {
    /** Directions of length 1 nearer to each other than this are the same. */
    private static final double SAME = 1e-12;

    private final Layer from;
    private final Layer seen;

    /**
     * The direction, and where along it a body's origin stays.
     *
     * @param along the direction in the body's axes
     * @param at from the origin of the body that carries both, m
     */
    private record Layer(Vec3 along, double at) {
        double furthest(Piece piece, double side) {
            Vec3 way = along.times(side);
            return side * at + piece.at().origin().dot(way) + piece.solid().reach(piece.at().inward(way));
        }
    }

    private SeparateLayers(Layer from, Layer seen) {
        this.from = from;
        this.seen = seen;
    }

    /**
     * The layers of two bodies; nothing where there is no such direction.
     *
     * @param common number of the last body that carries both
     */
    static Optional<SeparateLayers> of(Body from, Body seen, int common) {
        Deque<Body> low = chain(from, common);
        Deque<Body> high = chain(seen, common);
        Vec3 along = turnsAbout(low);
        along = along == null ? turnsAbout(high) : along;
        Layer one = along == null ? null : layer(low, along);
        Layer other = one == null ? null : layer(high, along);
        return other == null ? Optional.empty() : Optional.of(new SeparateLayers(one, other));
    }

    /** From the one that stands on the common body outward. */
    private static Deque<Body> chain(Body body, int common) {
        Deque<Body> chain = new ArrayDeque<>();
        for (Body at = body; at != null && at.index() != common; at = at.parent()) {
            chain.addFirst(at);
        }
        return chain;
    }

    /** The axis of the first that turns, in the common body's axes; null if none does. */
    private static Vec3 turnsAbout(Deque<Body> chain) {
        Vec3 axis = null;
        for (Body body : chain) {
            axis = axis(body.motion());
            if (axis != null) {
                for (Body at = body; at != chain.getFirst().parent(); at = at.parent()) {
                    axis = at.at().direction(axis);
                }
                break;
            }
        }
        return axis;
    }

    private static Vec3 axis(Motion motion) {
        return switch (motion) {
            case Motion.Turn turn -> turn.axis();
            case Motion.Linked _ -> Vec3.Y;
            case Motion.Fixed _,Motion.Slide _,Motion.Step _ -> null;
        };
    }

    private static Layer layer(Deque<Body> chain, Vec3 direction) {
        Vec3 along = direction;
        double at = 0;
        for (Body body : chain) {
            at += along.dot(body.at().origin());
            along = body.at().inward(along);
            boolean keeps = switch (body.motion()) {
                case Motion.Fixed _ -> true;
                case Motion.Slide slide -> Math.abs(slide.along().dot(along)) < SAME;
                case Motion.Step step -> Math.abs(step.along().dot(along)) < SAME;
                case Motion.Turn _,Motion.Linked _ -> axis(body.motion()).cross(along).length() < SAME;
            };
            if (!keeps) {
                return null;
            }
        }
        return new Layer(along, at);
    }

    /** How far a piece of the one stays from a piece of the other along the direction, m; negative where their layers overlap. */
    double apart(Piece one, Piece other) {
        return Math.max(-seen.furthest(other, -1) - from.furthest(one, 1),
                -from.furthest(one, -1) - seen.furthest(other, 1));
    }
}

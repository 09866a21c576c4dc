package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

/**
 * The way from the place to one point of a rig: only what moves the point, all that is fast to each other drawn together. Posed in a fraction of
 * the time that the whole rig takes, and again only from the first freedom on that has changed. For one thread.
 */
final class Chain {
    /**
     * A body that moves.
     *
     * @param home where it lies unmoved, in the axes of the one before it
     * @param freedom its number in the assembly
     */
    private record Link(Placement home, Motion motion, int freedom) {}

    private final Link[] links;
    /** The point in the axes of the last link. */
    private final Vec3 end;
    private final double[] settings;
    private final Placement[] homes;
    private final Placement[] places;

    /**
     * The chain to a point of a body.
     *
     * @param body null for the place itself
     * @param at in the body's axes, m
     */
    Chain(Rig rig, Body body, Vec3 at) {
        Deque<Link> moving = new ArrayDeque<>();
        Vec3 point = at;
        for (Body next = body; next != null; next = next.parent()) {
            if (!(next.motion() instanceof Motion.Fixed)) {
                moving.addFirst(new Link(next.at(), next.motion(), rig.freedom(next.index())));
            } else if (moving.isEmpty()) {
                point = next.at().point(point);
            } else {
                Link last = moving.removeFirst();
                moving.addFirst(new Link(next.at().of(last.home), last.motion, last.freedom));
            }
        }
        end = point;
        links = moving.toArray(Link[]::new);
        settings = new double[links.length];
        Arrays.fill(settings, Double.NaN);
        homes = new Placement[links.length];
        places = new Placement[links.length];
    }

    /** Where the point is in a pose, in the rig's axes, m; {@link #velocity} is then that in this pose. */
    Vec3 point(Pose pose) {
        boolean same = true;
        for (int i = 0; i < links.length; i++) {
            double setting = pose.get(links[i].freedom);
            same &= setting == settings[i];
            if (!same) {
                settings[i] = setting;
                homes[i] = i == 0 ? links[i].home : places[i - 1].of(links[i].home);
                places[i] = homes[i].of(links[i].motion.at(setting));
            }
        }
        return links.length == 0 ? end : places[links.length - 1].point(end);
    }

    /** How fast the point goes for each unit of a freedom in the pose that it was asked for last, m; zero for steps. */
    Vec3 velocity(Vec3 point, int freedom) {
        Vec3 sum = Vec3.ZERO;
        for (int i = 0; i < links.length; i++) {
            if (links[i].freedom == freedom) {
                Motion.Rate rate = links[i].motion.rate(settings[i]);
                sum = sum.plus(homes[i].direction(rate.shift()))
                        .plus(homes[i].direction(rate.turn()).cross(point.minus(places[i].origin())));
            }
        }
        return sum;
    }
}

package firmperch.search;

import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.check.Question;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.study.Situation;
import java.util.List;

/**
 * Moves a rig as if a hand held one point of it: the point goes as near to its goal as the stops, the room, the bench
 * and the rig itself allow. What was already in the way when the hand took hold does not stop it.
 */
public final class DragSolver {
    /** Bisections used to find how far the way is free: enough for a hundredth of a drag. */
    private static final int HALVINGS = 6;

    private final Situation from;
    private final Tie.Hook grip;
    private List<Question<?>> clear;

    /**
     * Takes hold of a point.
     *
     * @param from the pose it is in
     * @param grip the point that is held
     */
    public DragSolver(Situation from, Tie.Hook grip) {
        this.from = from;
        this.grip = grip;
    }

    private List<Question<?>> clear() {
        if (clear == null) {
            clear = Hits.asked(from.study()).stream().filter(q -> !gives(q, from)).toList();
        }
        return clear;
    }

    /**
     * Where the drag has ended.
     *
     * @param inTheWay in words what keeps it from coming nearer; empty if it is where it was wanted
     */
    public record Brought(Pose pose, String inTheWay) {}

    private static boolean gives(Question<?> question, Situation s) {
        return question.at(s).verdict(question.about().reserve(), s.policy().near()) == Verdict.GIVES;
    }

    /** Moves the point toward a goal: first straight, as far as that is free, then along whatever blocks it. */
    public Brought to(Reach.Goal goal) {
        Pose there = reach(goal.point(), goal);
        Question<?> met = met(there);
        if (met == null) {
            return new Brought(there, Reach.inTheWay(from.study().rig(), there, grip, goal));
        }
        Reading hit = met.at(from.study().in(there));
        Vec3 start = from.posed().point(grip.body(), grip.at());
        Vec3 at = start;
        Pose free = from.posed().pose();
        double went = free(start, goal.point().minus(start), goal);
        if (went > 0) {
            at = start.plus(goal.point().minus(start).times(went));
            free = reach(at, goal);
        }
        for (Vec3 along : goal.along()) {
            Vec3 left = along.times(goal.point().minus(at).dot(along));
            double further = free(at, left, goal);
            if (further > 0) {
                at = at.plus(left.times(further));
                free = reach(at, goal);
            }
        }
        String why = hit.said() != null ? hit.said().get() : met.weakness();
        return new Brought(free, "That is as near as it comes: further on " + why + ".");
    }

    private Pose reach(Vec3 point, Reach.Goal goal) {
        return Reach.to(from.study().rig(), from.posed().pose(), grip,
                new Reach.Goal(point, goal.along(), goal.content()));
    }

    /** The clearance question that fails in a pose though it held when the drag began; null if none. */
    private Question<?> met(Pose pose) {
        Situation s = from.study().in(pose);
        return clear().stream().filter(q -> gives(q, s)).findFirst().orElse(null);
    }

    /** The share of a straight way that is free, counted from its start. */
    private double free(Vec3 at, Vec3 way, Reach.Goal goal) {
        if (way.length() < goal.content()) {
            return 0;
        }
        double free = 0;
        double blocked = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (free + blocked) / 2;
            if (met(reach(at.plus(way.times(middle)), goal)) == null) {
                free = middle;
            } else {
                blocked = middle;
            }
        }
        return free;
    }
}

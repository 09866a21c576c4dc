package firmperch.pose;

import firmperch.body.Freedom;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Inverse kinematics for any set of freedoms with stops and steps: finds settings that bring the camera, or any other
 * point of the rig, as near as possible to a goal while moving as few freedoms as possible. Damped least squares
 * (Levenberg and Marquardt; Buss 2004 for limits).
 */
public final class Reach {
    private static final int ROUNDS = 25;
    private static final double NUDGE = 0.15;
    /** A joint this near to the end of its travel counts as at its stop, as a share of the travel. */
    private static final double STOP = 1e-3;
    private static final double DAMPING = 1e-5;
    private static final double SQUARE = 0.2;
    /** A round that comes nearer by less than this share of what is missing is the last: the goal is out of reach. */
    private static final double LITTLE = 1e-4;

    private final Rig rig;
    private final Chain chain;
    private final Goal goal;
    private final IntPredicate free;

    private Reach(Rig rig, Tie.Hook grip, Goal goal, IntPredicate free) {
        this.rig = rig;
        chain = new Chain(rig, grip.body(), grip.at());
        this.goal = goal;
        this.free = free;
    }

    /**
     * A goal: only the deviation along the given directions counts.
     *
     * @param point in the rig's axes, m
     * @param along directions of length 1
     * @param content how near is near enough for steps to stay where they are, m
     */
    public record Goal(Vec3 point, List<Vec3> along, double content) {
        public Goal {
            along = List.copyOf(along);
        }

        /** A height, m. */
        public static Goal height(double z) {
            return new Goal(new Vec3(0, 0, z), List.of(Vec3.UP), 0.0005);
        }

        private double miss(Vec3 at) {
            double sum = 0;
            for (Vec3 n : along) {
                double d = n.dot(point.minus(at));
                sum += d * d;
            }
            return Math.sqrt(sum);
        }
    }

    /**
     * The pose nearest to a goal.
     *
     * @param grip the point that is to come there
     */
    public static Pose to(Rig rig, Pose from, Tie.Hook grip, Goal goal) {
        return to(rig, from, grip, goal, f -> true);
    }

    /**
     * The pose nearest to a goal that some of the freedoms come to while the others stay as they are.
     *
     * @param grip the point that is to come there
     * @param free whether the freedom of that number may move
     */
    public static Pose to(Rig rig, Pose from, Tie.Hook grip, Goal goal, IntPredicate free) {
        return new Reach(rig, grip, goal, free).to(from);
    }

    private Pose to(Pose from) {
        // First with the freedoms that move the point that way; those that move it nearly square to the way only if
        // that is not enough.
        Pose best = to(from, SQUARE);
        if (miss(best) > goal.content) {
            Pose other = to(from, 0);
            if (miss(other) < miss(best) - goal.content) {
                best = other;
            }
        }
        return miss(best) > goal.content ? nudged(from, best) : best;
    }

    /**
     * A freedom that moves the point square to the way may help once it is turned, like a pendulum at rest: nudge it
     * and try again.
     */
    private Pose nudged(Pose from, Pose sofar) {
        Pose best = sofar;
        double least = miss(best);
        boolean[] used = used(from, SQUARE);
        for (int f = 0; f < used.length; f++) {
            Freedom freedom = rig.assembly().freedoms().get(f);
            if (used[f] || !free.test(f) || !freedom.continuous() || freedom.kind() == Freedom.Kind.SLIDE) {
                continue;
            }
            for (double nudge : new double[]{NUDGE, -NUDGE}) {
                Pose other = to(from.with(rig.assembly(), f, from.get(f) + nudge), 0);
                double miss = miss(other);
                if (miss < least - goal.content) {
                    least = miss;
                    best = other;
                }
            }
        }
        return best;
    }

    /** What keeps a point from its goal, in words: the stops that joints are at; empty if it is there. */
    public static String inTheWay(Rig rig, Pose reached, Tie.Hook grip, Goal goal) {
        if (miss(rig, reached, grip, goal) <= goal.content) {
            return "";
        }
        String stops = stops(rig, reached);
        return stops.isEmpty()
                ? "That is as near as it comes: nothing of it reaches further that way."
                : "That is as near as it comes: " + stops + ".";
    }

    /** What is at the end of its travel in a pose, in words: "“Arm angle” is at its stop"; empty if nothing is. */
    public static String stops(Rig rig, Pose reached) {
        List<String> stops = stopped(rig, reached).stream().map(name -> "“" + name + "”").toList();
        return stops.isEmpty()
                ? ""
                : String.join(" and ", stops) + (stops.size() == 1 ? " is at its stop" : " are at their stops");
    }

    /** What freedoms are at the end of their travel in a pose, by their names. */
    private static List<String> stopped(Rig rig, Pose reached) {
        List<String> stops = new ArrayList<>();
        List<Freedom> freedoms = rig.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            Freedom freedom = freedoms.get(f);
            double at = reached.get(f);
            boolean ends = freedom.kind() != Freedom.Kind.SWING
                    && Math.min(at - freedom.from(), freedom.to() - at) < STOP * (freedom.to() - freedom.from());
            if (ends && !stops.contains(freedom.label())) {
                stops.add(freedom.label());
            }
        }
        return stops;
    }

    private Pose to(Pose from, double least) {
        boolean[] used = used(from, least);
        Pose best = slid(from, used);
        double nearest = miss(best);
        List<Freedom> freedoms = rig.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            if (freedoms.get(f).continuous() || !free.test(f) || nearest < goal.content) {
                continue;
            }
            int now = (int) from.get(f);
            int span = (int) (freedoms.get(f).to() - freedoms.get(f).from());
            // Nearest steps first, so that of two settings that reach the goal the nearer one is taken.
            for (int away = 1; away <= span; away++) {
                for (int step : new int[]{now - away, now + away}) {
                    if (step >= freedoms.get(f).from() && step <= freedoms.get(f).to()) {
                        Pose other = slid(from.with(rig.assembly(), f, step), used);
                        double miss = miss(other);
                        if (miss < nearest - goal.content) {
                            nearest = miss;
                            best = other;
                        }
                    }
                }
            }
        }
        return best;
    }

    private double miss(Pose pose) {
        return goal.miss(chain.point(pose));
    }

    /** How far a point is from its goal in a pose, m. */
    public static double miss(Rig rig, Pose pose, Tie.Hook grip, Goal goal) {
        return goal.miss(new Chain(rig, grip.body(), grip.at()).point(pose));
    }

    /** The freedoms that move the point at least that share of its way along what is wanted. */
    private boolean[] used(Pose from, double share) {
        List<Freedom> freedoms = rig.assembly().freedoms();
        boolean[] used = new boolean[freedoms.size()];
        Vec3 tip = chain.point(from);
        for (int f = 0; f < used.length; f++) {
            if (freedoms.get(f).continuous() && free.test(f)) {
                Vec3 speed = chain.velocity(tip, f);
                double square = 0;
                for (Vec3 n : goal.along) {
                    square += n.dot(speed) * n.dot(speed);
                }
                used[f] = Math.sqrt(square) >= share * speed.length();
            }
        }
        return used;
    }

    /** Moves the continuous freedoms among those to be used; steps stay. */
    private Pose slid(Pose from, boolean[] used) {
        List<Freedom> freedoms = rig.assembly().freedoms();
        Pose best = from;
        double least = miss(from);
        double damping = DAMPING;
        for (int round = 0; round < ROUNDS && least > 1e-5; round++) {
            // Gauss-Newton step, one freedom after the other (Gauss and Seidel).
            Pose next = best;
            for (int f = 0; f < freedoms.size(); f++) {
                if (!used[f]) {
                    continue;
                }
                Vec3 now = chain.point(next);
                Vec3 speed = chain.velocity(now, f);
                double slope = 0;
                double square = damping;
                for (Vec3 n : goal.along) {
                    slope += n.dot(speed) * n.dot(goal.point.minus(now));
                    square += n.dot(speed) * n.dot(speed);
                }
                double step = slope / square;
                if (Math.abs(step) > 1e-7) {
                    next = next.with(rig.assembly(), f, next.get(f) + Math.clamp(step, -0.5, 0.5));
                }
            }
            double miss = miss(next);
            if (miss < least - 1e-9) {
                double nearer = least - miss;
                least = miss;
                best = next;
                damping = Math.max(DAMPING, damping / 4);
                if (nearer < LITTLE * least) {
                    break;
                }
            } else {
                damping = Math.max(damping * 10, 1e-3);
                if (damping > 10) {
                    break;
                }
            }
        }
        return best;
    }
}

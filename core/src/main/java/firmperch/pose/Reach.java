package firmperch.pose;

import firmperch.body.Freedom;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import java.util.List;

/**
 * Inverse kinematics on whatever freedoms there are, within stops and steps: how to set them so that the camera, or
 * any point of the rig, comes as near as it can to a place, moving as few as it can. Damped least squares (Levenberg and Marquardt; Buss 2004 for limits).
 */
public final class Reach {
    private static final int ROUNDS = 25;
    private static final double DAMPING = 1e-5;
    /** Another step is taken where it brings the point nearer by more than this, m. */
    private static final double WORTH = 0.0005;

    private Reach() {
    }

    /**
     * What of a place is wanted: the deviation along each direction counts, others do not.
     *
     * @param point in the rig's axes, m
     * @param along directions of length 1
     */
    public record Goal(Vec3 point, List<Vec3> along) {
        public Goal {
            along = List.copyOf(along);
        }

        /** A height, m. */
        public static Goal height(double z) {
            return new Goal(new Vec3(0, 0, z), List.of(Vec3.UP));
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
        Pose best = slid(rig, from, grip, goal);
        double least = miss(rig, best, grip, goal);
        List<Freedom> freedoms = rig.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            if (freedoms.get(f).continuous() || least < WORTH) {
                continue;
            }
            int now = (int) from.get(f);
            int span = (int) (freedoms.get(f).to() - freedoms.get(f).from());
            // The nearest steps first: of two that reach it the nearer is taken.
            for (int away = 1; away <= span; away++) {
                for (int step : new int[]{now - away, now + away}) {
                    if (step >= freedoms.get(f).from() && step <= freedoms.get(f).to()) {
                        Pose other = slid(rig, from.with(rig.assembly(), f, step), grip, goal);
                        double miss = miss(rig, other, grip, goal);
                        if (miss < least - WORTH) {
                            least = miss;
                            best = other;
                        }
                    }
                }
            }
        }
        return best;
    }

    private static Vec3 at(Posed posed, Tie.Hook grip) {
        return posed.point(grip.body(), grip.at());
    }

    private static double miss(Rig rig, Pose pose, Tie.Hook grip, Goal goal) {
        return goal.miss(at(Posed.of(rig, pose), grip));
    }

    /** Moves what slides and turns; steps stay. */
    private static Pose slid(Rig rig, Pose from, Tie.Hook grip, Goal goal) {
        List<Freedom> freedoms = rig.assembly().freedoms();
        Pose best = from;
        double least = miss(rig, from, grip, goal);
        double damping = DAMPING;
        for (int round = 0; round < ROUNDS && least > 1e-5; round++) {
            Posed posed = Posed.of(rig, best);
            Vec3 tip = at(posed, grip);
            // Gradient and diagonal of the normal equations: one freedom after the other (Gauss and Seidel).
            Pose next = best;
            for (int f = 0; f < freedoms.size(); f++) {
                if (!freedoms.get(f).continuous()) {
                    continue;
                }
                Posed there = next == best ? posed : Posed.of(rig, next);
                Vec3 now = next == best ? tip : at(there, grip);
                Vec3 speed = there.velocity(grip.body(), now, f);
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
            double miss = miss(rig, next, grip, goal);
            if (miss < least - 1e-9) {
                least = miss;
                best = next;
                damping = Math.max(DAMPING, damping / 4);
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

package firmperch.search;

import firmperch.body.Freedom;
import firmperch.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Sample poses over the whole travel of every joint, with all stops and all steps. Either a full grid with a coarse
 * grid inside it or, if a full grid would be too large, a random scatter.
 */
final class PoseGrid {
    private static final int SWING_POINTS = 12;
    private static final int HINGE_POINTS = 7;
    private static final int MOST_STEPS = 8;
    private static final int MOST_GRID = 800;
    /**
     * Of the twelve points of a full turn, the ones looked at first. Chosen so that no symmetry of a base hides a
     * difference between all of them.
     */
    private static final List<Integer> ROUND = List.of(0, 1, 3, 5, 8);

    private final List<Freedom> freedoms;
    private final List<double[]> points = new ArrayList<>();
    private final List<Pose> poses = new ArrayList<>();
    private final int[] strides;
    private final boolean full;

    PoseGrid(List<Freedom> freedoms) {
        this(freedoms, MOST_GRID);
    }

    /** @param most poses that it may have */
    PoseGrid(List<Freedom> freedoms, int most) {
        this.freedoms = freedoms;
        strides = new int[freedoms.size()];
        long total = 1;
        for (Freedom f : freedoms) {
            double[] along = along(f);
            points.add(along);
            // No further once it is too many: the product of many freedoms overflows.
            total = total > most ? total : total * along.length;
        }
        full = total <= most;
        if (full) {
            fill();
        } else {
            scatter(most);
        }
    }

    private static double[] along(Freedom f) {
        int count = switch (f.kind()) {
            case SWING -> SWING_POINTS;
            case HINGE, SLIDE -> HINGE_POINTS;
            case STEP -> Math.min(MOST_STEPS, (int) (f.to() - f.from()) + 1);
        };
        double[] at = new double[count];
        double span = f.to() - f.from();
        for (int i = 0; i < count; i++) {
            at[i] = f.kind() == Freedom.Kind.SWING
                    ? f.from() + span * i / count
                    : count == 1 ? f.from() : f.from() + span * i / (count - 1);
            at[i] = f.continuous() ? at[i] : Math.rint(at[i]);
        }
        return at;
    }

    private void fill() {
        int total = 1;
        for (int axis = freedoms.size() - 1; axis >= 0; axis--) {
            strides[axis] = total;
            total *= points.get(axis).length;
        }
        for (int i = 0; i < total; i++) {
            double[] at = new double[freedoms.size()];
            for (int axis = 0; axis < at.length; axis++) {
                at[axis] = points.get(axis)[i / strides[axis] % points.get(axis).length];
            }
            poses.add(Pose.of(at));
        }
    }

    /**
     * For rigs with too many freedoms for a full grid: random poses, the same ones each time, with half of the
     * settings at stops.
     */
    private void scatter(int count) {
        Random random = new Random(1);
        for (int i = 0; i < count; i++) {
            double[] at = new double[freedoms.size()];
            for (int axis = 0; axis < at.length; axis++) {
                double[] along = points.get(axis);
                at[axis] = along[random.nextInt(along.length)];
            }
            poses.add(Pose.of(at));
        }
    }

    /** All poses. */
    List<Pose> poses() {
        return poses;
    }

    /** True for a full grid. The methods below are only valid then. */
    boolean full() {
        return full;
    }

    /** The settings sampled along a freedom. */
    double[] along(int axis) {
        return points.get(axis);
    }

    /** The pose with this freedom at its first sample and all others the same. */
    int first(int pose, int axis) {
        return pose - point(pose, axis) * strides[axis];
    }

    /** The next pose along a freedom; −1 after the last. */
    int next(int pose, int axis) {
        return point(pose, axis) == points.get(axis).length - 1 ? -1 : pose + strides[axis];
    }

    /** The index of the sample that a pose has along a freedom. */
    private int point(int pose, int axis) {
        return pose / strides[axis] % points.get(axis).length;
    }

    private boolean coarse(int axis, int point) {
        int last = points.get(axis).length - 1;
        return freedoms.get(axis).kind() == Freedom.Kind.SWING
                ? ROUND.contains(point)
                : point % 2 == 0 || point == last;
    }

    /** Whether a pose is one of the coarse grid. */
    boolean coarse(int pose) {
        for (int axis = 0; axis < strides.length; axis++) {
            if (!coarse(axis, point(pose, axis))) {
                return false;
            }
        }
        return true;
    }

    /** The representative of a pose: the one with the first sample along every freedom that makes no difference. */
    int alike(int pose, boolean[] felt) {
        int alike = pose;
        for (int axis = 0; axis < felt.length; axis++) {
            alike -= felt[axis] ? 0 : point(pose, axis) * strides[axis];
        }
        return alike;
    }

    /** For each pose, the poses of the coarse grid around it. */
    int[][] corners() {
        int[][] corners = new int[poses.size()][];
        for (int i = 0; i < corners.length; i++) {
            int[] found = {0};
            for (int axis = 0; axis < strides.length; axis++) {
                int at = point(i, axis);
                int length = points.get(axis).length;
                int below = at;
                while (!coarse(axis, below)) {
                    below--;
                }
                int above = at;
                while (!coarse(axis, above % length)) {
                    above++;
                }
                int[] more = new int[below == above ? found.length : 2 * found.length];
                for (int k = 0; k < more.length; k++) {
                    more[k] = found[k % found.length]
                            + (k < found.length ? below : above % length) * strides[axis];
                }
                found = more;
            }
            corners[i] = found;
        }
        return corners;
    }

    /** True if no neighbour along a freedom that matters is higher. Of a plateau, only the first pose counts. */
    boolean top(double[] known, int pose, boolean[] felt) {
        for (int axis = 0; axis < felt.length; axis++) {
            int length = points.get(axis).length;
            int at = point(pose, axis);
            boolean round = freedoms.get(axis).kind() == Freedom.Kind.SWING;
            for (int side = -1; felt[axis] && length > 1 && side <= 1; side += 2) {
                int next = round ? (at + side + length) % length : at + side;
                if (next < 0 || next >= length) {
                    continue;
                }
                double beside = known[pose + (next - at) * strides[axis]];
                if (beside > known[pose] || beside == known[pose] && next < at) {
                    return false;
                }
            }
        }
        return true;
    }
}

package firmperch.search;

import firmperch.body.Freedom;
import firmperch.check.Question;
import firmperch.pose.Pose;
import firmperch.study.Study;
import java.util.Arrays;
import java.util.List;

/** Climbs to where a question is answered worse: tries a step up and down along each freedom and shortens the steps when none helps. */
final class CompassSearch {
    /** Rounds of climbing: steps shrink by 2.5 each, to about a twenty-thousandth of the travel. */
    private static final int ROUNDS = 10;

    private final Study study;
    private final List<Freedom> freedoms;
    private final PoseGrid grid;
    private final int looks;

    /**
     * @param grid whose steps are the first ones
     * @param looks how many poses one climb may look at
     */
    CompassSearch(Study study, PoseGrid grid, int looks) {
        this.study = study;
        freedoms = study.assembly().freedoms();
        this.grid = grid;
        this.looks = looks;
    }

    /** The use in a pose; one more is counted. */
    double used(Question<?> question, double[] at, int[] count) {
        count[0]++;
        return question.at(study.in(Pose.of(at))).used();
    }

    /**
     * Climbs from one pose.
     *
     * @param value the use that is known there
     * @param felt along which freedoms
     * @param count of poses that were looked at, which grows
     * @return the settings that were reached, and last the use there
     */
    double[] climb(Question<?> question, double[] start, double value, boolean[] felt, int[] count) {
        double[] at = Arrays.copyOf(start, start.length + 1);
        at[start.length] = value;
        double[] step = new double[start.length];
        for (int axis = 0; axis < step.length; axis++) {
            Freedom f = freedoms.get(axis);
            step[axis] = f.continuous() ? (f.to() - f.from()) / grid.along(axis).length : 1;
        }
        // The side on which it last became better is tried first.
        int[] side = new int[start.length];
        Arrays.fill(side, -1);
        int enough = looks == Integer.MAX_VALUE ? looks : count[0] + looks;
        for (int round = 0; round < ROUNDS && count[0] < enough; round++) {
            boolean better = false;
            for (int axis = 0; axis < step.length && count[0] < enough; axis++) {
                double was = at[axis];
                // One step only: the other side of a step that was better is where it came from.
                for (int turn = 0; felt[axis] && turn < 2 && at[axis] == was; turn++) {
                    double[] next = Arrays.copyOf(at, start.length);
                    next[axis] = freedoms.get(axis).nearest(was + (turn == 0 ? side[axis] : -side[axis]) * step[axis]);
                    if (next[axis] != was) {
                        double used = used(question, next, count);
                        if (used > at[start.length]) {
                            side[axis] = next[axis] > was ? 1 : -1;
                            at[axis] = next[axis];
                            at[start.length] = used;
                            better = true;
                        }
                    }
                }
            }
            if (!better) {
                for (int axis = 0; axis < step.length; axis++) {
                    step[axis] = freedoms.get(axis).continuous() ? step[axis] / 2.5 : 1;
                }
            }
        }
        return at;
    }
}

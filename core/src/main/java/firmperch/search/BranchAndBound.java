package firmperch.search;

import firmperch.body.Freedom;
import firmperch.check.Finding.Search;
import firmperch.check.Question;
import firmperch.pose.CellBounds;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.search.WorstPose.Found;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * Branch and bound over a rig's travel. The aim is a proof that no pose anywhere, also between the samples, is much
 * worse than the worst one found.
 *
 * <p>A cell is a box in the space of the joint settings. {@link Situation#loosened} gives an upper bound on how much
 * could be used anywhere in the cell, derived from lengths and masses. The cell with the largest bound is halved, and
 * each half is bounded again. The search ends when the largest bound left is within {@link WorstPose#TOLERANCE} (one
 * per cent) of the worst pose found, or below {@link WorstPose#PLENTY}. Then no cell can hide anything worse.
 *
 * <p>Bounds shrink with the square of the cell's width (Du and Kearfott 1994), so halving ends soon. It can fail in
 * two ways, and both are told in the result: the limit of cells is reached, or the bound is infinite because a
 * mechanism's second derivative is not known. Then the figure counts as sampled.
 */
final class BranchAndBound {
    private static final int MOST_CELLS = 3000;
    /** With more freedoms than this, the one worth halving is searched for; with fewer, the widest is taken. */
    private static final int FEW = 3;

    private final Study study;
    private final List<Freedom> freedoms;

    private record Cell(double[] middle, double[] half, double bound) {}

    BranchAndBound(Study study) {
        this.study = study;
        freedoms = study.assembly().freedoms();
    }

    /**
     * The worst use, proven to within one per cent, or as far as the limit of cells allows.
     *
     * @param start the worst pose known, and how much is used there
     * @param felt freedoms that can make a difference
     * @param count how many poses and cells were looked at; counted on
     */
    Found bounded(Question<?> question, double[] start, double used, boolean[] felt, int[] count) {
        if (!derived(question, start, used, felt)) {
            return new Found(Pose.of(start), used, new Search(count[0], Double.NaN, false));
        }
        double[] best = start;
        double most = used;
        long felts = IntStream.range(0, felt.length).filter(i -> felt[i]).count();
        PriorityQueue<Cell> open = new PriorityQueue<>(Comparator.comparingDouble(Cell::bound).reversed());
        for (double[] middle : wholeTravel(felt, start)) {
            double[] half = new double[middle.length];
            for (int axis = 0; axis < half.length; axis++) {
                Freedom f = freedoms.get(axis);
                half[axis] = felt[axis] && f.continuous() ? (f.to() - f.from()) / 2 : 0;
            }
            count[0]++;
            open.add(new Cell(middle, half, question.at(study.in(Pose.of(middle)).loosened(half)).used()));
        }
        while (open.peek().bound > Math.max(most * (1 + WorstPose.TOLERANCE), WorstPose.PLENTY)
                && count[0] < MOST_CELLS) {
            Cell wide = open.poll();
            int axis = felts > FEW ? loosest(question, wide) : widest(wide);
            if (axis < 0) {
                open.add(wide);
                break;
            }
            for (int side = -1; side <= 1; side += 2) {
                double[] middle = wide.middle.clone();
                double[] half = wide.half.clone();
                half[axis] /= 2;
                middle[axis] += side * half[axis];
                Situation there = study.in(Pose.of(middle));
                double could = question.at(there.loosened(half)).used();
                count[0]++;
                if (could > most) {
                    double value = question.at(there).used();
                    if (value > most) {
                        most = value;
                        best = middle;
                    }
                }
                open.add(new Cell(middle, half, could));
            }
        }
        double bound = most > 0 ? Math.max(0, open.peek().bound / most - 1) : 0;
        // With plenty in hand either way, the exact figure does not matter.
        boolean proven = bound <= WorstPose.TOLERANCE || open.peek().bound <= WorstPose.PLENTY;
        return new Found(Pose.of(best), most, new Search(count[0], bound, proven));
    }

    /**
     * Whether a bound exists at all. If even a cell of almost no width has an infinite bound, none is derived for
     * this mechanism.
     */
    private boolean derived(Question<?> question, double[] at, double used, boolean[] felt) {
        double[] tiny = new double[at.length];
        for (int axis = 0; axis < tiny.length; axis++) {
            tiny[axis] = felt[axis] && freedoms.get(axis).continuous() ? 1e-9 : 0;
        }
        return question.at(study.in(Pose.of(at)).loosened(tiny)).used() <= Math.max(used, WorstPose.PLENTY)
                * (1 + WorstPose.TOLERANCE);
    }

    /**
     * The freedom that loosens the bound most: the bound without its width is the smallest. Among equals, the one
     * that has been halved least. Dearer than {@link #widest}, and worth it with many freedoms.
     */
    private int loosest(Question<?> question, Cell cell) {
        Situation middle = study.in(Pose.of(cell.middle));
        int loosest = -1;
        double least = Double.POSITIVE_INFINITY;
        double share = 0;
        for (int axis = 0; axis < cell.half.length; axis++) {
            if (cell.half[axis] > 1e-6) {
                double[] others = cell.half.clone();
                others[axis] = 0;
                double could = question.at(middle.loosened(others)).used();
                double left = cell.half[axis] / (freedoms.get(axis).to() - freedoms.get(axis).from());
                if (could < least - WorstPose.SAME || could < least + WorstPose.SAME && left > share) {
                    least = Math.min(least, could);
                    share = left;
                    loosest = axis;
                }
            }
        }
        return loosest;
    }

    /** The freedom whose width adds most to the bound; −1 if none is wide any more. */
    private int widest(Cell cell) {
        CellBounds spread = CellBounds.of(Posed.of(study.rig(), Pose.of(cell.middle)), cell.half);
        int widest = -1;
        for (int axis = 0; axis < cell.half.length; axis++) {
            if (cell.half[axis] > 1e-6 && (widest < 0 || spread.weight(axis) > spread.weight(widest))) {
                widest = axis;
            }
        }
        return widest;
    }

    /**
     * Midpoints of the first cells: one cell for each combination of the steps that matter, each as wide as the whole
     * travel of the continuous freedoms.
     */
    private List<double[]> wholeTravel(boolean[] felt, double[] kept) {
        List<double[]> middles = new ArrayList<>(List.of(kept.clone()));
        for (int axis = 0; axis < kept.length; axis++) {
            Freedom f = freedoms.get(axis);
            if (!felt[axis]) {
                continue;
            }
            List<double[]> more = new ArrayList<>();
            int settings = f.continuous() ? 1 : (int) (f.to() - f.from()) + 1;
            for (double[] sofar : middles) {
                for (int i = 0; i < settings; i++) {
                    double[] at = sofar.clone();
                    at[axis] = f.continuous() ? (f.from() + f.to()) / 2 : f.from() + i;
                    more.add(at);
                }
            }
            middles = more;
        }
        return middles;
    }
}

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
 * Branch and bound over a rig's travel: the whole of it is cut into cells, the worst that a cell can hold bounded from lengths and
 * masses ({@link Situation#loosened}); one that could hold more than a hundredth more than the worst found is halved, until none is
 * left (Du and Kearfott 1994 on why the bound is of second order).
 */
final class BranchAndBound {
    private static final int MOST_CELLS = 3000;
    /** Of more freedoms than that, the one to halve a cell along is looked for. */
    private static final int FEW = 3;

    private final Study study;
    private final List<Freedom> freedoms;

    private record Cell(double[] middle, double[] half, double bound) {}

    BranchAndBound(Study study) {
        this.study = study;
        freedoms = study.assembly().freedoms();
    }

    /**
     * The worst within a hundredth, or as near as the limit of cells lets it come.
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
        // Where there is plenty either way, how much more of it is nobody's question.
        boolean proven = bound <= WorstPose.TOLERANCE || open.peek().bound <= WorstPose.PLENTY;
        return new Found(Pose.of(best), most, new Search(count[0], bound, proven));
    }

    /** False where even the smallest cell could hold anything: for this mechanism the bound is not derived. */
    private boolean derived(Question<?> question, double[] at, double used, boolean[] felt) {
        double[] tiny = new double[at.length];
        for (int axis = 0; axis < tiny.length; axis++) {
            tiny[axis] = felt[axis] && freedoms.get(axis).continuous() ? 1e-9 : 0;
        }
        return question.at(study.in(Pose.of(at)).loosened(tiny)).used() <= Math.max(used, WorstPose.PLENTY)
                * (1 + WorstPose.TOLERANCE);
    }

    /**
     * The freedom without whose width the cell could hold least, of equal ones that which is least cut yet: dearer to find than
     * the widest, and worth it among many.
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

    /** The freedom whose width loosens the cell most: along it the cell is halved; −1 if none is wide any more. */
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

    /** Middles of the whole travel: one for each setting of the steps that make a difference. */
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

package firmperch.search;

import firmperch.check.Finding.Search;
import firmperch.pose.Pose;
import firmperch.rig.Freedom;
import firmperch.rig.Rig;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.ToDoubleFunction;

/**
 * Finds the pose in which a figure is largest over the whole travel of every joint.
 *
 * <p>Method: best-first subdivision with Lipschitz bounds (Piyavskii 1972, Shubert 1972). The travel is cut into cells;
 * each is known at its middle. How fast the figure can change along each joint is taken from the steepest change between
 * neighbours of an even grid anywhere, half as much again for what lies between them; so a cell can hold at most its middle's
 * value plus that rate times its half-width. Cells that could hold more than the largest value found by over one per
 * cent are halved until none is left. Steps (pin holes) are looked at one by one, unless they make no difference at all.
 *
 * <p>The rate is measured, not proved. Between neighbours a distance h apart, a sine of n waves a turn changes at a rate
 * of at least sin(nh)/(nh) times its steepest, wherever its phase lies; half as much again therefore covers up to four
 * waves in a turn of the swing (h = 18°), and up to three in the lift (h = 13°, where the steepest may lie at a stop, h
 * outside the nearest difference: sin(nh/2)/(nh/2) · cos(nh)). Forces and moments of a rigid perch have one wave,
 * stiffnesses and their products two. A peak narrower than that could be missed.
 */
public final class WorstPose {
    /** What lies between samples is bounded to this share of the figure. */
    public static final double TOLERANCE = 0.01;

    private static final int SWING_CELLS = 20;
    private static final int HINGE_CELLS = 7;
    private static final double SAFETY = 1.5;
    private static final int MOST_SAMPLES = 20_000;

    private final List<Freedom> freedoms;
    private final int[] cells;
    private final List<Pose> grid = new ArrayList<>();

    /** Prepares the first cells of a rig's travel. */
    public WorstPose(Rig rig) {
        freedoms = rig.freedoms();
        cells = freedoms.stream().mapToInt(f -> switch (f.motion()) {
            case SWING -> SWING_CELLS;
            case HINGE -> HINGE_CELLS;
            case STEP -> (int) (f.to() - f.from()) + 1;
        }).toArray();
        int total = Arrays.stream(cells).reduce(1, (a, b) -> a * b);
        for (int i = 0; i < total; i++) {
            grid.add(Pose.of(middle(i)));
        }
    }

    /** The middles of the first cells; figures of them are handed to {@link #largest}. */
    public List<Pose> grid() {
        return grid;
    }

    private double[] middle(int index) {
        double[] at = new double[freedoms.size()];
        int rest = index;
        for (int axis = freedoms.size() - 1; axis >= 0; axis--) {
            at[axis] = middle(axis, rest % cells[axis]);
            rest /= cells[axis];
        }
        return at;
    }

    private double middle(int axis, int cell) {
        Freedom f = freedoms.get(axis);
        return isStep(axis) ? f.from() + cell : f.from() + (cell + 0.5) * 2 * halfWidth(axis);
    }

    private double halfWidth(int axis) {
        Freedom f = freedoms.get(axis);
        return isStep(axis) ? 0 : (f.to() - f.from()) / cells[axis] / 2;
    }

    /** The pose found, its figure, and how sure it is. */
    public record Found(Pose pose, double figure, Search search) {}

    private record Cell(double[] middle, double[] half, double figure, double bound) {}

    /**
     * The pose with the largest figure.
     *
     * @param known figures at the poses of {@link #grid}, in its order; positive
     * @param figure the same for any pose
     * @param usual pose whose settings are kept for joints that make no difference at all
     */
    public Found largest(double[] known, ToDoubleFunction<Pose> figure, Pose usual) {
        double[] rate = steepest(known);
        int first = 0;
        for (int i = 1; i < known.length; i++) {
            first = known[i] > known[first] ? i : first;
        }
        double[] half = new double[cells.length];
        Arrays.setAll(half, this::halfWidth);
        Cell best = cell(middle(first), half, known[first], rate);
        int samples = known.length;
        PriorityQueue<Cell> open = new PriorityQueue<>(Comparator.comparingDouble(Cell::bound).reversed());
        for (double[] whole : wholeTravel(rate)) {
            Arrays.setAll(half, axis -> isStep(axis) ? 0 : (freedoms.get(axis).to() - freedoms.get(axis).from()) / 2);
            open.add(cell(whole, half.clone(), figure.applyAsDouble(Pose.of(whole)), rate));
            samples++;
        }
        while (open.peek().bound() > best.figure() * (1 + TOLERANCE) + 1e-12 && samples < MOST_SAMPLES) {
            Cell wide = open.poll();
            int axis = widest(wide, rate);
            for (int side = -1; side <= 1; side += 2) {
                double[] middle = wide.middle().clone();
                double[] narrow = wide.half().clone();
                narrow[axis] /= 2;
                middle[axis] += side * narrow[axis];
                Cell cell = cell(middle, narrow, figure.applyAsDouble(Pose.of(middle)), rate);
                samples++;
                open.add(cell);
                best = cell.figure() > best.figure() ? cell : best;
            }
        }
        Cell end = atStops(best, figure);
        for (int axis = 0; axis < rate.length; axis++) {
            if (rate[axis] == 0) {
                end.middle()[axis] = usual.get(axis);
            }
        }
        double bound = end.figure() > 0 ? Math.max(0, open.peek().bound() / end.figure() - 1) : 0;
        return new Found(Pose.of(end.middle()), end.figure(), new Search(samples, bound));
    }

    private boolean isStep(int axis) {
        return freedoms.get(axis).motion() == Freedom.Motion.STEP;
    }

    /** Middles of the whole travel: one for each setting of the steps that make any difference. */
    private List<double[]> wholeTravel(double[] rate) {
        List<double[]> middles = new ArrayList<>(List.of(new double[cells.length]));
        for (int axis = 0; axis < cells.length; axis++) {
            Freedom f = freedoms.get(axis);
            List<double[]> more = new ArrayList<>();
            for (double[] sofar : middles) {
                int settings = isStep(axis) && rate[axis] > 0 ? cells[axis] : 1;
                for (int i = 0; i < settings; i++) {
                    double[] at = sofar.clone();
                    at[axis] = isStep(axis) ? f.from() + i : (f.from() + f.to()) / 2;
                    more.add(at);
                }
            }
            middles = more;
        }
        return middles;
    }

    /** The worst is often right at a stop, which the middle of a cell never is. */
    private Cell atStops(Cell best, ToDoubleFunction<Pose> figure) {
        Cell end = best;
        for (int axis = 0; axis < freedoms.size(); axis++) {
            Freedom f = freedoms.get(axis);
            for (double stop : new double[]{f.from(), f.to()}) {
                if (f.motion() == Freedom.Motion.HINGE
                        && Math.abs(end.middle()[axis] - stop) <= end.half()[axis] * 1.01) {
                    double[] at = end.middle().clone();
                    at[axis] = stop;
                    double value = figure.applyAsDouble(Pose.of(at));
                    if (value > end.figure()) {
                        end = new Cell(at, end.half(), value, end.bound());
                    }
                }
            }
        }
        return end;
    }

    private static Cell cell(double[] middle, double[] half, double figure, double[] rate) {
        double bound = figure;
        for (int axis = 0; axis < half.length; axis++) {
            bound += rate[axis] * half[axis];
        }
        return new Cell(middle, half, figure, bound);
    }

    private static int widest(Cell cell, double[] rate) {
        int widest = 0;
        for (int axis = 1; axis < rate.length; axis++) {
            if (rate[axis] * cell.half()[axis] > rate[widest] * cell.half()[widest]) {
                widest = axis;
            }
        }
        return widest;
    }

    /** Steepest change of the figure along each joint between neighbouring first cells, with some safety. */
    private double[] steepest(double[] known) {
        double[] rate = new double[cells.length];
        int stride = 1;
        for (int axis = cells.length - 1; axis >= 0; axis--) {
            double width = isStep(axis) ? 1 : 2 * halfWidth(axis);
            for (int i = 0; i < known.length; i++) {
                int at = i / stride % cells[axis];
                int next = at + 1 < cells[axis]
                        ? i + stride
                        : freedoms.get(axis).motion() == Freedom.Motion.SWING ? i - at * stride : i;
                rate[axis] = Math.max(rate[axis], Math.abs(known[next] - known[i]) / width);
            }
            // What differs by rounding only does not differ.
            rate[axis] = rate[axis] < 1e-12 ? 0 : rate[axis] * SAFETY;
            stride *= cells[axis];
        }
        return rate;
    }
}

package firmperch.search;

import firmperch.body.Freedom;
import firmperch.check.Finding.Search;
import firmperch.check.Question;
import firmperch.pose.CellBounds;
import firmperch.pose.Pose;
import firmperch.search.WorstPose.Found;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Branch and bound over a rig's travel. The aim is a proof that no pose anywhere, also between the samples, is much
 * worse than the worst one found.
 *
 * <p>A cell is a box in the space of the joint settings. {@link Situation#loosened} gives an upper bound on how much
 * could be used anywhere in the cell, derived from lengths and masses. A cell whose bound is over the worst pose found by more
 * than {@link WorstPose#TOLERANCE} (one per cent), and over {@link WorstPose#PLENTY}, is halved, and each half is bounded again.
 * The search ends when none is left. Then no cell can hide anything worse.
 *
 * <p>Questions that feel the same freedoms are asked together: where a cell is halved for several of them, what they share is
 * worked out once. All cells of one width are looked at before the next narrower ones, so that what is found does not depend on
 * which thread comes first.
 *
 * <p>Bounds shrink with the square of the cell's width (Du and Kearfott 1994), so halving ends soon. It can fail in
 * two ways, and both are told in the result: the limit of cells is reached, or the bound is infinite because a
 * mechanism's second derivative is not known. Then the figure counts as sampled.
 */
final class BranchAndBound {
    private static final int MOST_CELLS = 3000;
    /** With more freedoms than this, the one worth halving is searched for; with fewer, the widest is taken. */
    private static final int FEW = 3;
    /** Freedoms are not halved any narrower, rad or m. */
    private static final double NARROW = 1e-6;
    /** Stands where a question does not ask for a cell. */
    private static final double NOT_ASKED = Double.NEGATIVE_INFINITY;

    private final Study study;
    private final List<Freedom> freedoms;
    private final List<Question<?>> questions;
    private final BitSet felt;
    private final boolean many;
    /** For each question: the most found, where, in how many poses and cells, and the greatest bound that stays. */
    private final double[] most;
    private final double[][] best;
    private final int[] count;
    private final double[] left;

    /** @param could the bound for each question; {@link #NOT_ASKED} where it need not be known */
    private record Cell(double[] middle, double[] half, double[] could) {}

    /** A cell just bounded, and what each question finds in its middle where that was worth asking. */
    private record Bounded(Cell cell, double[] found) {}

    /** @param felt freedoms that can make a difference, the same for all of them */
    private BranchAndBound(Study study, List<Question<?>> questions, List<Found> starts, BitSet felt) {
        this.study = study;
        this.questions = questions;
        this.felt = felt;
        freedoms = study.assembly().freedoms();
        many = felt.cardinality() > FEW;
        most = starts.stream().mapToDouble(Found::used).toArray();
        best = starts.stream().map(f -> f.pose().values()).toArray(double[][]::new);
        count = starts.stream().mapToInt(f -> f.search().poses()).toArray();
        left = new double[most.length];
    }

    /**
     * The worst use of each, proven to within one per cent, or as far as the limit of cells allows.
     *
     * @param starts the worst pose known for each, and how many were looked at for it
     * @param felt freedoms that can make a difference, the same for all of them
     * @param looked run before each round of cells; may throw, to end the search
     */
    static Map<Question<?>, Found> bounded(Study study, List<Question<?>> questions, Map<Question<?>, Found> starts,
            BitSet felt, Runnable looked) {
        return new BranchAndBound(study, questions, questions.stream().map(starts::get).toList(), felt).bounded(looked);
    }

    private Map<Question<?>, Found> bounded(Runnable looked) {
        double[] asked = new double[most.length];
        boolean[] derived = new boolean[most.length];
        for (int q = 0; q < asked.length; q++) {
            derived[q] = derived(q);
            asked[q] = derived[q] ? 0 : NOT_ASKED;
        }
        List<Cell> wide = settled(wholeTravel().parallelStream().map(cell -> bounded(cell, asked)).toList());
        while (!wide.isEmpty()) {
            looked.run();
            wide = settled(wide.parallelStream().flatMap(this::halves).toList());
        }
        Map<Question<?>, Found> all = new IdentityHashMap<>();
        for (int q = 0; q < most.length; q++) {
            all.put(questions.get(q), found(q, derived[q]));
        }
        return all;
    }

    private Found found(int q, boolean derived) {
        if (!derived) {
            return new Found(Pose.of(best[q]), most[q], new Search(count[q], Double.NaN, false));
        }
        double bound = most[q] > 0 ? Math.max(0, left[q] / most[q] - 1) : 0;
        // With plenty in hand either way, the exact figure does not matter.
        boolean proven = bound <= WorstPose.TOLERANCE || left[q] <= WorstPose.PLENTY;
        return new Found(Pose.of(best[q]), most[q], new Search(count[q], bound, proven));
    }

    /** More than a question may use in a cell that is not halved for it. */
    private double enough(int q) {
        return Math.max(most[q] * (1 + WorstPose.TOLERANCE), WorstPose.PLENTY);
    }

    /** Takes in what cells of one width found; returns those that are to be halved, for the questions that want it. */
    private List<Cell> settled(List<Bounded> cells) {
        for (Bounded one : cells) {
            for (int q = 0; q < most.length; q++) {
                count[q] += one.cell.could[q] == NOT_ASKED ? 0 : 1;
                if (one.found[q] > most[q]) {
                    most[q] = one.found[q];
                    best[q] = beside(best[q], one.cell.middle);
                }
            }
        }
        int[] wanted = new int[most.length];
        for (Bounded one : cells) {
            for (int q = 0; q < most.length; q++) {
                wanted[q] += one.cell.could[q] > enough(q) ? 2 : 0;
            }
        }
        List<Cell> wide = new ArrayList<>();
        for (Bounded one : cells) {
            double[] could = one.cell.could;
            boolean any = false;
            boolean narrow = Arrays.stream(one.cell.half).noneMatch(h -> h > NARROW);
            for (int q = 0; q < most.length; q++) {
                if (could[q] > enough(q) && !narrow && count[q] + wanted[q] <= MOST_CELLS) {
                    any = true;
                } else {
                    left[q] = Math.max(left[q], could[q]);
                    could[q] = NOT_ASKED;
                }
            }
            if (any) {
                wide.add(one.cell);
            }
        }
        return wide;
    }

    /** Where a question feels nothing it stays as it was. */
    private double[] beside(double[] was, double[] middle) {
        double[] there = was.clone();
        for (int axis = 0; axis < there.length; axis++) {
            there[axis] = felt.get(axis) ? middle[axis] : was[axis];
        }
        return there;
    }

    private Stream<Bounded> halves(Cell wide) {
        int axis = many ? loosest(wide) : widest(wide);
        return Stream.of(-1, 1).map(side -> {
            double[] middle = wide.middle.clone();
            double[] half = wide.half.clone();
            half[axis] /= 2;
            middle[axis] += side * half[axis];
            return bounded(new Cell(middle, half, null), wide.could);
        });
    }

    private Bounded bounded(Cell cell, double[] asked) {
        Situation there = study.in(Pose.of(cell.middle));
        Situation loosened = there.loosened(cell.half);
        double[] could = new double[most.length];
        double[] found = new double[most.length];
        for (int q = 0; q < most.length; q++) {
            could[q] = asked[q] == NOT_ASKED ? NOT_ASKED : questions.get(q).at(loosened).used();
            found[q] = could[q] > most[q] ? questions.get(q).at(there).used() : 0;
        }
        return new Bounded(new Cell(cell.middle, cell.half, could), found);
    }

    /**
     * Whether a bound exists at all. If even a cell of almost no width has an infinite bound, none is derived for
     * this mechanism.
     */
    private boolean derived(int q) {
        double[] tiny = new double[freedoms.size()];
        for (int axis = 0; axis < tiny.length; axis++) {
            tiny[axis] = felt.get(axis) && freedoms.get(axis).continuous() ? 1e-9 : 0;
        }
        return questions.get(q).at(study.in(Pose.of(best[q])).loosened(tiny)).used() <= enough(q);
    }

    /**
     * The freedom that loosens the bound most of the question that is furthest from its proof: the bound without its width is
     * the smallest. Among equals, the one that has been halved least. Dearer than {@link #widest}, and worth it with many
     * freedoms.
     */
    private int loosest(Cell cell) {
        int furthest = 0;
        for (int q = 1; q < most.length; q++) {
            furthest = cell.could[q] / enough(q) > cell.could[furthest] / enough(furthest) ? q : furthest;
        }
        Situation middle = study.in(Pose.of(cell.middle));
        int loosest = -1;
        double least = Double.POSITIVE_INFINITY;
        double share = 0;
        for (int axis = 0; axis < cell.half.length; axis++) {
            if (cell.half[axis] > NARROW) {
                double[] others = cell.half.clone();
                others[axis] = 0;
                double could = questions.get(furthest).at(middle.loosened(others)).used();
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

    /** The freedom whose width adds most to the bound. */
    private int widest(Cell cell) {
        int widest = -1;
        for (int axis = 0; axis < cell.half.length; axis++) {
            if (cell.half[axis] > NARROW && (widest < 0 || weight(cell, axis) > weight(cell, widest))) {
                widest = axis;
            }
        }
        return widest;
    }

    private double weight(Cell cell, int axis) {
        return CellBounds.weight(study.rig(), axis, cell.half[axis]);
    }

    /**
     * The first cells: one for each combination of the steps that matter, each as wide as the whole travel of the continuous
     * freedoms.
     */
    private List<Cell> wholeTravel() {
        List<double[]> middles = new ArrayList<>(List.of(best[0].clone()));
        double[] half = new double[freedoms.size()];
        for (int axis = 0; axis < half.length; axis++) {
            Freedom f = freedoms.get(axis);
            if (!felt.get(axis)) {
                continue;
            }
            half[axis] = f.continuous() ? (f.to() - f.from()) / 2 : 0;
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
        return middles.stream().map(middle -> new Cell(middle, half, null)).toList();
    }
}

package firmperch.search;

import firmperch.body.Freedom;
import firmperch.check.Check.Certainty;
import firmperch.check.Finding.Search;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.pose.Pose;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Finds the pose in which a question is answered worst, over the whole travel of every joint.
 *
 * <p>First a grid over the travel, with all stops and steps, is evaluated for all questions together. To save work
 * the coarse part of the grid is done first; the rest is done only along freedoms that made a difference there and
 * around places close to the worst.
 *
 * <p>Then each question climbs from the worst places of the grid by {@link CompassSearch}. Freedoms that made no difference
 * stay still.
 *
 * <p>For questions whose check is {@link Certainty#PROVEN}, {@link BranchAndBound} then bounds what lies between the
 * samples. All others are reported as sampled.
 */
public final class WorstPose {
    /**
     * How tightly a proof bounds the figure, as a share of it. One per cent is far less than the scatter of wood and
     * friction, and reachable within the budget.
     */
    public static final double TOLERANCE = 0.01;
    /** If nowhere more than this share of the capacity is used, the exact figure does not matter. */
    static final double PLENTY = 0.3;
    /**
     * If a coarse look finds no more than this share used, the places between are taken to hold. Only used for trying
     * cures, which are proven afterwards.
     */
    static final double AMPLE = 0.6;
    /** Every how many poses of a scatter are looked at when only side effects of a change are of interest. */
    private static final int COARSELY = 8;
    /** A part of the grid is refined only where its coarse surroundings reach this share of the worst. */
    private static final double LOOKED_AT = 0.8;
    private static final int CLIMBS = 3;
    /** From so many poses of a scatter each freedom is tried. */
    private static final int TRIED = 8;
    /** Where the grid finds plenty in hand, or only side effects are of interest, the exact figure matters less. */
    private static final int FEWER_CLIMBS = 1;
    /**
     * Two figures closer than this share count as equal: a hundredth of {@link #TOLERANCE}, and more than the
     * rounding of frames and distances.
     */
    static final double SAME = 1e-4;
    /** Two figures closer than this share are told apart by rounding alone. */
    private static final double ROUNDING = 1e-9;
    /**
     * A rig with more freedoms, frame nodes or feet than this is too large for a proof within the time that a maker waits:
     * it is only sampled, and told so. No kind is; a composition may be.
     */
    private static final int MANY_FREEDOMS = 7;
    private static final int MANY_NODES = 80;
    private static final int MANY_FEET = 24;
    /**
     * A large rig is looked at in so many poses of a grid, and in about so many by the climbs of all questions together,
     * if it has half as many nodes and feet as make it large; in fewer as it has more, as each look takes longer.
     */
    private static final int LARGE_GRID = 200;
    private static final int LARGE_LOOKS = 60_000;
    private final Study study;
    private final List<Freedom> freedoms;
    private final PoseGrid grid;
    private final boolean large;
    private final CompassSearch search;

    /** Prepares the grid for a rig. */
    public WorstPose(Study study) {
        this.study = study;
        freedoms = study.assembly().freedoms();
        double nodes = study.set().framed().model().nodes().size();
        double feet = study.assembly().contacts().size();
        large = freedoms.size() > MANY_FREEDOMS || nodes > MANY_NODES || feet > MANY_FEET;
        double each = Math.max(1, 2 * Math.max(nodes / MANY_NODES, feet / MANY_FEET));
        grid = large ? new PoseGrid(freedoms, (int) (LARGE_GRID / each)) : new PoseGrid(freedoms);
        search = new CompassSearch(study, grid,
                large ? (int) (LARGE_LOOKS / each / RaisedQuestions.of(study).size()) : Integer.MAX_VALUE);
    }

    /** The poses of the grid. */
    public List<Pose> grid() {
        return grid.poses();
    }

    /** The use that each question finds at each pose of the {@link #grid}. */
    public double[][] sweep(List<Question<?>> questions) {
        return sweep(questions, q -> true);
    }

    /**
     * The same, with some questions evaluated only coarsely where there is plenty in hand.
     *
     * @param closely which are looked at closely all the same
     */
    double[][] sweep(List<Question<?>> questions, Predicate<Question<?>> closely) {
        double[][] used = new double[questions.size()][grid.poses().size()];
        if (!grid.full()) {
            sweep(questions, used, (q, i) -> i % COARSELY == 0 || closely.test(questions.get(q)));
            return used;
        }
        boolean[][] along = new boolean[used.length][];
        for (int q = 0; q < used.length; q++) {
            along[q] = felt(questions.get(q));
        }
        sweep(questions, used, (q, i) -> grid.coarse(i) && grid.alike(i, along[q]) == i);
        for (int q = 0; q < used.length; q++) {
            boolean[] could = along[q].clone();
            for (int axis = 0; axis < could.length; axis++) {
                along[q][axis] = could[axis] && feltCoarsely(used[q], axis, could);
            }
        }
        double[] worst = new double[used.length];
        for (int q = 0; q < used.length; q++) {
            for (int i = 0; i < used[q].length; i++) {
                worst[q] = Math.max(worst[q], grid.coarse(i) ? used[q][grid.alike(i, along[q])] : 0);
            }
        }
        int[][] corners = grid.corners();
        boolean[] finer = new boolean[used.length];
        for (int q = 0; q < used.length; q++) {
            finer[q] = worst[q] > AMPLE || closely.test(questions.get(q));
        }
        sweep(questions, used, (q, i) -> finer[q] && !grid.coarse(i) && grid.alike(i, along[q]) == i
                && around(used[q], corners[i], along[q]) >= LOOKED_AT * worst[q]);
        for (int q = 0; q < used.length; q++) {
            for (int i = 0; i < used[q].length; i++) {
                used[q][i] = used[q][grid.alike(i, along[q])];
            }
        }
        return used;
    }

    /** The worst use at the coarse poses around a pose. */
    private double around(double[] used, int[] corners, boolean[] felt) {
        double worst = 0;
        for (int corner : corners) {
            worst = Math.max(worst, used[grid.alike(corner, felt)]);
        }
        return worst;
    }

    private interface Wanted {
        boolean at(int question, int pose);
    }

    private void sweep(List<Question<?>> questions, double[][] used, Wanted wanted) {
        IntStream.range(0, grid.poses().size()).parallel().forEach(i -> {
            Situation there = null;
            for (int q = 0; q < used.length; q++) {
                if (wanted.at(q, i)) {
                    there = there == null ? study.in(grid.poses().get(i)) : there;
                    used[q][i] = questions.get(q).at(there).used();
                }
            }
        });
    }

    /** Freedoms that can affect a question at all. */
    private boolean[] felt(Question<?> question) {
        boolean[] felt = new boolean[freedoms.size()];
        for (int axis = 0; axis < felt.length; axis++) {
            felt[axis] = question.feels(study, axis);
        }
        return felt;
    }

    private BitSet could(Question<?> question) {
        boolean[] felt = felt(question);
        BitSet could = new BitSet();
        for (int axis = 0; axis < felt.length; axis++) {
            could.set(axis, felt[axis]);
        }
        return could;
    }

    /** True if the coarse grid shows a difference along a freedom. */
    private boolean feltCoarsely(double[] used, int axis, boolean[] looked) {
        for (int i = 0; i < used.length; i++) {
            if (grid.coarse(i) && grid.alike(i, looked) == i && differ(used[i], used[grid.first(i, axis)])) {
                return true;
            }
        }
        return false;
    }

    private static boolean differ(double a, double b) {
        return Math.abs(a - b) > SAME * Math.max(PLENTY, Math.abs(b));
    }

    /** The worst pose found and how certain it is. */
    public record Found(Pose pose, double used, Search search) {}

    /**
     * The pose in which the largest share of the capacity is used.
     *
     * @param known what {@link #sweep} found for it
     * @param usual pose whose settings are kept for joints that make no difference
     * @param proof whether to bound what lies between, where that can be done
     */
    public Found worst(Question<?> question, double[] known, Pose usual, boolean proof) {
        List<Question<?>> one = List.of(question);
        Found climbed = climbed(question, known, felt(one, new double[][]{known}, q -> true)[0], usual, proof);
        if (!proof) {
            return climbed;
        }
        Runnable nothing = () -> {
        };
        return proven(one, Map.of(question, climbed), nothing).getOrDefault(question, climbed);
    }

    /**
     * The same, sampled only, where it is known already which freedoms it feels.
     *
     * @param felt what {@link #felt(List, double[][], Predicate)} found for it
     * @param thoroughly true if it is to be proven after
     */
    Found climbed(Question<?> question, double[] known, boolean[] felt, Pose usual, boolean thoroughly) {
        int[] count = {known.length};
        double[] best = null;
        double most = Double.NEGATIVE_INFINITY;
        boolean thorough = !large && (thoroughly || grid.full()) && Arrays.stream(known).max().orElse(0) > PLENTY;
        for (int start : starts(known, felt, thorough ? CLIMBS : FEWER_CLIMBS)) {
            double[] climbed = search.climb(question, grid.poses().get(start).values(), known[start], felt, count);
            if (climbed[climbed.length - 1] > most) {
                most = climbed[climbed.length - 1];
                best = Arrays.copyOf(climbed, climbed.length - 1);
            }
        }
        double[] still = best.clone();
        for (int axis = 0; axis < still.length; axis++) {
            still[axis] = felt[axis] ? still[axis] : usual.get(axis);
        }
        // Joints that make no difference beyond rounding stay as they are set: the figure is that of the pose told.
        double there = search.used(question, still, count);
        if (there >= most * (1 - ROUNDING)) {
            best = still;
            most = there;
        }
        return new Found(Pose.of(best), most, new Search(count[0], Double.NaN, false));
    }

    /** The worst that climbing finds from a pose, along all that can affect the question. */
    Found from(Question<?> question, Pose start, Search before) {
        int[] count = {before.poses()};
        double[] climbed = search.climb(question, start.values(), search.used(question, start.values(), count),
                felt(question), count);
        return new Found(Pose.of(Arrays.copyOf(climbed, climbed.length - 1)), climbed[climbed.length - 1],
                new Search(count[0], Double.NaN, false));
    }

    /**
     * What is known of some questions, with what lies between bounded for those of them for which that can be done.
     *
     * @param climbed what {@link #climbed} found for each
     * @param looked run every now and then; may throw, to end the search
     */
    Map<Question<?>, Found> proven(List<Question<?>> questions, Map<Question<?>, Found> climbed, Runnable looked) {
        Map<BitSet, List<Question<?>>> alike = new LinkedHashMap<>();
        for (Question<?> question : questions) {
            if (!large && question.check().certainty() == Certainty.PROVEN) {
                alike.computeIfAbsent(could(question), k -> new ArrayList<>()).add(question);
            }
        }
        Map<Question<?>, Found> proven = Collections.synchronizedMap(new IdentityHashMap<>());
        alike.entrySet().parallelStream().forEach(e -> proven.putAll(
                BranchAndBound.bounded(study, e.getValue(), climbed, e.getKey(), looked)));
        return proven;
    }

    /** The highest local maxima of the grid, at most so many; one for each plateau. */
    private int[] starts(double[] known, boolean[] felt, int most) {
        List<Integer> tops = new ArrayList<>();
        for (int i = 0; i < known.length; i++) {
            if (!grid.full() || grid.alike(i, felt) == i && grid.top(known, i, felt)) {
                tops.add(i);
            }
        }
        tops.sort(Comparator.comparingDouble(i -> -known[i]));
        return tops.stream().limit(most).mapToInt(i -> i).toArray();
    }

    /** The same, but climbing only if the question could be short. */
    Found roughly(Question<?> question, double[] known, boolean[] felt, Pose usual) {
        int worst = 0;
        for (int i = 1; i < known.length; i++) {
            worst = known[i] > known[worst] ? i : worst;
        }
        return climbs(known)
                ? climbed(question, known, felt, usual, false)
                : new Found(grid.poses().get(worst), known[worst], new Search(known.length, Double.NaN, false));
    }

    /** True if a question could be short. */
    private static boolean climbs(double[] known) {
        return Arrays.stream(known).max().orElse(0) > AMPLE;
    }

    /**
     * Which freedoms affect the figures of each question: seen between neighbours of a full grid, or by trying each freedom from a few
     * poses of a scatter, in which all questions are asked together as they share what is worked out there.
     *
     * @param known what {@link #sweep} found for each
     * @param climbs which are climbed for whatever is known; of what is not climbed it need not be known
     */
    boolean[][] felt(List<Question<?>> questions, double[][] known, Predicate<Question<?>> climbs) {
        boolean[][] felt = new boolean[questions.size()][freedoms.size()];
        if (grid.full()) {
            for (int q = 0; q < felt.length; q++) {
                for (int axis = 0; axis < felt[q].length; axis++) {
                    felt[q][axis] = seen(known[q], axis);
                }
            }
        } else if (large) {
            Arrays.setAll(felt, q -> felt(questions.get(q)));
        } else {
            boolean[][] could = new boolean[felt.length][];
            Arrays.setAll(could, q -> climbs.test(questions.get(q)) || climbs(known[q])
                    ? felt(questions.get(q))
                    : new boolean[freedoms.size()]);
            IntStream.range(0, freedoms.size()).parallel().forEach(axis -> tried(questions, known, axis, could, felt));
        }
        return felt;
    }

    private boolean seen(double[] known, int axis) {
        for (int i = 0; i < known.length; i++) {
            int next = grid.next(i, axis);
            if (next >= 0 && differ(known[next], known[i])) {
                return true;
            }
        }
        return false;
    }

    /** Each thread has an axis of its own. */
    private void tried(List<Question<?>> questions, double[][] known, int axis, boolean[][] could, boolean[][] felt) {
        for (int i = 0; i < TRIED; i++) {
            int pose = i * 25 * COARSELY % grid.poses().size();
            double[] at = grid.poses().get(pose).values();
            for (double setting : grid.along(axis)) {
                at[axis] = setting;
                Situation there = null;
                for (int q = 0; q < felt.length; q++) {
                    if (!felt[q][axis] && could[q][axis]) {
                        there = there == null ? study.in(Pose.of(at)) : there;
                        felt[q][axis] = differ(questions.get(q).at(there).used(), known[q][pose]);
                    }
                }
            }
        }
    }
}

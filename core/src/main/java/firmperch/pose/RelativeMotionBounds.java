package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.units.Lazy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Bounds on how the pieces of one body move as seen from another, whatever both do together. Derived from lengths
 * alone, once an edit.
 *
 * <p>Let u run from the origin of the one body to a point of the other, in the axes of the last body that carries
 * both, and let ω be the turning rate of the one. Then the point is seen to move by at most |∂u/∂f| + ω_f·|u|, and
 * its second derivative is at most |∂²u| + ω_f·|∂u/∂g| + ω_g·|∂u/∂f| + 2·ω_f·ω_g·|u| ({@link MotionBounds} for those
 * of u).
 */
public final class RelativeMotionBounds {
    /**
     * Up to this many freedoms, the turn is combined with the piece's own shape; with more, only speeds are used.
     */
    private static final int CORNERS = 4;

    private final Rig rig;
    private final Body from;
    private final Body seen;
    private final int common;
    private final Lazy<Rates> rates;
    private final int[] felt;
    private final List<Integer> numbers;
    private final Lazy<Optional<SeparateLayers>> layers;

    private RelativeMotionBounds(Rig rig, Body from, Body seen, int common, Lazy<Rates> rates, int[] felt,
            List<Integer> numbers, Lazy<Optional<SeparateLayers>> layers) {
        this.rig = rig;
        this.from = from;
        this.seen = seen;
        this.common = common;
        this.rates = rates;
        this.felt = felt;
        this.numbers = numbers;
        this.layers = layers;
    }

    /** Bounds for any piece of a body as seen from another body. */
    public static RelativeMotionBounds of(Rig rig, Body from, Body seen) {
        int low = from.index();
        int high = seen.index();
        while (low != high) {
            if (low > high) {
                low = rig.parent(low);
            } else {
                high = rig.parent(high);
            }
        }
        int common = low;
        boolean[] moves = new boolean[rig.assembly().freedoms().size()];
        moving(rig, from.index(), common, moves);
        moving(rig, seen.index(), common, moves);
        int count = 0;
        int[] felt = new int[moves.length];
        for (int f = 0; f < moves.length; f++) {
            if (moves[f]) {
                felt[count++] = f;
            }
        }
        return of(rig, from, seen, common, Arrays.copyOf(felt, count), numbers(felt, count));
    }

    private static RelativeMotionBounds of(Rig rig, Body from, Body seen, int common, int[] felt,
            List<Integer> numbers) {
        return new RelativeMotionBounds(rig, from, seen, common, new Lazy<>(() -> Rates.of(rig, from, seen, common)),
                felt, numbers, new Lazy<>(() -> SeparateLayers.of(from, seen, common)));
    }

    /** The same seen from the other body. */
    public RelativeMotionBounds back() {
        return of(rig, seen, from, common, felt, numbers);
    }

    /** Marks the freedoms that move a body against the one that carries it. */
    private static void moving(Rig rig, int body, int common, boolean[] moves) {
        for (int i = body; i >= 0 && i != common; i = rig.parent(i)) {
            if (rig.freedom(i) >= 0) {
                moves[rig.freedom(i)] = true;
            }
        }
    }

    /**
     * What only the bounds on a cell of poses need.
     *
     * @param speed how fast the two move against each other at most with each freedom, m for each unit
     * @param bend how fast that changes at most with each other freedom
     */
    private record Rates(double[] speed, double[][] bend) {
        static Rates of(Rig rig, Body from, Body seen, int common) {
            ChainBounds a = new ChainBounds(rig, from, common, 0);
            ChainBounds b = new ChainBounds(rig, seen, common, rig.bounds().extent(seen));
            int freedoms = rig.assembly().freedoms().size();
            double[] speed = new double[freedoms];
            double[][] bend = new double[freedoms][freedoms];
            double apart = a.distance + b.distance;
            for (int f = 0; f < freedoms; f++) {
                double fast = a.speed[f] + b.speed[f];
                speed[f] = fast + a.turn[f] * apart;
                for (int g = 0; g < freedoms; g++) {
                    bend[f][g] = a.bend[f][g] + b.bend[f][g] + a.turn[f] * (a.speed[g] + b.speed[g]) + a.turn[g] * fast
                            + 2 * a.turn[f] * a.turn[g] * apart;
                }
            }
            return new Rates(speed, bend);
        }
    }

    /**
     * The same for two pieces. A turn about a line that the other piece is round about changes no distance and is
     * left out.
     */
    public RelativeMotionBounds of(Piece one, Piece other) {
        if (one.solid().roundAbout() == null && other.solid().roundAbout() == null) {
            return this;
        }
        int count = 0;
        int[] left = new int[felt.length];
        for (int f : felt) {
            boolean fromMoves = moves(rig, from, common, f);
            boolean same = fromMoves
                    ? !moves(rig, seen, common, f) && Axis.roundAbout(rig, from, other, common, f)
                    : Axis.roundAbout(rig, seen, one, common, f);
            if (!same) {
                left[count++] = f;
            }
        }
        if (count == felt.length) {
            return this;
        }
        int[] fewer = Arrays.copyOf(left, count);
        return new RelativeMotionBounds(rig, from, seen, common, rates, fewer, numbers(fewer, count), layers);
    }

    /** Made for each two pieces of each rig that is tried: without a stream. */
    private static List<Integer> numbers(int[] felt, int count) {
        Integer[] numbers = new Integer[count];
        for (int i = 0; i < count; i++) {
            numbers[i] = felt[i];
        }
        return List.of(numbers);
    }

    /**
     * The same with only the freedoms that are felt the other way round.
     *
     * @param back of the same two pieces, the other way round
     */
    public RelativeMotionBounds feeling(RelativeMotionBounds back) {
        return back.felt.length == felt.length
                ? this
                : new RelativeMotionBounds(rig, from, seen, common, rates, back.felt, back.numbers, layers);
    }

    /** A line through a point along a direction. */
    private record Axis(Vec3 point, Vec3 along) {
        private static final double SAME = 1e-9;

        /**
         * True if a freedom only turns a body about a line that the other piece is round about, which changes no
         * distance.
         */
        static boolean roundAbout(Rig rig, Body turned, Piece round, int common, int freedom) {
            Vec3 along = round.solid().roundAbout();
            if (along == null) {
                return false;
            }
            Axis turning = null;
            for (Body at = turned; at != null && at.index() != common; at = at.parent()) {
                if (rig.freedom(at.index()) == freedom) {
                    if (turning != null || !(at.motion() instanceof Motion.Turn turn)) {
                        return false;
                    }
                    turning = up(at.parent(), new Axis(at.at().origin(), at.at().direction(turn.axis())), common);
                    if (turning == null) {
                        return false;
                    }
                }
            }
            Axis own = turning == null
                    ? null
                    : up(round.body(), new Axis(round.at().origin(), round.at().direction(along)), common);
            return own != null && own.same(turning);
        }

        /** A line of a body in the axes of what carries it, if no setting moves it off itself; otherwise null. */
        private static Axis up(Body body, Axis line, int common) {
            Axis axis = line;
            for (Body at = body; at != null && at.index() != common; at = at.parent()) {
                boolean stays = switch (at.motion()) {
                    case Motion.Fixed _ -> true;
                    case Motion.Slide slide -> parallel(slide.along(), axis.along);
                    case Motion.Step step -> parallel(step.along(), axis.along);
                    case Motion.Turn turn -> axis.same(new Axis(Vec3.ZERO, turn.axis()));
                    case Motion.Linked _ -> false;
                };
                if (!stays) {
                    return null;
                }
                axis = new Axis(at.at().point(axis.point), at.at().direction(axis.along));
            }
            return axis;
        }

        private boolean same(Axis other) {
            return parallel(along, other.along) && point.minus(other.point).cross(along).length() < SAME;
        }

        private static boolean parallel(Vec3 a, Vec3 b) {
            return a.cross(b).length() < SAME;
        }
    }

    private static boolean moves(Rig rig, Body body, int common, int freedom) {
        for (Body at = body; at != null && at.index() != common; at = at.parent()) {
            if (rig.freedom(at.index()) == freedom) {
                return true;
            }
        }
        return false;
    }

    /** The freedoms that can move the two against each other, by number. */
    public List<Integer> felt() {
        return numbers;
    }

    /** A distance that a piece of the one and a piece of the other keep in whatever pose, m; −∞ where none is known. */
    public double always(Piece one, Piece other) {
        return layers.get().map(l -> l.apart(one, other)).orElse(Double.NEGATIVE_INFINITY);
    }

    /** How far the two can move against each other in a cell of poses, m. */
    public double moves(double[] widths) {
        double[] speed = rates.get().speed;
        double sum = 0;
        for (int f : felt) {
            sum += widths[f] > 0 ? speed[f] * widths[f] : 0;
        }
        return sum;
    }

    /**
     * How much further two points of them can come apart in a cell of poses, m: by the way that the one is seen to go in the middle, along the
     * line between them and across it, plus what second derivatives can add.
     *
     * @param hold a point of the one, posed
     * @param held a point of the other, posed
     */
    double lengthens(Posed middle, Vec3 hold, Vec3 held, double[] widths) {
        Vec3 n = hold.toward(held);
        double[][] bend = rates.get().bend;
        double apart = held.minus(hold).length();
        double along = 0;
        double across = 0;
        double rest = 0;
        for (int f : felt) {
            if (widths[f] > 0) {
                Vec3 goes = middle.velocity(seen, held, f).minus(middle.velocity(from, held, f)).times(widths[f]);
                along += Math.abs(n.dot(goes));
                across += goes.minus(n.times(n.dot(goes))).length();
                for (int g : felt) {
                    rest += widths[g] > 0 ? bend[f][g] * widths[f] * widths[g] / 2 : 0;
                }
            }
        }
        double bounded = Vec3.across(apart + along, across) - apart + rest;
        return bounded < Double.POSITIVE_INFINITY ? Math.min(bounded, moves(widths)) : moves(widths);
    }

    /**
     * A distance that the two pieces keep in a whole cell of poses, found along a direction that turns with the one:
     * the other's shape moves at its rate in the middle, plus what second derivatives can add. −∞ where those are not
     * bounded.
     *
     * @param one piece of the one body
     * @param other piece of the other
     * @param n from the one to the other in the middle, of length 1
     */
    public double keeps(Posed middle, Piece one, Piece other, Vec3 n, double[] widths) {
        double[] speed = rates.get().speed;
        double[][] bend = rates.get().bend;
        double rest = 0;
        List<Integer> wide = new ArrayList<>();
        for (int f : felt) {
            if (widths[f] > 0) {
                wide.add(f);
                for (int g : felt) {
                    rest += widths[g] > 0 ? bend[f][g] * widths[f] * widths[g] / 2 : 0;
                }
            }
        }
        if (!(rest < Double.POSITIVE_INFINITY)) {
            return Double.NEGATIVE_INFINITY;
        }
        for (int i = CORNERS; i < wide.size(); i++) {
            rest += speed[wide.get(i)] * widths[wide.get(i)];
        }
        int count = Math.min(CORNERS, wide.size());
        Placement place = middle.place(seen);
        double[] shift = new double[count];
        Vec3[] turn = new Vec3[count];
        for (int i = 0; i < count; i++) {
            int f = wide.get(i);
            shift[i] = n.dot(middle.velocity(seen, place.origin(), f)
                    .minus(middle.velocity(from, place.origin(), f))) * widths[f];
            turn[i] = n.cross(middle.turning(seen, f).minus(middle.turning(from, f))).times(widths[f]);
        }
        double nearest = Double.POSITIVE_INFINITY;
        for (int corner = 0; corner < 1 << count; corner++) {
            double moved = n.dot(place.origin());
            Vec3 m = n;
            for (int i = 0; i < count; i++) {
                int side = (corner & 1 << i) == 0 ? -1 : 1;
                moved += side * shift[i];
                m = m.plus(turn[i].times(side));
            }
            nearest = Math.min(nearest, moved - middle.reach(other, m.times(-1)) - m.dot(place.origin()));
        }
        return nearest - middle.reach(one, n) - rest;
    }
}

package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.place.Block;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.function.Predicate;

/**
 * Distances between a rig's pieces and the surfaces of the room, and between pieces, in one pose or in a whole cell
 * of poses. Bounding spheres rule out most; only what could matter is measured by its exact shape.
 */
public final class Clearance {
    /** Figures of a sphere: the place of its middle, its radius. */
    static final int SPHERE = 4;
    /** Distances between two pieces beyond this are not told apart, m. */
    public static final double FAR = 0.1;
    /** The same in a cell of poses, m. */
    private static final double CLEAR = 0.01;
    /** A segment this near to a sphere counts as meeting it, so that rounding never parts what touches, m. */
    private static final double TOUCHING = 1e-6;
    /** Along the room's axes, both ways: each even one is followed by its opposite. */
    private static final Vec3[] WAYS = {Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.UP, Vec3.DOWN};

    private final Posed posed;
    private final CellBounds cell;
    private final Placement room;
    private final List<Piece> pieces;
    private final List<BoundingBox> boxes;
    private final List<Boxes.Around> bodies;
    /** Middles of the spheres as they are posed; null until they are asked for. */
    private final Vec3[] middles;
    /** The spheres in the room, four figures each: their middles' places and their radii; null until they are asked for. */
    private double[] spheres;
    /** The same around what counts of each body. */
    private double[] around;
    /** Where each piece is; null until it is asked for. */
    private final Placement[] placed;
    /** How far each piece reaches along each of the room's {@link #WAYS}, from the room's origin, m; NaN until it is asked for. */
    private double[] extents;

    /**
     * Prepares the distances of a rig in a pose.
     *
     * @param cell of poses around it, in all of which what is told holds; null for the one
     * @param room where the rig's axes lie in the room's
     * @param boxes around its pieces
     */
    public Clearance(Posed posed, CellBounds cell, Placement room, Boxes boxes) {
        this.posed = posed;
        this.cell = cell;
        this.room = room;
        this.boxes = boxes.each();
        bodies = boxes.bodies();
        pieces = posed.rig().assembly().pieces();
        middles = new Vec3[boxes.each().size()];
        placed = new Placement[middles.length];
    }

    /** Middle of the sphere around a piece. */
    Vec3 middle(int piece) {
        if (middles[piece] == null) {
            middles[piece] = posed.point(boxes.get(piece).body(), boxes.get(piece).middle());
        }
        return middles[piece];
    }

    private double[] spheres() {
        double[] all = spheres;
        if (all == null) {
            all = new double[SPHERE * middles.length];
            for (int i = 0; i < middles.length; i++) {
                if (boxes.get(i).counts()) {
                    put(all, i, room.point(middle(i)), boxes.get(i).radius());
                }
            }
            spheres = all;
        }
        return all;
    }

    private double[] around() {
        double[] all = around;
        if (all == null) {
            all = new double[SPHERE * bodies.size()];
            for (int i = 0; i < bodies.size(); i++) {
                Boxes.Around body = bodies.get(i);
                put(all, i, room.point(posed.point(body.body(), body.middle())), body.radius());
            }
            around = all;
        }
        return all;
    }

    private static void put(double[] spheres, int number, Vec3 middle, double radius) {
        spheres[SPHERE * number] = middle.x();
        spheres[SPHERE * number + 1] = middle.y();
        spheres[SPHERE * number + 2] = middle.z();
        spheres[SPHERE * number + 3] = radius;
    }

    /** How far along a direction of the room the middle of a sphere lies, m. */
    private static double along(double[] spheres, int piece, Vec3 direction) {
        return spheres[SPHERE * piece] * direction.x() + spheres[SPHERE * piece + 1] * direction.y()
                + spheres[SPHERE * piece + 2] * direction.z();
    }

    /** Where a piece is. */
    Placement placed(int piece) {
        if (placed[piece] == null) {
            placed[piece] = posed.place(pieces.get(piece));
        }
        return placed[piece];
    }

    /** How far a piece reaches along a direction of the rig's axes, m from their origin. */
    private double reach(int piece, Vec3 direction) {
        Placement at = placed(piece);
        return at.origin().dot(direction) + pieces.get(piece).solid().reach(at.inward(direction));
    }

    private Vec3 furthest(int piece, Vec3 direction) {
        Placement at = placed(piece);
        return at.point(pieces.get(piece).solid().furthest(at.inward(direction)));
    }

    /** How far a piece reaches along one of the ways, m from the room's origin: asked for again and again, by walls, bench and things. */
    private double extent(int piece, int way) {
        double[] all = extents;
        if (all == null) {
            all = new double[WAYS.length * middles.length];
            Arrays.fill(all, Double.NaN);
            extents = all;
        }
        int known = WAYS.length * piece + way;
        if (Double.isNaN(all[known])) {
            Vec3 own = room.inward(WAYS[way]);
            if (boxes.get(piece).full()) {
                // A box reaches as far both ways.
                double half = boxes.get(piece).half(placed(piece), own);
                double middle = along(spheres(), piece, WAYS[way]);
                all[known] = middle + half;
                all[known ^ 1] = half - middle;
            } else {
                all[known] = room.origin().dot(WAYS[way]) + reach(piece, own);
            }
        }
        return all[known];
    }

    /** Which of the ways a direction is; −1 for none. */
    private static int way(Vec3 direction) {
        for (int way = 0; way < WAYS.length; way++) {
            if (WAYS[way].dot(direction) == 1 && direction.dot(direction) == 1) {
                return way;
            }
        }
        return -1;
    }

    private double loose(Body body, boolean upright) {
        return cell == null ? 0 : upright ? cell.rise(body) : cell.of(body);
    }

    /**
     * How far any of these bodies reaches in a direction of the room, m from the room's origin; −∞ if there are none.
     *
     * @param enough how far it is looked for; anything beyond is told as it comes
     */
    public double furthest(Vec3 direction, Predicate<Body> which, double enough) {
        int way = way(direction);
        Vec3 own = room.inward(direction);
        double origin = room.origin().dot(direction);
        boolean upright = direction.radius() == 0;
        double most = Double.NEGATIVE_INFINITY;
        double[] spheres = spheres();
        double[] around = around();
        double[] could = could(which,
                b -> along(around, b, direction) + around[SPHERE * b + 3] + loose(bodies.get(b).body(), upright));
        for (int b = likeliest(could, most); b >= 0; b = likeliest(could, most)) {
            could[b] = Double.NEGATIVE_INFINITY;
            double loose = loose(bodies.get(b).body(), upright);
            for (int i : bodies.get(b).pieces()) {
                if (most < enough && along(spheres, i, direction) + spheres[SPHERE * i + 3] + loose > most) {
                    most = Math.max(most, (way < 0 ? origin + reach(i, own) : extent(i, way)) + loose);
                }
            }
        }
        return most;
    }

    /** What of each body could be asked for at most; −∞ for what is not asked. */
    private double[] could(Predicate<Body> which, IntToDoubleFunction most) {
        double[] could = new double[bodies.size()];
        for (int b = 0; b < could.length; b++) {
            could[b] = which.test(bodies.get(b).body()) ? most.applyAsDouble(b) : Double.NEGATIVE_INFINITY;
        }
        return could;
    }

    /** The body that could be most, as long as that is more than is known; −1 else. Asked first, it leaves out most of the others. */
    private static int likeliest(double[] could, double known) {
        int likeliest = -1;
        for (int b = 0; b < could.length; b++) {
            likeliest = could[b] > (likeliest < 0 ? known : could[likeliest]) ? b : likeliest;
        }
        return likeliest;
    }

    /** The same without a limit. */
    public double furthest(Vec3 direction, Predicate<Body> which) {
        return furthest(direction, which, Double.POSITIVE_INFINITY);
    }

    /**
     * Least distance of these bodies from a block of the room, m; 0 if they overlap, ∞ if there are none.
     *
     * @param exactly beyond which the widest gap along any axis of the room will do
     */
    public double from(Block block, Predicate<Body> which, double exactly) {
        Vec3 low = block.least();
        Vec3 high = block.most();
        double least = Double.POSITIVE_INFINITY;
        double[] spheres = spheres();
        double[] around = around();
        // The nearer a body could be, the likelier it is the one.
        double[] could = could(which, b -> around[SPHERE * b + 3] + loose(bodies.get(b).body(), false)
                - outside(around, b, low, high));
        for (int b = likeliest(could, -least); b >= 0; b = likeliest(could, -least)) {
            could[b] = Double.NEGATIVE_INFINITY;
            double loose = loose(bodies.get(b).body(), false);
            for (int i : bodies.get(b).pieces()) {
                if (outside(spheres, i, low, high) - spheres[SPHERE * i + 3] - loose < least) {
                    double gap = gap(i, low, high, least + loose) - loose;
                    least = Math.min(least,
                            gap < Math.min(least, exactly) ? exact(i, block, least + loose) - loose : gap);
                }
            }
        }
        return Math.max(0, least);
    }

    /** Distance from the middle of a sphere to a box, m; 0 inside. */
    private static double outside(double[] spheres, int piece, Vec3 low, Vec3 high) {
        double px = spheres[SPHERE * piece];
        double py = spheres[SPHERE * piece + 1];
        double pz = spheres[SPHERE * piece + 2];
        double x = Math.max(0, Math.max(low.x() - px, px - high.x()));
        double y = Math.max(0, Math.max(low.y() - py, py - high.y()));
        double z = Math.max(0, Math.max(low.z() - pz, pz - high.z()));
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** The widest gap along any axis between a piece and a box, m: a lower bound on their distance; from a limit on any that is beyond it. */
    private double gap(int piece, Vec3 low, Vec3 high, double limit) {
        // The way in which its middle is furthest outside first; the box reaches furthest against a way where it begins.
        int first = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int way = 0; way < WAYS.length; way++) {
            double out = WAYS[way].dot(way % 2 == 0 ? low : high) - along(spheres(), piece, WAYS[way]);
            first = out > most ? way : first;
            most = Math.max(most, out);
        }
        double widest = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < WAYS.length && widest < limit; k++) {
            int way = (first + k) % WAYS.length;
            widest = Math.max(widest, WAYS[way].dot(way % 2 == 0 ? low : high) - extent(piece, way));
        }
        return widest;
    }

    /** Their distance, m, or any figure between the limit and that if it is beyond the limit. */
    private double exact(int piece, Block block, double limit) {
        Vec3 apart = room.point(middle(piece)).minus(block.least().plus(block.most()).times(0.5));
        return Gjk.distance(d -> room.point(furthest(piece, room.inward(d))), block::furthest,
                apart.length() > TOUCHING ? apart : Vec3.UP, limit);
    }

    /** True if any of these pieces lies in the straight line between two points of the room. */
    public boolean hides(Vec3 from, Vec3 to, Predicate<Piece> which) {
        Vec3 a = room.inside(from);
        Vec3 b = room.inside(to);
        Vec3 along = b.minus(a);
        double square = Math.max(along.dot(along), TOUCHING * TOUCHING);
        for (int i = 0; i < pieces.size(); i++) {
            if (boxes.get(i).radius() == 0) {
                continue;
            }
            int piece = i;
            Vec3 nearest = a.plus(along.times(Math.clamp(middle(i).minus(a).dot(along) / square, 0, 1)));
            Vec3 off = middle(i).minus(nearest);
            double near = boxes.get(i).radius() + TOUCHING;
            if (off.dot(off) < near * near && which.test(pieces.get(i))
                    && Gjk.distance(d -> furthest(piece, d), d -> d.dot(along) > 0 ? b : a, off, 0) == 0) {
                return true;
            }
        }
        return false;
    }

    /** The two pieces of a group that are nearest to each other in the one pose, by name: "the stick and the monitor"; empty if none is within 10 cm. */
    public String nearest(CollisionGroup group) {
        double least = FAR;
        String names = "";
        for (CollisionPair pair : group.pairs()) {
            double gap = pair.apart(spheres(), least) ? FAR : pair.distance(this, null, least);
            if (gap < least) {
                least = gap;
                names = "“" + pair.a().piece().name() + "” and “" + pair.b().piece().name() + "”";
            }
        }
        return names;
    }

    /** Least distance between pieces of a group, m, capped at 10 cm. */
    public double within(CollisionGroup group) {
        double enough = cell == null ? FAR : CLEAR;
        double[] spheres = cell == null ? spheres() : null;
        double least = FAR;
        // What is no nearer than this tells nothing new: pieces alike are often as near as each other.
        double limit = FAR - Gjk.NEAR_ENOUGH;
        for (CollisionPair pair : group.pairs()) {
            if (cell == null && pair.apart(spheres, limit)) {
                continue;
            }
            double gap = pair.distance(this, cell, Math.min(limit, enough));
            least = Math.min(least, gap);
            limit = gap < limit ? gap - Gjk.NEAR_ENOUGH : limit;
            if (least == 0) {
                break;
            }
        }
        return least;
    }
}

package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.place.Block;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import java.util.List;
import java.util.function.Predicate;

/**
 * Distances between a rig's pieces and the surfaces of the room, and between pieces, in one pose or in a whole cell
 * of poses. Bounding spheres rule out most; only what could matter is measured by its exact shape.
 */
public final class Clearance {
    /** Distances between two pieces beyond this need not be exact, m. */
    static final double FAR = 0.1;
    /** The same in a cell of poses, m. */
    private static final double CLEAR = 0.01;

    private final Posed posed;
    private final CellBounds cell;
    private final Placement room;
    private final List<Piece> pieces;
    private final List<BoundingBox> boxes;
    /** Middles of the spheres as they are posed; null for what is not asked. */
    private final Vec3[] middles;

    /**
     * Prepares the distances of a rig in a pose.
     *
     * @param cell of poses around it, in all of which what is told holds; null for the one
     * @param room where the rig's axes lie in the room's
     * @param boxes one around each piece of the assembly, in its order
     */
    public Clearance(Posed posed, CellBounds cell, Placement room, List<BoundingBox> boxes) {
        this.posed = posed;
        this.cell = cell;
        this.room = room;
        this.boxes = boxes;
        pieces = posed.rig().assembly().pieces();
        middles = new Vec3[boxes.size()];
        for (int i = 0; i < middles.length; i++) {
            // A small fitting lies within what it is fitted to: only a point of the gear is asked for by itself.
            boolean counts = boxes.get(i).radius() > 0 || pieces.get(i).supply() instanceof Supply.Owned;
            middles[i] = counts ? posed.point(boxes.get(i).body(), boxes.get(i).middle()) : null;
        }
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
        Vec3 own = room.inward(direction);
        double origin = room.origin().dot(direction);
        boolean upright = direction.radius() == 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = pieces.size() - 1; i >= 0 && most < enough; i--) {
            Body body = pieces.get(i).body();
            if (middles[i] != null && which.test(body)) {
                double beside = origin + loose(body, upright);
                if (middles[i].dot(own) + boxes.get(i).radius() + beside > most) {
                    most = Math.max(most, posed.reach(pieces.get(i), own) + beside);
                }
            }
        }
        return most;
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
        for (int i = pieces.size() - 1; i >= 0; i--) {
            if (middles[i] == null) {
                continue;
            }
            Piece piece = pieces.get(i);
            double loose = loose(piece.body(), false);
            if (which.test(piece.body())
                    && outside(room.point(middles[i]), low, high) - boxes.get(i).radius() - loose < least) {
                double gap = gap(piece, low, high) - loose;
                least = Math.min(least, gap < Math.min(least, exactly) ? exact(piece, block) - loose : gap);
            }
        }
        return Math.max(0, least);
    }

    /** Distance from a point to a box, m; 0 inside. */
    private static double outside(Vec3 p, Vec3 low, Vec3 high) {
        double x = Math.max(0, Math.max(low.x() - p.x(), p.x() - high.x()));
        double y = Math.max(0, Math.max(low.y() - p.y(), p.y() - high.y()));
        double z = Math.max(0, Math.max(low.z() - p.z(), p.z() - high.z()));
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** The widest gap along any axis between a piece and a box, m: a lower bound on their distance. */
    private double gap(Piece piece, Vec3 low, Vec3 high) {
        return Math.max(gap(piece, Vec3.X, low.x(), high.x()),
                Math.max(gap(piece, Vec3.Y, low.y(), high.y()), gap(piece, Vec3.UP, low.z(), high.z())));
    }

    private double gap(Piece piece, Vec3 axis, double low, double high) {
        Vec3 own = room.inward(axis);
        double origin = room.origin().dot(axis);
        return Math.max(low - origin - posed.reach(piece, own),
                origin - posed.reach(piece, own.times(-1)) - high);
    }

    private double exact(Piece piece, Block block) {
        return Gjk.distance(d -> room.point(posed.furthest(piece, room.inward(d))), block::furthest, Vec3.UP,
                Double.POSITIVE_INFINITY);
    }

    /** True if any of these pieces lies in the straight line between two points of the room. */
    public boolean hides(Vec3 from, Vec3 to, Predicate<Piece> which) {
        Vec3 a = room.inside(from);
        Vec3 b = room.inside(to);
        Vec3 middle = a.plus(b).times(0.5);
        double half = b.minus(a).length() / 2;
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            if (middles[i] != null && boxes.get(i).radius() > 0 && which.test(piece)
                    && middles[i].minus(middle).length() < half + boxes.get(i).radius()
                    && Gjk.distance(d -> posed.furthest(piece, d), d -> d.dot(b.minus(a)) > 0 ? b : a,
                            middles[i].minus(middle), FAR) == 0) {
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
            double gap = pair.apart(middles, least) ? FAR : pair.distance(posed, null, middles, least);
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
        double least = FAR;
        for (CollisionPair pair : group.pairs()) {
            if (cell == null && pair.apart(middles, least)) {
                continue;
            }
            least = Math.min(least, pair.distance(posed, cell, middles, Math.min(least, enough)));
            if (least == 0) {
                break;
            }
        }
        return least;
    }
}

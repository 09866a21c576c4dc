package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Joint;
import firmperch.body.Hold;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.pose.Posed;
import firmperch.pose.Relative;
import firmperch.pose.Rig;
import firmperch.pose.Spread;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Two pieces of bodies that move against each other and do not meet in a joint: they may run into each other. Each has a ball
 * around it.
 */
record Near(Piece a, Piece b, int indexA, int indexB, Ball ballA, Ball ballB, Relative relative) {
    /** A bound on a cell of poses need not be sharper than that, m. */
    private static final double ROUGHLY = 5e-6;

    /** Within that of a joint's middle a piece belongs to the joint, m: washers and plates either side of it. */
    private static final double MEETS = 0.03;

    /** A ball around a piece of a body: its middle in the body's axes, its radius, m. */
    record Ball(Body body, Vec3 middle, double radius) {
        static Ball around(Piece piece) {
            double[] low = new double[3];
            double[] high = new double[3];
            Vec3[] axes = {new Vec3(1, 0, 0), new Vec3(0, 1, 0), Vec3.UP};
            for (int i = 0; i < 3; i++) {
                high[i] = piece.solid().reach(axes[i]);
                low[i] = -piece.solid().reach(axes[i].times(-1));
            }
            Vec3 half = new Vec3(high[0] - low[0], high[1] - low[1], high[2] - low[2]).times(0.5);
            return new Ball(piece.body(), piece.at().point(new Vec3(low[0], low[1], low[2]).plus(half)), half.length());
        }
    }

    private static List<Near> pairs(Rig rig, List<Ball> balls) {
        List<Near> pairs = new ArrayList<>();
        List<Piece> pieces = rig.assembly().pieces();
        Map<Long, List<Joint>> joined = joined(rig);
        int[] lump = lumps(rig);
        Map<Long, Relative> known = new HashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                Body a = pieces.get(i).body();
                Body b = pieces.get(j).body();
                if (balls.get(i).radius > 0 && balls.get(j).radius > 0 && fast(a) != fast(b)
                        && !meet(joined.get(key(lump[a.index()], lump[b.index()])), pieces.get(i), pieces.get(j))) {
                    Relative relative = known.computeIfAbsent(key(a.index(), b.index()), k -> Relative.of(rig, a, b))
                            .of(pieces.get(i), pieces.get(j));
                    // Two that stand each by itself are no nearer in any pose.
                    if (!relative.felt().isEmpty()) {
                        pairs.add(new Near(pieces.get(i), pieces.get(j), i, j, balls.get(i), balls.get(j), relative));
                    }
                }
            }
        }
        return pairs;
    }

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    /** The body that one is fast to, by number. */
    private static int fast(Body body) {
        return body.stiffTo().index();
    }

    /** For each body the lowest that it is one lump with: fast to it, but for pipes screwed together, which reach far. */
    private static int[] lumps(Rig rig) {
        Set<Body> screwed = rig.assembly().joints().stream().filter(j -> j.hold() instanceof Hold.Threaded)
                .map(j -> j.outer().body()).collect(Collectors.toSet());
        int[] lump = new int[rig.assembly().bodies().size()];
        for (Body body : rig.assembly().bodies()) {
            boolean own = body.parent() == null || !(body.motion() instanceof Motion.Fixed) || screwed.contains(body);
            lump[body.index()] = own ? body.index() : lump[body.parent().index()];
        }
        return lump;
    }

    /** Joints by the bodies that they join, also through one that has no pieces. */
    private static Map<Long, List<Joint>> joined(Rig rig) {
        Map<Long, List<Joint>> joined = new HashMap<>();
        int[] lump = lumps(rig);
        List<Joint> joints = rig.assembly().joints();
        for (Joint joint : joints) {
            Body outer = joint.outer().body();
            int inner = lump[joint.inner().body().index()];
            joined.computeIfAbsent(key(inner, lump[outer.index()]), k -> new ArrayList<>()).add(joint);
            if (rig.assembly().piecesOf(outer).isEmpty()) {
                joints.stream().filter(j -> j.inner().body().equals(outer)).forEach(j -> joined
                        .computeIfAbsent(key(inner, lump[j.outer().body().index()]), k -> new ArrayList<>())
                        .add(joint));
            }
        }
        return joined;
    }

    /** Whether two pieces meet in any of these joints, or one runs along the other: what does so is made to fit there. */
    private static boolean meet(List<Joint> joints, Piece a, Piece b) {
        return joints != null && joints.stream().anyMatch(j -> runs(j) || at(j, a) && at(j, b));
    }

    private static boolean runs(Joint joint) {
        return joint.slides() || joint.freedom() != null && joint.freedom().kind() == Freedom.Kind.STEP;
    }

    private static boolean at(Joint joint, Piece piece) {
        for (Joint.Side side : List.of(joint.inner(), joint.outer())) {
            if (side.body().stiffTo().equals(piece.body().stiffTo())) {
                Vec3 point = side.body().home().point(side.at());
                Placement place = piece.body().home().of(piece.at());
                return Gjk.distance(d -> place.point(piece.solid().furthest(place.inward(d))), d -> point, Vec3.UP,
                        MEETS) < MEETS;
            }
        }
        return false;
    }

    /**
     * A distance that the pieces keep, m; no more exactly than that it is over the limit.
     *
     * @param middles of the balls around all pieces
     * @param spread of a cell of poses, in all of which they keep it; null for the one pose
     */
    double distance(Posed posed, Spread spread, Vec3[] middles, double limit) {
        Vec3 m = middles[indexA];
        Vec3 n = middles[indexB];
        double x = m.x() - n.x();
        double y = m.y() - n.y();
        double z = m.z() - n.z();
        if (spread != null) {
            // One above the other they stay so, whatever turns and runs about level.
            double above = Math.abs(z) - ballA.radius - ballB.radius;
            double rise = above > 0 ? spread.rise(a.body()) + spread.rise(b.body()) : 0;
            if (above - rise >= limit) {
                return above - rise;
            }
        }
        double nearer = spread == null ? 0 : spread.nearer(relative);
        double balls = Math.sqrt(x * x + y * y + z * z) - ballA.radius - ballB.radius - nearer;
        if (balls >= limit) {
            return balls;
        }
        Vec3 apart = new Vec3(x, y, z);
        Placement placeA = posed.place(a);
        Placement placeB = posed.place(b);
        Gjk.Found found = Gjk.find(d -> placeA.point(a.solid().furthest(placeA.inward(d))),
                d -> placeB.point(b.solid().furthest(placeB.inward(d))), apart.length() > 1e-9 ? apart : Vec3.UP,
                limit + nearer, spread == null ? Gjk.NEAR_ENOUGH : ROUGHLY);
        if (spread == null || found.distance() - nearer >= limit || found.distance() == 0) {
            return Math.max(0, found.distance() - nearer);
        }
        double keeps = spread.keeps(relative, a, b, Vec3.ZERO.minus(found.line()).unit());
        return Math.max(0, Math.max(found.distance() - nearer, keeps));
    }

    /** Pairs that the same freedoms move against each other. */
    record Group(List<Freedom> freedoms, List<Near> pairs) {
        boolean feels(Rig rig, int freedom) {
            return freedoms.contains(rig.assembly().freedoms().get(freedom));
        }
    }

    /** Every such pair of a rig, by what moves them against each other. */
    static List<Group> groups(Rig rig, List<Ball> balls) {
        Map<List<Integer>, List<Near>> by = new LinkedHashMap<>();
        pairs(rig, balls).forEach(p -> by.computeIfAbsent(p.relative.felt(), f -> new ArrayList<>()).add(p));
        return by.entrySet().stream()
                .map(e -> new Group(e.getKey().stream().map(rig.assembly().freedoms()::get).toList(),
                        e.getValue()))
                .toList();
    }
}

package firmperch.clearance;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.pose.RelativeMotionBounds;
import firmperch.pose.Rig;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Pairs of pieces that the same freedoms move against each other. */
public record CollisionGroup(List<Freedom> freedoms, List<CollisionPair> pairs) {
    /** Within that of a joint's middle a piece belongs to the joint, m: washers and plates either side of it. */
    private static final double MEETS = 0.03;

    /** True if a freedom can bring them nearer to each other, by its number in the assembly. */
    public boolean feels(Rig rig, int freedom) {
        return freedoms.contains(rig.assembly().freedoms().get(freedom));
    }

    /**
     * Every pair of a rig that may run into each other, by what moves them against each other.
     *
     * @param spheres one around each piece of the assembly, in its order
     */
    public static List<CollisionGroup> of(Rig rig, List<BoundingSphere> spheres) {
        Map<List<Integer>, List<CollisionPair>> by = new LinkedHashMap<>();
        pairs(rig, spheres).forEach(p -> by.computeIfAbsent(p.relative().felt(), f -> new ArrayList<>()).add(p));
        return by.entrySet().stream().map(e -> new CollisionGroup(
                e.getKey().stream().map(rig.assembly().freedoms()::get).toList(), e.getValue())).toList();
    }

    private static List<CollisionPair> pairs(Rig rig, List<BoundingSphere> spheres) {
        List<CollisionPair> pairs = new ArrayList<>();
        List<Piece> pieces = rig.assembly().pieces();
        Map<Long, List<Joint>> joined = joined(rig);
        int[] lump = lumps(rig);
        Map<Long, RelativeMotionBounds> known = new HashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                Body a = pieces.get(i).body();
                Body b = pieces.get(j).body();
                if (spheres.get(i).radius() > 0 && spheres.get(j).radius() > 0 && fast(a) != fast(b)
                        && !meet(joined.get(key(lump[a.index()], lump[b.index()])), pieces.get(i), pieces.get(j))) {
                    RelativeMotionBounds relative = known
                            .computeIfAbsent(key(a.index(), b.index()), k -> RelativeMotionBounds.of(rig, a, b))
                            .of(pieces.get(i), pieces.get(j));
                    // Two that stand each by itself are no nearer in any pose.
                    if (!relative.felt().isEmpty()) {
                        pairs.add(new CollisionPair(pieces.get(i), pieces.get(j), i, j, spheres.get(i), spheres.get(j),
                                relative));
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
}
